package farglass.core.scribe;

import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.said.MannerTold;
import farglass.core.said.Passive;
import farglass.core.scribe.typed.TypedDetails;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** "Bea gets swept": the act is Ann's, and is told as hers. What it is read as is said before it is saved. */
final class Suffered {
    private final ReadingDraft draft;
    private final Lexicon lexicon;
    private final String phrase;
    private final Passive passive;

    private Suffered(ReadingDraft draft, String phrase, Passive passive) {
        this.draft = draft;
        this.lexicon = draft.lexicon;
        this.phrase = phrase;
        this.passive = passive;
    }

    /** {@return what the words tell, where they tell what was done to somebody; as it stands where it is not clear what, or by whom} */
    static Optional<Reading> read(ReadingDraft draft, List<String> words, Optional<Seat> named) {
        String phrase = String.join(" ", words);
        return Passive.in(String.join(" ", withoutWho(draft, words, named)))
                .map(passive -> new Suffered(draft, phrase, passive).reading(named));
    }

    /** "Gets swept by Ann" says no more of the act than "gets swept". */
    private static List<String> withoutWho(ReadingDraft draft, List<String> words, Optional<Seat> named) {
        int last = words.size() - 1;
        boolean saysWho = last > 1
                && named.isPresent()
                && words.get(last - 1).equalsIgnoreCase("by")
                && draft.actors.seat(words.get(last)).equals(named.map(Seat::other));
        return saysWho ? words.subList(0, last - 1) : words;
    }

    private Reading reading(Optional<Seat> sufferer) {
        // What would have to be finished or mended first is guessed twice over; and nobody taps to what is no
        // submission.
        Optional<Reading> act = sufferer.map(Seat::other)
                .map(this::by)
                .filter(Reading::isSure)
                .filter(read -> passive.canBe(technique(read)));
        // Facts were told of whoever is named, and would be the other's.
        boolean clear = passive.clear() && draft.fields.telling().facts().isEmpty();
        return act.filter(read -> clear)
                .map(read -> suffered(read, sufferer.orElseThrow()))
                .orElseGet(() -> draft.kept(
                        phrase,
                        sufferer,
                        new TypedDetails(List.of()),
                        () -> act
                                .flatMap(read ->
                                        alternative(read, sufferer.orElseThrow().other()))
                                .stream()
                                .toList(),
                        false,
                        Optional.empty()));
    }

    /** What the other one did, told in its own words. */
    private Reading by(Seat other) {
        List<String> words = new ArrayList<>();
        words.add(other.name());
        words.addAll(List.of(passive.act().split("\\s+")));
        return new NameReader(draft.afresh()).said(words, Optional.of(other));
    }

    private Reading suffered(Reading act, Seat sufferer) {
        Optional<Reading> tried = Optional.of(draft.place)
                .filter(place -> passive.tapped())
                .flatMap(place ->
                        TapByTheOther.to(place, sufferer, lock -> act.proposal().telling(), lexicon))
                .filter(tap -> technique(act).filter(Technique::generic).isPresent()
                        || tap.proposal().deed().equals(act.proposal().deed()));
        if (tried.isPresent()) {
            return tried.get();
        }
        Proposal proposal = act.proposal();
        List<String> remarks = new ArrayList<>(act.remarks());
        remarks.add(
                0, "What %s suffers is what %s did: %s.".formatted(name(sufferer), name(sufferer.other()), label(act)));
        Reading.Alternative kept = new Reading.Alternative(
                "keep “%s”".formatted(phrase),
                "%s \"%s\" ".formatted(sufferer, phrase),
                "as it stands, to be named later");
        return new Reading(
                new Proposal(
                        proposal.actor(),
                        proposal.deed(),
                        proposal.settled(),
                        passive.manner(MannerTold.NOT_TOLD).in(proposal.telling())),
                act.how(),
                remarks,
                () -> Stream.concat(act.alternatives().stream(), Stream.of(kept))
                        .toList());
    }

    private Optional<Reading.Alternative> alternative(Reading act, Seat other) {
        return technique(act)
                .map(technique -> new Reading.Alternative(
                        "%2$s: %1$s".formatted(technique.label(), name(other)),
                        "%s %s ".formatted(other, passive.act()),
                        "it was the other one’s act"));
    }

    private String label(Reading act) {
        return technique(act)
                .map(technique -> Words.inSentence(technique.label()))
                .or(() -> act.proposal().settled().map(this::place))
                .orElse(passive.act());
    }

    private String place(Settled settled) {
        return Words.inSentence(lexicon.label(settled.position()));
    }

    private Optional<Technique> technique(Reading act) {
        return act.proposal().deed().did().flatMap(lexicon::technique);
    }

    private String name(Seat seat) {
        return draft.place.bout().header().contestant(seat).name();
    }
}
