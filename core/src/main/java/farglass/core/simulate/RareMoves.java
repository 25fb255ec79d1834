package farglass.core.simulate;

import farglass.core.bout.Uniform;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.SideRule;
import farglass.core.entry.Target;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.simulate.sheet.Chance;
import farglass.core.simulate.sheet.Option;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What an athlete does now and then, beside what her sheet writes: of everything the sport allows there, some things more often than others,
 * each athlete her own. Drawn from her name, so that she likes the same in every bout.
 */
final class RareMoves {
    /** Against the rules everywhere, or not what anybody does to win. */
    private static final Set<String> NEVER = Set.of(
            "can-opener",
            "neck-crank",
            "spinal-twist",
            "leg-scissor-neck",
            "scissor-takedown",
            "electric-lock",
            "kick-caught",
            "guillotine-set",
            "suplex",
            "flying-entry",
            "john-wayne",
            "chest-smother",
            "smother",
            "dogbar",
            "ura-nage");
    /** Leg locks that most rules with the gi allow; the others are for bouts without. */
    private static final Set<String> IN_THE_GI =
            Set.of("straight-ankle-lock", "belly-down-ankle-lock", "kneebar", "toe-hold", "calf-slicer");

    /** A technique of the lexicon that many do comes up so much oftener than one that few do. */
    private static final double[] OFTEN = {1, 3, 6};

    private record Where(Position position, Role role, double written) {}

    private record Whose(String athlete, Uniform uniform) {}

    /** An athlete's own are worked out once: there are some thirty athletes, and each is in many bouts. */
    private static final Map<Whose, RareMoves> KNOWN = new ConcurrentHashMap<>();

    private final String athlete;
    private final Uniform uniform;
    private final Lexicon lexicon = Lexicon.shipped();
    private final Assumptions assumed = Assumptions.shipped();
    private final Map<Where, List<Option>> known = new ConcurrentHashMap<>();

    private RareMoves(String athlete, Uniform uniform) {
        this.athlete = athlete;
        this.uniform = uniform;
    }

    static RareMoves of(String athlete, Uniform uniform) {
        return KNOWN.computeIfAbsent(new Whose(athlete, uniform), whose -> new RareMoves(athlete, uniform));
    }

    /**
     * {@return what she does there now and then}
     *
     * @param written the weight of what her sheet writes there, of which these have their share
     */
    List<Option> at(Position position, Role role, double written) {
        return known.computeIfAbsent(new Where(position, role, written), this::shares);
    }

    private List<Option> shares(Where where) {
        Map<Kind, List<Technique>> byKind = new EnumMap<>(Kind.class);
        for (Technique technique : lexicon.techniques()) {
            if (isDone(technique, where) && assumed.rare(technique.kind()).isPresent()) {
                byKind.computeIfAbsent(technique.kind(), any -> new ArrayList<>())
                        .add(technique);
            }
        }
        double all = where.written * assumed.of("rare-share");
        double kinds = byKind.keySet().stream()
                .mapToDouble(kind -> assumed.rare(kind).orElseThrow())
                .sum();
        List<Option> shares = new ArrayList<>();
        byKind.forEach((kind, techniques) -> {
            double of = assumed.rare(kind).orElseThrow() / kinds;
            double liked = techniques.stream().mapToDouble(this::likes).sum();
            for (Technique technique : techniques) {
                shares.add(new Option(
                        technique.key(),
                        all * of * likes(technique) / liked,
                        assumed.works(kind),
                        technique.sideRule() == SideRule.NONE
                                ? Optional.empty()
                                : Optional.of(Chance.shifted(0.5, own(technique, "side"))),
                        Optional.empty(),
                        Optional.empty()));
            }
        });
        return shares;
    }

    private boolean isDone(Technique technique, Where where) {
        boolean allowed = !NEVER.contains(technique.key())
                && (uniform == Uniform.GI
                        ? technique
                                        .target()
                                        .filter(target -> target == Target.LEG)
                                        .isEmpty()
                                || IN_THE_GI.contains(technique.key())
                        : !technique.cloth());
        boolean leads = technique.to().isEmpty() || !technique.to().get(0).equals(where.position.key());
        return allowed && leads && !technique.generic() && technique.canStart(where.position, where.role);
    }

    private double likes(Technique technique) {
        boolean legs = uniform == Uniform.GI
                && !technique.to().isEmpty()
                && lexicon.position(technique.to().get(0)).orElseThrow().family() == Family.LEGS;
        return (legs ? assumed.of("rare-legs-gi") : 1)
                * OFTEN[technique.often()]
                * Math.exp(assumed.of("rare-spread") * own(technique, "likes"));
    }

    /** A draw of mean 0 and standard deviation 1 that belongs to the athlete and the technique. */
    private double own(Technique technique, String what) {
        return new SplittableRandom((athlete + " / " + what + " / " + technique.key()).hashCode()).nextGaussian();
    }
}
