package farglass.desktop.tag;

import java.util.function.LongSupplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/** A running clock in the place of a film: for a bout that is watched in the hall. Times are on the bout's own timeline. */
public final class LiveClock {
    private final LongSupplier nanos;
    private final BooleanProperty on = new SimpleBooleanProperty(false);
    private final BooleanProperty running = new SimpleBooleanProperty(false);
    private final ReadOnlyLongWrapper micros = new ReadOnlyLongWrapper(0);
    private long anchorNanos;
    private long anchorMicros;

    /** @param nanos a steady clock, such as {@link System#nanoTime} */
    LiveClock(LongSupplier nanos) {
        this.nanos = nanos;
        running.addListener((property, was, is) -> {
            anchorNanos = nanos.getAsLong();
            anchorMicros = micros.get();
        });
    }

    /** Starts running at that instant of the bout. */
    public void start(long fromMicros) {
        running.set(false);
        micros.set(fromMicros);
        on.set(true);
        running.set(true);
    }

    public void end() {
        running.set(false);
        on.set(false);
    }

    /** Moves the shown time on; called at every pulse of the screen. */
    public void pulse() {
        if (running.get()) {
            micros.set(anchorMicros + (nanos.getAsLong() - anchorNanos) / 1000);
        }
    }

    /** {@return whether the bout is tagged by this clock, running or not} */
    public BooleanProperty onProperty() {
        return on;
    }

    /** {@return whether it runs; it stands while the bout is interrupted} */
    public BooleanProperty runningProperty() {
        return running;
    }

    public ReadOnlyLongProperty microsProperty() {
        return micros.getReadOnlyProperty();
    }
}
