package farglass.core.naming;

import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import java.util.Collection;
import java.util.Optional;

/** The entries whose names are looked for. */
public interface Vocabulary {
    Collection<Technique> techniques();

    Optional<Technique> technique(String key);

    Optional<Position> position(String key);

    /** {@return the name people read for a key, or the key itself where there is no such entry} */
    String label(String key);

    /** {@return the entry whose name is fewest slips of the finger away, if any is within a third of the word's length} */
    Optional<Term> nearest(String word);
}
