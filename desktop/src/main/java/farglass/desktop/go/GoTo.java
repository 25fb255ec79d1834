package farglass.desktop.go;

import farglass.core.bout.Bout;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.phrase.Phrase;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.command.Command;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Spot;
import farglass.library.contents.Contents;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/**
 * Everything one can go to or do, as it is now: made on the interface thread when it is asked for, and looked through off it. Moments are
 * looked for in the open bout first, then in the newest bouts, until there are enough.
 */
public final class GoTo {
    /** The command that led here. */
    public static final String HERE = "go-to";

    private static final int MOST_SHOWN = 40;
    private static final int MOST_MOMENTS = 12;
    /** Fewer letters are in nearly every moment. */
    private static final int LEAST_LETTERS = 3;
    /** There are a hundred times as many moments as bouts: bouts with the same letters stand in front of them. */
    private static final double OF_A_MOMENT = -1.5;

    /** One in the bout that is open is rather meant than one elsewhere. */
    private static final double OF_A_MOMENT_HERE = -0.8;

    /** What one has done ten times stands as far in front as the beginning of a text does. */
    private static final double PER_DOUBLED_USE = 0.3;

    /** How it is gone to places that keep their own choice. */
    public record Ways(Consumer<Term> lexicon, BiConsumer<Study, Athlete> plan) {}

    private final Desk desk;
    private final Contents contents;
    private final Lexicon lexicon;
    private final Optional<String> openBout;
    private final List<GoToTarget> targets = new ArrayList<>();

    /**
     * Gathers what there is.
     *
     * @param openBout id of the bout that is open in Tag
     * @param uses how often the command of that id was used
     */
    public GoTo(Desk desk, Commands commands, Optional<String> openBout, ToIntFunction<String> uses, Ways ways) {
        this.desk = desk;
        this.contents = desk.contents();
        this.lexicon = desk.lexicon();
        this.openBout = openBout;
        commands.all().stream()
                .filter(command -> command.where().isOffered() && !command.id().equals(HERE))
                .forEach(command -> targets.add(target(command, commands, uses.applyAsInt(command.id()))));
        contents.athletes()
                .forEach(athlete ->
                        targets.add(GoToTarget.of("Athlete", athlete.name(), "dossier", () -> desk.navigation()
                                .showDossier(athlete.name()))));
        contents.bouts()
                .forEach(bout ->
                        targets.add(GoToTarget.of("Bout", words(bout.header()), "open in Tag", () -> desk.navigation()
                                .show(new Spot(bout.id(), Optional.empty())))));
        Stream.<Term>concat(lexicon.positions().stream(), lexicon.techniques().stream())
                .forEach(term -> targets.add(GoToTarget.of(
                                term.match(position -> "Position", technique -> "Technique"),
                                term.label(),
                                "lexicon",
                                () -> ways.lexicon().accept(term))
                        .alsoCalled(term.names().all())));
        contents.plans().forEach(plan -> plan(plan, ways).ifPresent(targets::add));
    }

    private GoToTarget target(Command command, Commands commands, int uses) {
        String kind = isEverywhere(command.where()) ? "To do" : command.where().label();
        return GoToTarget.of(kind, command.inFull(), command.keyWords(), () -> goAndDo(command, commands))
                .hindered(command.hindrance().get())
                .weighing(PER_DOUBLED_USE * Math.log(1 + uses) / Math.log(2));
    }

    private static boolean isEverywhere(Where where) {
        return where == Where.EVERYWHERE || where == Where.ALWAYS;
    }

    private void goAndDo(Command command, Commands commands) {
        place(command.where())
                .filter(place -> place != desk.navigation().placeProperty().get())
                .ifPresent(desk.navigation().placeProperty()::set);
        commands.run(command);
    }

    private static Optional<Place> place(Where where) {
        return Optional.ofNullable(
                switch (where) {
                    case ALWAYS, EVERYWHERE -> null;
                    case SHELF -> Place.SHELF;
                    case TAG, EMPTY_LINE, MOMENTS, FILM, WRITTEN_LINE, OUTCOME, QUESTION, SEVERAL, PEN, FINDING ->
                        Place.TAG;
                    case DOSSIER, EVIDENCE, LISTING -> Place.DOSSIER;
                    case PLAN -> Place.PLAN;
                    case LEXICON, UNNAMED -> Place.LEXICON;
                });
    }

    private Optional<GoToTarget> plan(GamePlan plan, Ways ways) {
        return contents.study(plan.study()).flatMap(study -> contents.athlete(plan.opponent())
                .map(opponent ->
                        GoToTarget.of("Plan", "Plan against " + opponent.name(), study.name(), () -> ways.plan()
                                .accept(study, opponent))));
    }

    private static String words(Header header) {
        return header.a().name() + ", " + header.b().name()
                + header.event().map(event -> ", " + event).orElse("")
                + header.date().map(date -> ", " + date).orElse("");
    }

    /** {@return what is used most, and the places, while nothing is typed} */
    List<GoToTarget> usual() {
        return targets.stream()
                .filter(target -> target.hindrance().isEmpty())
                .sorted(Comparator.comparingDouble((GoToTarget target) -> -target.more()))
                .limit(MOST_SHOWN / 2)
                .toList();
    }

    /** {@return what is meant by that, the likeliest first, but for moments, which take longer to look through} */
    List<GoToTarget> find(String typed) {
        TypedLetters letters = TypedLetters.of(typed);
        return letters.isEmpty() ? usual() : ranked(targets.stream(), letters);
    }

    /**
     * {@return the same with moments}
     *
     * @param cancelled asked now and then; what was found until then is given
     */
    List<GoToTarget> findWithMoments(String typed, BooleanSupplier cancelled) {
        TypedLetters letters = TypedLetters.of(typed);
        return letters.isEmpty()
                ? usual()
                : ranked(Stream.concat(targets.stream(), moments(letters, typed, cancelled).stream()), letters);
    }

    private static List<GoToTarget> ranked(Stream<GoToTarget> among, TypedLetters letters) {
        record Found(GoToTarget target, double weight) {}
        return among.map(target -> new Found(target, target.weight(letters)))
                .filter(each -> each.weight() > 0)
                .sorted(Comparator.comparingDouble((Found each) -> -each.weight()))
                .limit(MOST_SHOWN)
                .map(Found::target)
                .toList();
    }

    private List<GoToTarget> moments(TypedLetters letters, String typed, BooleanSupplier cancelled) {
        List<GoToTarget> found = new ArrayList<>();
        if (typed.strip().length() < LEAST_LETTERS) {
            return found;
        }
        List<Bout> bouts = contents.bouts().stream()
                .sorted(Comparator.comparing((Bout bout) -> openBout.equals(Optional.of(bout.id())))
                        .thenComparing(bout -> bout.header().date().orElse(LocalDate.MIN))
                        .reversed())
                .toList();
        for (Bout bout : bouts) {
            for (Moment moment : bout.moments()) {
                if (found.size() == MOST_MOMENTS || cancelled.getAsBoolean()) {
                    return found;
                }
                GoToTarget target = moment(moment, bout);
                if (target.weight(letters) > 0) {
                    found.add(target);
                }
            }
        }
        return found;
    }

    private GoToTarget moment(Moment moment, Bout bout) {
        Header header = bout.header();
        String where = "%s \u2013 %s%s%s"
                .formatted(
                        surname(header.a().name()),
                        surname(header.b().name()),
                        header.date().map(date -> ", " + date).orElse(""),
                        moment.atMicros().isPresent()
                                ? "  " + Times.tenths(moment.atMicros().getAsLong())
                                : "");
        return GoToTarget.of("Moment", Phrase.told(moment, bout, lexicon), where, () -> desk.navigation()
                        .show(new Spot(bout.id(), Optional.of(moment.id()))))
                .weighing(openBout.equals(Optional.of(bout.id())) ? OF_A_MOMENT_HERE : OF_A_MOMENT);
    }

    private static String surname(String name) {
        return name.substring(name.strip().lastIndexOf(' ') + 1);
    }
}
