package farglass.core.pass;

import farglass.core.bout.Bout;
import farglass.core.bout.Uniform;
import farglass.core.corpus.BoutSheet;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/**
 * What is usually held where, and usually done wrong, as the product brings it: in the words of a bout file, so that it is offered as what a
 * library tells is. It is offered and nothing else: no figure and no pick ever sees it.
 */
final class UsualFacts {
    private UsualFacts() {}

    /** {@return what is held in a place, with or without the gi; the gi where that is not told} */
    static BoutSheet held(Uniform uniform, Lexicon lexicon) {
        return sheet(uniform == Uniform.NO_GI ? "usual-no-gi.bout" : "usual-gi.bout", lexicon);
    }

    /** {@return which mistakes are made} */
    static BoutSheet mistakes(Lexicon lexicon) {
        return sheet("usual-mistakes.bout", lexicon);
    }

    private static BoutSheet sheet(String file, Lexicon lexicon) {
        try (InputStream in = UsualFacts.class.getResourceAsStream(file)) {
            // The words of the file are the product's own, whatever a library renamed.
            Bout bout = BoutFile.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8), Lexicon.shipped())
                    .bout()
                    .orElseThrow(() -> new IllegalStateException(file + " cannot be read."));
            return BoutSheet.of(bout, lexicon);
        } catch (IOException e) {
            throw new UncheckedIOException(file + " cannot be read", e);
        }
    }
}
