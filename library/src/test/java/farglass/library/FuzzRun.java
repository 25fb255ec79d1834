package farglass.library;

import farglass.core.AnyBout;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.rules.Ruleset;
import farglass.core.rules.RulesetException;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.state.Timeline;
import farglass.library.json.BoutJson;
import farglass.library.table.Mapping;
import farglass.library.table.Table;
import farglass.library.table.TableExport;
import farglass.library.table.TableImport;
import farglass.library.table.UnreadableTableException;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;

/**
 * A long run of damaged bout files, JSON documents, tables and rulesets, by hand: {@code FuzzRun SECONDS [SEED]}. Every one must be
 * read or refused with a sentence, in time, and whatever is read must survive being written. Not part of the build; the short
 * properties are. How to start it stands in docs/architecture.md.
 */
public final class FuzzRun {
    private static final long SLOW_NANOS = 2_000_000_000L;
    private static final String[] PIECES = {
        "\"",
        "\\",
        ";",
        ",",
        ":",
        "->",
        "\n",
        "\r\n",
        "\t",
        "{",
        "}",
        "[",
        "]",
        "null",
        "A ",
        "B ",
        "- ",
        "0:10",
        "99:99",
        "-1:00",
        "award 9 points",
        "side A left",
        "grip ",
        "mistake \"x\"",
        "\uFEFF",
        "\u0000",
        "\uD800",
        "\u202e",
        "1e999",
        "999999999999",
        "held",
        "held",
        "id m1",
        "answers m1",
        "note \"",
        "=1+1",
        "'",
        "restart same",
        "begin overtime",
        "film: x from 0:1",
        "starts: 1:00 left",
        "covered: story 0:00 to 9999:59",
        "length: 0:00",
        "whole: maybe"
    };

    private final SplittableRandom random;
    private final Lexicon lexicon = Lexicon.shipped();
    private long slowest;
    private String slowestWhat = "";

    private FuzzRun(long seed) {
        random = new SplittableRandom(seed);
    }

    public static void main(String[] arguments) {
        long seconds = Long.parseLong(arguments[0]);
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        new FuzzRun(seed).run(seconds, seed);
    }

    private void run(long seconds, long seed) {
        long[] tried = new long[4];
        long[] read = new long[4];
        long end = System.nanoTime() + seconds * 1_000_000_000L;
        long number = 0;
        while (System.nanoTime() < end) {
            int sort = (int) (number++ % 4);
            Bout bout = AnyBout.of(random.nextLong());
            String text = damaged(
                    switch (sort) {
                        case 0 -> BoutFile.print(bout);
                        case 1 -> BoutJson.write(bout);
                        case 2 -> TableExport.of(bout).print();
                        default ->
                            Rulesets.shippedText(random.nextBoolean() ? "points-with-advantages" : "delayed-points")
                                    .orElseThrow();
                    });
            long begun = System.nanoTime();
            boolean good;
            try {
                good = take(sort, text, bout);
            } catch (RuntimeException | StackOverflowError e) {
                throw new AssertionError("seed %d, number %d, sort %d:%n%s".formatted(seed, number, sort, text), e);
            }
            long took = System.nanoTime() - begun;
            if (took > slowest) {
                slowest = took;
                slowestWhat = "sort %d, %d characters".formatted(sort, text.length());
            }
            if (took > SLOW_NANOS) {
                throw new AssertionError(
                        "seed %d, number %d took %d ms:%n%s".formatted(seed, number, took / 1_000_000, text));
            }
            tried[sort]++;
            read[sort] += good ? 1 : 0;
        }
        String[] sorts = {"bout files", "JSON documents", "tables", "rulesets"};
        for (int i = 0; i < sorts.length; i++) {
            System.out.printf("%s: %,d damaged, %,d of them still read%n", sorts[i], tried[i], read[i]);
        }
        System.out.printf("slowest: %d ms (%s)%n", slowest / 1_000_000, slowestWhat);
    }

    private boolean take(int sort, String text, Bout bout) {
        return switch (sort) {
            case 0 -> held(BoutFile.parse(text, lexicon));
            case 1 -> held(BoutJson.read(text, lexicon));
            case 2 -> table(text, bout);
            default -> ruleset(text);
        };
    }

    /** What was read can be judged under any rules, written, and read again as the same. */
    private boolean held(BoutReading reading) {
        if (reading.bout().isEmpty()) {
            if (reading.diagnostics().isEmpty()) {
                throw new IllegalStateException("Refused without a word");
            }
            return false;
        }
        Bout bout = reading.bout().get();
        if (!BoutFile.parse(BoutFile.print(bout), lexicon).bout().equals(reading.bout())) {
            throw new IllegalStateException("What was read does not survive being written");
        }
        Timeline timeline = Timeline.of(bout, lexicon);
        for (Ruleset ruleset : Rulesets.shipped().all()) {
            Scorecard.of(bout, ruleset, lexicon, timeline).toAvoid(Long.MAX_VALUE);
        }
        return true;
    }

    private boolean table(String text, Bout bout) {
        try {
            Table table = Table.read(text);
            TableImport.Preview preview =
                    TableImport.preview(table, Mapping.guessed(table, lexicon), "x", bout.header(), lexicon);
            return held(new BoutReading(preview.bout(), preview.diagnostics()));
        } catch (UnreadableTableException e) {
            return false;
        }
    }

    private static boolean ruleset(String text) {
        try {
            Rulesets.read(text);
            return true;
        } catch (RulesetException e) {
            return false;
        }
    }

    private String damaged(String text) {
        StringBuilder out = new StringBuilder(text);
        int wounds = 1 + random.nextInt(4);
        for (int i = 0; i < wounds && !out.isEmpty(); i++) {
            int at = random.nextInt(out.length());
            switch (random.nextInt(6)) {
                case 0 -> out.deleteCharAt(at);
                case 1 -> out.insert(at, PIECES[random.nextInt(PIECES.length)]);
                case 2 -> out.setCharAt(at, (char) random.nextInt(0x10000));
                case 3 -> out.setLength(at);
                case 4 -> out.insert(at, out.substring(at, Math.min(out.length(), at + 1 + random.nextInt(200))));
                default -> swapLines(out);
            }
        }
        return out.toString();
    }

    private void swapLines(StringBuilder out) {
        List<String> lines = new ArrayList<>(out.toString().lines().toList());
        if (lines.size() > 1) {
            int one = random.nextInt(lines.size());
            int two = random.nextInt(lines.size());
            String kept = lines.get(one);
            lines.set(one, lines.get(two));
            lines.set(two, kept);
            out.setLength(0);
            out.append(lines.stream().collect(Collectors.joining("\n")));
        }
    }
}
