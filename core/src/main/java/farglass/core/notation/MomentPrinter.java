package farglass.core.notation;

import static farglass.core.notation.Cursor.spelled;
import static farglass.core.notation.Quoting.quoted;
import static farglass.core.notation.Quoting.words;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.side.Seat;
import farglass.core.side.Settled;

/** Writes one moment as a line. */
final class MomentPrinter {
    private MomentPrinter() {}

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
        moment.settled().ifPresent(settled -> field(line, "-> " + settled(settled)));
        Telling told = moment.telling();
        told.side().ifPresent(side -> field(line, "side " + side.owner() + " " + spelled(side.side())));
        told.line().ifPresent(beaten -> field(line, "line " + spelled(beaten)));
        told.stage().ifPresent(stage -> field(line, "stage " + spelled(stage)));
        told.became().ifPresent(became -> field(line, spelled(became)));
        told.motive().ifPresent(motive -> field(line, "motive " + spelled(motive)));
        for (Fact fact : told.facts()) {
            field(line, FactPrinter.field(fact));
        }
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

    static String settled(Settled settled) {
        return settled.position()
                + settled.top().map(seat -> ", " + seat + " on top").orElse("")
                + settled.side()
                        .map(side -> ", " + side.owner() + " " + spelled(side.side()))
                        .orElse("")
                + settled.passing().map(seat -> ", " + seat + " passing").orElse("")
                + (settled.workedOut() ? ", worked out" : "");
    }

    static String deed(Deed deed) {
        if (deed instanceof Deed.Did did) {
            return did.technique();
        } else if (deed instanceof Deed.Unnamed unnamed) {
            return quoted(unnamed.words())
                    + unnamed.kind().map(kind -> " " + kind).orElse("");
        } else if (deed instanceof Deed.Awarded awarded) {
            return "award " + award(awarded.award());
        } else if (deed instanceof Deed.Ruled ruled) {
            return "rule " + award(ruled.award());
        } else if (deed instanceof Deed.Verdict verdict) {
            return "verdict" + spaced(verdict.words())
                    + verdict.score()
                            .map(score -> " " + score.a() + "-" + score.b())
                            .orElse("");
        } else if (deed instanceof Deed.Stopped stopped) {
            return "stop" + (stopped.reason().isEmpty() ? "" : " " + words(stopped.reason()));
        } else if (deed instanceof Deed.Restarted restarted) {
            return "restart"
                    + restarted.resumed().map(resumed -> " " + spelled(resumed)).orElse("")
                    + (restarted.disputed() ? " disputed" : "");
        } else if (deed instanceof Deed.Began began) {
            return "begin " + spelled(began.period());
        } else if (deed instanceof Deed.Ended ended) {
            return "end " + spelled(ended.period());
        } else if (deed instanceof Deed.ClockRead read) {
            return "time-left " + Times.exact(read.leftMicros());
        } else if (deed instanceof Deed.Timed timed) {
            return "timed to " + Times.exact(timed.toMicros()) + spaced(timed.words());
        } else if (deed instanceof Deed.Instructed instructed) {
            return "corner " + quoted(instructed.words())
                    + instructed.followed().map(came -> " " + spelled(came)).orElse("");
        } else if (deed instanceof Deed.Reached) {
            return "reached";
        }
        return "mark";
    }

    private static String spaced(String words) {
        return words.isEmpty() ? "" : " " + quoted(words);
    }

    private static String award(Award award) {
        return award.kind() == Award.Kind.POINTS ? award.points() + " points" : spelled(award.kind());
    }
}
