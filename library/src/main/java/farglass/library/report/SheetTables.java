package farglass.library.report;

import farglass.core.Spelling;
import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.CountedTry;
import farglass.core.entry.Kind;
import farglass.core.side.Line;
import farglass.core.side.Seat;
import farglass.core.state.Counting;
import farglass.core.state.ScoreLine;
import farglass.core.state.Stand;
import farglass.core.state.Visit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * What every bout that counts was worked out to, before anything is estimated: tries and stays, one a line, for those who compute elsewhere.
 * The columns stand in docs/estimates.md.
 */
public final class SheetTables {
    private static final String[] TRIES = {
        "bout",
        "date",
        "athlete",
        "opponent",
        "moment",
        "start",
        "kind",
        "technique",
        "generic",
        "side_owner",
        "side",
        "place",
        "role",
        "score",
        "steps",
        "deepest",
        "stage",
        "end",
        "reply",
        "reply_told"
    };
    private static final String[] STAYS = {
        "bout", "date", "position", "top", "under", "from", "to", "played", "watched_end", "opened_by", "ended_by"
    };

    private SheetTables() {}

    /** {@return every try within what was watched, as CSV (RFC 4180)} */
    public static String tries(Corpus corpus) {
        List<List<String>> lines = new ArrayList<>();
        for (BoutSheet sheet : counted(corpus)) {
            for (Seat seat : Seat.values()) {
                ScoreLine score = ScoreLine.of(sheet.bout(), seat);
                sheet.tried(seat, EnumSet.allOf(Kind.class))
                        .forEach(tried -> lines.add(tried(sheet, seat, tried, score)));
            }
        }
        return csv(TRIES, lines);
    }

    /** {@return every stay in a position whose beginning was watched, as CSV (RFC 4180)} */
    public static String stays(Corpus corpus) {
        List<List<String>> lines = new ArrayList<>();
        for (BoutSheet sheet : counted(corpus)) {
            sheet.visits().forEach(visit -> lines.add(stay(sheet, visit)));
        }
        return csv(STAYS, lines);
    }

    private static List<BoutSheet> counted(Corpus corpus) {
        return corpus.sheets().stream()
                .filter(sheet -> sheet.standing() == Counting.Standing.COUNTS)
                .toList();
    }

    private static List<String> tried(BoutSheet sheet, Seat seat, CountedTry tried, ScoreLine score) {
        Moment first = tried.first();
        Stand stand = sheet.timeline().before(first);
        Optional<Moment> reply = sheet.reply(tried).map(found -> found.later());
        boolean known = ScoreLine.isKnown(sheet.bout()) && first.atMicros().isPresent();
        return List.of(
                SpreadsheetCell.of(sheet.bout().id()),
                date(sheet),
                name(sheet, seat),
                name(sheet, seat.other()),
                first.id(),
                seconds(first.atMicros()),
                tried.technique().kind().label(),
                sheet.lexicon().together(tried.technique().key()),
                Boolean.toString(tried.technique().generic()),
                tried.attempt().side().map(side -> name(sheet, side.owner())).orElse(""),
                tried.attempt().side().map(side -> side.side().label()).orElse(""),
                stand.position().key(),
                stand.roleOf(seat).name().toLowerCase(Locale.ROOT),
                known ? score.at(first.atMicros().getAsLong()).label() : "",
                Integer.toString(tried.attempt().steps().size()),
                tried.attempt().deepest().map(Line::label).orElse(""),
                tried.attempt().steps().stream()
                        .flatMap(step -> step.telling().stage().stream())
                        .max(Enum::compareTo)
                        .map(Spelling::of)
                        .orElse(""),
                tried.cutOff() ? "cut-off" : tried.worked() ? "worked" : "stopped",
                reply.flatMap(Moment::technique).orElse(""),
                sheet.reply(tried)
                        .map(found -> found.confirmed() ? "linked" : "followed")
                        .orElse(""));
    }

    private static List<String> stay(BoutSheet sheet, Visit visit) {
        Optional<Seat> top = visit.stand().top();
        return List.of(
                SpreadsheetCell.of(sheet.bout().id()),
                date(sheet),
                visit.stand().position().key(),
                top.map(seat -> name(sheet, seat)).orElse(""),
                top.map(seat -> name(sheet, seat.other())).orElse(""),
                seconds(OptionalLong.of(visit.fromMicros())),
                seconds(OptionalLong.of(visit.toMicros())),
                number(visit.playedSeconds()),
                Boolean.toString(sheet.sawEnd(visit)),
                visit.openedBy().orElse(""),
                visit.endedBy().orElse(""));
    }

    private static String date(BoutSheet sheet) {
        return sheet.bout().header().date().map(Object::toString).orElse("");
    }

    private static String name(BoutSheet sheet, Seat seat) {
        return SpreadsheetCell.of(sheet.bout().header().contestant(seat).name());
    }

    private static String seconds(OptionalLong micros) {
        return micros.isPresent() ? number(micros.getAsLong() / 1e6) : "";
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    private static String csv(String[] columns, List<List<String>> lines) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(
                text, CSVFormat.RFC4180.builder().setHeader(columns).get())) {
            for (List<String> line : lines) {
                table.printRecord(line);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
