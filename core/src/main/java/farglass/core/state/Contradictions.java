package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.Link;
import farglass.core.fact.Span;
import farglass.core.fact.Tie;
import farglass.core.laterality.Laterality;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What of a telling contradicts itself whatever the rules of the event: each with the ways to mend it, none of them taken. */
final class Contradictions {
    private final Bout bout;
    private final Lexicon lexicon;
    private final Map<String, Integer> places = new HashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private Contradictions(Bout bout, Lexicon lexicon) {
        this.bout = bout;
        this.lexicon = lexicon;
    }

    static List<Finding> in(Bout bout, Lexicon lexicon) {
        Contradictions found = new Contradictions(bout, lexicon);
        found.header();
        for (int i = 0; i < bout.moments().size(); i++) {
            found.moment(bout.moments().get(i), i);
        }
        return found.findings;
    }

    /** @param sentence the moment's id stands before it */
    private void find(String momentId, String sentence, Object... words) {
        findings.add(Finding.warning(
                momentId.isEmpty() ? List.of() : List.of(momentId),
                (momentId.isEmpty() ? "" : momentId + ": ") + sentence.formatted(words)));
    }

    private void find(List<String> moments, String sentence) {
        findings.add(Finding.warning(moments, sentence));
    }

    private void header() {
        List<Segment> segments = bout.header().footage().segments();
        for (int i = 0; i < segments.size(); i++) {
            for (int j = i + 1; j < segments.size(); j++) {
                Segment one = segments.get(i);
                Segment two = segments.get(j);
                if (one.fromMicros() < two.toMicros() && two.fromMicros() < one.toMicros()) {
                    find(
                            "",
                            "The %s from %s and the %s from %s overlap. Mend the times of one, or leave one out.",
                            one.kind().label(),
                            Times.exact(one.fromMicros()),
                            two.kind().label(),
                            Times.exact(two.fromMicros()));
                }
            }
        }
        bout.header().result().ifPresent(this::result);
    }

    private void result(Result result) {
        boolean whole = bout.header().whole() && !bout.header().footage().endsEarly();
        Optional<Moment> tap = bout.moments().stream()
                .filter(moment -> moment.telling().stage().equals(Optional.of(Stage.TAP)))
                .reduce((first, second) -> second);
        Optional<Moment> last = bout.moments().stream()
                .filter(moment -> moment.technique().isPresent())
                .reduce((first, second) -> second);
        // Who watched only a part of it, or stopped tagging before the end, has seen no tap and need not have.
        boolean endsInASubmission = last.flatMap(Moment::technique)
                .flatMap(lexicon::technique)
                .filter(technique -> technique.kind() == Kind.SUBMISSION)
                .isPresent();
        if (result.method() == Method.SUBMISSION && whole && tap.isEmpty() && endsInASubmission) {
            find(
                    last.get().id(),
                    "The official result is a submission, and this is the last one told, yet it has no tap. Add \"stage tap\" if it was the finish, or mend the result.");
        }
        if (result.method() == Method.SUBMISSION
                && tap.flatMap(Moment::actor).isPresent()
                && result.winner().isPresent()
                && !tap.flatMap(Moment::actor).equals(result.winner())) {
            find(
                    tap.get().id(),
                    "The official winner is %s, but the tap goes to %s. Mend who did it, or the result.",
                    name(result.winner().get()),
                    name(tap.flatMap(Moment::actor).get()));
        }
    }

    private String name(Seat seat) {
        return bout.header().contestant(seat).name();
    }

    private void moment(Moment moment, int place) {
        Telling telling = moment.telling();
        telling.facts(Link.class)
                .filter(link -> link.bout().isEmpty())
                .forEach(link -> tie(link, place(link.moment()) > place, moment));
        long begins = moment.atMicros().orElse(0);
        telling.facts(Grip.class)
                .filter(grip -> grip.untilMicros().orElse(begins) < begins)
                .forEach(grip -> find(moment.id(), "The grip ends before it begins. Mend one of the two times."));
        telling.facts(Span.Until.class)
                .filter(until -> until.micros() < begins)
                .forEach(until -> find(moment.id(), "It lasts until before it begins. Mend one of the two times."));
        telling.facts(Fact.Passed.class)
                .filter(passed -> passed.kept().orElse(passed.reached()).compareTo(passed.reached()) > 0)
                .forEach(passed ->
                        find(moment.id(), "More of the pass was kept than was reached. Mend one of the two lines."));
        moment.technique().flatMap(lexicon::technique).ifPresent(technique -> technique(technique, moment));
        if (moment.atMicros().isPresent()
                && !bout.header().footage().isLive(moment.atMicros().getAsLong())
                && !moment.deed().onlyTime()) {
            find(
                    moment.id(),
                    "It lies in a stretch that is not live, so it is not counted. Move it to the live instant, or mend the stretch.");
        }
        if (moment.deed().restart().filter(Deed.Restarted::disputed).isPresent()) {
            findings.add(new Finding(
                    Finding.Sort.NOTED,
                    List.of(moment.id()),
                    "%s: the restart was disputed; it is noted with where they were before and where it restarted."
                            .formatted(moment.id()),
                    Optional.empty()));
        }
        if (moment.deed()
                .timed()
                .filter(timed -> timed.toMicros() < moment.atMicros().orElse(0))
                .isPresent()) {
            find(moment.id(), "The stopwatch ends before it begins. Mend one of the two times.");
        }
    }

    private void tie(Link link, boolean later, Moment moment) {
        List<String> both = List.of(moment.id(), link.moment());
        switch (link.tie()) {
            case ANSWERS, CONTINUES, OUT_OF -> {
                if (later) {
                    find(
                            both,
                            "%s %s %s, which happens only later. Mend the link, or the time of one of the two."
                                    .formatted(moment.id(), verb(link.tie()), link.moment()));
                } else {
                    sameAthlete(link, moment, both);
                }
            }
            case CAUSES -> {
                if (!later) {
                    find(
                            both,
                            "%s causes %s, which happened before. Mend the link, or the time of one of the two."
                                    .formatted(moment.id(), link.moment()));
                }
            }
            default -> {}
        }
    }

    private static String verb(Tie tie) {
        return tie == Tie.ANSWERS ? "answers" : tie == Tie.CONTINUES ? "continues" : "grew out of";
    }

    /** One answers the other athlete, and continues one's own attempt. */
    private void sameAthlete(Link link, Moment moment, List<String> both) {
        int at = place(link.moment());
        Optional<Seat> earlier =
                at < 0 ? Optional.empty() : bout.moments().get(at).actor();
        boolean known = earlier.isPresent() && moment.actor().isPresent();
        boolean own = known && earlier.equals(moment.actor());
        if (link.tie() == Tie.ANSWERS && own) {
            find(
                    both,
                    "%s answers %s, and both are %s's. An answer belongs to a moment of the other one; write \"continues %s\" for the same try, or \"causes\" or \"retries\"."
                            .formatted(moment.id(), link.moment(), name(earlier.get()), link.moment()));
        } else if (link.tie() != Tie.ANSWERS && known && !own) {
            find(
                    both,
                    "%s %s %s, and the two are not by the same athlete. Write \"answers %s\", or mend who did it."
                            .formatted(moment.id(), verb(link.tie()), link.moment(), link.moment()));
        }
    }

    /** Made only where there are ties to look up: most bouts have few. */
    private int place(String id) {
        if (places.isEmpty()) {
            for (int i = 0; i < bout.moments().size(); i++) {
                places.put(bout.moments().get(i).id(), i);
            }
        }
        return places.getOrDefault(id, -1);
    }

    private void technique(Technique technique, Moment moment) {
        if (Laterality.contradicts(moment, technique)) {
            find(moment.id(), "The side told and the limbs told are not the same. Mend one of the two.");
        }
        // Any step of an attempt may carry the line or stage that the attempt has reached by then.
        if (moment.telling().tied(Tie.CONTINUES).findFirst().isEmpty()) {
            depth(technique, moment);
        }
    }

    private void depth(Technique technique, Moment moment) {
        if (moment.telling().line().isPresent() && !DepthRules.hasLines(technique)) {
            find(
                    moment.id(),
                    "%s is no pass, yet a line is told. Leave the line out, write which pass it continues, or mend the technique.",
                    technique.label());
        }
        moment.telling().stage().ifPresent(stage -> {
            if (!DepthRules.has(technique, stage)) {
                find(
                        moment.id(),
                        "%s has no stage \"%s\". Mend the stage, or the technique.",
                        technique.label(),
                        stage.label());
            }
        });
    }
}
