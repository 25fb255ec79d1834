package farglass.core.pass;

import farglass.core.bout.Fact;
import farglass.core.bout.Moment;
import farglass.core.bout.PartState;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.state.Stand;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/**
 * What a library mostly tells where a pass asks, to be told by one key: grips and bodies of the same place, mistakes of the same act. Who is
 * on top there is on top here.
 */
public final class Offers {
    private static final int MOST = 6;

    private Offers() {}

    /** {@return what was told most often where that is asked, and is not told yet; at most six} Linear in the facts of the library. */
    public static List<Fact> of(Question question, BoutSheet sheet, Corpus corpus) {
        Optional<Moment> asked = sheet.bout().moment(question.momentId());
        if (asked.isEmpty()) {
            return List.of();
        }
        List<Fact> told = asked.get().telling().facts();
        Map<Fact, Integer> times = new LinkedHashMap<>();
        for (BoutSheet other : corpus.sheets()) {
            facts(question, asked.get(), sheet, other)
                    .filter(fact -> !told.contains(fact))
                    .forEach(fact -> times.merge(fact, 1, Integer::sum));
        }
        return times.entrySet().stream()
                .sorted(Map.Entry.<Fact, Integer>comparingByValue().reversed())
                .limit(MOST)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static Stream<Fact> facts(Question question, Moment asked, BoutSheet sheet, BoutSheet other) {
        return switch (question.about()) {
            case GRIPS -> held(sheet.timeline().after(asked), other);
            case ERROR -> mistakes(asked, other);
            case ANSWER, OPEN -> Stream.empty();
        };
    }

    private static Stream<Fact> held(Stand here, BoutSheet other) {
        return Stream.of(Fact.Grip.class, PartState.class, Fact.Body.class)
                .flatMap(kind -> other.telling(kind).stream())
                .distinct()
                .flatMap(moment -> {
                    Stand there = other.timeline().after(moment);
                    if (!there.position().equals(here.position())
                            || there.top().isPresent() != here.top().isPresent()) {
                        return Stream.empty();
                    }
                    boolean turned = !Objects.equals(there.top(), here.top());
                    return moment.telling().facts().stream()
                            .flatMap(fact -> bare(fact).stream())
                            .map(fact -> turned ? fact.exchanged() : fact);
                });
    }

    /** Without what belongs to one instant alone. */
    private static Optional<Fact> bare(Fact fact) {
        if (fact instanceof Fact.Grip grip) {
            return Optional.of(new Fact.Grip(
                    grip.holder(),
                    grip.target(),
                    grip.firmness(),
                    grip.ways(),
                    OptionalLong.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    grip.purpose(),
                    Optional.empty()));
        }
        return Optional.of(fact).filter(any -> any instanceof PartState || any instanceof Fact.Body);
    }

    private static Stream<Fact> mistakes(Moment asked, BoutSheet other) {
        return other.telling(Fact.Mistake.class).stream()
                .filter(moment -> moment.technique().equals(asked.technique()))
                .flatMap(moment -> moment.telling().facts(Fact.Mistake.class))
                .map(mistake -> new Fact.Mistake(
                        mistake.code(),
                        mistake.made(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        mistake.better(),
                        Optional.empty(),
                        Optional.empty()));
    }
}
