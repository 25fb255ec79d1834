package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Footage;
import farglass.core.bout.Header;
import farglass.core.bout.Layer;
import farglass.core.bout.Level;
import farglass.core.bout.Side;
import farglass.core.bout.Uniform;
import farglass.core.lexicon.Lexicon;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.SplittableRandom;

/** The people of the demo and their bouts, always the same. All made up. */
public final class Cast {
    public static final String OURS = "Maren Tolliver";
    public static final List<String> OPPONENTS = List.of("Runa Castellan", "Ottoline Vance");

    private static final long SEED = 4;
    private static final long MINUTE = 60_000_000;
    private static final List<String> ORDINARY = List.of(
            "Brisa Holloway",
            "Imke Dalgaard",
            "Nella Farquhar",
            "Petra Quillon",
            "Sunniva Marsh",
            "Tamsin Oakes",
            "Wilma Ferreby",
            "Yara Lindqvist");
    private static final List<String> EVENTS = List.of(
            "Lantern Cup",
            "Breakwater Invitational",
            "Saltmarsh Open",
            "Harbour League",
            "Estuary Trials",
            "Pier Classic");

    private final Lexicon lexicon;
    private final Map<String, GameSheet> sheets = GameSheets.shipped();
    private final SplittableRandom random = new SplittableRandom(SEED);
    private final List<Acted> bouts = new ArrayList<>();

    private Cast(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** {@return every bout of the demo, films named {@code films/ID.script}} */
    public static List<Acted> bouts(Lexicon lexicon) {
        return new Cast(lexicon).play();
    }

    private List<Acted> play() {
        List<GameSheet> others = ORDINARY.stream()
                .map(name -> sheets.get("ordinary").varied(name, 0.25 * random.nextGaussian(), random))
                .toList();
        int number = 0;
        List<String> main = new ArrayList<>(List.of(OURS));
        main.addAll(OPPONENTS);
        for (int of = 0; of < main.size(); of++) {
            for (int i = 0; i < 6; i++) {
                // Of each six one is known by its result alone, and two were watched only in part.
                Seen seen = i == 1 ? Seen.RESULT_ONLY : i == 0 || i == 3 ? Seen.IN_PART : Seen.WHOLE;
                GameSheet other = others.get((of * 3 + i) % others.size());
                LocalDate date = LocalDate.of(2024, 2, 10).plusDays(140L * i + 17L * of);
                bout(++number, sheets.get(main.get(of)), other, date, i, seen);
            }
        }
        for (int i = 0; i < others.size(); i += 2) {
            LocalDate date = LocalDate.of(2025, 5, 3).plusDays(31L * i);
            bout(++number, others.get(i), others.get(i + 1), date, i, Seen.WHOLE);
            bout(
                    ++number,
                    others.get(i + 1),
                    others.get((i + 2) % others.size()),
                    date.plusDays(70),
                    i + 1,
                    Seen.WHOLE);
        }
        return List.copyOf(bouts);
    }

    private enum Seen {
        WHOLE,
        IN_PART,
        RESULT_ONLY
    }

    private void bout(int number, GameSheet a, GameSheet b, LocalDate date, int turn, Seen seen) {
        String id = "demo-%02d".formatted(number);
        boolean swapped = number % 3 == 0;
        GameSheet first = swapped ? b : a;
        GameSheet second = swapped ? a : b;
        Side side = number % 2 == 0 ? Side.LEFT : Side.RIGHT;
        Header header = new Header(
                BoutKind.COMPETITION,
                Optional.of(EVENTS.get((turn + number) % EVENTS.size())),
                Optional.of(date),
                Optional.of(turn % 3 == 2 ? "final" : turn % 3 == 1 ? "semi-final" : "first round"),
                Header.DEFAULT_RULESET,
                Optional.empty(),
                Uniform.GI,
                OptionalLong.of((turn < 2 ? 6 : 7) * MINUTE),
                new Contestant(first.name(), Optional.of("white gi"), Optional.of(side), Optional.of(level(turn))),
                new Contestant(
                        second.name(), Optional.of("blue gi"), Optional.of(side.mirrored()), Optional.of(level(turn))),
                Optional.empty(),
                Footage.NONE,
                List.of(),
                List.of(),
                Map.of());
        Acted acted = Actor.act(id, first, second, header, lexicon, random.split());
        bouts.add(new Acted(told(acted, id, seen), acted.script(), acted.truth()));
    }

    private static Level level(int turn) {
        return turn < 3 ? Level.PURPLE : Level.BROWN;
    }

    private static Bout told(Acted acted, String id, Seen seen) {
        Bout bout = acted.told();
        if (seen == Seen.RESULT_ONLY) {
            return new Bout(id, bout.header(), List.of(), List.of());
        }
        long end = acted.script().lengthMicros() - 5_000_000;
        long watched = seen == Seen.IN_PART ? Math.min(end, 100_000_000) : end;
        Bout part = bout;
        for (var moment : bout.moments()) {
            if (moment.atMicros().orElse(0) > watched) {
                part = part.without(moment.id());
            }
        }
        Header header = part.header()
                .withFilms(List.of(
                        new FilmLink("films/" + id + ".script", acted.script().leadMicros())))
                .withCovered(List.of(new Covered(Layer.STORY, 0, watched, false)));
        return part.with(header);
    }
}
