package farglass.core.notation;

import static farglass.core.notation.Quoting.quoted;
import static farglass.core.notation.Quoting.words;

import farglass.core.Spelling;
import farglass.core.bout.Times;
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
import farglass.core.fact.Tie;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes a fact as a field of its moment's line. */
final class FactPrinter implements FactCases<String> {
    private static final FactPrinter PRINTER = new FactPrinter();

    private FactPrinter() {}

    static String field(Fact fact) {
        return fact.match(PRINTER);
    }

    @Override
    public String from(Fact.From fact) {
        return "from " + settled(fact.settled());
    }

    @Override
    public String effect(Fact.Effect fact) {
        return (fact.cost() ? "cost " : "effect ")
                + Spelling.of(fact.gain())
                + (fact.words().isBlank() ? "" : " " + quoted(fact.words()));
    }

    @Override
    public String passed(Fact.Passed fact) {
        return "passed " + fact.side().map(side -> Spelling.of(side) + " ").orElse("") + Spelling.of(fact.reached())
                + fact.kept().map(kept -> " kept " + Spelling.of(kept)).orElse("");
    }

    @Override
    public String condition(Fact.Condition fact) {
        return "condition " + Spelling.of(fact.met()) + " " + quoted(fact.words())
                + fact.by().map(by -> " by " + by).orElse("");
    }

    @Override
    public String travel(Fact.Travel fact) {
        return "travel " + Spelling.of(fact.to());
    }

    @Override
    public String leadLeg(Fact.LeadLeg fact) {
        return "lead " + Spelling.of(fact.side());
    }

    @Override
    public String headSide(Fact.HeadSide fact) {
        return "head " + side(fact.at());
    }

    @Override
    public String limbOn(Fact.LimbOn fact) {
        return "limb " + part(fact.by()) + " on " + part(fact.on());
    }

    @Override
    public String grip(Grip fact) {
        return lane(fact);
    }

    @Override
    public String strike(Strike fact) {
        return "strike " + part(fact.by()) + " " + quoted(fact.kind()) + " " + quoted(fact.target()) + " "
                + Spelling.of(fact.contact());
    }

    @Override
    public String range(Fact.Range fact) {
        return "range " + fact.steps();
    }

    @Override
    public String body(Body fact) {
        String value = fact.what().words().isEmpty() ? quoted(fact.value()) : fact.value();
        return "body " + fact.of().map(Seat::name).orElse("-") + " " + Spelling.of(fact.what()) + " " + value;
    }

    @Override
    public String link(Link fact) {
        return Spelling.of(fact.tie()) + " " + words(fact.moment())
                + fact.bout().map(bout -> ", in " + words(bout)).orElse("")
                + fact.changed()
                        .map(changed -> (fact.tie() == Tie.OUT_OF ? ", why " : ", changed ") + quoted(changed))
                        .orElse("");
    }

    @Override
    public String could(Fact.Could fact) {
        return "could " + quoted(fact.words());
    }

    @Override
    public String mistake(Mistake fact) {
        return judged(fact);
    }

    @Override
    public String well(Fact.Well fact) {
        return "well " + quoted(fact.words());
    }

    @Override
    public String principle(Fact.Principle fact) {
        return (fact.obeyed() ? "obeys " : "breaks ")
                + quoted(fact.words())
                + fact.within().map(where -> " in " + quoted(where)).orElse("");
    }

    @Override
    public String struck(Fact.Struck fact) {
        return "struck " + quoted(fact.figure()) + " because " + quoted(fact.why());
    }

    @Override
    public String planStep(Fact.PlanStep fact) {
        return "plan " + quoted(fact.words())
                + fact.came().map(came -> ", " + Spelling.of(came)).orElse("");
    }

    @Override
    public String remark(Remark fact) {
        return Spelling.of(fact.about()) + " " + quoted(fact.words());
    }

    @Override
    public String drawing(Drawing fact) {
        return "draw " + Spelling.of(fact.shape())
                + fact.corners().stream().map(at -> " " + at).collect(Collectors.joining());
    }

    @Override
    public String inLayer(Fact.InLayer fact) {
        return "layer " + Spelling.of(fact.layer());
    }

    @Override
    public String coder(Fact.Coder fact) {
        return "coder " + quoted(fact.name());
    }

    @Override
    public String about(Fact.About fact) {
        return "about " + Spelling.of(fact.field())
                + fact.certainty().map(sure -> " " + Spelling.of(sure)).orElse("")
                + fact.source().map(source -> " " + Spelling.of(source)).orElse("");
    }

    @Override
    public String unknown(Fact.Unknown fact) {
        return "unknown " + Spelling.of(fact.field());
    }

    @Override
    public String rival(Fact.Rival fact) {
        return "or " + Spelling.of(fact.field()) + " " + quoted(fact.reading()) + " by " + quoted(fact.by());
    }

    @Override
    public String partState(PartState fact) {
        return "part " + part(fact.part()) + " " + Spelling.of(fact.how())
                + fact.to().map(to -> " " + part(to)).orElse("")
                + fact.ground().map(ground -> " " + Spelling.of(ground)).orElse("");
    }

    @Override
    public String why(Purpose.Why fact) {
        // An id in quotes would be read as words.
        String words = fact.words().isBlank() ? "" : quoted(fact.words());
        return Spelling.of(fact.how())
                + fact.moment()
                        .map(id ->
                                (words(id).startsWith("\"") ? " at " : " ") + words(id) + (words.isEmpty() ? "" : ","))
                        .orElse("")
                + (words.isEmpty() ? "" : " " + words);
    }

    @Override
    public String theirs(Purpose.Theirs fact) {
        return "theirs " + Spelling.of(fact.leave());
    }

    @Override
    public String opened(Purpose.Opened fact) {
        return (fact.opens() ? "opens " : "closes ")
                + fact.part().map(FactPrinter::part).orElseGet(() -> quoted(fact.words()));
    }

    @Override
    public String branch(Purpose.Branch fact) {
        return "if " + fact.who() + " " + quoted(fact.does()) + " then " + quoted(fact.then());
    }

    @Override
    public String until(Span.Until fact) {
        return "until " + Times.exact(fact.micros());
    }

    @Override
    public String times(Span.Times fact) {
        return "times "
                + (fact.count().isPresent() ? Integer.toString(fact.count().getAsInt()) : "several");
    }

    @Override
    public String backTo(Span.BackTo fact) {
        return "back-to "
                + fact.line()
                        .map(Spelling::of)
                        .or(() -> fact.stage().map(Spelling::of))
                        .orElseThrow();
    }

    @Override
    public String disputed(Ruling.Disputed fact) {
        return "disputed" + fact.by().map(by -> " by " + by).orElse("")
                + (fact.why().isBlank() ? "" : " " + quoted(fact.why()))
                + fact.gained().map(who -> ", gained " + who).orElse("");
    }

    @Override
    public String illegal(Ruling.Illegal fact) {
        return "illegal " + quoted(fact.what())
                + (fact.seen() == Certainty.SURE ? "" : ", " + Spelling.of(fact.seen()));
    }

    private static String side(OwnedSide side) {
        return side.owner() + " " + Spelling.of(side.side());
    }

    private static String part(Part part) {
        return part.owner() + " "
                + part.side().map(side -> Spelling.of(side) + " ").orElse("") + Spelling.of(part.kind());
    }

    private static String lane(Grip grip) {
        StringBuilder out = new StringBuilder("grip ")
                .append(part(grip.holder()))
                .append(" on ")
                .append(part(grip.target()));
        grip.firmness().ifPresent(firm -> out.append(", ").append(Spelling.of(firm)));
        grip.ways().forEach(way -> out.append(", ").append(Spelling.of(way)));
        if (grip.untilMicros().isPresent()) {
            out.append(", until ").append(Times.exact(grip.untilMicros().getAsLong()));
        }
        grip.ended().ifPresent(ended -> out.append(", ").append(Spelling.of(ended)));
        more(out, "swap", grip.swappedFor());
        more(out, "why", grip.why());
        more(out, "for", grip.purpose());
        more(out, "ideal", grip.ideal());
        return out.toString();
    }

    private static String judged(Mistake mistake) {
        StringBuilder out = new StringBuilder("mistake ").append(quoted(mistake.code()));
        mistake.made().ifPresent(made -> out.append(", ").append(Spelling.of(made)));
        mistake.punished().ifPresent(how -> out.append(", punished ").append(Spelling.of(how)));
        mistake.by().ifPresent(id -> out.append(", by ").append(words(id)));
        mistake.at().ifPresent(level -> out.append(", at ").append(Spelling.of(level)));
        more(out, "better", mistake.better());
        more(out, "for", mistake.forWhom());
        more(out, "see", mistake.see());
        return out.toString();
    }

    private static void more(StringBuilder out, String key, Optional<String> words) {
        words.ifPresent(said -> out.append(", ").append(key).append(' ').append(quoted(said)));
    }

    static String settled(Settled settled) {
        return settled.position()
                + settled.top().map(seat -> ", " + seat + " on top").orElse("")
                + settled.side()
                        .map(side -> ", " + side.owner() + " " + Spelling.of(side.side()))
                        .orElse("")
                + settled.passing().map(seat -> ", " + seat + " passing").orElse("")
                + (settled.workedOut() ? ", worked out" : "");
    }
}
