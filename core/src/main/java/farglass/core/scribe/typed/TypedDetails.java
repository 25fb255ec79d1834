package farglass.core.scribe.typed;

import farglass.core.Spelling;
import farglass.core.bout.Became;
import farglass.core.bout.Motive;
import farglass.core.bout.Telling;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Link;
import farglass.core.laterality.CalledSide;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.state.DepthRules;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/** What typed words tell of a moment besides its name: outcome, line, stage, side, motive, doubt, what it answers. */
public final class TypedDetails {
    private static final Set<String> QUALIFIERS = Set.of("own", "their", "screen", "facing", "away");
    private static final Set<String> SEEN = Set.of("unsure", "hidden", "private");
    private static final Set<String> PLACES = Set.of("on", "under", "top", "bottom");
    private static final Set<String> LINKS = Set.of("answers", "continues", "out-of", "last");
    /** Said beside a side, and telling nothing more than it. */
    private static final Set<String> BESIDE_A_SIDE = Set.of("to", "the", "on", "his", "her", "its", "with", "side");

    private static final Set<String> ARTICLES = Set.of("the", "a", "an", "his", "her", "their");

    private static final Set<String> LIMBS = Set.of("arm", "leg", "hand", "foot");
    private static final Map<String, Stage> TAPS =
            Map.of("taps", Stage.TAP, "tapped", Stage.TAP, "bate", Stage.TAP, "bateu", Stage.TAP, "maitta", Stage.TAP);
    /** Other words for what became of it. */
    private static final Map<String, Became> SAID = Map.of(
            "almost", Became.NEARLY,
            "fail", Became.FAILED,
            "fails", Became.FAILED,
            "abandons", Became.ABANDONED,
            "threatens", Became.THREATENED);

    /** What people say of anything that reached what it was for. */
    private static final Set<String> WORKS = Set.of("works", "worked", "success", "successful");

    private final List<String> words;

    public TypedDetails(List<String> words) {
        this.words = words.stream().map(word -> word.toLowerCase(Locale.ROOT)).toList();
    }

    /** {@return whether it tells how well it was seen, or who may know} */
    public static boolean isOfSeeing(String word) {
        return SEEN.contains(word.toLowerCase(Locale.ROOT));
    }

    /** {@return whether that word of a line, where it stands in it, tells something of a moment} */
    public static boolean isDetail(List<String> all, int at) {
        String word = all.get(at).toLowerCase(Locale.ROOT);
        if (isLine(word) && isBehindAnArticle(all, at) || isOfTheClock(all, at)) {
            return false;
        }
        if (QUALIFIERS.contains(word)
                || LINKS.contains(word)
                // "Works the wrist" says what somebody does, and not that it worked.
                || at > 0 && WORKS.contains(word)
                || TAPS.containsKey(word)
                || isSide(word)
                || isOfSeeing(word)
                || became(word).isPresent()
                || Spelling.find(Line.class, word).isPresent()
                || Spelling.find(Stage.class, word).isPresent()
                || Spelling.find(Motive.class, word).isPresent()) {
            return true;
        }
        if (word.equals("line")) {
            return at > 0 && isLine(all.get(at - 1)) || at + 1 < all.size() && isLine(all.get(at + 1));
        }
        boolean behindASide = at > 0 && isSide(all.get(at - 1).toLowerCase(Locale.ROOT));
        return isBesideASide(all, at)
                || PLACES.contains(word)
                || behindASide && (LIMBS.contains(word) || word.equals("side"));
    }

    /** "With a minute left" tells no side. */
    private static boolean isOfTheClock(List<String> all, int at) {
        return at > 0
                && all.get(at).equalsIgnoreCase("left")
                && all.get(at - 1).toLowerCase(Locale.ROOT).matches("min(?:ute)?s?|sec(?:ond)?s?|time");
    }

    /** {@return every detail that begins so and is longer: sides, lines, outcomes, stages, motives, doubts, in this order} */
    public static List<String> beginning(String typed) {
        String beginning = typed.toLowerCase(Locale.ROOT);
        return Stream.of(
                        Stream.of("left", "right"),
                        Arrays.stream(Line.values()).map(Line::label),
                        Arrays.stream(Became.values()).map(Became::label),
                        Arrays.stream(Stage.values()).map(Stage::label),
                        Arrays.stream(Motive.values()).map(Motive::label),
                        Stream.of("unsure", "hidden", "private"))
                .flatMap(words -> words)
                .filter(word -> word.length() > beginning.length() && word.startsWith(beginning))
                .distinct()
                .toList();
    }

    /** "Jumps the hip" tells what is jumped, "jumps the hip line" how far it got. */
    private static boolean isBehindAnArticle(List<String> all, int at) {
        boolean line = at + 1 < all.size() && all.get(at + 1).equalsIgnoreCase("line");
        return !line && at > 0 && ARTICLES.contains(all.get(at - 1).toLowerCase(Locale.ROOT));
    }

    /** {@return whether the word only leads to a side: "to the" of "to the left"} */
    public static boolean isBesideASide(List<String> all, int at) {
        if (!BESIDE_A_SIDE.contains(all.get(at).toLowerCase(Locale.ROOT)) || at + 1 >= all.size()) {
            return false;
        }
        String next = all.get(at + 1).toLowerCase(Locale.ROOT);
        // "With their left", but not "with their" alone.
        boolean whose = QUALIFIERS.contains(next)
                && at + 2 < all.size()
                && isSide(all.get(at + 2).toLowerCase(Locale.ROOT));
        return isSide(next) || whose || isBesideASide(all, at + 1);
    }

    /**
     * {@return words among them that tell nothing here: where somebody is, of what is no place; whose side, without a side; "last", without
     * what it is the last of} They would be lost, so that the phrase has to be kept whole.
     *
     * @param place whether a place is named
     */
    public List<String> unused(boolean place) {
        boolean side = words.stream().anyMatch(TypedDetails::isSide);
        boolean link = words.stream().anyMatch(word -> LINKS.contains(word) && !word.equals(Link.LAST));
        return words.stream()
                .filter(word -> !place && (word.equals("on") || word.equals("under"))
                        || !side && QUALIFIERS.contains(word)
                        || !link && word.equals(Link.LAST))
                .toList();
    }

    private static boolean isLine(String word) {
        return Spelling.find(Line.class, word.toLowerCase(Locale.ROOT)).isPresent();
    }

    /**
     * {@return words among them that are told of passes, of places, of who tapped or of a limb, and belong to a phrase that names none}
     *
     * @param places whether "top" and "bottom" belong to it as well: where they do not say who acts
     */
    public List<String> loose(boolean places) {
        boolean limb = words.stream().anyMatch(LIMBS::contains);
        return words.stream()
                .filter(word -> isLine(word)
                        || word.equals("line")
                        || TAPS.containsKey(word)
                        || became(word).isEmpty()
                                && Spelling.find(Stage.class, word).isPresent()
                        || limb && (isSide(word) || LIMBS.contains(word))
                        || places && PLACES.contains(word))
                .toList();
    }

    /**
     * {@return lines told of what is no pass, and stages of what has no such: they must be a part of its name}
     *
     * @param place whether a place is named, which has neither
     */
    public List<String> misplaced(Optional<Technique> technique, boolean place) {
        if (technique.isEmpty() && !place || words.contains("continues")) {
            return List.of();
        }
        return words.stream()
                .filter(word -> isLine(word) && (place || !DepthRules.hasLines(technique.orElseThrow()))
                        || became(word).isEmpty()
                                && Spelling.find(Stage.class, word)
                                        .filter(stage -> place || !DepthRules.has(technique.orElseThrow(), stage))
                                        .isPresent())
                .toList();
    }

    /** {@return whether it is told that whoever is named taps: "bea taps" says nothing of a submission of Bea's} */
    public boolean taps() {
        return words.stream().anyMatch(TAPS::containsKey);
    }

    public boolean hasSide() {
        return words.stream().anyMatch(TypedDetails::isSide);
    }

    private static boolean isSide(String word) {
        return word.equals("left") || word.equals("right");
    }

    private static Optional<Became> became(String word) {
        return Spelling.find(Became.class, word).or(() -> Optional.ofNullable(SAID.get(word)));
    }

    /** {@return what became of it; what "worked" means depends on what it was} */
    public Optional<Became> became(Optional<Technique> technique) {
        Optional<Became> told = last(word -> became(word));
        if (told.isPresent() && told.get() != Became.WORKED
                || told.isEmpty() && words.stream().noneMatch(WORKS::contains)) {
            return told;
        }
        return Optional.of(technique.map(TypedDetails::success).orElse(Became.WORKED));
    }

    private static Became success(Technique technique) {
        return switch (technique.kind()) {
            case GRIP -> Became.TAKEN;
            case DEFENCE, ESCAPE, RETENTION, KEEPING, PLACEMENT, STEP, MOVEMENT, WAITING, HOLD -> Became.WORKED;
            default -> Became.HELD;
        };
    }

    public Optional<Line> line() {
        return last(word -> Spelling.find(Line.class, word));
    }

    /** What is said last is meant: who changes a line adds the new word behind the old one. */
    private <E> Optional<E> last(Function<String, Optional<E>> reading) {
        return words.stream().flatMap(word -> reading.apply(word).stream()).reduce((one, two) -> two);
    }

    private Optional<Stage> stage() {
        return last(word -> Spelling.find(Stage.class, word).or(() -> Optional.ofNullable(TAPS.get(word))));
    }

    /** {@return whether the word "under" or "bottom" says that who is named has the place from underneath} */
    public boolean under() {
        return words.contains("under") || words.contains("bottom");
    }

    public boolean onTop() {
        return words.contains("on") && !words.contains("under") || words.contains("top");
    }

    /**
     * {@return the telling with all of it}
     *
     * @param links finds the moments that "answers" and "continues" mean
     * @param remarks takes what could not be told, in sentences
     */
    public Telling in(
            Telling telling,
            Optional<Seat> actor,
            Optional<Technique> technique,
            LinkTargets links,
            List<String> remarks) {
        Telling told = telling;
        told = became(technique).map(told::withBecame).orElse(told);
        told = line().isPresent() ? told.withLine(line().get()) : told;
        told = stage().isPresent() ? told.withStage(stage().get()) : told;
        Optional<Motive> motive = last(word -> Spelling.find(Motive.class, word));
        told = motive.isPresent() ? told.withMotive(motive.get()) : told;
        if (words.contains("unsure") || words.contains("hidden")) {
            told = told.withCertainty(words.contains("hidden") ? Certainty.HIDDEN : Certainty.UNSURE);
        }
        if (words.contains("private")) {
            told = told.withConfidential(true);
        }
        told = links.in(told, words, actor, remarks);
        return side(told, actor, technique, remarks);
    }

    private Telling side(Telling told, Optional<Seat> actor, Optional<Technique> technique, List<String> remarks) {
        Optional<String> word = last(each -> Optional.of(each).filter(TypedDetails::isSide));
        if (word.isEmpty()) {
            return told;
        }
        Side side = Side.valueOf(word.get().toUpperCase(Locale.ROOT));
        SideRule rule = technique.map(Technique::sideRule).orElse(SideRule.NONE);
        Optional<OwnedSide> owned = actor.flatMap(seat -> owned(side, seat, rule));
        if (owned.isPresent()) {
            return told.withSide(owned.get());
        }
        // Whose side it is can be said later; until then it is a reading, and not lost.
        remarks.add(
                actor.isEmpty()
                        ? "Whose %s is not told: it is kept as a reading until somebody says who did it."
                                .formatted(word.get())
                        : "Whether the screen's %s is the own left or right is not told: say facing or away. It is kept as a reading."
                                .formatted(word.get()));
        return told.and(new Fact.Rival(
                Fact.Field.SIDE, (words.contains("screen") ? "screen " : "") + word.get(), "the line typed"));
    }

    /**
     * Bare, it is whose the technique's side rule says; "own" and "their" before it say otherwise; "screen" reads it off the picture, of
     * somebody who is "facing" the camera or turned "away".
     */
    private Optional<OwnedSide> owned(Side side, Seat actor, SideRule rule) {
        boolean receivers = words.contains("their") || !words.contains("own") && rule.belongsToReceiver();
        CalledSide.View view = words.contains("screen") ? CalledSide.View.SCREEN : CalledSide.View.OWNER;
        Optional<Boolean> facing = words.contains("facing")
                ? Optional.of(true)
                : words.contains("away") ? Optional.of(false) : Optional.empty();
        return new CalledSide(side, view).of(receivers ? actor.other() : actor, Optional.empty(), facing);
    }

    /** {@return a limb told behind a side that is not the one which a bare side means of that technique; empty for most} */
    public Optional<String> otherLimb(Optional<Technique> technique) {
        List<String> limbs = new ArrayList<>();
        for (int i = 1; i < words.size(); i++) {
            if (LIMBS.contains(words.get(i)) && isSide(words.get(i - 1))) {
                limbs.add(words.get(i));
            }
        }
        SideRule rule = technique.map(Technique::sideRule).orElse(SideRule.NONE);
        return limbs.stream().filter(limb -> !rule.means(limb)).findFirst();
    }
}
