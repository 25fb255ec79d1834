package farglass.core;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import java.util.stream.Collectors;

/** Bouts for tests, written as they would be in a file. */
public final class Bouts {
    public static final Lexicon LEXICON = Lexicon.shipped();

    private Bouts() {}

    /** {@return a bout of Juno (A) and Pip (B), watched for ten minutes, with these moments} */
    public static Bout of(String... moments) {
        return parsed("covered: story 0:00 to 10:00\n", moments);
    }

    /** {@return a bout of the two with more header lines in place of the usual coverage} */
    public static Bout parsed(String header, String... moments) {
        String text = "far-glass bout 1\nA: Juno\nB: Pip\n" + header + String.join("\n", moments) + "\n";
        BoutReading reading = BoutFile.parse(text, LEXICON);
        return reading.bout()
                .orElseThrow(() -> new AssertionError(
                        reading.diagnostics().stream().map(Object::toString).collect(Collectors.joining("; "))));
    }
}
