package farglass.core.notation;

import static farglass.core.notation.Cursor.spelled;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Certainty;
import farglass.core.bout.Contestant;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Telling;
import java.util.Optional;

/** Writes a bout as text. */
final class BoutPrinter {
    private final Bout bout;
    private final StringBuilder out = new StringBuilder();

    BoutPrinter(Bout bout) {
        this.bout = bout;
    }

    String print() {
        out.append(BoutFile.FIRST_LINE).append('\n');
        comments(Bout.Comment.HEADER);
        header(bout.header());
        out.append('\n');
        int ordinal = 0;
        for (Moment moment : bout.moments()) {
            comments(moment.id());
            out.append(line(moment, "m" + ++ordinal)).append('\n');
        }
        comments(Bout.Comment.END);
        return out.toString();
    }

    private void comments(String before) {
        for (Bout.Comment comment : bout.comments()) {
            if (comment.before().equals(before)) {
                out.append('#').append(comment.text()).append('\n');
            }
        }
    }

    private void header(Header header) {
        entry("id", words(bout.id()));
        contestant("A", header.a());
        contestant("B", header.b());
        entry("kind", spelled(header.kind()));
        header.event().ifPresent(event -> entry("event", words(event)));
        header.date().ifPresent(date -> entry("date", date.toString()));
        header.round().ifPresent(round -> entry("round", words(round)));
        entry("ruleset", words(header.ruleset()));
        entry("uniform", spelled(header.uniform()));
        header.lengthMicros().ifPresent(length -> entry("length", Times.exact(length)));
        for (FilmLink film : header.films()) {
            String path = film.path().contains(" from ") ? quoted(film.path()) : words(film.path());
            entry("film", path + " from " + Times.exact(film.startMicros()));
        }
        for (Covered covered : header.covered()) {
            entry(
                    "covered",
                    spelled(covered.layer()) + " " + Times.exact(covered.fromMicros()) + " to "
                            + Times.exact(covered.toMicros()) + (covered.declared() ? " declared" : ""));
        }
        header.result().ifPresent(this::result);
        if (!header.whole()) {
            entry("whole", "no");
        }
        header.others().forEach((key, value) -> entry(key, words(value)));
    }

    private void contestant(String seat, Contestant contestant) {
        entry(seat, words(contestant.name()));
        contestant.kit().ifPresent(kit -> entry(seat + " kit", words(kit)));
        contestant.screenSide().ifPresent(side -> entry(seat + " stands", spelled(side)));
        contestant.level().ifPresent(level -> entry(seat + " level", spelled(level)));
    }

    private void result(Result result) {
        entry(
                "result",
                result.winner().map(Seat::name).orElse("nobody") + " by " + spelled(result.method())
                        + result.finish().map(finish -> " " + words(finish)).orElse("")
                        + result.score()
                                .map(score -> " " + score.a() + "-" + score.b())
                                .orElse(""));
    }

    private void entry(String key, String value) {
        out.append(key).append(": ").append(value).append('\n');
    }

    static String line(Moment moment, String usualId) {
        StringBuilder line = new StringBuilder();
        line.append(
                        moment.atMicros().isPresent()
                                ? Times.exact(moment.atMicros().getAsLong())
                                : "?")
                .append(' ')
                .append(moment.actor().map(Seat::name).orElse("-"))
                .append(' ')
                .append(deed(moment.deed()));
        moment.settled().ifPresent(settled -> field(line, settled(settled)));
        Telling told = moment.telling();
        told.side().ifPresent(side -> field(line, "side " + side.owner() + " " + spelled(side.side())));
        told.line().ifPresent(beaten -> field(line, "line " + spelled(beaten)));
        told.stage().ifPresent(stage -> field(line, "stage " + spelled(stage)));
        told.became().ifPresent(became -> field(line, spelled(became)));
        told.motive().ifPresent(motive -> field(line, "motive " + spelled(motive)));
        told.answers().ifPresent(id -> field(line, "answers " + words(id)));
        if (told.certainty() != Certainty.SURE) {
            field(line, spelled(told.certainty()));
        }
        if (told.confidential()) {
            field(line, "private");
        }
        told.note().ifPresent(note -> field(line, "note " + quoted(note)));
        if (!moment.id().equals(usualId)) {
            field(line, "id " + words(moment.id()));
        }
        return line.toString();
    }

    private static void field(StringBuilder line, String field) {
        line.append("; ").append(field);
    }

    private static String settled(Settled settled) {
        return "-> " + settled.position()
                + settled.top().map(seat -> ", " + seat + " on top").orElse("")
                + (settled.workedOut() ? ", worked out" : "");
    }

    private static String deed(Deed deed) {
        if (deed instanceof Deed.Did did) {
            return did.technique();
        } else if (deed instanceof Deed.Unnamed unnamed) {
            return quoted(unnamed.words());
        } else if (deed instanceof Deed.Awarded awarded) {
            Award award = awarded.award();
            return "award " + (award.kind() == Award.Kind.POINTS ? award.points() + " points" : spelled(award.kind()));
        } else if (deed instanceof Deed.Stopped stopped) {
            return "stop"
                    + Optional.of(stopped.reason())
                            .filter(r -> !r.isEmpty())
                            .map(r -> " " + quoted(r))
                            .orElse("");
        } else if (deed instanceof Deed.Restarted) {
            return "restart";
        } else if (deed instanceof Deed.Reached) {
            return "reached";
        }
        return "mark";
    }

    /** {@return the words as they are if a reader finds them again whole, else quoted} */
    private static String words(String words) {
        boolean plain = !words.isEmpty()
                && words.equals(words.strip())
                && words.chars()
                        .noneMatch(c -> c == '"'
                                || c == ';'
                                || c == ','
                                || Character.isISOControl(c)
                                || c == 0x2028
                                || c == 0x2029)
                && words.charAt(0) != '#';
        return plain ? words : quoted(words);
    }

    private static String quoted(String words) {
        StringBuilder out = new StringBuilder("\"");
        for (char c : words.toCharArray()) {
            switch (c) {
                case '"', '\\' -> out.append('\\').append(c);
                case '\n' -> out.append("\\n");
                case '\t' -> out.append("\\t");
                default -> {
                    boolean breaksLines =
                            Character.isISOControl(c) || c == 0x2028 || c == 0x2029 || Character.isSurrogate(c);
                    out.append(breaksLines ? "\\u%04x".formatted((int) c) : String.valueOf(c));
                }
            }
        }
        return out.append('"').toString();
    }
}
