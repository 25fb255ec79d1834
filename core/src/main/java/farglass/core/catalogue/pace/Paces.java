package farglass.core.catalogue.pace;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stretches;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.Options;
import farglass.core.measure.PerTime;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.MatchClock;
import farglass.core.state.ScoreLine;
import farglass.core.state.ScoreLine.Lead;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** How much does she try, by the minute, by the score, at the end, after a restart; what comes after her own failed try? */
public final class Paces {
    private static final Set<Kind> TRIES =
            EnumSet.of(Kind.PULL, Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION, Kind.ESCAPE);

    private static final long MINUTE_MICROS = 60_000_000;
    private static final long SOON_MICROS = 10_000_000;
    private static final int LAST_SHOWN = 6;
    private static final String AGAIN = "tries again";

    private static List<Evidence> tries(BoutSheet sheet, Seat seat, Function<CountedTry, Optional<String>> stretch) {
        return sheet.tried(seat, TRIES).stream()
                .filter(tried -> tried.first().atMicros().isPresent())
                .flatMap(tried -> stretch.apply(tried).stream().map(option -> tried.evidence(sheet.bout(), option)))
                .toList();
    }

    private static long at(CountedTry tried) {
        return tried.first().atMicros().orElseThrow();
    }

    private static String minute(long playedMicros) {
        long minute = playedMicros / MINUTE_MICROS + 1;
        return minute < LAST_SHOWN ? "minute " + minute : "minute %d and later".formatted(LAST_SHOWN);
    }

    private static Optional<String> minute(BoutSheet sheet, CountedTry tried) {
        return sheet.bout().header().footage().opening().isPresent()
                ? Optional.empty()
                : Optional.of(minute(sheet.timeline().clock().playedMicros(at(tried))));
    }

    private static Map<String, Double> minutes(BoutSheet sheet) {
        if (sheet.bout().header().footage().opening().isPresent()) {
            return Map.of();
        }
        MatchClock clock = sheet.timeline().clock();
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (int i = 0; i < LAST_SHOWN; i++) {
            long from = clock.whenPlayed(i * MINUTE_MICROS);
            long to = i + 1 < LAST_SHOWN ? clock.whenPlayed((i + 1) * MINUTE_MICROS) : Long.MAX_VALUE;
            minutes.put(minute(i * MINUTE_MICROS), sheet.watchedMinutes(from, to));
        }
        return minutes;
    }

    private static List<Evidence> byScore(BoutSheet sheet, Seat seat) {
        if (!ScoreLine.isKnown(sheet.bout())) {
            return List.of();
        }
        ScoreLine line = ScoreLine.of(sheet.bout(), seat);
        return tries(sheet, seat, tried -> Optional.of(line.at(at(tried)).label()));
    }

    private static Map<String, Double> minutesByScore(BoutSheet sheet, Seat seat) {
        if (!ScoreLine.isKnown(sheet.bout())) {
            return Map.of();
        }
        ScoreLine line = ScoreLine.of(sheet.bout(), seat);
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (Lead lead : Lead.values()) {
            double watched = line.stretches(lead).stream()
                    .mapToDouble(stretch -> sheet.watchedMinutes(stretch.fromMicros(), stretch.toMicros()))
                    .sum();
            minutes.put(lead.label(), watched);
        }
        return minutes;
    }

    private static final String LAST = "the last minute";
    private static final String BEFORE = "before it";

    private static String end(BoutSheet sheet, long micros) {
        return sheet.timeline().clock().leftMicros(micros).orElse(Long.MAX_VALUE) <= MINUTE_MICROS ? LAST : BEFORE;
    }

    private static Map<String, Double> ends(BoutSheet sheet) {
        double last = sheet.timeline()
                .clock()
                .last(MINUTE_MICROS, sheet.bout().extentMicros())
                .map(stretch -> sheet.watchedMinutes(stretch.fromMicros(), stretch.toMicros()))
                .orElse(0.0);
        return Map.of(LAST, last, BEFORE, sheet.watchedMinutes() - last);
    }

    private static Optional<String> atEnd(BoutSheet sheet, CountedTry tried) {
        return sheet.timeline().clock().leftMicros(at(tried)).isPresent()
                ? Optional.of(end(sheet, at(tried)))
                : Optional.empty();
    }

    private static Optional<String> again(BoutSheet sheet, CountedTry tried) {
        if (tried.worked()
                || tried.cutOff()
                || tried.attempt().last().atMicros().isEmpty()) {
            return Optional.empty();
        }
        long failed = tried.attempt().last().atMicros().getAsLong();
        boolean again = sheet.tried(tried.attempt().actor().orElseThrow(), TRIES).stream()
                .filter(other -> other.place() > tried.place()
                        && other.first().atMicros().isPresent())
                .anyMatch(other -> at(other) >= failed && at(other) - failed <= SOON_MICROS);
        return Optional.of(again ? AGAIN : "waits");
    }

    /** Where her tries come from: in answer to the other's, soon after a restart, or by herself. */
    private static Optional<String> origin(BoutSheet sheet, CountedTry tried) {
        Moment first = tried.first();
        if (sheet.conversation().before(first).filter(turn -> turn.confirmed()).isPresent()) {
            return Optional.of("in answer to the other");
        }
        boolean restarted = sheet.happened(Deed.Restarted.class).stream()
                .filter(moment -> moment.atMicros().isPresent())
                .anyMatch(moment -> at(tried) >= moment.atMicros().getAsLong()
                        && at(tried) - moment.atMicros().getAsLong() <= SOON_MICROS);
        if (restarted) {
            return Optional.of("within ten seconds of a restart");
        }
        return Optional.of("by themselves, or nobody said in answer to what");
    }

    public static final Question QUESTION = new Question(
            "pace",
            Chapter.PACE,
            "How much do they try, and when?",
            "",
            "{name} has not been seen trying anything",
            List.of(
                    new Ask(
                            "pace",
                            new PerTime(new Tally(
                                    "pace",
                                    (sheet, seat) -> tries(sheet, seat, tried -> Optional.of("Tries of any kind")))),
                            Wording.plain("{option}", "minutes watched", "").under("Per ten minutes")),
                    new Ask(
                            "pace minute",
                            new PerTime(
                                    new Tally(
                                            "pace minute",
                                            (sheet, seat) -> tries(sheet, seat, tried -> minute(sheet, tried))),
                                    new Stretches("pace minute", (sheet, seat) -> minutes(sheet))),
                            Wording.plain("{option}", "minutes watched of it", "")
                                    .under("Per ten minutes, by minute")
                                    .inOrder()),
                    new Ask(
                            "pace score",
                            new PerTime(
                                    new Tally("pace score", Paces::byScore),
                                    new Stretches("pace score", Paces::minutesByScore)),
                            Wording.plain("{option}", "minutes watched of it", "")
                                    .under("Per ten minutes, by the score")
                                    .inOrder(List.of(Lead.AHEAD.label(), Lead.LEVEL.label(), Lead.BEHIND.label()))),
                    new Ask(
                            "pace end",
                            new PerTime(
                                    new Tally(
                                            "pace end",
                                            (sheet, seat) -> tries(sheet, seat, tried -> atEnd(sheet, tried))),
                                    new Stretches("pace end", (sheet, seat) -> ends(sheet))),
                            Wording.plain("{option}", "minutes watched of it", "")
                                    .under("Per ten minutes, at the end")
                                    .inOrder(List.of(BEFORE, LAST))),
                    new Ask(
                            "double effort",
                            new YesNo(
                                    new Tally("double effort", (sheet, seat) -> sheet.tried(seat, TRIES).stream()
                                            .flatMap(tried -> again(sheet, tried).stream()
                                                    .map(option -> tried.evidence(sheet.bout(), option)))
                                            .toList()),
                                    AGAIN),
                            Wording.plain(
                                    "Tries again within ten seconds of a try that failed",
                                    "tries that failed",
                                    "after a try that failed {name} tried again within ten seconds {often}, in {raw}{claims}")),
                    new Ask(
                            "origin",
                            new Options(new Tally(
                                    "origin", (sheet, seat) -> tries(sheet, seat, tried -> origin(sheet, tried)))),
                            Wording.plain("{option}", "tries of any kind", "").under("Where their tries come from"))));

    private Paces() {}
}
