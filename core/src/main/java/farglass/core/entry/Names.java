package farglass.core.entry;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Other words for an entry, by the language they come from.
 *
 * @param slang as said in the gym
 * @param misspelt usual slips, understood and never shown
 * @param mangled words that are often heard or typed wrong: understood with up to a third of their letters off
 */
public record Names(
        List<String> english,
        List<String> portuguese,
        List<String> japanese,
        List<String> slang,
        List<String> misspelt,
        List<String> mangled) {
    public static final Names NONE = new Names(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

    public Names {
        english = List.copyOf(english);
        portuguese = List.copyOf(portuguese);
        japanese = List.copyOf(japanese);
        slang = List.copyOf(slang);
        misspelt = List.copyOf(misspelt);
        mangled = List.copyOf(mangled);
    }

    /** {@return all of them} */
    public List<String> all() {
        return Stream.of(english, portuguese, japanese, slang, misspelt, mangled)
                .flatMap(List::stream)
                .toList();
    }

    /** {@return the word that school shows, if it has one} */
    public Optional<String> in(School school) {
        return switch (school) {
            case ENGLISH -> Optional.empty();
            case PORTUGUESE -> portuguese.stream().findFirst();
            case JAPANESE -> japanese.stream().findFirst();
        };
    }

    /** {@return these and more, each once} */
    public Names and(Names more) {
        return new Names(
                joined(english, more.english),
                joined(portuguese, more.portuguese),
                joined(japanese, more.japanese),
                joined(slang, more.slang),
                joined(misspelt, more.misspelt),
                joined(mangled, more.mangled));
    }

    private static List<String> joined(List<String> first, List<String> second) {
        return Stream.concat(first.stream(), second.stream()).distinct().toList();
    }
}
