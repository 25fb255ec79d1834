package farglass.core.pick;

import farglass.core.Spelling;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What people usually do next, by place and by what was done before, as the product brings it, written by hand. It orders the picks of a
 * library that has taught nothing yet, and weighs less with everything that it has; no figure ever sees it.
 */
final class UsualMoves {
    /** How much of the share the places' list has; the rest is for whatever can start there. */
    private static final double OF_PLACE = 0.85;
    /** How much of it what was done before has, where that is listed. */
    private static final double OF_BEFORE = 0.25;

    /** After a stop the referee mostly restarts; otherwise what nobody does is rare. */
    private static final double REFEREE_AFTER_STOP = 0.8;

    private static final double REFEREE = 0.02;
    /** A stop after a stop, a restart of what goes on. */
    private static final double RARE = 0.05;

    /** Whoever was acted upon more often acts next. */
    private static final double THE_OTHER = 0.55;

    private static final String FILE = "usual-moves.txt";

    private final Lexicon lexicon;
    private final UntaughtWeights untaught;
    /** By the words in front of the colon. */
    private final Map<String, List<String>> rows = new HashMap<>();

    private UsualMoves(Lexicon lexicon, String text) {
        this.lexicon = lexicon;
        this.untaught = new UntaughtWeights(lexicon);
        text.lines().filter(line -> !line.isBlank() && !line.startsWith("#")).forEach(line -> {
            int colon = line.indexOf(':');
            rows.put(
                    line.substring(0, colon),
                    List.of(line.substring(colon + 1).strip().split(" ")));
        });
    }

    static UsualMoves of(Lexicon lexicon) {
        try (InputStream in = UsualMoves.class.getResourceAsStream(FILE)) {
            return new UsualMoves(lexicon, new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(FILE + " cannot be read", e);
        }
    }

    /** {@return the share of that one acting next; empty for nobody} */
    static double acts(Situation now, Optional<Seat> actor) {
        boolean stopped =
                now.last().filter(moment -> moment.deed().stop().isPresent()).isPresent();
        double referee = stopped ? REFEREE_AFTER_STOP : REFEREE;
        if (actor.isEmpty()) {
            return referee;
        }
        double share = now.last()
                .flatMap(Moment::actor)
                .map(last -> last == actor.get() ? 1 - THE_OTHER : THE_OTHER)
                .orElse(0.5);
        return (1 - referee) * share;
    }

    private static boolean isStopped(Situation now) {
        return now.last().filter(moment -> moment.deed().stop().isPresent()).isPresent();
    }

    /** {@return the lists, by what stands in front of them} */
    Map<String, List<String>> rows() {
        return Map.copyOf(rows);
    }

    /** {@return the share of each of the deeds that can start there, adding up to one} */
    Map<Deed, Double> shares(Set<Deed> startable, Situation now, Optional<Seat> actor) {
        Position position = now.stand().position();
        Role role = actor.map(now.stand()::roleOf).orElse(Role.NEUTRAL);
        Map<Deed, Double> shares = new LinkedHashMap<>();
        boolean stopped = isStopped(now);
        startable.forEach(deed -> shares.put(
                deed,
                actor.isPresent()
                        ? untaught.weight(deed, position.family(), role)
                        : stopped == deed.stop().isPresent() ? RARE : 1));
        scale(shares);
        if (actor.isPresent()) {
            mix(shares, place(position, role), OF_PLACE);
            mix(shares, before(now, actor.get()), OF_BEFORE);
        }
        return shares;
    }

    private static void scale(Map<Deed, Double> shares) {
        double all = shares.values().stream().mapToDouble(Double::doubleValue).sum();
        shares.replaceAll((deed, share) -> share / all);
    }

    /** Of a list the k-th is as likely as one in k + 1: so it is with words, and so it roughly is with what people do (Zipf's law). */
    private static void mix(Map<Deed, Double> shares, List<String> list, double weight) {
        Map<Deed, Double> listed = new LinkedHashMap<>();
        for (int k = 0; k < list.size(); k++) {
            Deed deed = new Deed.Did(list.get(k));
            if (shares.containsKey(deed)) {
                listed.put(deed, 1.0 / (k + 2));
            }
        }
        if (!listed.isEmpty()) {
            scale(listed);
            shares.replaceAll((deed, share) -> (1 - weight) * share + weight * listed.getOrDefault(deed, 0.0));
        }
    }

    private List<String> place(Position position, Role role) {
        String who = role == Role.NEUTRAL ? "" : " " + Spelling.of(role);
        return listed(List.of(
                "at " + position.key() + who,
                "at " + position.key() + " both",
                "in " + Spelling.of(position.family()) + who,
                "in " + Spelling.of(position.family()) + " both"));
    }

    private List<String> before(Situation now, Seat actor) {
        Optional<Moment> last = now.last().filter(moment -> moment.actor().isPresent());
        Optional<Technique> technique = last.flatMap(Moment::technique).flatMap(lexicon::technique);
        if (technique.isEmpty()) {
            return List.of();
        }
        String whose = last.get().actor().get() == actor ? "own " : "their ";
        List<String> names = new ArrayList<>();
        names.add("after " + whose + technique.get().key());
        names.add("after " + whose + lexicon.together(technique.get().key()));
        names.add("after " + whose + "kind " + Spelling.of(technique.get().kind()));
        return listed(names);
    }

    /** The first of these that is listed. */
    private List<String> listed(List<String> names) {
        return names.stream()
                .filter(rows::containsKey)
                .findFirst()
                .map(rows::get)
                .orElse(List.of());
    }

    /** {@return whether what stands in front of a list means something} */
    static boolean isMeant(String name, Lexicon lexicon) {
        String[] words = name.split(" ");
        return switch (words[0]) {
            case "at" -> lexicon.position(words[1]).isPresent();
            case "in" ->
                List.of(Family.values()).stream()
                        .anyMatch(family -> Spelling.of(family).equals(words[1]));
            case "after" ->
                words[2].equals("kind")
                        ? List.of(Kind.values()).stream()
                                .anyMatch(kind -> Spelling.of(kind).equals(words[3]))
                        : lexicon.technique(words[2]).isPresent();
            default -> false;
        };
    }
}
