package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.bout.Line;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Technique;
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
    /** Both seats' tries by kind and option, of everybody, as the nine questions put them. */
    private static final List<String> QUESTIONS = List.of(
            "SELECT athlete, kind, technique, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, worked, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND kind IS NOT NULL GROUP BY ALL",
            "SELECT other, kind, worked, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, side, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND side IS NOT NULL GROUP BY ALL",
            "SELECT athlete, kind, place, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND kind IS NOT NULL GROUP BY ALL",
            "SELECT athlete, technique, worked, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND kind = 'SUBMISSION' GROUP BY ALL",
            "SELECT athlete, line, count(*) FROM moment JOIN bout USING (bout) WHERE held > ? AND kind = 'PASS' GROUP BY ALL",
            "SELECT guard, reached, count(*), median(stayed) FROM moment JOIN bout USING (bout) WHERE held > ? AND reached IS NOT NULL GROUP BY ALL",
            "SELECT DISTINCT ON (bout) bout, athlete, kind FROM moment JOIN bout USING (bout) WHERE held > ? AND kind IN ('PULL', 'TAKEDOWN', 'ENTRY') ORDER BY bout, micros");

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

    /** {@return how many rows the answers have} */
    int count() throws SQLException {
        int rows = 0;
        for (String question : QUESTIONS) {
            try (PreparedStatement asked = connection.prepareStatement(question)) {
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
