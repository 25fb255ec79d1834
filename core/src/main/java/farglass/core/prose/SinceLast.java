package farglass.core.prose;

import farglass.core.bout.Header;
import farglass.core.estimate.Share;
import farglass.core.naming.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What an athlete's last bout changed: which differences it bears out, which may be claimed only with it and which no longer, and what in
 * it was least to be expected from the bouts before. Both pages are made by the same rules, the one without that bout.
 *
 * @param bout its id
 * @param told day and opponent
 * @param confirmed what could be claimed before, and was seen in it too
 * @param newly what may be claimed since it
 * @param contradicted what could be claimed before it, and no longer
 * @param surprised what happened in it and hardly ever, or never, before
 * @param chapters in which anything of that is news: all but what was only confirmed
 */
public record SinceLast(
        String bout,
        String told,
        List<String> confirmed,
        List<String> newly,
        List<String> contradicted,
        List<String> surprised,
        Set<String> chapters) {
    private static final int MOST = 4;
    /** Of fewer chances before, nothing in it can surprise. */
    private static final int FEWEST_CHANCES = 10;

    private static final double UNEXPECTED = 0.1;

    public SinceLast {
        confirmed = List.copyOf(confirmed);
        newly = List.copyOf(newly);
        contradicted = List.copyOf(contradicted);
        surprised = List.copyOf(surprised);
        chapters = Set.copyOf(chapters);
    }

    /**
     * {@return what changed}
     *
     * @param before the page of the bouts before it
     * @param after the page with it
     */
    public static SinceLast of(Page before, Page after, String bout, Header header) {
        Map<String, FigureRow> rowsBefore = rows(before);
        Map<String, FigureRow> rowsAfter = rows(after);
        List<String> confirmed = new ArrayList<>();
        List<String> newly = new ArrayList<>();
        List<String> contradicted = new ArrayList<>();
        Map<String, String> chapterOf = new HashMap<>();
        Stream.of(before, after).flatMap(page -> page.answers().stream()).forEach(answer -> answer.rows()
                .forEach(row -> chapterOf.put(key(row), answer.chapter())));
        Set<String> chapters = new HashSet<>();
        rowsAfter.forEach((key, row) -> {
            boolean was = Optional.ofNullable(rowsBefore.get(key))
                    .filter(SinceLast::isClaimed)
                    .isPresent();
            if (isClaimed(row) && was && isIn(row, bout)) {
                confirmed.add(label(row));
            } else if (isClaimed(row) && !was) {
                newly.add(label(row));
                chapters.add(chapterOf.get(key));
            }
        });
        rowsBefore.forEach((key, row) -> {
            boolean is = Optional.ofNullable(rowsAfter.get(key))
                    .filter(SinceLast::isClaimed)
                    .isPresent();
            if (isClaimed(row) && !is) {
                contradicted.add(label(row));
                chapters.add(chapterOf.get(key));
            }
        });
        List<Surprise> surprised = surprised(rowsBefore, rowsAfter, bout);
        surprised.forEach(surprise -> chapters.add(chapterOf.get(surprise.key())));
        return new SinceLast(
                bout,
                told(header, after.athlete()),
                first(confirmed),
                first(newly),
                first(contradicted),
                first(surprised.stream().map(Surprise::words).toList()),
                chapters);
    }

    /** @param expected how likely it was before, in [0, 1] */
    private record Surprise(String key, String words, double expected) {}

    private static String key(FigureRow row) {
        return row.figure().subject().id() + "/" + row.figure().option();
    }

    private static String told(Header header, String athlete) {
        String other = header.seatOf(athlete)
                .map(seat -> header.contestant(seat.other()).name())
                .orElse("");
        return header.date().map(Object::toString).orElse("no date") + ", against " + other;
    }

    private static List<String> first(List<String> all) {
        return all.stream().distinct().limit(MOST).toList();
    }

    private static Map<String, FigureRow> rows(Page page) {
        Map<String, FigureRow> rows = new LinkedHashMap<>();
        page.answers().forEach(answer -> answer.rows().forEach(row -> rows.putIfAbsent(key(row), row)));
        return rows;
    }

    private static boolean isClaimed(FigureRow row) {
        return row.figure().claimed().stream()
                .anyMatch(claim ->
                        claim.match(others -> true, prefers -> prefers.side().isPresent(), then -> true));
    }

    private static boolean isIn(FigureRow row, String bout) {
        return row.evidence().stream().anyMatch(seen -> seen.bout().equals(bout));
    }

    private static String label(FigureRow row) {
        String label = Words.inSentence(row.label());
        return row.heading().isEmpty()
                        || row.heading().equals("By name")
                        || row.heading().equals("Side")
                ? label
                : "%s (%s)".formatted(label, Words.inSentence(row.heading()));
    }

    /** Only options with names of the lexicon: what it was is then a thing that somebody did. */
    private static List<Surprise> surprised(Map<String, FigureRow> before, Map<String, FigureRow> after, String bout) {
        List<Surprise> all = new ArrayList<>();
        after.forEach((key, row) -> {
            if (!row.figure().subject().wording().inLexicon() || !isIn(row, bout)) {
                return;
            }
            Optional<Share> now = row.figure().chances();
            Optional<Share> then = Optional.ofNullable(before.get(key))
                    .flatMap(was -> was.figure().chances());
            int chances = before.values().stream()
                    .filter(was -> was.figure()
                            .subject()
                            .id()
                            .equals(row.figure().subject().id()))
                    .flatMap(was -> was.figure().chances().stream())
                    .mapToInt(Share::chances)
                    .max()
                    .orElse(0);
            double expected = then.map(Share::point).orElse(0.0);
            if (now.isPresent() && chances >= FEWEST_CHANCES && expected < UNEXPECTED) {
                all.add(new Surprise(
                        key,
                        then.isEmpty()
                                ? "%s, never seen in %d %s before".formatted(label(row), chances, row.of())
                                : "%s, %s %s before".formatted(label(row), Amounts.raw(then.get()), row.of()),
                        expected));
            }
        });
        return all.stream()
                .sorted(Comparator.comparingDouble(Surprise::expected))
                .toList();
    }

    /** {@return whether there is anything to tell} */
    public boolean saysSomething() {
        return !(confirmed.isEmpty() && newly.isEmpty() && contradicted.isEmpty() && surprised.isEmpty());
    }
}
