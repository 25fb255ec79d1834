package farglass.core.corpus;

import farglass.core.bout.Bout;
import farglass.core.notation.BoutFile;
import java.nio.charset.StandardCharsets;
import java.util.function.Supplier;

/** A bout with its sheet, which is made when it is first asked for: of most bouts a dossier needs only what was added up before. */
final class LazySheet {
    private final Bout bout;
    private Supplier<BoutSheet> making;
    private BoutSheet sheet;
    private byte[] digest;

    LazySheet(Bout bout, Supplier<BoutSheet> making) {
        this.bout = bout;
        this.making = making;
    }

    Bout bout() {
        return bout;
    }

    synchronized BoutSheet sheet() {
        if (sheet == null) {
            sheet = making.get();
            making = null;
        }
        return sheet;
    }

    /** {@return a digest of all that is told of the bout: of its text, which holds everything} */
    synchronized byte[] digest() {
        if (digest == null) {
            digest = KeptSums.sha256().digest(BoutFile.print(bout).getBytes(StandardCharsets.UTF_8));
        }
        return digest.clone();
    }
}
