package farglass.library.exchange;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.fact.Remark;
import farglass.core.notation.BoutFile;
import farglass.library.json.BoutJson;
import farglass.library.table.TableExport;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Writes bouts as bout files: for sharing without what is private, or a full copy. */
public final class BoutExport {
    private BoutExport() {}

    /** {@return the bout without its private moments, the ties that rest on them, what is private of others, and the athletes' weight} */
    public static Bout forSharing(Bout bout) {
        Bout shared = bout.with(bout.header().forSharing());
        for (Moment moment : bout.moments()) {
            if (moment.telling().confidential()) {
                shared = shared.without(moment.id());
            } else if (moment.telling().facts(Remark.class).anyMatch(remark -> remark.about()
                    .isPrivate())) {
                Moment told = shared.moment(moment.id()).orElseThrow();
                shared = shared.with(told.with(told.telling()
                        .withFacts(told.telling().facts().stream()
                                .filter(fact -> !(fact instanceof Remark remark
                                        && remark.about().isPrivate()))
                                .toList())));
            }
        }
        return shared;
    }

    /** The open forms of a bout. A table holds its moments only. */
    public enum Form {
        bout,
        json,
        csv
    }

    /** {@return the text of a bout in that form: for sharing, or as a full copy} */
    public static String text(Bout bout, Form form, boolean full) {
        Bout told = full ? bout : forSharing(bout);
        return switch (form) {
            case bout -> BoutFile.print(told);
            case json -> BoutJson.write(told);
            case csv -> TableExport.of(told).print();
        };
    }

    /**
     * Writes one bout.
     *
     * @param full whether private moments go with it
     */
    public static void write(Bout bout, Destination target, Form form, boolean full) {
        target.write(unfinished -> Files.writeString(unfinished, text(bout, form, full), StandardCharsets.UTF_8));
    }

    /** {@return a file name for the bout: date and both names, safe on every system} */
    public static String fileName(Bout bout, Form form) {
        String words = "%s %s vs %s"
                .formatted(
                        bout.header().date().map(Object::toString).orElse("undated"),
                        bout.header().a().name(),
                        bout.header().b().name());
        String safe = java.text.Normalizer.normalize(words, java.text.Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^A-Za-z0-9]+", "-");
        // Two of the same day and names are told apart by their ids, of whatever letters those are.
        return "%s-%s.%s".formatted(safe, digest(bout.id()), form);
    }

    private static String digest(String id) {
        try {
            byte[] sum = MessageDigest.getInstance("SHA-256").digest(id.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(sum, 0, 6);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java knows SHA-256", e);
        }
    }
}
