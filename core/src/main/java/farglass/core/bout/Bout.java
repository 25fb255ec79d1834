package farglass.core.bout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A bout and everything told of it. Moments stand in the order they happened; the times that are known never go back.
 *
 * @param id unique in the world and sortable
 * @param comments remarks of a bout file, each before the moment it stood before
 */
public record Bout(String id, Header header, List<Moment> moments, List<Comment> comments) {
    /**
     * A comment line of a bout file.
     *
     * @param before id of the moment it stands before, {@link #END}, or what {@link #beforeHeader} gives
     */
    public record Comment(String before, String text) {
        /** {@return what stands for the first header line of that key} */
        public static String beforeHeader(String key) {
            return "(header " + key + ")";
        }

        public static final String END = "(end)";
    }

    public Bout {
        moments = List.copyOf(moments);
        comments = List.copyOf(comments);
        Set<String> ids = new HashSet<>();
        long last = 0;
        for (Moment moment : moments) {
            if (!ids.add(moment.id())) {
                throw new IllegalArgumentException("Two moments of bout " + id + " have the id " + moment.id());
            }
            if (moment.atMicros().isPresent()) {
                if (moment.atMicros().getAsLong() < last) {
                    throw new IllegalArgumentException("Moment " + moment.id() + " of bout " + id + " at "
                            + moment.atMicros().getAsLong() + " us stands after one at " + last + " us");
                }
                last = moment.atMicros().getAsLong();
            }
        }
    }

    public Optional<Moment> moment(String momentId) {
        return moments.stream().filter(moment -> moment.id().equals(momentId)).findFirst();
    }

    public Bout with(Header newHeader) {
        return new Bout(id, newHeader, moments, comments);
    }

    /** {@return the bout with this moment added, or in place of the one with its id, where its time puts it} */
    public Bout with(Moment moment) {
        List<Moment> changed = new ArrayList<>(moments);
        Optional<Moment> before = moment(moment.id());
        if (before.isPresent() && before.get().atMicros().equals(moment.atMicros())) {
            changed.set(changed.indexOf(before.get()), moment);
        } else {
            before.ifPresent(changed::remove);
            changed.add(placeFor(moment, changed), moment);
        }
        return new Bout(id, header, changed, comments);
    }

    /** {@return the bout with a new moment directly after that one, or where its time puts it if that is later} */
    Bout withAfter(Moment moment, String earlierId) {
        List<Moment> changed = new ArrayList<>(moments);
        int after = changed.indexOf(moment(earlierId).orElseThrow()) + 1;
        changed.add(Math.max(after, moment.atMicros().isPresent() ? placeFor(moment, moments) : after), moment);
        return new Bout(id, header, changed, comments);
    }

    private static int placeFor(Moment moment, List<Moment> among) {
        if (moment.atMicros().isPresent()) {
            for (int i = among.size(); i > 0; i--) {
                var at = among.get(i - 1).atMicros();
                if (at.isPresent() && at.getAsLong() <= moment.atMicros().getAsLong()) {
                    return i;
                }
            }
            return 0;
        }
        return among.size();
    }

    /** {@return the bout without that moment; what was tied to it is so no more} */
    public Bout without(String momentId) {
        List<Moment> left = moments.stream()
                .filter(moment -> !moment.id().equals(momentId))
                .map(moment -> {
                    Telling untied = moment.telling().without(momentId);
                    return untied == moment.telling() ? moment : moment.with(untied);
                })
                .toList();
        return new Bout(id, header, left, comments);
    }

    /** {@return the bout seen in a mirror: every left is a right; doing it twice changes nothing} */
    public Bout mirrored() {
        Header turned = HeaderBuilder.builder(header)
                .a(header.a().mirrored())
                .b(header.b().mirrored())
                .create();
        return new Bout(id, turned, moments.stream().map(Moment::mirrored).toList(), comments);
    }

    /** {@return microseconds from the start to the last thing known of it: its last moment or covered stretch} */
    public long extentMicros() {
        long extent = 0;
        for (Moment moment : moments) {
            extent = Math.max(extent, moment.atMicros().orElse(0));
        }
        for (Covered covered : header.covered()) {
            extent = Math.max(extent, covered.toMicros());
        }
        return extent;
    }
}
