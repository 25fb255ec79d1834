package farglass.library.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DatabaseTest {
    @TempDir
    Path folder;

    private Database database;

    @BeforeEach
    void tables() {
        database = Database.open(folder.resolve("some.db"));
        database.runAll("CREATE TABLE mat (key TEXT PRIMARY KEY, side INTEGER);"
                + "CREATE TABLE belt (mat TEXT REFERENCES mat (key) DEFERRABLE INITIALLY DEFERRED)");
        database.runAll("PRAGMA foreign_keys = ON");
        lay("a", 1);
    }

    @AfterEach
    void close() {
        database.close();
    }

    @Test
    void whateverIsThrownTakesAllBackAndTheNextActIsKept() {
        for (Throwable thrown : List.of(new IllegalStateException("no"), new AssertionError("no"))) {
            assertThatThrownBy(() -> database.whole(() -> {
                        lay("b", 2);
                        return fail(thrown);
                    }))
                    .isSameAs(thrown);
            assertThat(mats()).containsExactly("a");
        }
        assertThat(database.<String>whole(() -> {
                    lay("b", 2);
                    lay("c", 3);
                    return "kept";
                }))
                .isEqualTo("kept");
        assertThat(mats()).containsExactly("a", "b", "c");
    }

    @Test
    void whatTheTablesRefuseAtTheEndOfAnActTakesAllOfItBack() {
        assertThatThrownBy(() -> database.whole(() -> {
                    lay("b", 2);
                    database.run("INSERT INTO belt VALUES (?)", "none of them");
                    return 0;
                }))
                .isInstanceOfSatisfying(Database.SqlTrouble.class, trouble -> assertThat(trouble.isRefusal())
                        .isTrue());
        assertThat(mats()).containsExactly("a");
    }

    @Test
    void aRefusalWithinAnActThatGoesOnTakesNothingElseBack() {
        database.whole(() -> {
            lay("b", 2);
            assertThatThrownBy(() -> lay("a", 9)).isInstanceOf(Database.SqlTrouble.class);
            lay("c", null);
            return 0;
        });
        assertThat(mats()).containsExactly("a", "b", "c");
        assertThat(database.find("mat", "a").orElseThrow().whole("side")).isEqualTo(1);
        assertThat(database.find("mat", "c").orElseThrow().columns()).containsEntry("side", null);
    }

    @Test
    void whoTakesARowMayAskTheSameAgain() {
        lay("b", 2);
        List<String> pairs = new ArrayList<>();
        database.whole(() -> {
            database.each(
                    "SELECT key FROM mat ORDER BY key",
                    outer -> database.each(
                            "SELECT key FROM mat ORDER BY key",
                            inner -> pairs.add(outer.get("key") + "" + inner.get("key"))));
            return 0;
        });
        assertThat(pairs).containsExactly("aa", "ab", "ba", "bb");
        assertThat(database.number("SELECT count(*) FROM mat WHERE side > ?", 1))
                .isEqualTo(1);
    }

    private void lay(String key, Integer side) {
        database.run("INSERT INTO mat VALUES (?, ?)", key, side);
    }

    private List<Object> mats() {
        return database.rows("SELECT key FROM mat ORDER BY key").stream()
                .map(row -> row.get("key"))
                .toList();
    }

    private static int fail(Throwable thrown) {
        if (thrown instanceof Error error) {
            throw error;
        }
        throw (RuntimeException) thrown;
    }
}
