package farglass.core.notation;

import static farglass.core.notation.Cursor.spelled;
import static farglass.core.notation.Quoting.quoted;
import static farglass.core.notation.Quoting.words;

import farglass.core.bout.Fact;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Part;
import farglass.core.bout.Seat;
import farglass.core.bout.Times;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes a fact as a field of its moment's line. */
final class FactPrinter {
    private FactPrinter() {}

    static String field(Fact fact) {
        if (fact instanceof Fact.From from) {
            return "from " + MomentPrinter.settled(from.settled());
        } else if (fact instanceof Fact.Effect effect) {
            return (effect.cost() ? "cost " : "effect ")
                    + spelled(effect.gain())
                    + (effect.words().isBlank() ? "" : " " + quoted(effect.words()));
        } else if (fact instanceof Fact.Passed passed) {
            return "passed " + passed.side().map(side -> spelled(side) + " ").orElse("") + spelled(passed.reached())
                    + passed.kept().map(kept -> " kept " + spelled(kept)).orElse("");
        } else if (fact instanceof Fact.Condition condition) {
            return "condition " + spelled(condition.met()) + " " + quoted(condition.words());
        } else if (fact instanceof Fact.Travel travel) {
            return "travel " + spelled(travel.to());
        } else if (fact instanceof Fact.LeadLeg lead) {
            return "lead " + spelled(lead.side());
        } else if (fact instanceof Fact.HeadSide head) {
            return "head " + side(head.at());
        } else if (fact instanceof Fact.LimbOn limb) {
            return "limb " + part(limb.by()) + " on " + part(limb.on());
        } else if (fact instanceof Fact.Grip grip) {
            return grip(grip);
        } else if (fact instanceof Fact.Strike strike) {
            return "strike " + part(strike.by()) + " " + quoted(strike.kind()) + " " + quoted(strike.target()) + " "
                    + spelled(strike.contact());
        } else if (fact instanceof Fact.Range range) {
            return "range " + range.steps();
        } else if (fact instanceof Fact.Body body) {
            String value = body.what().words().isEmpty() ? quoted(body.value()) : body.value();
            return "body " + body.of().map(Seat::name).orElse("-") + " " + spelled(body.what()) + " " + value;
        } else if (fact instanceof Fact.Link link) {
            return spelled(link.tie()) + " " + words(link.moment())
                    + link.bout().map(bout -> ", in " + words(bout)).orElse("")
                    + link.changed()
                            .map(changed -> (link.tie() == Fact.Tie.OUT_OF ? ", why " : ", changed ") + quoted(changed))
                            .orElse("");
        }
        return judgement(fact);
    }

    /** What a person holds of a moment, as against what was done. */
    private static String judgement(Fact fact) {
        if (fact instanceof Fact.Could could) {
            return "could " + quoted(could.words());
        } else if (fact instanceof Fact.Mistake mistake) {
            return mistake(mistake);
        } else if (fact instanceof Fact.Well well) {
            return "well " + quoted(well.words());
        } else if (fact instanceof Fact.Principle principle) {
            return (principle.obeyed() ? "obeys " : "breaks ") + quoted(principle.words());
        } else if (fact instanceof Fact.Struck struck) {
            return "struck " + quoted(struck.figure()) + " because " + quoted(struck.why());
        } else if (fact instanceof Fact.PlanStep step) {
            return "plan " + quoted(step.words());
        } else if (fact instanceof Fact.Remark remark) {
            return spelled(remark.about()) + " " + quoted(remark.words());
        } else if (fact instanceof Fact.Drawing drawing) {
            return "draw " + spelled(drawing.shape())
                    + drawing.corners().stream().map(at -> " " + at).collect(Collectors.joining());
        } else if (fact instanceof Fact.InLayer in) {
            return "layer " + spelled(in.layer());
        } else if (fact instanceof Fact.Coder coder) {
            return "coder " + quoted(coder.name());
        } else if (fact instanceof Fact.About about) {
            return "about " + spelled(about.field())
                    + about.certainty().map(sure -> " " + spelled(sure)).orElse("")
                    + about.source().map(source -> " " + spelled(source)).orElse("");
        } else if (fact instanceof Fact.Unknown unknown) {
            return "unknown " + spelled(unknown.field());
        } else if (fact instanceof Fact.Rival rival) {
            return "or " + spelled(rival.field()) + " " + quoted(rival.reading()) + " by " + quoted(rival.by());
        }
        throw new IllegalStateException("No words for " + fact.getClass().getSimpleName());
    }

    private static String side(OwnedSide side) {
        return side.owner() + " " + spelled(side.side());
    }

    private static String part(Part part) {
        return part.owner() + " " + part.side().map(side -> spelled(side) + " ").orElse("") + spelled(part.kind());
    }

    private static String grip(Fact.Grip grip) {
        StringBuilder out = new StringBuilder("grip ")
                .append(part(grip.holder()))
                .append(" on ")
                .append(part(grip.target()));
        grip.firmness().ifPresent(firm -> out.append(", ").append(spelled(firm)));
        if (grip.untilMicros().isPresent()) {
            out.append(", until ").append(Times.exact(grip.untilMicros().getAsLong()));
        }
        grip.ended().ifPresent(ended -> out.append(", ").append(spelled(ended)));
        more(out, "swap", grip.swappedFor());
        more(out, "why", grip.why());
        more(out, "for", grip.purpose());
        more(out, "ideal", grip.ideal());
        return out.toString();
    }

    private static String mistake(Fact.Mistake mistake) {
        StringBuilder out = new StringBuilder("mistake ").append(quoted(mistake.code()));
        mistake.punished().ifPresent(how -> out.append(", punished ").append(spelled(how)));
        mistake.by().ifPresent(id -> out.append(", by ").append(words(id)));
        mistake.at().ifPresent(level -> out.append(", at ").append(spelled(level)));
        more(out, "better", mistake.better());
        more(out, "for", mistake.forWhom());
        more(out, "see", mistake.see());
        return out.toString();
    }

    private static void more(StringBuilder out, String key, Optional<String> words) {
        words.ifPresent(said -> out.append(", ").append(key).append(' ').append(quoted(said)));
    }
}
