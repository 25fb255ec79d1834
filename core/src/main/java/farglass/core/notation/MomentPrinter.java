package farglass.core.notation;

import static farglass.core.notation.Quoting.quoted;
import static farglass.core.notation.Quoting.words;

import farglass.core.Spelling;
import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.side.Seat;

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
        moment.settled().ifPresent(settled -> field(line, "-> " + FactPrinter.settled(settled)));
        Telling told = moment.telling();
        told.side().ifPresent(side -> field(line, "side " + side.owner() + " " + Spelling.of(side.side())));
        told.line().ifPresent(beaten -> field(line, "line " + Spelling.of(beaten)));
        told.stage().ifPresent(stage -> field(line, "stage " + Spelling.of(stage)));
        told.became().ifPresent(became -> field(line, Spelling.of(became)));
        told.motive().ifPresent(motive -> field(line, "motive " + Spelling.of(motive)));
        for (Fact fact : told.facts()) {
            field(line, FactPrinter.field(fact));
        }
        if (told.certainty() != Certainty.SURE) {
            field(line, Spelling.of(told.certainty()));
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

    static String deed(Deed deed) {
        return deed.match(WORDS);
    }

    private static final Deed.Cases<String> WORDS = new Deed.Cases<>() {
        @Override
        public String did(Deed.Did did) {
            return did.technique();
        }

        @Override
        public String unnamed(Deed.Unnamed unnamed) {
            return quoted(unnamed.words())
                    + unnamed.kind().map(kind -> " " + kind).orElse("");
        }

        @Override
        public String reached(Deed.Reached reached) {
            return "reached";
        }

        @Override
        public String awarded(Deed.Awarded awarded) {
            return "award " + award(awarded.award());
        }

        @Override
        public String ruled(Deed.Ruled ruled) {
            return "rule " + award(ruled.award());
        }

        @Override
        public String verdict(Deed.Verdict verdict) {
            return "verdict" + spaced(verdict.words())
                    + verdict.score()
                            .map(score -> " " + score.a() + "-" + score.b())
                            .orElse("");
        }

        @Override
        public String stopped(Deed.Stopped stopped) {
            return "stop" + (stopped.reason().isEmpty() ? "" : " " + words(stopped.reason()));
        }

        @Override
        public String restarted(Deed.Restarted restarted) {
            return "restart"
                    + restarted
                            .resumed()
                            .map(resumed -> " " + Spelling.of(resumed))
                            .orElse("")
                    + (restarted.disputed() ? " disputed" : "");
        }

        @Override
        public String began(Deed.Began began) {
            return "begin " + Spelling.of(began.period());
        }

        @Override
        public String ended(Deed.Ended ended) {
            return "end " + Spelling.of(ended.period());
        }

        @Override
        public String clockRead(Deed.ClockRead read) {
            return "time-left " + Times.exact(read.leftMicros());
        }

        @Override
        public String timed(Deed.Timed timed) {
            return "timed to " + Times.exact(timed.toMicros()) + spaced(timed.words());
        }

        @Override
        public String instructed(Deed.Instructed instructed) {
            return "corner " + quoted(instructed.words())
                    + instructed.followed().map(came -> " " + Spelling.of(came)).orElse("");
        }

        @Override
        public String mark(Deed.Mark mark) {
            return "mark";
        }
    };

    private static String spaced(String words) {
        return words.isEmpty() ? "" : " " + quoted(words);
    }

    private static String award(Award award) {
        return award.kind() == Award.Kind.POINTS ? award.points() + " points" : Spelling.of(award.kind());
    }
}
