package farglass.desktop.command;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.function.IntPredicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * One thing that a person can do.
 *
 * @param id the same for ever: how often it was used is remembered by it
 * @param words what it does, such as "Merge into one"
 * @param detail what more is to be known of it, in a few words, such as "again: the one before that"; may be empty
 * @param where its keys are heard
 * @param keys any of which does it; may be none
 * @param hears whether it hears its key of that number now; what it does not hear, another may
 * @param hindrance why it cannot be done now, in a sentence without its full stop; empty where it can
 * @param doing what is done, told the number of the key in {@code keys}, 0 where no key was pressed
 */
public record Command(
        String id,
        String words,
        String detail,
        Where where,
        List<Key> keys,
        IntPredicate hears,
        Supplier<Optional<String>> hindrance,
        IntConsumer doing) {
    /** There are ten digits; more keys than that are letters. */
    private static final int MOST_IN_A_ROW = 10;

    public Command {
        keys = List.copyOf(keys);
    }

    /** {@return one that is always possible, and does nothing yet} */
    public static Command of(String id, String words, Where where, Key... keys) {
        return new Command(id, words, "", where, List.of(keys), key -> true, Optional::empty, key -> {});
    }

    /** {@return the same, of which that is to be known, too} */
    public Command also(String more) {
        return new Command(id, words, more, where, keys, hears, hindrance, doing);
    }

    /** {@return its words with what more is to be known of it} */
    public String inFull() {
        return words + (detail.isEmpty() ? "" : " (" + detail + ")");
    }

    /** {@return the same, with these keys} */
    public Command keys(List<Key> more) {
        return new Command(id, words, detail, where, more, hears, hindrance, doing);
    }

    /** {@return the same, hearing its keys only then} */
    public Command when(BooleanSupplier condition) {
        return whenKey(key -> condition.getAsBoolean());
    }

    /** {@return the same, hearing each of its keys, told by its number, only then} */
    public Command whenKey(IntPredicate condition) {
        return new Command(id, words, detail, where, keys, condition, hindrance, doing);
    }

    /** {@return the same, which cannot be done where there is a reason, unless it was hindered already} */
    public Command unless(Supplier<Optional<String>> reason) {
        return new Command(
                id, words, detail, where, keys, hears, () -> hindrance.get().or(reason), doing);
    }

    /** {@return the same, which can only be done where that holds} */
    public Command needs(BooleanSupplier condition, String reason) {
        return unless(() -> condition.getAsBoolean() ? Optional.empty() : Optional.of(reason));
    }

    /** {@return the same, which needs that before all else} */
    public Command firstNeeds(BooleanSupplier condition, String reason) {
        return new Command(
                id,
                words,
                detail,
                where,
                keys,
                hears,
                () -> condition.getAsBoolean() ? hindrance.get() : Optional.of(reason),
                doing);
    }

    /** {@return the same, doing that} */
    public Command does(Runnable what) {
        return doesKey(key -> what.run());
    }

    /** {@return the same, doing that for the key of the number it is told} */
    public Command doesKey(IntConsumer what) {
        return new Command(id, words, detail, where, keys, hears, hindrance, what);
    }

    /** {@return its keys as people read them: "Ctrl+B", "1 … 9", "letters"; empty without any} */
    public String keyWords() {
        if (keys.size() > MOST_IN_A_ROW) {
            return "letters";
        }
        if (keys.size() > 3) {
            return keys.get(0).words() + " \u2026 " + keys.get(keys.size() - 1).words();
        }
        return keys.stream().map(Key::words).collect(Collectors.joining(" or "));
    }
}
