package farglass.core.scribe;

import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.scribe.typed.ActorWords;
import farglass.core.scribe.typed.LinkTargets;
import farglass.core.scribe.typed.TypedDetails;
import farglass.core.scribe.typed.TypedFields;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A moment changed by words.
 *
 * @param unread what tells nothing of a moment; where there is any, nothing should be changed
 */
public record Amended(Moment moment, List<String> unread) {
    public Amended {
        unread = List.copyOf(unread);
    }

    /** {@return the moment with what the text tells of it added} For changing many at once: an outcome, a side, another actor, a note. */
    public static Amended of(Moment moment, String text, LinePlace place, Lexicon lexicon) {
        Amended asItStands = by(moment, text, place, lexicon);
        return asItStands.unread().isEmpty()
                ? asItStands
                : moment.actor()
                        .flatMap(actor -> new SaidFacts(place, lexicon).onlyFields(text, actor))
                        .map(fields -> by(moment, fields, place, lexicon))
                        .filter(amended -> amended.unread().isEmpty())
                        .orElse(asItStands);
    }

    private static Amended by(Moment moment, String text, LinePlace place, Lexicon lexicon) {
        TypedFields fields = TypedFields.of(text, lexicon);
        ActorWords actors = place.actors();
        List<String> words = LineReader.split(fields.front().strip());
        Optional<Seat> front = actors.inFront(words, lexicon);
        List<String> rest = front.isPresent() ? words.subList(1, words.size()) : words;
        Optional<Seat> actor = front.or(() -> actors.among(rest)).or(moment::actor);
        List<String> unread = new ArrayList<>(fields.unread());
        for (int i = 0; i < rest.size(); i++) {
            if (!actors.isDetail(rest, i)) {
                unread.add(rest.get(i));
            }
        }
        Telling base = moment.telling();
        for (Fact fact : fields.telling().facts()) {
            base = base.facts().contains(fact) ? base : base.and(fact);
        }
        base = fields.telling().note().isPresent()
                ? base.withNote(fields.telling().note().get())
                : base;
        LinkTargets links = new LinkTargets(place.bout(), place.answerable(), place.before());
        Telling told = new TypedDetails(rest)
                .in(base, actor, moment.technique().flatMap(lexicon::technique), links, new ArrayList<>());
        Proposal amended = new Proposal(
                actor,
                moment.deed(),
                fields.settled().or(() -> moment.settled().filter(where -> !where.workedOut())),
                told);
        return new Amended(amended.at(moment.id(), moment.atMicros(), place.now(), lexicon), unread);
    }
}
