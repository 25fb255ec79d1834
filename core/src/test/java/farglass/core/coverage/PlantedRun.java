package farglass.core.coverage;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Kind;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.fact.Tie;
import farglass.core.lexicon.Lexicon;
import farglass.core.question.Dossier;
import farglass.core.scope.Scope;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * How many true preferences a dossier finds. Whole bouts of the demo are dealt out by lot, so that nobody has habits; then one athlete with
 * so many bouts is given two: of what she tries of one kind, a share becomes one certain technique, and of that with a side most goes to one side.
 */
final class PlantedRun {
    private static final String PLANTED = "Athlete planted";
    private static final double TO_THE_SIDE = 0.85;

    /**
     * A chapter in which something is planted.
     *
     * @param question the beginning of its asks
     * @param techniques of which one becomes hers
     */
    private record Ground(Kind kind, String question, List<String> techniques) {}

    private static final List<Ground> GROUNDS = List.of(
            new Ground(
                    Kind.PASS,
                    "pass",
                    List.of("toreando", "leg-drag", "over-under-pass", "long-step-pass", "folding-pass", "x-pass")),
            new Ground(
                    Kind.TAKEDOWN,
                    "takedown",
                    List.of("single-leg", "double-leg", "ankle-pick", "high-crotch", "inside-trip", "foot-sweep")),
            new Ground(
                    Kind.SWEEP,
                    "sweep",
                    List.of(
                            "scissor-sweep",
                            "hip-bump-sweep",
                            "flower-sweep",
                            "tripod-sweep",
                            "pendulum-sweep",
                            "old-school-sweep")),
            new Ground(
                    Kind.SUBMISSION,
                    "finish",
                    List.of("armbar", "triangle-choke", "kimura", "guillotine", "bow-and-arrow-choke", "omoplata")));

    private final Lexicon lexicon = Lexicon.shipped();
    private final List<Bout> bouts = Cast.seasons(lexicon).bouts().stream()
            .map(ActedBout::told)
            .filter(bout -> !bout.header().isSecondCoding())
            .toList();

    private record Plant(Kind kind, String technique, double share, Side side) {}

    private Bout planted(Bout bout, Plant plant, Random random) {
        Bout dealt = new Bout(
                bout.id(),
                ShuffledRun.named(
                        bout.header(), Contestant.named(PLANTED), bout.header().b()),
                bout.moments(),
                bout.comments());
        Map<String, Boolean> changed = new HashMap<>();
        List<Moment> moments = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            Optional<Technique> technique = moment.technique().flatMap(lexicon::technique);
            boolean hers = moment.actor().equals(Optional.of(Seat.A))
                    && technique.filter(known -> known.kind() == plant.kind()).isPresent();
            if (!hers) {
                moments.add(moment);
                continue;
            }
            // A moment that continues a try is of the same technique.
            String root = moment.telling().tied(Tie.CONTINUES).findFirst().orElse(moment.id());
            boolean turned = changed.computeIfAbsent(root, any -> random.nextDouble() < plant.share());
            changed.put(moment.id(), turned);
            String key = turned ? plant.technique() : moment.technique().orElseThrow();
            boolean sided = lexicon.technique(key).orElseThrow().sideRule() == SideRule.TRAVEL
                    && moment.telling().side().isPresent();
            Side side = random.nextDouble() < TO_THE_SIDE
                    ? plant.side()
                    : plant.side().mirrored();
            moments.add(new Moment(
                    moment.id(),
                    moment.atMicros(),
                    moment.actor(),
                    new Deed.Did(key),
                    moment.settled(),
                    sided ? moment.telling().withSide(new OwnedSide(Seat.A, side)) : moment.telling()));
        }
        return new Bout(dealt.id(), dealt.header(), moments, dealt.comments());
    }

    private static boolean claims(Dossier dossier, String ask, String option) {
        return dossier.answers().stream()
                .flatMap(answer -> answer.figures().stream())
                .filter(figure -> figure.subject().id().equals(ask)
                        && (option.isEmpty() || figure.option().equals(option)))
                .flatMap(figure -> figure.claimed().stream())
                .anyMatch(claim ->
                        claim.match(others -> true, prefers -> prefers.side().isPresent(), before -> false));
    }

    private void run(Ground ground, int own, double share, int athletes) {
        int technique = 0;
        int side = 0;
        for (int i = 0; i < athletes; i++) {
            Random random = new Random(1000L * own + i);
            List<Bout> dealt = new ArrayList<>(ShuffledRun.dealt(bouts, random));
            Plant plant = new Plant(
                    ground.kind(),
                    ground.techniques().get(random.nextInt(ground.techniques().size())),
                    share,
                    random.nextBoolean() ? Side.LEFT : Side.RIGHT);
            for (int k = 0; k < own; k++) {
                int at = random.nextInt(dealt.size());
                while (dealt.get(at).header().a().name().equals(PLANTED)) {
                    at = random.nextInt(dealt.size());
                }
                dealt.set(at, planted(dealt.get(at), plant, random));
            }
            Dossier dossier = Catalogue.dossier(PLANTED, Corpus.of(dealt, lexicon), Scope.ALL);
            technique += claims(dossier, ground.question() + " which", plant.technique()) ? 1 : 0;
            side += claims(dossier, ground.question() + " side", "") ? 1 : 0;
        }
        System.out.printf(
                "%s, %d bouts, %.0f %% of them: technique found %d of %d, side found %d of %d%n",
                ground.kind().label(), own, 100 * share, technique, athletes, side, athletes);
    }

    /** Takes how many athletes, and which kinds; without any, 200 and all. */
    public static void main(String[] args) {
        int athletes = args.length == 0 ? 200 : Integer.parseInt(args[0]);
        List<String> kinds = java.util.Arrays.asList(args).subList(Math.min(1, args.length), args.length);
        PlantedRun planted = new PlantedRun();
        for (Ground ground : GROUNDS) {
            if (!kinds.isEmpty() && !kinds.contains(ground.question())) {
                continue;
            }
            for (double share : new double[] {0.3, 0.6}) {
                for (int own : new int[] {5, 10, 20}) {
                    planted.run(ground, own, share, athletes);
                }
            }
        }
    }
}
