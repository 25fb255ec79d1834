package farglass.core.scribe;

import farglass.core.bout.Deed;
import farglass.core.bout.Telling;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.scribe.typed.ActorWords;
import farglass.core.scribe.typed.LinkTargets;
import farglass.core.scribe.typed.TypedDetails;
import farglass.core.scribe.typed.TypedFields;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * What becomes of one line while it is read: where it is typed, what its fields tell already, and what is remarked on the way.
 */
final class ReadingDraft {
    final LinePlace place;
    final Lexicon lexicon;
    final Expectation expectation;
    final TypedFields fields;
    final ActorWords actors;
    private final LinkTargets links;
    private final List<String> remarks = new ArrayList<>();

    ReadingDraft(TypedFields fields, LinePlace place, Lexicon lexicon, Expectation expectation) {
        this.fields = fields;
        this.place = place;
        this.lexicon = lexicon;
        this.expectation = expectation;
        this.actors = place.actors();
        this.links = new LinkTargets(place.bout(), place.answerable(), place.before());
    }

    /** {@return the same line, of which nothing was remarked yet} */
    ReadingDraft afresh() {
        return new ReadingDraft(fields, place, lexicon, expectation);
    }

    /** Tells a person that before it is saved. */
    void remark(String sentence) {
        remarks.add(sentence);
    }

    /** {@return what the fields tell, with these words besides} */
    Telling told(TypedDetails details, Optional<Seat> actor, Optional<Technique> technique) {
        return details.in(fields.telling(), actor, technique, links, remarks);
    }

    /** {@return the reading that saves this, with all that was remarked} */
    Reading reading(Proposal proposal, Optional<Naming.How> how, Supplier<List<Reading.Alternative>> offers) {
        return new Reading(proposal, how, remarks, offers);
    }

    /** {@return the reading that saves this and leaves nothing to be asked} */
    Reading reading(Optional<Seat> actor, Deed deed, Telling told) {
        return reading(new Proposal(actor, deed, fields.settled(), told), Optional.empty(), List::of);
    }

    /** The words as they stand: an unnamed moment, which can be named everywhere at once later. */
    Reading kept(
            String words,
            Optional<Seat> actor,
            TypedDetails details,
            Supplier<List<Reading.Alternative>> offers,
            boolean unclear,
            Optional<String> kind) {
        String phrase = String.join(
                "; ", Stream.concat(Stream.of(words), fields.unread().stream()).toList());
        remark(
                unclear
                        ? "“%s” can mean several things here. Choose one, or Enter keeps the words."
                                .formatted(shortened(phrase))
                        : "“%s” names nothing here. Enter keeps the words as they stand%s."
                                .formatted(
                                        shortened(phrase),
                                        kind.flatMap(lexicon::technique)
                                                .map(general -> ", counted as "
                                                        + general.kind().label())
                                                .orElse("")));
        Telling told = told(details, actor, kind.flatMap(lexicon::technique));
        return reading(
                new Proposal(actor, new Deed.Unnamed(phrase, kind), fields.settled(), told), Optional.empty(), offers);
    }

    private static String shortened(String phrase) {
        return phrase.length() <= 80 ? phrase : phrase.substring(0, 80) + "…";
    }
}
