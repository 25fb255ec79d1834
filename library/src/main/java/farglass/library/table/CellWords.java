package farglass.library.table;

import farglass.core.bout.Became;
import farglass.core.naming.Words;
import farglass.core.side.Side;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/** What people write into cells for sides, outcomes and yes or no, in the languages of the lexicon. */
final class CellWords {
    private static final Set<String> LEFT = Set.of("left", "l", "esquerda", "esq", "e", "hidari", "izquierda");
    private static final Set<String> RIGHT = Set.of("right", "r", "direita", "dir", "d", "migi", "derecha");
    private static final Set<String> YES = Set.of(
            "yes", "y", "1", "true", "x", "\u2713", "success", "successful", "worked", "sim", "hai", "completed", "ok");
    private static final Set<String> NO =
            Set.of("no", "n", "0", "false", "fail", "failed", "unsuccessful", "nao", "iie", "stopped", "attempt");

    private CellWords() {}

    static Optional<Side> side(String cell) {
        String plain = Words.plain(cell);
        return LEFT.contains(plain)
                ? Optional.of(Side.LEFT)
                : RIGHT.contains(plain) ? Optional.of(Side.RIGHT) : Optional.empty();
    }

    /** {@return what became of it; a bare "no" says that it was tried and did not work} */
    static Optional<Became> outcome(String cell) {
        String plain = Words.plain(cell);
        Optional<Became> exact = Arrays.stream(Became.values())
                .filter(became -> Words.plain(became.label()).equals(plain))
                .findFirst();
        if (exact.isPresent()) {
            return exact;
        }
        if (YES.contains(plain)) {
            return Optional.of(Became.HELD);
        }
        return NO.contains(plain) ? Optional.of(Became.THREATENED) : Optional.empty();
    }

    static Optional<Boolean> yes(String cell) {
        String plain = Words.plain(cell);
        return YES.contains(plain) || plain.equals("private")
                ? Optional.of(true)
                : NO.contains(plain) ? Optional.of(false) : Optional.empty();
    }
}
