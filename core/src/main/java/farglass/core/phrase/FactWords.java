package farglass.core.phrase;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.Position;
import farglass.core.fact.Body;
import farglass.core.fact.Certainty;
import farglass.core.fact.Drawing;
import farglass.core.fact.Fact;
import farglass.core.fact.FactCases;
import farglass.core.fact.Grip;
import farglass.core.fact.Link;
import farglass.core.fact.Mistake;
import farglass.core.fact.PartState;
import farglass.core.fact.Purpose;
import farglass.core.fact.Remark;
import farglass.core.fact.Ruling;
import farglass.core.fact.Span;
import farglass.core.fact.Strike;
import farglass.core.laterality.Laterality;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import java.util.ArrayList;
import java.util.List;

/**
 * A fact beyond the story as a part of its moment's sentence: "left hand on Juno's right sleeve, deep", "opens Juno's back", "because of the
 * frame". Whose a part is, is said where it is not the actor's own.
 */
record FactWords(Moment moment, Bout bout, Lexicon lexicon) implements FactCases<String> {
    private static String words(Enum<?> value) {
        return Spelling.of(value).replace('-', ' ');
    }

    private static String quoted(String words) {
        return "\u201c" + words + "\u201d";
    }

    private String name(Seat seat) {
        return AthleteWords.firstName(bout, seat);
    }

    private String whose(Seat seat) {
        return moment.actor().filter(actor -> actor == seat).isPresent() ? "own " : name(seat) + "\u2019s ";
    }

    /** A part of the other one, or of the actor where that must be said. */
    private String part(Part part) {
        return whose(part.owner()) + bare(part);
    }

    private static String bare(Part part) {
        return part.side().map(side -> side.label() + " ").orElse("") + words(part.kind());
    }

    /** "Own" is whoever holds, where that is the one who acts; else both are named. */
    private String held(Part holder, Part target) {
        boolean own = moment.actor().filter(actor -> actor == holder.owner()).isPresent();
        return own ? part(target) : name(target.owner()) + "\u2019s " + bare(target);
    }

    /** Of the actor's own part it goes without saying whose it is. */
    private String holder(Part part) {
        return moment.actor().filter(actor -> actor == part.owner()).isPresent() ? bare(part) : part(part);
    }

    @Override
    public String from(Fact.From fact) {
        return "from " + Words.inSentence(AthleteWords.settled(fact.settled(), bout, lexicon));
    }

    @Override
    public String effect(Fact.Effect fact) {
        return (fact.cost() ? "cost: " : "gain: ")
                + words(fact.gain())
                + (fact.words().isBlank() ? "" : " " + quoted(fact.words()));
    }

    @Override
    public String passed(Fact.Passed fact) {
        return fact.side().map(Side::label).orElse("both sides") + " passed to the " + words(fact.reached()) + " line"
                + fact.kept().map(kept -> ", kept the " + words(kept) + " line").orElse("");
    }

    @Override
    public String condition(Fact.Condition fact) {
        return quoted(fact.words()) + " " + words(fact.met())
                + fact.by().map(by -> " by " + name(by)).orElse("");
    }

    @Override
    public String travel(Fact.Travel fact) {
        return "going to own " + fact.to().label();
    }

    @Override
    public String leadLeg(Fact.LeadLeg fact) {
        return fact.side().label() + " leg leading";
    }

    @Override
    public String headSide(Fact.HeadSide fact) {
        OwnedSide at = fact.at();
        return "head on " + whose(at.owner()) + at.side().label();
    }

    @Override
    public String limbOn(Fact.LimbOn fact) {
        return holder(fact.by()) + " on " + held(fact.by(), fact.on());
    }

    @Override
    public String grip(Grip fact) {
        List<String> more = new ArrayList<>();
        fact.firmness().ifPresent(firm -> more.add(words(firm)));
        fact.ways().forEach(way -> more.add(words(way)));
        if (fact.untilMicros().isPresent()) {
            more.add("until " + Times.exact(fact.untilMicros().getAsLong()));
        }
        fact.ended().ifPresent(end -> more.add(words(end)));
        fact.swappedFor().ifPresent(other -> more.add("for " + quoted(other)));
        fact.why().ifPresent(why -> more.add("because " + quoted(why)));
        fact.purpose().ifPresent(purpose -> more.add("for " + quoted(purpose)));
        fact.ideal().ifPresent(ideal -> more.add("best would be " + quoted(ideal)));
        return holder(fact.holder()) + " on " + held(fact.holder(), fact.target())
                + (more.isEmpty() ? "" : ", " + String.join(", ", more)) + relation(fact);
    }

    /** Same side or cross is worked out, never typed; where the position does not settle how they face, nothing is said. */
    private String relation(Grip grip) {
        return moment.settled()
                .map(Settled::position)
                .or(() -> moment.telling().facts(Fact.From.class).findFirst().map(from -> from.settled()
                        .position()))
                .flatMap(lexicon::position)
                .flatMap(Position::facing)
                .flatMap(facing -> Laterality.grip(grip.holder(), grip.target(), facing))
                .map(relation -> relation == Laterality.Relation.CROSS ? " (cross)" : " (same side)")
                .orElse("");
    }

    @Override
    public String strike(Strike fact) {
        return "%s with the %s to the %s, %s"
                .formatted(fact.kind(), bare(fact.by()), fact.target(), words(fact.contact()));
    }

    @Override
    public String range(Fact.Range fact) {
        return fact.steps() + " steps apart";
    }

    @Override
    public String body(Body fact) {
        boolean own = fact.of().isEmpty() || fact.of().equals(moment.actor());
        // "Juno lies flat", but "Juno's hips square"; of who acts it goes without saying.
        String who = own ? "" : name(fact.of().orElseThrow()) + " ";
        String whose = own ? "" : whose(fact.of().orElseThrow());
        return switch (fact.what()) {
            case LIES -> who + "lies " + (fact.value().equals("flat") ? "flat" : "on the " + fact.value() + " side");
            case TIPPED -> who + "tipped " + fact.value();
            case FOOT, LEADS -> whose + "lead foot " + fact.value();
            default -> whose + fact.what().label() + " " + fact.value();
        };
    }

    @Override
    public String link(Link fact) {
        String named = bout.moment(fact.moment())
                .filter(found -> fact.bout().isEmpty())
                .map(found -> Words.inSentence(found.deed().match(new DeedWords(lexicon))))
                .orElse(fact.moment() + fact.bout().map(other -> " in " + other).orElse(""));
        return words(fact.tie()) + " " + named
                + fact.changed().map(changed -> " (" + changed + ")").orElse("");
    }

    @Override
    public String could(Fact.Could fact) {
        return "could: " + quoted(fact.words());
    }

    @Override
    public String mistake(Mistake fact) {
        List<String> parts = new ArrayList<>();
        parts.add("mistake " + quoted(fact.code()));
        fact.made().filter(made -> made == Mistake.Made.OMITTED).ifPresent(made -> parts.add("by leaving it undone"));
        fact.punished()
                .ifPresent(how -> parts.add(
                        how == Mistake.Punished.NO
                                ? "unpunished"
                                : how == Mistake.Punished.LUCKY ? "lucky" : words(how) + " punished"));
        fact.by().ifPresent(id -> parts.add("by " + named(id)));
        fact.at().ifPresent(level -> parts.add("would be at " + words(level)));
        fact.better().ifPresent(better -> parts.add("better: " + quoted(better)));
        fact.forWhom().ifPresent(whom -> parts.add("for " + quoted(whom)));
        fact.see().ifPresent(see -> parts.add("see " + quoted(see)));
        return String.join(", ", parts);
    }

    private String named(String id) {
        return bout.moment(id)
                .map(found -> Words.inSentence(found.deed().match(new DeedWords(lexicon))))
                .orElse(id);
    }

    @Override
    public String well(Fact.Well fact) {
        return "well done: " + quoted(fact.words());
    }

    @Override
    public String principle(Fact.Principle fact) {
        return (fact.obeyed() ? "obeys " : "breaks ")
                + quoted(fact.words())
                + fact.within().map(where -> " in " + quoted(where)).orElse("");
    }

    @Override
    public String struck(Fact.Struck fact) {
        return "struck from %s because %s".formatted(quoted(fact.figure()), quoted(fact.why()));
    }

    @Override
    public String planStep(Fact.PlanStep fact) {
        return "plan: " + quoted(fact.words())
                + fact.came().map(came -> ", " + words(came)).orElse("");
    }

    @Override
    public String remark(Remark fact) {
        return words(fact.about()) + ": " + quoted(fact.words());
    }

    @Override
    public String drawing(Drawing fact) {
        return switch (fact.shape()) {
            case ARROW -> "with an arrow drawn";
            case RING -> "with a ring drawn";
            case LINE -> "with a limb line drawn";
        };
    }

    @Override
    public String inLayer(Fact.InLayer fact) {
        return "seen for " + words(fact.layer());
    }

    @Override
    public String coder(Fact.Coder fact) {
        return "told by " + fact.name();
    }

    @Override
    public String about(Fact.About fact) {
        return words(fact.field())
                + fact.certainty().map(sure -> " " + words(sure)).orElse("")
                + fact.source().map(source -> " " + words(source)).orElse("");
    }

    @Override
    public String unknown(Fact.Unknown fact) {
        return words(fact.field()) + " cannot be told";
    }

    @Override
    public String rival(Fact.Rival fact) {
        return "%s or %s by %s".formatted(words(fact.field()), quoted(fact.reading()), fact.by());
    }

    @Override
    public String partState(PartState fact) {
        String how =
                switch (fact.how()) {
                    case ON, OFF, NEAR -> words(fact.how()) + " ";
                    case FAR -> "far from ";
                    default -> words(fact.how());
                };
        return holder(fact.part()) + " "
                + (how
                                + fact.to().map(this::part).orElse("")
                                + fact.ground()
                                        .map(ground -> "the " + words(ground))
                                        .orElse(""))
                        .strip();
    }

    @Override
    public String why(Purpose.Why fact) {
        String what = fact.moment()
                .map(id -> "the " + named(id) + (fact.words().isBlank() ? "" : " (" + fact.words() + ")"))
                .orElseGet(() -> quoted(fact.words()));
        return switch (fact.how()) {
            case FOR -> "for " + what;
            case AIMED_AT -> "aimed at " + what;
            case FEINT_FOR -> "a feint for " + what;
            case CUE -> "on seeing " + what;
            case WAITED_FOR -> "having waited for " + what;
            case EXPECTED -> "expecting " + what;
            case BECAUSE -> "because of " + what;
            case INSTEAD_OF -> "instead of " + what;
            case AVOIDS -> "to avoid " + what;
            case SEE -> "see " + what;
        };
    }

    @Override
    public String theirs(Purpose.Theirs fact) {
        return words(fact.leave())
                + moment.actor().map(actor -> " by " + name(actor.other())).orElse(" by the other");
    }

    @Override
    public String opened(Purpose.Opened fact) {
        return (fact.opens() ? "opens " : "closes ")
                + fact.part().map(this::part).orElseGet(() -> quoted(fact.words()));
    }

    @Override
    public String branch(Purpose.Branch fact) {
        return "told: if %s does %s, then %s".formatted(name(fact.who()), quoted(fact.does()), quoted(fact.then()));
    }

    @Override
    public String until(Span.Until fact) {
        return "until " + Times.exact(fact.micros());
    }

    @Override
    public String times(Span.Times fact) {
        return fact.count().isPresent() ? fact.count().getAsInt() + " times" : "several times";
    }

    @Override
    public String backTo(Span.BackTo fact) {
        return "back to the "
                + fact.line()
                        .map(line -> words(line) + " line")
                        .or(() -> fact.stage().map(stage -> "stage " + words(stage)))
                        .orElseThrow();
    }

    @Override
    public String disputed(Ruling.Disputed fact) {
        return "disputed"
                + fact.by().map(by -> " by " + name(by)).orElse("")
                + (fact.why().isBlank() ? "" : " " + quoted(fact.why()))
                + fact.gained().map(who -> ", to the gain of " + name(who)).orElse("");
    }

    @Override
    public String illegal(Ruling.Illegal fact) {
        return "held to be illegal: " + quoted(fact.what())
                + (fact.seen() == Certainty.SURE ? "" : ", " + words(fact.seen()));
    }
}
