package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.entry.Control;
import farglass.core.entry.Ends;
import farglass.core.entry.Meaning;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.List;
import java.util.Optional;

/**
 * Where the two are, from one moment to the next. What a technique leads to is worked out only if it can start where they are;
 * otherwise the place stays. A grip, a frame, a post or a hook moves nobody.
 */
public final class Whereabouts {
    private Whereabouts() {}

    /**
     * {@return where a bout begins} By the rules of the sport standing; but only if its start was watched do we know that the telling
     * begins there, and a round from a set position begins in it.
     */
    public static Stand start(Bout bout, Lexicon lexicon) {
        Header header = bout.header();
        return header.covers(Layer.STORY, 0) ? assumed(header, lexicon) : notSeen(lexicon);
    }

    /** {@return where they most likely begin, whether that was watched or not} */
    public static Stand assumed(Header header, Lexicon lexicon) {
        return assumed(header.kind(), header.footage().opening(), header.whole(), lexicon);
    }

    /**
     * {@return the same from the parts of a header, for reading words before it is whole}
     *
     * @param whole whether the telling is of a bout as it came
     */
    public static Stand assumed(BoutKind kind, Optional<MidBoutStart> opening, boolean whole, Lexicon lexicon) {
        return kind == BoutKind.POSITIONAL || opening.isPresent() || !whole
                ? notSeen(lexicon)
                : new Stand(lexicon.place(Meaning.STANDING), Optional.empty());
    }

    private static Stand notSeen(Lexicon lexicon) {
        return new Stand(lexicon.place(Meaning.NOT_VISIBLE), Optional.empty());
    }

    /** {@return where they are once that moment has happened} */
    public static Stand after(Stand now, Moment moment, Lexicon lexicon) {
        return reached(now, moment, lexicon)
                .map(next -> new Stand(next.position(), next.top(), passing(now, next)))
                .orElse(now);
    }

    /** Who was passing is remembered while legs are entangled: nobody need be on top there. */
    private static Optional<Seat> passing(Stand before, Stand next) {
        if (next.position().control() != Control.NEUTRAL) {
            return Optional.empty();
        }
        return next.passing()
                .or(() -> before.position().control() == Control.GUARD ? before.top() : before.passing())
                .filter(seat -> !next.position().means(Meaning.BOTH_SAT));
    }

    private static Optional<Stand> reached(Stand now, Moment moment, Lexicon lexicon) {
        if (moment.settled().isPresent()) {
            Settled settled = moment.settled().get();
            if (settled.workedOut() && !canLead(now, moment, lexicon)) {
                return Optional.empty();
            }
            return stand(settled, lexicon);
        }
        Optional<Deed.Restarted> restart = moment.deed().restart();
        if (restart.isPresent()) {
            // "Same" goes on from where it was stopped; the stop itself moved nobody.
            return restart.get().resumed().equals(Optional.of(Deed.Resumed.SAME))
                    ? Optional.empty()
                    : Optional.of(new Stand(lexicon.place(Meaning.STANDING), Optional.empty()));
        }
        if (moment.deed().begun().equals(Optional.of(Deed.Period.ROUND))) {
            return Optional.of(new Stand(lexicon.place(Meaning.STANDING), Optional.empty()));
        }
        return workedOut(now, moment, lexicon).flatMap(settled -> stand(settled, lexicon));
    }

    private static Optional<Stand> stand(Settled settled, Lexicon lexicon) {
        return lexicon.position(settled.position()).map(found -> new Stand(found, settled.top(), settled.passing()));
    }

    /** An older lexicon let grips move the two, and knew fewer places: what it worked out is held against this one. */
    private static boolean canLead(Stand now, Moment moment, Lexicon lexicon) {
        return moment.technique()
                .flatMap(lexicon::technique)
                .map(technique -> !technique.kind().movesNobody()
                        && (moment.actor().isEmpty()
                                || startsHere(now, technique, moment.actor().get())))
                .orElse(true);
    }

    private static boolean startsHere(Stand now, Technique technique, Seat actor) {
        return !now.position().isSettled() || technique.canStart(now.position(), now.roleOf(actor));
    }

    /**
     * {@return where a moment leads by the rules of the sport alone} Only a technique that succeeded, has an actor and can start where
     * they are leads anywhere; where it can end in several places, only who is on top is settled, and the place stays "not told".
     */
    public static Optional<Settled> workedOut(Stand now, Moment moment, Lexicon lexicon) {
        if (moment.actor().isEmpty() || !moment.succeeded()) {
            return Optional.empty();
        }
        Seat actor = moment.actor().get();
        return moment.technique()
                .flatMap(lexicon::technique)
                .filter(technique ->
                        !technique.to().isEmpty() && !technique.kind().movesNobody())
                .filter(technique -> startsHere(now, technique, actor))
                .map(technique -> new Settled(place(technique, lexicon), top(technique, actor), true));
    }

    /** {@return who lands on top of what comes behind the moment, as it may have worked; empty where it moves nobody, or came to nothing} */
    public static Optional<Seat> landing(Moment moment, Lexicon lexicon) {
        boolean worked =
                moment.telling().became().filter(became -> !became.isSuccess()).isEmpty();
        return moment.technique()
                .filter(any -> worked)
                .flatMap(lexicon::technique)
                .filter(technique ->
                        !technique.to().isEmpty() && !technique.kind().movesNobody())
                .flatMap(technique -> moment.actor().flatMap(actor -> top(technique, actor)));
    }

    /** {@return who is on top once it has worked} */
    public static Optional<Seat> top(Technique technique, Seat actor) {
        return switch (technique.ends()) {
            case ACTOR -> Optional.of(actor);
            case RECEIVER -> Optional.of(actor.other());
            case NOBODY -> Optional.empty();
        };
    }

    private static String place(Technique technique, Lexicon lexicon) {
        return technique.to().size() == 1
                ? technique.to().get(0)
                : lexicon.place(untold(technique, lexicon)).key();
    }

    /** {@return what is known of a place that could be one of several} */
    private static Meaning untold(Technique technique, Lexicon lexicon) {
        if (technique.ends() == Ends.NOBODY) {
            return Meaning.PLACE_NOT_TOLD;
        }
        List<Control> places = technique.to().stream()
                .flatMap(key -> lexicon.position(key).stream())
                .map(Position::control)
                .toList();
        if (places.stream().allMatch(Control::isBack)) {
            return Meaning.BACK_NOT_TOLD;
        }
        if (places.stream().allMatch(Control::isPast)) {
            return Meaning.PAST_NOT_TOLD;
        }
        return places.stream().allMatch(Control::isTopOnGround) ? Meaning.GROUND_NOT_TOLD : Meaning.ATTACK_NOT_TOLD;
    }

    /** {@return whether the lexicon knows that it starts there; always where it is not told where they are, or who acts} */
    static boolean isUsual(Stand now, Moment moment, Technique technique) {
        return moment.actor().isEmpty()
                || startsHere(now, technique, moment.actor().get());
    }

    /** {@return how a place is called in a sentence: "in mount on top"} */
    static String inWords(Stand now, Role role) {
        String place = Words.inSentence(now.position().label());
        return place + (role == Role.TOP ? ", on top" : role == Role.BOTTOM ? ", underneath" : "");
    }
}
