package farglass.desktop.tag;

import farglass.core.Spelling;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.state.Finding;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What of the open bout does not fit together, or is unusual; and that it can be so after all. */
public final class Doubts {
    private final OpenBout open;

    Doubts(OpenBout open) {
        this.open = open;
    }

    /** {@return what there is to look at of that moment} */
    public List<Finding> of(Moment moment) {
        return open.timeline().map(known -> known.findings()).orElse(List.of()).stream()
                .filter(finding -> finding.moments().contains(moment.id()))
                .toList();
    }

    /** {@return the sentences about that moment, each athlete's and moment's id left out where it is this one; empty for most} */
    public String sentence(Moment moment) {
        return of(moment).stream()
                .map(finding -> finding.sentence().replaceFirst("^[^:]{1,200}: ", ""))
                .collect(Collectors.joining(" "));
    }

    /** Notes in the library's own words that what the chosen moment tells can start where it did. */
    public void canStartHere() {
        Optional<Finding.CanStart> can = open.selected().flatMap(moment -> of(moment).stream()
                .flatMap(finding -> finding.canStart().stream())
                .findFirst());
        if (can.isEmpty()) {
            open.desk().messages().say("Choose a moment that is called unusual first.");
            return;
        }
        Lexicon lexicon = open.desk().lexicon();
        String place = can.get().start().positions().iterator().next();
        String what = "%s can start from %s"
                .formatted(lexicon.label(can.get().technique()), Words.inSentence(lexicon.label(place)));
        // A row of its own for each place, so that one can be taken back without the others.
        String key = "starts %s %s %s"
                .formatted(
                        can.get().technique(),
                        place,
                        Spelling.of(can.get().start().role()));
        open.desk()
                .change(
                        "Note that " + what,
                        new Change.OfTerm(
                                key,
                                open.desk().contents().words().text(key),
                                Optional.of(Lexicon.stanza(
                                        can.get().technique(), can.get().start()))))
                .thenAccept(act ->
                        open.desk().messages().say(what + ": noted in this library's words. Ctrl+Z takes it back."));
    }
}
