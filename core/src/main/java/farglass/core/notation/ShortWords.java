package farglass.core.notation;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.naming.Words;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Short words for what is given and what stops a match: "+2", "adv", "pen", "stop edge". Details may follow them. */
public final class ShortWords {
    private ShortWords() {}

    /** {@return what the first word says was given or stopped; empty for any other} */
    public static Optional<Deed> deed(List<String> words) {
        String first = words.isEmpty() ? "" : words.get(0).toLowerCase(Locale.ROOT);
        if (first.matches("\\+[1-9]")) {
            return Optional.of(new Deed.Awarded(Award.points(first.charAt(1) - '0')));
        }
        return Optional.ofNullable(
                switch (first) {
                    case "" -> new Deed.Mark();
                    case "adv", "advantage" -> new Deed.Awarded(Award.advantage());
                    case "pen", "penalty", "shido", "falta" -> new Deed.Awarded(Award.penalty());
                    case "warning", "warned", "advertencia", "advert\u00eancia" ->
                        new Deed.Awarded(Award.of(Award.Kind.WARNING));
                    case "negative" -> new Deed.Awarded(Award.of(Award.Kind.NEGATIVE));
                    case "disqualification", "disqualified" -> new Deed.Awarded(Award.of(Award.Kind.DISQUALIFICATION));
                    case "restart" -> new Deed.Restarted();
                    case "mark" -> new Deed.Mark();
                    case "stop" -> new Deed.Stopped(String.join(" ", words.subList(1, words.size())));
                    default -> null;
                });
    }

    /** {@return what the referee did, in words that would say something else of an athlete; empty for any other} */
    public static Optional<Deed> referees(List<String> words) {
        return Optional.ofNullable(
                switch (Words.plain(String.join(" ", words))) {
                    case "reset",
                            "resets",
                            "back to the middle",
                            "reset in the middle",
                            "reset in the center",
                            "reset in the centre",
                            "hajime",
                            "reinicio" -> new Deed.Restarted();
                    case "out", "out of bounds", "off the mat", "edge", "fora da area", "fora" ->
                        new Deed.Stopped("edge");
                    case "time", "tempo", "time runs out", "time expires", "time is up", "end of time" ->
                        new Deed.Stopped("time");
                    case "matte",
                            "mate",
                            "ref stops it",
                            "referee stops it",
                            "the ref stops it",
                            "the referee stops it",
                            "ref stops the match",
                            "the ref stops the match",
                            "referee stops the match",
                            "the referee stops the match" -> new Deed.Stopped("");
                    default -> null;
                });
    }
}
