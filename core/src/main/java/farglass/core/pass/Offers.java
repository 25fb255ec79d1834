package farglass.core.pass;

import farglass.core.bout.Moment;
import farglass.core.bout.Uniform;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.fact.Fact;
import farglass.core.fact.FactKind;
import farglass.core.fact.Grip;
import farglass.core.fact.GripBuilder;
import farglass.core.fact.Mistake;
import farglass.core.fact.MistakeBuilder;
import farglass.core.fact.Purpose;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.OwnedSide;
import farglass.core.state.Stand;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What is mostly told where a pass asks, to be told by one key: grips and bodies of the same place, mistakes and reasons of the same act. What
 * the library tells comes first, by how often it does; then what is usual anywhere. Who is on top there is on top here.
 */
public final class Offers {
    private static final int MOST = 6;

    private final Moment asked;
    private final Stand here;
    private final Lexicon lexicon;

    private Offers(Moment asked, BoutSheet sheet) {
        this.asked = asked;
        this.here = sheet.timeline().after(asked);
        this.lexicon = sheet.lexicon();
    }

    /** {@return what is told most often where that is asked, and is not told yet; at most six} Linear in the facts of the library. */
    public static List<Fact> of(PassQuestion question, BoutSheet sheet, Corpus corpus) {
        Optional<Moment> asked = sheet.bout().moment(question.momentId());
        if (asked.isEmpty()) {
            return List.of();
        }
        Offers offers = new Offers(asked.get(), sheet);
        Uniform uniform = sheet.bout().header().uniform();
        Set<Fact> found = new LinkedHashSet<>();
        List<Stream<Fact>> sources =
                switch (question.about()) {
                    case GRIPS -> {
                        BoutSheet usual = UsualFacts.held(uniform, offers.lexicon);
                        yield List.of(
                                each(corpus, other -> offers.held(other, offers::isSamePlace)),
                                offers.held(usual, offers::isSamePlace),
                                offers.held(usual, offers::isSameFamily));
                    }
                    case ERROR -> {
                        BoutSheet usual = UsualFacts.mistakes(offers.lexicon);
                        yield List.of(
                                each(corpus, other -> offers.mistakes(other, offers::isSameAct)),
                                offers.mistakes(usual, offers::isSameAct),
                                offers.mistakes(usual, offers::isSameKind));
                    }
                    case ANSWER -> List.of(each(corpus, offers::reasons));
                    case OPEN -> List.of();
                };
        sources.forEach(source -> mostToldFirst(source).forEach(found::add));
        found.removeAll(asked.get().telling().facts());
        return found.stream().limit(MOST).toList();
    }

    private static Stream<Fact> each(Corpus corpus, Function<BoutSheet, Stream<Fact>> facts) {
        return corpus.sheets().stream().flatMap(facts);
    }

    private static Stream<Fact> mostToldFirst(Stream<Fact> facts) {
        Map<Fact, Integer> times = new LinkedHashMap<>();
        facts.forEach(fact -> times.merge(fact, 1, Integer::sum));
        return times.entrySet().stream()
                .sorted(Map.Entry.<Fact, Integer>comparingByValue().reversed())
                .map(Map.Entry::getKey);
    }

    private boolean isSamePlace(Stand there) {
        return there.position().equals(here.position())
                && there.top().isPresent() == here.top().isPresent();
    }

    private boolean isSameFamily(Stand there) {
        return there.position().isSettled()
                && there.position().family() == here.position().family()
                && there.top().isPresent() == here.top().isPresent();
    }

    private Stream<Fact> held(BoutSheet other, Predicate<Stand> isThere) {
        return other.told(FactKind.Matter.BODIES).stream().flatMap(moment -> {
            Stand there = other.timeline().after(moment);
            if (!isThere.test(there)) {
                return Stream.empty();
            }
            boolean turned = !Objects.equals(there.top(), here.top());
            boolean mirrored = isOtherSide(moment.telling().side(), turned);
            return moment.telling().facts().stream()
                    .flatMap(fact -> bare(fact).stream())
                    .map(fact -> turned ? fact.exchanged() : fact)
                    .map(fact -> mirrored ? fact.mirrored() : fact);
        });
    }

    /** Where both tell whose side it is on, left there is right here. */
    private boolean isOtherSide(Optional<OwnedSide> there, boolean turned) {
        Optional<OwnedSide> told = asked.telling().side();
        return told.isPresent()
                && there.isPresent()
                && (told.get().owner() == there.get().owner()) != turned
                && told.get().side() != there.get().side();
    }

    /** Without what belongs to one instant alone. */
    private static Optional<Fact> bare(Fact fact) {
        return switch (fact.factKind().matter()) {
            case BODIES -> Optional.of(fact instanceof Grip grip ? beginning(grip) : fact);
            case ACT, BLOW, REASON, EXTENT, TIE, JUDGEMENT, TELLING -> Optional.empty();
        };
    }

    private static Grip beginning(Grip grip) {
        return GripBuilder.builder(grip)
                .untilMicros(OptionalLong.empty())
                .ended(Optional.empty())
                .swappedFor(Optional.empty())
                .why(Optional.empty())
                .ideal(Optional.empty())
                .create();
    }

    private boolean isSameAct(Moment there) {
        return asked.technique().isPresent() && there.technique().equals(asked.technique());
    }

    private boolean isSameKind(Moment there) {
        return kind(asked).isPresent() && kind(there).equals(kind(asked));
    }

    private Optional<Kind> kind(Moment moment) {
        return moment.technique().flatMap(lexicon::technique).map(Technique::kind);
    }

    private Stream<Fact> mistakes(BoutSheet other, Predicate<Moment> isThere) {
        return other.told(Mistake.class).stream()
                .filter(isThere)
                .flatMap(moment -> moment.telling().facts(Mistake.class))
                .map(mistake -> MistakeBuilder.builder()
                        .code(mistake.code())
                        .made(mistake.made())
                        .better(mistake.better())
                        .create());
    }

    /** What somebody saw, waited for or wanted when doing the same, in words; a moment of another bout says nothing here. */
    private Stream<Fact> reasons(BoutSheet other) {
        return other.told(Purpose.Why.class).stream()
                .filter(this::isSameAct)
                .flatMap(moment -> moment.telling().facts(Purpose.Why.class))
                .filter(why -> !why.words().isBlank())
                .map(why -> new Purpose.Why(why.how(), Optional.empty(), why.words()));
    }
}
