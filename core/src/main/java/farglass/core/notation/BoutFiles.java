package farglass.core.notation;

import farglass.core.lexicon.Lexicon;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Several bouts in one text: {@code far-glass bouts 1}, header lines that all of them share, then each bout as a bout file of its own. What
 * a bout says itself stands before what all share.
 */
public final class BoutFiles {
    /** The first line of such a text. */
    public static final String FIRST_LINE = "far-glass bouts 1";

    private static final Pattern KEY = Pattern.compile("\\s*([A-Za-z][A-Za-z0-9 -]{0,40}?)\\s*:(?:\\s.*)?");

    /** One line of a text, and which of all lines it is, from 1. */
    private record Numbered(String text, int number) {}

    private BoutFiles() {}

    /** {@return every bout of the text, or why there is none: one where it is an ordinary bout file} */
    public static List<BoutReading> parse(String text, Lexicon lexicon) {
        List<String> lines = text.lines().toList();
        if (lines.isEmpty() || !lines.get(0).strip().replace("\uFEFF", "").equals(FIRST_LINE)) {
            return List.of(BoutFile.parse(text, lexicon));
        }
        List<Numbered> shared = new ArrayList<>();
        List<List<Numbered>> bouts = new ArrayList<>();
        for (int i = 1; i < lines.size(); i++) {
            if (lines.get(i).strip().equals(BoutPrinter.FIRST_LINE)) {
                bouts.add(new ArrayList<>());
            }
            (bouts.isEmpty() ? shared : bouts.get(bouts.size() - 1)).add(new Numbered(lines.get(i), i + 1));
        }
        if (bouts.isEmpty()) {
            return List.of(new BoutReading(
                    Optional.empty(),
                    List.of(new Diagnostic(
                            1,
                            1,
                            Diagnostic.Severity.ERROR,
                            "this file holds no bout; each begins with a line \"%s\""
                                    .formatted(BoutPrinter.FIRST_LINE)))));
        }
        return bouts.stream().map(bout -> reading(bout, shared, lexicon)).toList();
    }

    private static BoutReading reading(List<Numbered> bout, List<Numbered> shared, Lexicon lexicon) {
        Set<String> own = new HashSet<>();
        for (Numbered line : bout.subList(1, bout.size())) {
            Matcher key = KEY.matcher(line.text());
            if (key.matches()) {
                own.add(key.group(1));
            }
        }
        List<Numbered> all = new ArrayList<>();
        all.add(bout.get(0));
        for (Numbered line : shared) {
            Matcher key = KEY.matcher(line.text());
            boolean overruled = key.matches() && own.contains(key.group(1));
            if (!line.text().isBlank() && !overruled) {
                all.add(line);
            }
        }
        all.addAll(bout.subList(1, bout.size()));
        String text = String.join("\n", all.stream().map(Numbered::text).toList()) + "\n";
        BoutReading read = BoutFile.parse(text, lexicon);
        // What is wrong is said of the line in which it stands here.
        return read.movedTo(
                line -> line >= 1 && line <= all.size() ? all.get(line - 1).number() : line);
    }
}
