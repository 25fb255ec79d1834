package farglass.core.simulate;

import farglass.core.Spelling;
import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.side.Seat;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the demo holds besides what the actor made, told by hand as {@code planted.txt} says it. */
final class Planted {
    private static final Pattern MOMENT = Pattern.compile("(after )?(SHE|OTHER|-) (\\S+) (\\d+) : (.+)");
    private static final long A_SECOND = 1_000_000;

    private final Lexicon lexicon;
    private final List<ActedBout> bouts;
    /** Where in the list the bout is that is told of, and where she sits. */
    private int at;

    private final Set<Integer> used = new HashSet<>();
    private Seat she = Seat.A;
    private int added;

    private Planted(List<ActedBout> bouts, Lexicon lexicon) {
        this.bouts = new ArrayList<>(bouts);
        this.lexicon = lexicon;
    }

    /**
     * {@return the bouts with what is planted in them}
     *
     * @throws IllegalStateException if a bout or a moment that is named is not there
     */
    static List<ActedBout> in(List<ActedBout> bouts, Lexicon lexicon) {
        Planted planted = new Planted(bouts, lexicon);
        List<String> section = new ArrayList<>();
        for (String line : lines()) {
            if (line.startsWith("bout ") && !section.isEmpty()) {
                planted.section(section);
                section.clear();
            }
            section.add(line);
        }
        planted.section(section);
        return planted.bouts.stream().map(Planted::named).toList();
    }

    private static List<String> lines() {
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(Planted.class.getResourceAsStream("planted.txt"), StandardCharsets.UTF_8))) {
            return in.lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty() && !line.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own planted moments cannot be read", e);
        }
    }

    /** Goes to the first whole match of the athlete in which everything happened that is told of. */
    private void section(List<String> section) {
        String athlete = section.get(0).substring("bout ".length());
        String missing = "no match of hers is left";
        for (int i = 0; i < bouts.size(); i++) {
            ActedBout before = bouts.get(i);
            if (!isWhole(before.told())
                    || before.told().header().seatOf(athlete).isEmpty()
                    || used.contains(i)) {
                continue;
            }
            at = i;
            she = before.told().header().seatOf(athlete).orElseThrow();
            try {
                section.stream().skip(1).forEach(this::line);
                used.add(i);
                return;
            } catch (NoSuchElementException e) {
                missing = e.getMessage();
                bouts.set(i, before);
            }
        }
        throw new IllegalStateException("Nothing can be planted in a match of %s: %s".formatted(athlete, missing));
    }

    private static boolean isWhole(Bout bout) {
        return bout.header().kind() == BoutKind.COMPETITION
                && !bout.moments().isEmpty()
                && bout.header().footage().opening().isEmpty()
                && !bout.header().ruleset().equals("mixed-rules");
    }

    /** Moments are named by their order, also those that came later. */
    private static ActedBout named(ActedBout acted) {
        return new ActedBout(
                Referee.renumbered(acted.told(), acted.told().moments()),
                acted.script(),
                acted.truth(),
                acted.foreseen());
    }

    private Bout bout() {
        return bouts.get(at).told();
    }

    private void put(Bout bout) {
        ActedBout acted = bouts.get(at);
        bouts.set(at, new ActedBout(bout, acted.script(), acted.truth(), acted.foreseen()));
    }

    private void line(String line) {
        if (line.startsWith("header ")) {
            header(seated(line.substring("header ".length())));
        } else {
            moment(line);
        }
    }

    private String seated(String text) {
        return text.replace("OTHER", she.other().name()).replace("SHE", she.name());
    }

    private void header(String line) {
        String text = BoutFile.print(bout());
        int end = text.indexOf("\n\n");
        put(parsed(text.substring(0, end) + "\n" + line + text.substring(end)));
    }

    private Bout parsed(String text) {
        BoutReading reading = BoutFile.parse(text, lexicon);
        return reading.bout()
                .orElseThrow(
                        () -> new IllegalStateException("What is planted cannot be read: " + reading.diagnostics()));
    }

    private void moment(String line) {
        Matcher matcher = MOMENT.matcher(line);
        if (!matcher.matches()) {
            throw new IllegalStateException("What is planted cannot be read: " + line);
        }
        Moment found = found(matcher.group(2), matcher.group(3), Integer.parseInt(matcher.group(4)));
        String told = seated(matcher.group(5));
        if (matcher.group(1) == null) {
            put(bout().with(found.with(
                    and(found.telling(), read("- mark; " + told, found).telling()))));
            return;
        }
        Moment read = read(told, found);
        String id = told.contains("; id ") ? read.id() : "planted" + ++added;
        put(bout().with(new Moment(id, found.atMicros(), read.actor(), read.deed(), read.settled(), read.telling())
                .at(found.atMicros().orElseThrow() + A_SECOND)));
    }

    private static Telling and(Telling telling, Telling more) {
        Telling both = telling;
        for (var fact : more.facts()) {
            both = both.and(fact);
        }
        if (more.note().isPresent()) {
            both = both.withNote(more.note().get());
        }
        return more.motive().isPresent() ? both.withMotive(more.motive().get()) : both;
    }

    /** A line as it would stand in the bout's file, a second after that moment; "+6" is six seconds later than it. */
    private Moment read(String line, Moment after) {
        long at = after.atMicros().orElseThrow() + A_SECOND;
        Matcher later = Pattern.compile("\\+(\\d+)").matcher(line);
        String timed = later.replaceAll(found -> seconds(at + Long.parseLong(found.group(1)) * A_SECOND));
        StringBuilder text = new StringBuilder(BoutFile.FIRST_LINE + "\nA: A\nB: B\nlength: 10:00\n\n");
        // Stand for the moments of the bout to which the line is tied.
        bout().moments().stream()
                .filter(moment -> !line.contains("id " + moment.id()))
                .forEach(moment ->
                        text.append("0:00 - mark; id ").append(moment.id()).append('\n'));
        text.append(seconds(at)).append(' ').append(timed).append('\n');
        BoutReading reading = BoutFile.parse(text, lexicon);
        return reading.bout()
                .map(bout -> bout.moments().get(bout.moments().size() - 1))
                .orElseThrow(() -> new IllegalStateException(
                        "What is planted cannot be read: " + line + ": " + reading.diagnostics()));
    }

    private static String seconds(long micros) {
        return "%d:%02d".formatted(micros / 60_000_000, micros / 1_000_000 % 60);
    }

    private Moment found(String who, String what, int nth) {
        Optional<Seat> seat =
                switch (who) {
                    case "SHE" -> Optional.of(she);
                    case "OTHER" -> Optional.of(she.other());
                    default -> Optional.empty();
                };
        return bout().moments().stream()
                .filter(moment ->
                        moment.atMicros().isPresent() && moment.actor().equals(seat))
                .filter(moment -> is(moment, what))
                .skip(nth - 1L)
                .findFirst()
                .orElseThrow(() -> new NoSuchElementException(
                        "In %s %s does %s fewer than %d times".formatted(bout().id(), who, what, nth)));
    }

    private boolean is(Moment moment, String what) {
        return switch (what) {
            case "award" -> moment.deed().given().isPresent();
            case "advantage" -> moment.deed().gives(Award.Kind.ADVANTAGE);
            case "restart" -> moment.deed().restart().isPresent();
            default ->
                moment.technique()
                        .flatMap(lexicon::technique)
                        .filter(technique ->
                                technique.key().equals(what) || what.equals("=" + Spelling.of(technique.kind())))
                        .isPresent();
        };
    }
}
