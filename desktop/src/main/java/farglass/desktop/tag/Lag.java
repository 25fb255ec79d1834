package farglass.desktop.tag;

import farglass.desktop.desk.Settings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How late this person is, learned from how she corrects herself: the median signed nudge of moments tagged while the film played, in
 * real seconds. It is offered, never set by itself.
 */
public final class Lag {
    /** Fewer corrections than this say nothing. */
    public static final int FEWEST = 8;
    /** A median smaller than this is not worth a change. */
    private static final double LEAST_SECONDS = 0.08;

    private final Settings settings;
    private final Map<String, Double> speeds = new HashMap<>();
    private final Map<String, Long> nudges = new HashMap<>();

    Lag(Settings settings) {
        this.settings = settings;
    }

    /** A moment was tagged while the film played so fast. */
    public void taggedInPlay(String momentId, double speed) {
        speeds.put(momentId, speed);
    }

    /** That moment was moved by so much film time. */
    public void nudged(String momentId, long micros) {
        if (speeds.containsKey(momentId)) {
            nudges.merge(momentId, micros, Long::sum);
        }
    }

    /** {@return the median nudge, in real seconds: below 0 where moments were moved back; empty while there are too few} */
    public Optional<Double> medianSeconds() {
        if (nudges.size() < FEWEST) {
            return Optional.empty();
        }
        List<Double> each = new ArrayList<>();
        nudges.forEach((id, micros) -> each.add(micros / 1e6 / speeds.get(id)));
        each.sort(Double::compare);
        int middle = each.size() / 2;
        return Optional.of(each.size() % 2 == 1 ? each.get(middle) : (each.get(middle - 1) + each.get(middle)) / 2);
    }

    /** {@return the lag that would have needed no correction, where it differs enough from the one now set} */
    public Optional<Double> offered() {
        return medianSeconds()
                .filter(median -> Math.abs(median) >= LEAST_SECONDS)
                .map(median ->
                        Math.max(0, Math.min(3, settings.lagSecondsProperty().get() - median)));
    }

    /** {@return the offer in words; empty without one} */
    public Optional<String> words() {
        return offered()
                .map(lag -> String.format(
                        Locale.ROOT,
                        "You moved %d moments by %.2f s on median. A lag of %.2f s would have met them; now it is %.2f s.",
                        nudges.size(),
                        medianSeconds().orElseThrow(),
                        lag,
                        settings.lagSecondsProperty().get()));
    }

    /** Takes the offer, and begins to learn anew. */
    public void take() {
        offered().ifPresent(lag -> {
            settings.lagSecondsProperty().set(lag);
            nudges.clear();
            speeds.clear();
        });
    }
}
