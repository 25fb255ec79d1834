package farglass.core.scribe;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A moment in words, for people to read. */
public final class Phrase {
    private Phrase() {}

    /** {@return what happened, without who and when: "Knee cut, left leg, nearly, knee line"} */
    public static String of(Moment moment, Bout bout, Lexicon lexicon) {
        List<String> parts = new ArrayList<>();
        parts.add(deed(moment.deed(), lexicon));
        moment.telling().side().ifPresent(side -> parts.add(side(side, moment, bout, lexicon)));
        moment.telling()
                .became()
                // That it was shown is what naming it says already.
                .filter(became -> became != Became.SHOWN)
                .ifPresent(became -> parts.add(became.label().replace('-', ' ')));
        moment.telling()
                .line()
                .ifPresent(line -> parts.add(line.label() + (line.label().equals("past") ? "" : " line")));
        moment.telling().stage().ifPresent(stage -> parts.add(stage.label()));
        moment.telling().motive().ifPresent(motive -> parts.add(motive.label()));
        moment.telling().facts().stream()
                .filter(fact -> !(fact instanceof Fact.Link link && link.tie() == Fact.Tie.ANSWERS))
                .forEach(fact -> parts.add(fact.match(new FactWords(moment, bout, lexicon))));
        if (moment.telling().certainty() != Certainty.SURE) {
            parts.add(moment.telling().certainty().label());
        }
        if (moment.telling().confidential()) {
            parts.add("private");
        }
        return String.join(", ", parts);
    }

    /** {@return one fact as a part of its moment's sentence: "left hand on Juno\u2019s right sleeve, deep"} */
    public static String fact(Fact fact, Moment moment, Bout bout, Lexicon lexicon) {
        return fact.match(new FactWords(moment, bout, lexicon));
    }

    static String deed(Deed deed, Lexicon lexicon) {
        if (deed instanceof Deed.Did did) {
            return lexicon.label(did.technique());
        }
        if (deed instanceof Deed.Unnamed unnamed) {
            return "\u201c" + unnamed.words() + "\u201d"
                    + unnamed.kind()
                            .flatMap(lexicon::technique)
                            .map(kind -> " (" + kind.kind().label() + ")")
                            .orElse("");
        }
        if (deed instanceof Deed.Awarded awarded) {
            return award(awarded.award());
        }
        if (deed instanceof Deed.Stopped stopped) {
            return stopped.reason().isBlank() ? "Stopped" : "Stopped: " + stopped.reason();
        }
        if (deed instanceof Deed.Ruled ruled) {
            return "Ruled: " + Words.inSentence(award(ruled.award()));
        }
        if (deed instanceof Deed.Restarted restarted) {
            return "Restart"
                    + restarted
                            .resumed()
                            .map(how -> how == Deed.Resumed.SAME ? " as they were" : " standing")
                            .orElse("")
                    + (restarted.disputed() ? ", disputed" : "");
        }
        if (deed instanceof Deed.Instructed instructed) {
            return "Corner: \u201c" + instructed.words() + "\u201d"
                    + instructed.followed().map(came -> ", " + words(came)).orElse("");
        }
        return clock(deed);
    }

    private static String clock(Deed deed) {
        if (deed instanceof Deed.Began began) {
            return "Begins: " + words(began.period());
        }
        if (deed instanceof Deed.Ended ended) {
            return "Ends: " + words(ended.period());
        }
        if (deed instanceof Deed.ClockRead read) {
            return Times.exact(read.leftMicros()) + " left on the clock";
        }
        if (deed instanceof Deed.Timed timed) {
            return ("Timed to " + Times.exact(timed.toMicros()) + " " + timed.words()).strip();
        }
        if (deed instanceof Deed.Verdict verdict) {
            return ("Verdict " + verdict.words()).strip()
                    + verdict.score()
                            .map(score -> " " + score.a() + "\u2013" + score.b())
                            .orElse("");
        }
        return deed instanceof Deed.Reached ? "Settles" : "Mark";
    }

    private static String words(Enum<?> value) {
        return Fact.label(value).replace('-', ' ');
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

    private static String side(OwnedSide side, Moment moment, Bout bout, Lexicon lexicon) {
        SideRule rule = moment.technique()
                .flatMap(lexicon::technique)
                .map(Technique::sideRule)
                .orElse(SideRule.NONE);
        if (rule.isDirection()) {
            return "to own " + side.side().label();
        }
        boolean own = moment.actor().filter(side.owner()::equals).isPresent();
        String whose = own ? "own " : firstName(bout, side.owner()) + "\u2019s ";
        return whose + rule.phrase(side.side().label());
    }

    /** {@return where it settled: "Mount, Runa on top"} */
    public static String settled(Settled settled, Bout bout, Lexicon lexicon) {
        String position = lexicon.label(settled.position());
        return settled.top()
                .map(top -> "%s, %s on top".formatted(position, firstName(bout, top)))
                .or(() -> settled.passing().map(seat -> "%s, %s passing".formatted(position, firstName(bout, seat))))
                .orElse(position);
    }

    /** {@return the first word of the athlete's name; the whole name where both share it} */
    public static String firstName(Bout bout, Seat seat) {
        String own = first(bout.header().contestant(seat).name());
        String other = first(bout.header().contestant(seat.other()).name());
        return own.equals(other) ? bout.header().contestant(seat).name() : own;
    }

    private static String first(String name) {
        return name.strip().split("\\s+")[0];
    }

    /** {@return who did what: "Juno: frame, shown"; what nobody is named for, alone} */
    public static String told(Moment moment, Bout bout, Lexicon lexicon) {
        String words = of(moment, bout, lexicon);
        return moment.actor()
                .map(actor -> firstName(bout, actor) + ": " + inSentence(words))
                .orElse(words);
    }

    /** {@return what somebody did, within a sentence: "Juno\u2019s frame, shown"} */
    public static String named(Moment moment, Bout bout, Lexicon lexicon) {
        return moment.actor().map(actor -> firstName(bout, actor) + "\u2019s ").orElse("")
                + inSentence(of(moment, bout, lexicon));
    }

    /** What comes first is a label; behind the comma athletes may be named. */
    private static String inSentence(String words) {
        int comma = words.indexOf(", ");
        return comma < 0
                ? Words.inSentence(words)
                : Words.inSentence(words.substring(0, comma)) + words.substring(comma);
    }

    /** {@return who did it, in words} */
    public static String actor(Optional<Seat> actor, Bout bout) {
        return actor.map(seat -> firstName(bout, seat)).orElse("Nobody named");
    }
}
