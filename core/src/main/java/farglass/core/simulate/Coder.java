package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.OwnedSide;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.random.RandomGenerator;

/**
 * A person who tags what happened, and is a person: late by a little, now and then blind, rarely wrong. All shares in [0, 1].
 *
 * @param missed of small moments; what settles a position, and what the referee gave, is always seen
 * @param jitterSeconds standard deviation of a time
 * @param confused techniques taken for another of the same kind
 * @param slipped sides taken for the other one
 * @param unlinked answers not linked
 */
record Coder(double missed, double jitterSeconds, double confused, double slipped, double unlinked) {
    /** Careful, and the one whose telling counts. */
    static final Coder FIRST = new Coder(0.04, 0.2, 0.01, 0.015, 0);
    /** A second pair of eyes, in a hurry. */
    static final Coder SECOND = new Coder(0.1, 0.45, 0.05, 0.03, 0.25);

    private static final Assumptions ASSUMED = Assumptions.shipped();
    static final long FRAME_MICROS = 40_000;
    private static final double UNSURE = 0.03;
    /** The key grip is what the camera hides most. */
    private static final double HIDDEN_GRIP = 0.04;

    Bout tells(Bout truth, Lexicon lexicon, RandomGenerator random) {
        Timeline timeline = Timeline.of(truth, lexicon);
        Bout told = truth;
        List<Moment> moments = new ArrayList<>();
        for (Moment moment : truth.moments()) {
            boolean small = moment.settled().isEmpty()
                    && moment.technique().isPresent()
                    && moment.telling().stage().isEmpty();
            if (small && random.nextDouble() < missed) {
                told = told.without(moment.id());
            }
        }
        Set<Layer> layers = layers(random);
        told = told.with(told.header()
                .withCovered(layers.stream()
                        .map(layer -> new Covered(layer, 0, truth.extentMicros(), layer != Layer.STORY))
                        .toList()));
        long last = 0;
        for (Moment moment : told.moments()) {
            Moment seen = moment.technique().isPresent()
                    ? seen(moment, timeline.before(moment), lexicon, random)
                    : moment.at(moment.atMicros().orElse(0) / FRAME_MICROS * FRAME_MICROS);
            last = Math.max(last, seen.atMicros().orElse(last));
            moments.add(withFacts(seen.at(last), layers, random));
        }
        return Referee.renumbered(told, moments);
    }

    /** The story is told of every bout; closer looks cost time, and not every bout gets them. */
    private static Set<Layer> layers(RandomGenerator random) {
        Set<Layer> layers = EnumSet.of(Layer.STORY);
        for (Layer layer : List.of(Layer.ANSWERS, Layer.GRIPS, Layer.ERRORS)) {
            if (random.nextDouble() < ASSUMED.of("codes-" + layer.label())) {
                layers.add(layer);
            }
        }
        return layers;
    }

    /** What was seen of the facts; what ties moments together, and what the moment cannot do without, is told as it was. */
    private static Moment withFacts(Moment moment, Set<Layer> layers, RandomGenerator random) {
        List<Fact> facts = new ArrayList<>();
        for (Fact fact : moment.telling().facts()) {
            double told = fact.layer() == Layer.STORY
                    ? 1 - ASSUMED.of("leaves-out-story")
                    : layers.contains(fact.layer()) ? 1 - ASSUMED.of("leaves-out-closer") : ASSUMED.of("in-passing");
            if (isNeeded(fact) || random.nextDouble() < told) {
                facts.add(fact);
            }
        }
        Telling telling = moment.telling();
        boolean open = telling.side().isPresent() && random.nextDouble() < ASSUMED.of("side-left-open");
        return moment.with((open ? telling.withoutSide() : telling).withFacts(facts));
    }

    private static boolean isNeeded(Fact fact) {
        return switch (fact.factKind().matter()) {
            case TIE, BLOW -> true;
            case ACT, BODIES, REASON, EXTENT, JUDGEMENT, TELLING -> false;
        };
    }

    private Moment seen(Moment moment, Stand before, Lexicon lexicon, RandomGenerator random) {
        Technique technique = moment.technique().flatMap(lexicon::technique).orElseThrow();
        long late = Math.round(jitterSeconds * 1e6 * random.nextGaussian());
        // A person tags at a frame, and there are twenty-five of them in a second.
        long at = Math.max(0, moment.atMicros().orElse(0) + late) / FRAME_MICROS * FRAME_MICROS;
        Telling telling = moment.telling();
        if (telling.side().isPresent() && random.nextDouble() < slipped) {
            OwnedSide side = telling.side().get();
            telling = telling.withSide(side.mirrored());
        }
        if (telling.answers().isPresent() && random.nextDouble() < unlinked) {
            telling = telling.withAnswers(Optional.empty());
        }
        double sight = random.nextDouble();
        if (technique.kind() == Kind.GRIP && sight < HIDDEN_GRIP) {
            telling = telling.withCertainty(Certainty.HIDDEN);
        } else if (sight > 1 - UNSURE) {
            telling = telling.withCertainty(Certainty.UNSURE);
        }
        Deed deed = moment.deed();
        if (moment.settled().isEmpty() && telling.stage().isEmpty() && random.nextDouble() < confused) {
            deed = new Deed.Did(mistakenFor(technique, moment, before, lexicon, random));
        }
        return new Moment(moment.id(), OptionalLong.of(at), moment.actor(), deed, moment.settled(), telling);
    }

    private static String mistakenFor(
            Technique technique, Moment moment, Stand before, Lexicon lexicon, RandomGenerator random) {
        List<Technique> alike = lexicon.techniques().stream()
                .filter(other -> other != technique
                        && other.kind() == technique.kind()
                        && other.sideRule() == technique.sideRule()
                        && other.canStart(
                                before.position(), before.roleOf(moment.actor().orElseThrow())))
                .toList();
        return alike.isEmpty()
                ? technique.key()
                : alike.get(random.nextInt(alike.size())).key();
    }
}
