package farglass.core.phrase;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Tie;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.OwnedSide;
import java.util.ArrayList;
import java.util.List;

/** A moment in words, for people to read. */
public final class Phrase {
    private Phrase() {}

    /** {@return what happened, without who and when: "Knee cut, left leg, nearly, knee line"} */
    public static String of(Moment moment, Bout bout, Lexicon lexicon) {
        List<String> parts = new ArrayList<>();
        parts.add(moment.deed().match(new DeedWords(lexicon)));
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
                .filter(fact -> !fact.ties(Tie.ANSWERS))
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

    private static String side(OwnedSide side, Moment moment, Bout bout, Lexicon lexicon) {
        SideRule rule = moment.technique()
                .flatMap(lexicon::technique)
                .map(Technique::sideRule)
                .orElse(SideRule.NONE);
        if (rule.isDirection()) {
            return "to own " + side.side().label();
        }
        boolean own = moment.actor().filter(side.owner()::equals).isPresent();
        String whose = own ? "own " : AthleteWords.firstName(bout, side.owner()) + "\u2019s ";
        return whose + rule.phrase(side.side().label());
    }

    /** {@return who did what: "Juno: frame, shown"; what nobody is named for, alone} */
    public static String told(Moment moment, Bout bout, Lexicon lexicon) {
        String words = of(moment, bout, lexicon);
        return moment.actor()
                .map(actor -> AthleteWords.firstName(bout, actor) + ": " + inSentence(words))
                .orElse(words);
    }

    /** {@return what somebody did, within a sentence: "Juno\u2019s frame, shown"} */
    public static String named(Moment moment, Bout bout, Lexicon lexicon) {
        return moment.actor()
                        .map(actor -> AthleteWords.firstName(bout, actor) + "\u2019s ")
                        .orElse("")
                + inSentence(of(moment, bout, lexicon));
    }

    /** What comes first is a label; behind the comma athletes may be named. */
    private static String inSentence(String words) {
        int comma = words.indexOf(", ");
        return comma < 0
                ? Words.inSentence(words)
                : Words.inSentence(words.substring(0, comma)) + words.substring(comma);
    }
}
