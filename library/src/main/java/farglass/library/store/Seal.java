package farglass.library.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/**
 * What a bout and all its moments come to, row by row in the order of the bout. SQLite has no checksums of its own: a byte that turned within a
 * value is read as another value, and a lost page may hide a moment.
 */
public final class Seal {
    private final MessageDigest sum;

    public Seal() {
        try {
            this.sum = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java knows SHA-256", e);
        }
    }

    /** @param moments in the order of the bout */
    public static String of(Row bout, List<Row> moments) {
        Seal seal = new Seal();
        moments.forEach(seal::add);
        return seal.with(bout);
    }

    /**
     * Looks whether a bout is as it was written. What is not must not be written over: that would seal the damage.
     *
     * @throws LibraryException.Damaged if it is not, or is gone though it was never taken out
     */
    public static void check(Store store, String bout) {
        Optional<String> sealed = store.findIfThere("seal", bout).map(row -> row.text("digest"));
        if (sealed.isEmpty()) {
            return;
        }
        Optional<Row> row = store.find("bout", bout);
        if (row.isEmpty() || !sealed.get().equals(of(row.get(), store.where("moment", "bout", bout, "ord, key")))) {
            throw new LibraryException.Damaged(
                    "Nothing was changed: this bout is not as it was written (its checksum differs). Recover it first, by the Library menu.",
                    null);
        }
    }

    /** Adds the next moment. */
    public void add(Row row) {
        StringBuilder words = new StringBuilder(512);
        word(words, row.key());
        row.columns().forEach((column, value) -> {
            word(words, column);
            // Whole and real numbers of one value are different bytes on the disk.
            String kind = value == null ? "-" : value.getClass().getSimpleName();
            String told = value == null ? "" : value.toString();
            words.append(kind.length() + told.length()).append(':').append(kind).append(told);
        });
        sum.update(words.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** With its length in front: else two words could share their letters otherwise. */
    private static void word(StringBuilder words, String text) {
        words.append(text.length()).append(':').append(text);
    }

    /** {@return the seal of the bout whose moments were added} */
    public String with(Row bout) {
        add(bout);
        return HexFormat.of().formatHex(sum.digest());
    }
}
