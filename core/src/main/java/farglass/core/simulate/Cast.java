package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.bout.Uniform;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.fact.MistakeBuilder;
import farglass.core.fact.Strike;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Level;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.simulate.sheet.GameSheet;
import farglass.core.simulate.sheet.GameSheets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;

/** The people of the demo and their bouts over six seasons, always the same. All made up. */
public final class Cast {
    public static final String OURS = "Maren Tolliver";
    /** The bracket of the camp in the gi. */
    public static final List<String> OPPONENTS = List.of("Runa Castellan", "Ottoline Vance", "Ebele Straker");
    /** The opponent of the camp without the gi, a day later. */
    public static final String NO_GI_OPPONENT = "Juno Halvorsen";

    public static final String STUDENT = "Pip Arkwright";
    /** The day on which the demo takes place: four weeks before the first camp. */
    public static final LocalDate TODAY = LocalDate.of(2026, 11, 21);

    /** Of the twelve known bouts of a main athlete these are known by their result alone. */
    private static final Set<Integer> RESULT_ONLY = Set.of(1, 6);

    private static final Set<Integer> IN_PART = Set.of(0, 4);
    private static final int FILM_STARTS_LATE = 3;
    /** Our athlete meets the first opponent twice. */
    private static final Set<Integer> REMATCH = Set.of(5, 9);

    private static final long SEED = 4;
    /** Chosen because the match that is wanted comes up early. */
    private static final long POSTING_SEED = 359;

    private static final List<String> ORDINARY = List.of(
            "Adela Thorncroft",
            "Brisa Holloway",
            "Cosima Brandt",
            "Dagny Whitlock",
            "Elowen Tran",
            "Freya Okonkwo",
            "Greta Mossman",
            "Hanne Valdez",
            "Imke Dalgaard",
            "Isla Pemberton",
            "Jorun Abara",
            "Katya Winslow",
            "Liv Aldana",
            "Mireille Strand",
            "Nella Farquhar",
            "Petra Quillon",
            "Sunniva Marsh",
            "Tamsin Oakes",
            "Wilma Ferreby",
            "Yara Lindqvist");

    /** How the ordinary ones play: games of very different kinds. */
    private static final List<String> GAMES = List.of(
            "guard player of distance",
            "guard player of hooks",
            "guard player of lapels",
            "leg locker",
            "wrestler",
            "pressure passer",
            "distance passer",
            "back taker",
            "ordinary");

    private final Lexicon lexicon;
    private final Map<String, GameSheet> sheets = GameSheets.shipped();
    private final SplittableRandom random = new SplittableRandom(SEED);
    private final List<ActedBout> bouts = new ArrayList<>();
    private final List<Bout> secondCodings = new ArrayList<>();

    /**
     * Everything that was acted.
     *
     * @param secondCodings bouts coded again by somebody else
     */
    public record Seasons(List<ActedBout> bouts, List<Bout> secondCodings) {
        public Seasons {
            bouts = List.copyOf(bouts);
            secondCodings = List.copyOf(secondCodings);
        }
    }

    private Cast(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** {@return every bout of the demo, films named {@code films/ID.script}} */
    public static Seasons seasons(Lexicon lexicon) {
        Cast cast = new Cast(lexicon);
        cast.play();
        return new Seasons(Planted.in(cast.bouts, lexicon), cast.secondCodings);
    }

    /**
     * {@return so many matches between everybody of the demo, half of them without the gi} Enough of them tell what the actor makes of its
     * assumptions; the demo alone is a small sample.
     */
    public static List<ActedBout> league(int matches, Lexicon lexicon) {
        Cast cast = new Cast(lexicon);
        List<GameSheet> all = new ArrayList<>(cast.others());
        all.add(cast.sheets.get(OURS));
        all.add(cast.sheets.get(NO_GI_OPPONENT));
        OPPONENTS.forEach(name -> all.add(cast.sheets.get(name)));
        for (int i = 0; i < matches; i++) {
            GameSheet one = all.get(i % all.size());
            GameSheet other = all.get((i + 1 + i / all.size() % (all.size() - 1)) % all.size());
            LocalDate date = LocalDate.of(2021, 1, 9).plusDays(3L * i % 2000);
            cast.book(
                    i / all.size() % 2 == 0
                            ? Booking.gi(one, other, date, level(date), i)
                            : Booking.noGi(one, other, date, level(date), i),
                    WatchedShare.WHOLE);
        }
        return cast.bouts;
    }

    private List<GameSheet> others() {
        return ORDINARY.stream()
                .map(name -> sheets.get(GAMES.get(ORDINARY.indexOf(name) % GAMES.size()))
                        .varied(name, 0.25 * random.nextGaussian(), random))
                .toList();
    }

    private void play() {
        List<GameSheet> others = others();
        List<String> main = new ArrayList<>(List.of(OURS));
        main.addAll(OPPONENTS);
        main.add(NO_GI_OPPONENT);
        for (int of = 0; of < main.size(); of++) {
            career(main.get(of), of, others);
        }
        for (int i = 0; i < others.size(); i++) {
            LocalDate date = LocalDate.of(2025, 1, 11).plusDays(26L * i);
            Booking booking = Booking.gi(others.get(i), others.get((i + 1) % others.size()), date, level(date), i);
            book(booking, WatchedShare.WHOLE);
            book(
                    Booking.gi(
                            others.get(i), others.get((i + 7) % others.size()), date.plusDays(120), level(date), i + 1),
                    WatchedShare.WHOLE);
        }
        mixed();
        student(others);
        secondCodings();
    }

    private void career(String name, int of, List<GameSheet> others) {
        for (int i = 0; i < 12; i++) {
            LocalDate date = LocalDate.of(2021, 3, 13).plusDays(179L * i + 17L * of);
            boolean noGi = name.equals(NO_GI_OPPONENT) || i % 6 == 2;
            GameSheet other = of == 0 && REMATCH.contains(i)
                    ? sheets.get(OPPONENTS.get(0))
                    : others.get((of * 4 + i * 3) % others.size());
            Booking booking = noGi
                    ? Booking.noGi(sheets.get(name), other, date, level(date), i)
                    : Booking.gi(sheets.get(name), other, date, level(date), i);
            book(
                    booking,
                    RESULT_ONLY.contains(i)
                            ? WatchedShare.RESULT_ONLY
                            : IN_PART.contains(i)
                                    ? WatchedShare.IN_PART
                                    : i == FILM_STARTS_LATE ? WatchedShare.FROM_LATER : WatchedShare.WHOLE);
        }
    }

    /** Belts rise with the years. */
    private static Level level(LocalDate date) {
        int year = date.getYear();
        return year < 2022 ? Level.BLUE : year < 2024 ? Level.PURPLE : year < 2026 ? Level.BROWN : Level.BLACK;
    }

    private ActedBout book(Booking booking, WatchedShare watching) {
        int number = bouts.size() + 1;
        String id = "demo-%03d".formatted(number);
        ActedBout acted = act(id, booking, number, random.split());
        ActedBout watched = watching.of(acted, id);
        bouts.add(watched);
        return watched;
    }

    private ActedBout act(String id, Booking booking, int number, SplittableRandom fate) {
        boolean swapped = number % 3 == 0;
        GameSheet first = swapped ? booking.b() : booking.a();
        GameSheet second = swapped ? booking.a() : booking.b();
        return Actor.act(
                id, first, second, booking.header(first, second, number % 2 == 0), booking.start(), lexicon, fate);
    }

    private void mixed() {
        GameSheet ours = sheets.get("Maren Tolliver, strikes").named(OURS);
        GameSheet other = sheets.get("a striker").named("Odile Marchetti");
        LocalDate date = LocalDate.of(2025, 9, 20);
        Booking match = BookingBuilder.builder()
                .a(ours)
                .b(other)
                .kind(BoutKind.COMPETITION)
                .event("Lighthouse Night")
                .round("single bout")
                .date(date)
                .ruleset("mixed-rules")
                .uniform(Uniform.NO_GI)
                .minutes(15)
                .level(Level.BROWN)
                .levelOfB(Level.BROWN)
                .create();
        int number = bouts.size() + 1;
        String id = "demo-%03d".formatted(number);
        SplittableRandom fates = random.split();
        ActedBout acted = act(id, match, number, fates.split());
        for (int tries = 0; !hasRoundsAndBlows(acted.told()); tries++) {
            if (tries == 200) {
                throw new IllegalStateException("No match under mixed rules came up that goes on for a round");
            }
            acted = act(id, match, number, fates.split());
        }
        bouts.add(WatchedShare.WHOLE.of(acted, id));
    }

    private static boolean hasRoundsAndBlows(Bout bout) {
        return bout.moments().stream().anyMatch(moment -> moment.deed().begun().isPresent())
                && bout.moments().stream()
                                .filter(moment -> moment.telling()
                                        .facts(Strike.class)
                                        .findAny()
                                        .isPresent())
                                .count()
                        > 10;
    }

    private void student(List<GameSheet> others) {
        GameSheet pip = sheets.get(STUDENT);
        LocalDate date = LocalDate.of(2026, 10, 17);
        Booking match = BookingBuilder.builder()
                .a(pip)
                .b(others.get(14))
                .kind(BoutKind.COMPETITION)
                .event("Estuary Trials")
                .round("first round")
                .date(date)
                .ruleset("points-with-advantages")
                .uniform(Uniform.GI)
                .minutes(5)
                .level(Level.WHITE)
                .levelOfB(Level.WHITE)
                .create();
        posting(match);
        Settled inside = new Settled("closed-guard", Optional.of(Seat.A), false);
        book(training(pip, sheets.get(OURS), LocalDate.of(2026, 10, 28), Optional.of(inside)), WatchedShare.WHOLE);
        book(training(pip, others.get(16), LocalDate.of(2026, 11, 4), Optional.empty()), WatchedShare.WHOLE);
    }

    private static Booking training(GameSheet a, GameSheet b, LocalDate date, Optional<Settled> start) {
        return BookingBuilder.builder()
                .a(a)
                .b(b)
                .kind(start.isPresent() ? BoutKind.POSITIONAL : BoutKind.TRAINING)
                .event("at our gym")
                .round("round")
                .date(date)
                .ruleset("training-round")
                .uniform(Uniform.GI)
                .minutes(5)
                .level(Level.WHITE)
                .levelOfB(level(date))
                .start(start)
                .create();
    }

    /** The match in which the student posts both hands inside closed guard five times, and is not punished once. */
    private void posting(Booking match) {
        int number = bouts.size() + 1;
        String id = "demo-%03d".formatted(number);
        SplittableRandom fates = new SplittableRandom(POSTING_SEED);
        ActedBout acted = null;
        for (int tries = 0; acted == null; tries++) {
            if (tries == 1_000) {
                throw new IllegalStateException("No match came up in which the student posts five times");
            }
            ActedBout tried = act(id, match, number, fates.split());
            boolean five =
                    posts(tried.truth()).size() == 5 && posts(tried.told()).size() == 5 && unpunished(tried.truth());
            acted = five ? tried : null;
        }
        ActedBout watched = WatchedShare.WHOLE.of(acted, id);
        Bout told = watched.told();
        for (Moment post : posts(told)) {
            told = told.with(post.with(post.telling()
                    .and(MistakeBuilder.builder()
                            .code("both hands posted on the mat inside closed guard")
                            .punished(Mistake.Punished.NO)
                            .at(Level.BLUE)
                            .better("hands on collar and sleeve, elbows in, then posture")
                            .create())
                    .and(new Fact.InLayer(Layer.ERRORS))));
        }
        List<Covered> covered = new ArrayList<>(told.header().covered());
        covered.removeIf(stretch -> stretch.layer() == Layer.ERRORS);
        covered.add(new Covered(Layer.ERRORS, 0, told.extentMicros(), true));
        bouts.add(new ActedBout(
                told.with(told.header().withCovered(covered)), watched.script(), watched.truth(), watched.foreseen()));
    }

    private static Seat seatOfStudent(Bout bout) {
        return bout.header().seatOf(STUDENT).orElseThrow();
    }

    private static List<Moment> posts(Bout bout) {
        return bout.moments().stream()
                .filter(moment -> moment.actor().equals(Optional.of(seatOfStudent(bout))))
                .filter(moment -> moment.technique().equals(Optional.of("post-hand")))
                .toList();
    }

    /** Nobody sweeps or finishes the student right after a post. */
    private static boolean unpunished(Bout bout) {
        Seat student = seatOfStudent(bout);
        for (Moment post : posts(bout)) {
            boolean punished = bout.moments().stream()
                    .filter(moment -> moment.actor().equals(Optional.of(student.other())))
                    .filter(moment -> {
                        long after =
                                moment.atMicros().orElse(0) - post.atMicros().orElse(0);
                        return after > 0 && after < 12_000_000;
                    })
                    .anyMatch(moment -> moment.settled().isPresent()
                            || moment.telling().stage().isPresent());
            if (punished) {
                return false;
            }
        }
        return true;
    }

    /** Two bouts coded again by somebody in a hurry. */
    private void secondCodings() {
        Set<String> done = new HashSet<>();
        for (ActedBout acted : bouts) {
            boolean suits = acted.told().header().seatOf(OPPONENTS.get(0)).isPresent()
                    && acted.told().moments().size() > 25
                    && acted.told().header().footage().opening().isEmpty();
            if (suits && done.size() < 2 && done.add(acted.told().id())) {
                String id = acted.told().id() + "-b";
                Bout told = Coder.SECOND.tells(acted.truth(), lexicon, random.split());
                secondCodings.add(WatchedShare.again(acted.told(), told, id, "Tove Larkin"));
            }
        }
    }
}
