package farglass.library.contents;

import farglass.core.bout.Moment;
import farglass.library.store.LibraryException;
import farglass.library.store.Row;
import farglass.library.store.Seal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What happened in one bout, as its rows tell it, and what they come to. */
final class ToldMoments {
    private final List<Moment> moments = new ArrayList<>();
    private final Seal seal = new Seal();
    private Optional<String> unreadable = Optional.empty();

    /** {@return this, with the next rows of the bout} */
    ToldMoments with(List<Row> rows) {
        for (Row row : rows) {
            seal.add(row);
            try {
                moments.add(row.told(MomentRows::moment));
            } catch (LibraryException.Damaged e) {
                unreadable = unreadable.or(() -> Optional.of(e.getMessage()));
            }
        }
        return this;
    }

    List<Moment> moments() {
        return moments;
    }

    Seal seal() {
        return seal;
    }

    /** {@return why not all of them can be read; empty for most} */
    Optional<String> unreadable() {
        return unreadable;
    }
}
