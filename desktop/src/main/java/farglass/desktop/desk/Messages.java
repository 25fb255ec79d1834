package farglass.desktop.desk;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.IntegerBinding;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * What a window tells: the newest at its foot, all of them in a list. What went well goes by itself; what went wrong counts as unread until
 * the list was looked at. For the interface thread.
 */
public final class Messages {
    /** Older ones are forgotten. */
    private static final int MOST = 200;

    /**
     * One thing told.
     *
     * @param failure whether something could not be done
     */
    public record Message(Instant at, String words, boolean failure) {}

    private final Clock clock;
    private final ObservableList<Message> all = FXCollections.observableArrayList();
    private final ObservableList<Message> unread = FXCollections.observableArrayList();
    private final IntegerBinding unreadCount = Bindings.size(unread);
    private final ReadOnlyObjectWrapper<Optional<Message>> newest = new ReadOnlyObjectWrapper<>(Optional.empty());

    Messages(Clock clock) {
        this.clock = clock;
    }

    /** Tells one plain sentence, for as long as it takes to read. */
    public void say(String words) {
        tell(new Message(clock.instant(), words, false));
    }

    /** Tells that something could not be done: it stays until it was read. */
    public void fail(String words) {
        Log.note(Happening.TOLD);
        keep(words);
    }

    /** The same, of what was thrown. */
    public void fail(Throwable problem) {
        Log.problem(Happening.NOT_DONE, problem);
        tell(problem);
    }

    /** The same, where the log knows already. */
    void tell(Throwable problem) {
        keep(
                problem.getMessage() == null
                        ? "Something unexpected happened. What was shown as saved is safe."
                        : problem.getMessage());
    }

    private void keep(String words) {
        Message message = new Message(clock.instant(), words, true);
        unread.add(message);
        tell(message);
    }

    private void tell(Message message) {
        all.add(0, message);
        if (all.size() > MOST) {
            unread.remove(all.remove(MOST));
        }
        newest.set(Optional.of(message));
    }

    /** {@return everything told, the newest first} */
    public ObservableList<Message> all() {
        return all;
    }

    /** {@return the newest, as the foot shows it; empty once it has gone by} */
    public ReadOnlyObjectProperty<Optional<Message>> newestProperty() {
        return newest.getReadOnlyProperty();
    }

    /** {@return how many failures nobody has read yet} */
    public IntegerBinding unreadProperty() {
        return unreadCount;
    }

    /** The foot is cleared, if that message still stands there. */
    public void passed(Message message) {
        if (newest.get().equals(Optional.of(message))) {
            newest.set(Optional.empty());
        }
    }

    /** The list was looked at. */
    public void read() {
        unread.clear();
        newest.get().filter(Message::failure).ifPresent(this::passed);
    }
}
