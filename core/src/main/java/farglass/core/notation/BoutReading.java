package farglass.core.notation;

import farglass.core.bout.Bout;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntUnaryOperator;

/**
 * What came of reading a text.
 *
 * @param bout the bout; empty when there are errors
 * @param diagnostics errors and warnings in order of line, at most {@link BoutReader#MOST_ERRORS} errors
 * @param lines the line in which each moment stands, by its id; empty where the text had none
 */
public record BoutReading(Optional<Bout> bout, List<Diagnostic> diagnostics, Map<String, Integer> lines) {
    public BoutReading {
        diagnostics = List.copyOf(diagnostics);
        lines = Map.copyOf(lines);
    }

    public BoutReading(Optional<Bout> bout, List<Diagnostic> diagnostics) {
        this(bout, diagnostics, Map.of());
    }

    /** {@return the same of a text of which this one was a part} @param elsewhere where each of its lines stands there */
    BoutReading movedTo(IntUnaryOperator elsewhere) {
        Map<String, Integer> moved = new HashMap<>();
        lines.forEach((id, line) -> moved.put(id, elsewhere.applyAsInt(line)));
        return new BoutReading(
                bout,
                diagnostics.stream()
                        .map(found -> new Diagnostic(
                                elsewhere.applyAsInt(found.line()), found.column(), found.severity(), found.message()))
                        .toList(),
                moved);
    }
}
