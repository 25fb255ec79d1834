package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What responds to what: as a person said, or else merely what followed. The two are never mixed up. */
public final class Conversation {
    /**
     * What a moment comes after.
     *
     * @param confirmed whether a person said that it is the answer; otherwise it is the nearest earlier deed of the other athlete
     */
    public record Turn(Moment earlier, boolean confirmed) {}

    private final Map<String, Turn> turns = new LinkedHashMap<>();

    private Conversation(Bout bout) {
        Map<String, Moment> byId = new LinkedHashMap<>();
        Moment[] last = new Moment[2];
        for (Moment moment : bout.moments()) {
            Optional<Moment> answered = moment.telling().answers().flatMap(id -> Optional.ofNullable(byId.get(id)));
            if (answered.isPresent()) {
                turns.put(moment.id(), new Turn(answered.get(), true));
            } else if (moment.actor().isPresent() && moment.technique().isPresent()) {
                Moment others = last[moment.actor().get().other().ordinal()];
                if (others != null) {
                    turns.put(moment.id(), new Turn(others, false));
                }
            }
            if (moment.actor().isPresent() && moment.technique().isPresent()) {
                last[moment.actor().get().ordinal()] = moment;
            }
            byId.put(moment.id(), moment);
        }
    }

    /** {@return the conversation of a bout; linear in its moments} */
    public static Conversation of(Bout bout) {
        return new Conversation(bout);
    }

    /** {@return what a moment responds to or followed; empty for the first deeds and for what is nobody's deed} */
    public Optional<Turn> before(Moment moment) {
        return Optional.ofNullable(turns.get(moment.id()));
    }
}
