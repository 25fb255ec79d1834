package farglass.core.phrase;

import farglass.core.Spelling;
import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;

/** Says of each kind of deed what it is, as a part of its moment's sentence. */
record DeedWords(Lexicon lexicon) implements Deed.Cases<String> {
    @Override
    public String did(Deed.Did did) {
        return lexicon.label(did.technique());
    }

    @Override
    public String unnamed(Deed.Unnamed unnamed) {
        return "\u201c" + unnamed.words() + "\u201d"
                + unnamed.kind()
                        .flatMap(lexicon::technique)
                        .map(kind -> " (" + kind.kind().label() + ")")
                        .orElse("");
    }

    @Override
    public String reached(Deed.Reached reached) {
        return "Settles";
    }

    @Override
    public String awarded(Deed.Awarded awarded) {
        return award(awarded.award());
    }

    @Override
    public String ruled(Deed.Ruled ruled) {
        return "Ruled: " + Words.inSentence(award(ruled.award()));
    }

    @Override
    public String verdict(Deed.Verdict verdict) {
        return ("Verdict " + verdict.words()).strip()
                + verdict.score()
                        .map(score -> " " + score.a() + "\u2013" + score.b())
                        .orElse("");
    }

    @Override
    public String stopped(Deed.Stopped stopped) {
        return stopped.reason().isBlank() ? "Stopped" : "Stopped: " + stopped.reason();
    }

    @Override
    public String restarted(Deed.Restarted restarted) {
        return "Restart"
                + restarted
                        .resumed()
                        .map(how -> how == Deed.Resumed.SAME ? " as they were" : " standing")
                        .orElse("")
                + (restarted.disputed() ? ", disputed" : "");
    }

    @Override
    public String began(Deed.Began began) {
        return "Begins: " + words(began.period());
    }

    @Override
    public String ended(Deed.Ended ended) {
        return "Ends: " + words(ended.period());
    }

    @Override
    public String clockRead(Deed.ClockRead read) {
        return Times.exact(read.leftMicros()) + " left on the clock";
    }

    @Override
    public String timed(Deed.Timed timed) {
        return ("Timed to " + Times.exact(timed.toMicros()) + " " + timed.words()).strip();
    }

    @Override
    public String instructed(Deed.Instructed instructed) {
        return "Corner: \u201c" + instructed.words() + "\u201d"
                + instructed.followed().map(came -> ", " + words(came)).orElse("");
    }

    @Override
    public String mark(Deed.Mark mark) {
        return "Mark";
    }

    private static String words(Enum<?> value) {
        return Spelling.of(value).replace('-', ' ');
    }

    private static String award(Award award) {
        return switch (award.kind()) {
            case POINTS -> award.points() == 1 ? "Given 1 point" : "Given %d points".formatted(award.points());
            case NEGATIVE -> "Given a negative";
            case ADVANTAGE -> "Given an advantage";
            case PENALTY -> "Given a penalty";
            case WARNING -> "Warned";
            case DISQUALIFICATION -> "Disqualified";
        };
    }
}
