package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Line;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the dossier counts, counted by an embedded analytical database: moments as rows, one column for each thing told, so that it reads
 * only what it needs. The driver comes with the profile {@code sql} of the build.
 */
final class SqlCounts implements AutoCloseable {
    /**
     * What the dossier counts of everybody, as few questions as it can be put in: of all kinds at once, where the dossier asks of each. Left
     * out is what the table does not hold: grips, calls, mistakes, points under other rules, plans. No estimates.
     */
    private static final List<String> QUESTIONS = List.of(
            // What is tried, what works, against whom, on which side, from where, on which line.
            "SELECT athlete, kind, technique, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, worked, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT other, kind, worked, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, other, kind, worked, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, side, worked, count(*) FROM seen WHERE side IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, place, worked, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, technique, worked, count(*) FROM seen WHERE kind = 'SUBMISSION' GROUP BY ALL",
            "SELECT athlete, line, worked, count(*) FROM seen WHERE kind = 'PASS' GROUP BY ALL",
            // Of each bout apart: how alike the moments of one bout are.
            "SELECT athlete, bout, kind, technique, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, bout, kind, worked, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            // Over the years and the minutes.
            "SELECT athlete, kind, year(held), worked, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, micros // 60000000, count(*) FROM seen WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, count(*), sum(minutes) FROM (SELECT athlete, kind, bout, max(micros) / 60e6 AS minutes FROM seen"
                    + " WHERE kind IS NOT NULL GROUP BY ALL) GROUP BY ALL",
            // Guards: how long, how they began and ended.
            "SELECT guard, reached, count(*), sum(stayed), median(stayed) FROM seen WHERE reached IS NOT NULL GROUP BY ALL",
            "SELECT guard, reached, technique, count(*) FROM seen WHERE reached IS NOT NULL GROUP BY ALL",
            // The first of a bout.
            "SELECT DISTINCT ON (bout) bout, athlete, kind FROM seen WHERE kind IN ('PULL', 'TAKEDOWN', 'ENTRY') ORDER BY bout, micros",
            "SELECT DISTINCT ON (bout) bout, athlete, kind FROM seen WHERE worked ORDER BY bout, micros",
            // What she did before and after, what the other one did then, tried again or given up.
            "SELECT athlete, kind, earlier, worked, count(*) FROM (SELECT athlete, kind, worked, lag(technique) OVER own AS earlier"
                    + " FROM seen WINDOW own AS (PARTITION BY bout, athlete ORDER BY micros)) WHERE kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, later, count(*) FROM (SELECT athlete, kind, worked, lead(technique) OVER own AS later"
                    + " FROM seen WINDOW own AS (PARTITION BY bout, athlete ORDER BY micros)) WHERE kind IS NOT NULL AND NOT worked GROUP BY ALL",
            "SELECT athlete, kind, later, count(*) FROM (SELECT athlete, kind, lead(technique) OVER all_of AS later, lead(athlete) OVER"
                    + " all_of AS who, lead(micros) OVER all_of - micros AS gap FROM seen WINDOW all_of AS (PARTITION BY bout ORDER BY micros))"
                    + " WHERE kind IS NOT NULL AND who <> athlete AND gap < 8000000 GROUP BY ALL",
            "SELECT athlete, kind, technique = earlier, count(*) FROM (SELECT athlete, kind, technique, lag(technique) OVER own AS earlier"
                    + " FROM seen WINDOW own AS (PARTITION BY bout, athlete ORDER BY micros)) WHERE kind IS NOT NULL GROUP BY ALL",
            // What is usual and who never does it.
            "SELECT kind, technique, avg(share), var_samp(share) FROM (SELECT kind, technique, n / sum(n) OVER (PARTITION BY athlete, kind)"
                    + " AS share FROM (SELECT athlete, kind, technique, count(*) AS n FROM seen WHERE kind IS NOT NULL GROUP BY ALL))"
                    + " GROUP BY ALL");

    private final Connection connection;

    SqlCounts(List<Bout> bouts, Lexicon lexicon) throws SQLException {
        connection = DriverManager.getConnection("jdbc:duckdb:");
        try (Statement statement = connection.createStatement()) {
            statement.execute("CREATE TABLE bout (bout VARCHAR PRIMARY KEY, held DATE)");
            statement.execute(
                    "CREATE TABLE moment (bout VARCHAR, micros BIGINT, athlete VARCHAR, other VARCHAR, kind VARCHAR,"
                            + " technique VARCHAR, worked BOOLEAN, side VARCHAR, place VARCHAR, line VARCHAR,"
                            + " reached VARCHAR, guard VARCHAR, stayed DOUBLE)");
        }
        fill(
                "bout",
                bouts.stream()
                        .map(bout -> line(
                                bout.id(),
                                bout.header().date().map(Object::toString).orElse("2000-01-01"))));
        fill("moment", bouts.stream().flatMap(bout -> lines(bout, lexicon)));
    }

    private void fill(String table, Stream<String> lines) throws SQLException {
        try {
            Path file = Files.createTempFile(table, ".tsv");
            Files.write(file, (Iterable<String>) lines::iterator);
            try (Statement statement = connection.createStatement()) {
                statement.execute("COPY %s FROM '%s' (FORMAT csv, DELIMITER '\t', HEADER false, NULLSTR '')"
                        .formatted(table, file));
            } finally {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String line(String... cells) {
        return String.join("\t", cells);
    }

    private static Stream<String> lines(Bout bout, Lexicon lexicon) {
        Timeline timeline = Timeline.of(bout, lexicon);
        Map<String, Visit> opened = new HashMap<>();
        timeline.visits().forEach(visit -> visit.openedBy().ifPresent(by -> opened.put(by, visit)));
        return bout.moments().stream().map(moment -> {
            Optional<Technique> technique = moment.technique().flatMap(lexicon::technique);
            Optional<Visit> guard = Optional.ofNullable(opened.get(moment.id()))
                    .filter(visit -> visit.stand().position().family().isGuard()
                            && visit.stand().top().isPresent());
            Position before = timeline.before(moment).position();
            return line(
                    bout.id(),
                    moment.atMicros().isPresent() ? "" + moment.atMicros().getAsLong() : "",
                    moment.actor().map(seat -> name(bout, seat)).orElse(""),
                    moment.actor().map(seat -> name(bout, seat.other())).orElse(""),
                    technique.map(each -> each.kind().name()).orElse(""),
                    technique.map(each -> lexicon.together(each.key())).orElse(""),
                    technique.map(each -> "" + moment.succeeded()).orElse(""),
                    moment.telling().side().map(side -> side.side().label()).orElse(""),
                    before.isSettled() ? before.key() : "",
                    moment.telling().line().map(Line::label).orElse(""),
                    guard.map(visit -> visit.stand().position().key()).orElse(""),
                    guard.map(visit ->
                                    name(bout, visit.stand().top().orElseThrow().other()))
                            .orElse(""),
                    guard.map(visit -> "" + visit.playedSeconds()).orElse(""));
        });
    }

    private static String name(Bout bout, Seat seat) {
        return bout.header().contestant(seat).name();
    }

    /** Which bouts a filter leaves. */
    private static final String SEEN = "WITH seen AS (SELECT * FROM moment JOIN bout USING (bout) WHERE held > ?) ";

    /** {@return how many rows the answers have} */
    int count() throws SQLException {
        int rows = 0;
        for (String question : QUESTIONS) {
            try (PreparedStatement asked = connection.prepareStatement(SEEN + question)) {
                asked.setDate(1, java.sql.Date.valueOf("2001-01-01"));
                try (ResultSet answer = asked.executeQuery()) {
                    while (answer.next()) {
                        rows++;
                    }
                }
            }
        }
        return rows;
    }

    @Override
    public void close() throws SQLException {
        connection.close();
    }
}
