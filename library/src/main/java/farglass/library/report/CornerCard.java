package farglass.library.report;

import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.library.exchange.Destination;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The plan on one page for the corner: what we do, what we do when it is stopped, what to stay out of. No odds: at the
 * mat's edge a number is read as a promise.
 */
public final class CornerCard {
    private final GamePlan plan;
    private final Study study;
    private final String ours;
    private final String opponent;
    private final Lexicon lexicon;

    public CornerCard(GamePlan plan, Study study, String ours, String opponent, Lexicon lexicon) {
        this.plan = plan;
        this.study = study;
        this.ours = ours;
        this.opponent = opponent;
        this.lexicon = lexicon;
    }

    /** {@return the card as one HTML page that needs no other file} */
    public String html() {
        StringBuilder body = new StringBuilder();
        body.append("<h1>")
                .append(Paper.escaped(ours))
                .append(" against ")
                .append(Paper.escaped(opponent))
                .append("</h1>");
        study.camp().ifPresent(camp -> body.append("<p class=\"when\">")
                .append(Paper.escaped(when(camp)))
                .append("</p>"));
        body.append("<h2>What we do</h2>");
        if (plan.steps().isEmpty()) {
            body.append("<p>No step has been written yet.</p>");
        }
        body.append("<ol>");
        plan.steps().forEach(step -> append(step, body));
        body.append("</ol>");
        if (!plan.stayOuts().isEmpty()) {
            body.append("<h2>Stay out of</h2><ul>");
            for (StayOut stayOut : plan.stayOuts()) {
                body.append("<li><b>")
                        .append(Paper.escaped(words(stayOut.where())))
                        .append("</b>");
                if (!stayOut.why().isBlank()) {
                    body.append(" \u2013 ").append(Paper.escaped(stayOut.why()));
                }
                body.append("</li>");
            }
            body.append("</ul>");
        }
        cautions(plan, lexicon).forEach(caution -> body.append("<p class=\"caution\">")
                .append(Paper.escaped(caution))
                .append("</p>"));
        body.append(
                "<p class=\"caution\">The event\u2019s own rules decide what is allowed for age, belt and uniform.</p>");
        return """
                <!DOCTYPE html>
                <html lang="en"><head><meta charset="UTF-8"/><title>%s</title><style>
                @page { size: A5; margin: 14mm }
                body { font-family: 'Source Sans 3', sans-serif; font-size: 11pt; color: #22262b; max-width: 130mm }
                h1 { font-family: 'Source Serif 4', serif; font-size: 18pt; font-weight: 600; margin: 0 }
                h2 { font-size: 11pt; margin: 5mm 0 1mm; border-bottom: 0.3mm solid #22262b; padding-bottom: 1mm }
                .when { margin: 1mm 0 0; color: #5d5a52 }
                ol, ul { margin: 0; padding-left: 6mm } li { margin: 1.5mm 0 }
                table { border-collapse: collapse; margin-top: 0.5mm } td { padding: 0.3mm 3mm 0.3mm 0; vertical-align: top }
                .caution { font-size: 8pt; color: #5d5a52; margin: 2mm 0 0 }
                </style></head><body>%s</body></html>
                """
                .formatted(Paper.escaped(ours + " against " + opponent), body);
    }

    private static String when(Camp camp) {
        return "%s, %s, %s, %s"
                .formatted(
                        camp.event(),
                        camp.date(),
                        camp.uniform().label(),
                        camp.ruleset().replace('-', ' '));
    }

    private void append(PlanStep step, StringBuilder body) {
        body.append("<li>").append(Paper.escaped(words(step.situation()))).append(": <b>");
        body.append(Paper.escaped(words(step.choice()))).append("</b>");
        if (!step.fallbacks().isEmpty()) {
            body.append("<table>");
            for (Fallback fallback : step.fallbacks()) {
                body.append("<tr><td>if ")
                        .append(Paper.escaped(words(fallback.answer())))
                        .append("</td><td><b>")
                        .append(Paper.escaped(words(fallback.then())))
                        .append("</b></td></tr>");
            }
            body.append("</table>");
        }
        body.append("</li>");
    }

    /** A key of the lexicon is shown as its label, anything else as it was written. */
    private String words(String written) {
        return lexicon.position(written)
                .map(Term.class::cast)
                .or(() -> lexicon.technique(written))
                .map(Term::label)
                .orElse(written);
    }

    /** {@return what to say before anyone drills what the plan names, wherever in its words} */
    public static List<String> cautions(GamePlan plan, Lexicon lexicon) {
        String all = plan.steps().stream()
                .flatMap(step -> Stream.concat(
                        Stream.of(step.choice()), step.fallbacks().stream().map(Fallback::then)))
                .collect(Collectors.joining(" | "));
        return lexicon.techniques().stream()
                .filter(technique -> technique.caution().isPresent())
                .filter(technique -> Stream.concat(
                                Stream.of(technique.key(), technique.label()), technique.names().all().stream())
                        .anyMatch(words -> Words.holds(all, words)))
                .map(technique -> technique.label() + ": " + technique.caution().orElseThrow())
                .toList();
    }

    public void writeHtml(Destination target) {
        new Paper(html(), "corner card").writeHtml(target);
    }

    public void writePdf(Destination target) {
        new Paper(html(), "corner card").writePdf(target);
    }
}
