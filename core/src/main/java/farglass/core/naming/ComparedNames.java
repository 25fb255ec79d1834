package farglass.core.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/** All names of a lexicon as they may be mangled. Few slips change few letters, so that only names about as long need be compared. */
final class ComparedNames {
    /**
     * A name as it may be mangled.
     *
     * @param order at which place it stands among all
     * @param plain as it is written
     * @param joined without blanks
     * @param words how many it has
     * @param often whether it is often mangled, so that a third of its letters may be off
     */
    record Name(
            int order,
            ComparedWord plain,
            ComparedWord joined,
            ComparedWord sound,
            int words,
            boolean often,
            WordIndex.Meaning meaning) {
        private static Name of(int order, WordIndex.Listed name) {
            String joined = name.plain().replace(" ", "");
            return new Name(
                    order,
                    ComparedWord.of(name.plain()),
                    ComparedWord.of(joined),
                    ComparedWord.of(Stems.sound(joined)),
                    name.plain().split(" ").length,
                    name.often(),
                    name.meaning());
        }
    }

    private final List<Name> all;
    private final List<Name> often;
    /** By the letters of the joined name. */
    private final List<List<Name>> byLength = new ArrayList<>();

    ComparedNames(WordIndex index) {
        List<WordIndex.Listed> listed = index.listed();
        this.all = IntStream.range(0, listed.size())
                .mapToObj(order -> Name.of(order, listed.get(order)))
                .toList();
        this.often = all.stream().filter(Name::often).toList();
        for (Name name : all) {
            while (byLength.size() <= name.joined().length()) {
                byLength.add(new ArrayList<>());
            }
            byLength.get(name.joined().length()).add(name);
        }
    }

    /** {@return all, in their order} */
    List<Name> all() {
        return all;
    }

    /** {@return those that are often mangled} */
    List<Name> often() {
        return often;
    }

    /** {@return those with so many letters} */
    List<Name> ofLength(int letters) {
        return letters < 0 || letters >= byLength.size() ? List.of() : byLength.get(letters);
    }

    /** Gives those that are not often mangled, with up to so many letters more or fewer. */
    void seldom(int letters, int more, Consumer<Name> each) {
        for (int length = letters - more; length <= letters + more; length++) {
            for (Name name : ofLength(length)) {
                if (!name.often()) {
                    each.accept(name);
                }
            }
        }
    }
}
