package farglass.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.study.Athlete;
import farglass.library.backup.Backups;
import farglass.library.contents.Contents;
import farglass.library.recovery.Recovery;
import farglass.library.store.Journal;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the disk did to a library is told by name, locks up nothing else, and is mended where it can be. */
class DamageTest {
    @TempDir
    Path folder;

    private final Bout one = SampleBouts.full();
    private final Bout two = new Bout("second", one.header(), one.moments(), List.of());

    private Path file() {
        return folder.resolve("l.farglass");
    }

    @BeforeEach
    void lay() {
        try (Library library = Library.create(file(), Clock.systemUTC(), "tester")) {
            library.change("Add two", Change.added(one), Change.added(two));
            Moment first = one.moments().get(0);
            library.change(
                    "Note", Change.of(one, one.with(first.with(first.telling().withNote("late")))));
            library.change(
                    "Take the note back", Change.of(library.bout(one.id()).orElseThrow(), one));
        }
    }

    private Library open() {
        return Library.open(file(), Clock.systemUTC(), "tester");
    }

    private void sql(String statement) {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file())) {
            connection.createStatement().executeUpdate(statement);
        } catch (SQLException e) {
            throw new AssertionError(e);
        }
    }

    private Recovery.Report recovered() {
        return Recovery.recover(file(), Clock.systemUTC(), "tester");
    }

    private void isAsItWas() {
        try (Library library = open()) {
            Contents contents = library.contents();
            assertThat(contents.damage()).isEmpty();
            assertThat(contents.bouts()).containsExactlyInAnyOrder(one, two);
        }
    }

    @Test
    void aTurnedByteLocksUpItsBoutAloneAndIsMendedFromTheHistory() {
        sql("UPDATE moment SET became = 'EXPLODED' WHERE key = '" + one.id() + "/m2'");
        try (Library library = open()) {
            Contents contents = library.contents();
            assertThat(contents.bouts()).containsExactly(two);
            assertThat(contents.damage()).singleElement().satisfies(damage -> assertThat(damage.sentence())
                    .contains("m2"));
            assertThatThrownBy(() -> library.change("Write over it", Change.of(one, one.without("m2"))))
                    .isInstanceOf(LibraryException.Damaged.class);
            library.change(
                    "All else is open",
                    Change.of(two, two.without(two.moments().get(0).id())),
                    Change.of(two.without(two.moments().get(0).id()), two));
        }
        Recovery.Report report = recovered();
        assertThat(report.lost()).isEmpty();
        assertThat(report.mended()).singleElement().satisfies(words -> assertThat(words)
                .contains("from its history"));
        isAsItWas();
    }

    /** An act that writes another row of the bout, or none of it, would work the seal out anew, with the damage in it. */
    @Test
    void neitherUndoNorACorrectedNameSealsTheDamage() {
        sql("UPDATE moment SET at_us = at_us + 1000000 WHERE key = '" + one.id() + "/m2'");
        try (Library library = open()) {
            assertThatThrownBy(library::undo).isInstanceOf(LibraryException.Damaged.class);
            Athlete first = library.contents().athletes().get(0);
            library.change(
                    "Correct a name",
                    new Change.OfAthlete(Optional.of(first), new Athlete(first.id(), first.name() + " Jr.")));
            assertThat(library.contents().damage()).singleElement().satisfies(damage -> assertThat(damage.bout())
                    .contains(one.id()));
        }
    }

    @Test
    void aKeyThatIsNoTextIsDamageAndNoSlip() {
        sql("UPDATE moment SET bout = CAST(bout AS BLOB) WHERE key = 'second/m1'");
        try (Library library = open()) {
            assertThat(library.contents().bouts()).containsExactly(one);
        }
    }

    @Test
    void aByteThatTurnsOneValueIntoAnotherIsSeenBesideItsChecksum() {
        sql("UPDATE moment SET at_us = at_us + 1000000 WHERE key = 'second/m1'");
        try (Library library = open()) {
            assertThat(library.contents().bouts()).containsExactly(one);
            assertThat(library.contents().damage().get(0).reason()).contains("checksum");
        }
        assertThat(recovered().lost()).isEmpty();
        isAsItWas();
    }

    @Test
    void aMomentOrABoutThatIsGoneIsSeenAndComesBack() {
        sql("DELETE FROM moment WHERE key = 'second/m1'");
        sql("DELETE FROM moment WHERE bout = '" + one.id() + "'");
        sql("DELETE FROM bout WHERE key = '" + one.id() + "'");
        try (Library library = open()) {
            assertThat(library.contents().bouts()).isEmpty();
            assertThat(library.contents().damage()).hasSize(2);
        }
        assertThat(recovered().lost()).isEmpty();
        isAsItWas();
    }

    @Test
    void aTurnedChecksumCostsNothing() {
        sql("UPDATE seal SET digest = 'f' || substr(digest, 2) WHERE key = 'second'");
        sql("UPDATE seal SET digest = 'e' || substr(digest, 2) WHERE key = '" + one.id() + "'");
        assertThat(recovered().lost()).isEmpty();
        isAsItWas();
    }

    @Test
    void whatIsWrongTwiceIsNamedAndTheRestOfItsBoutStays() {
        sql("UPDATE moment SET became = 'EXPLODED' WHERE key = 'second/m2'");
        sql("DELETE FROM change WHERE row_key = 'second/m2'");
        Recovery.Report report = recovered();
        assertThat(report.lost()).anySatisfy(words -> assertThat(words).contains("1 moment could not be read"));
        try (Library library = open()) {
            assertThat(library.contents().bout("second").orElseThrow().moments())
                    .hasSize(two.moments().size() - 1);
            assertThat(library.contents().bout(one.id())).contains(one);
        }
    }

    @Test
    void theEditHistoryComesAlongAndUndoStillKnowsIt() {
        sql("UPDATE moment SET became = 'EXPLODED' WHERE key = 'second/m2'");
        recovered();
        try (Library library = open()) {
            String first = one.moments().get(0).id();
            assertThat(library.history(one.id(), first)).hasSize(3);
            assertThat(library.nextUndo()).contains("Take the note back");
            library.undo();
            assertThat(library.bout(one.id())
                            .orElseThrow()
                            .moment(first)
                            .orElseThrow()
                            .telling()
                            .note())
                    .contains("late");
        }
    }

    @Test
    void aHistoryThatIsLostIsSaid() {
        sql("UPDATE moment SET became = 'EXPLODED' WHERE key = 'second/m2'");
        sql("DROP TABLE change");
        Recovery.Report report = recovered();
        assertThat(report.lost()).anySatisfy(words -> assertThat(words).contains("edit history"));
    }

    @Test
    void aHotJournalIsRolledBackBeforeAnythingIsJudgedAndKeptAside() throws Exception {
        Path crashed = folder.resolve("crashed.farglass");
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file())) {
            connection.createStatement().execute("PRAGMA cache_size = 1");
            connection.setAutoCommit(false);
            connection
                    .createStatement()
                    .executeUpdate("UPDATE moment SET more = '{\"note\":\"" + "x".repeat(3000) + "\"}'");
            connection.createStatement().executeUpdate("DELETE FROM change");
            // As a power cut leaves it: pages are written, and the way back stands in the journal.
            Files.copy(file(), crashed);
            Files.copy(Journal.of(file()), Journal.of(crashed));
            connection.rollback();
        }
        byte[] journal = Files.readAllBytes(Journal.of(crashed));
        assertThat(journal).isNotEmpty();
        Recovery.Report report = Recovery.recover(crashed, Clock.systemUTC(), "tester");
        assertThat(report.lost()).isEmpty();
        assertThat(Files.readAllBytes(Journal.of(report.kept()))).isEqualTo(journal);
        try (Library library = Library.open(crashed, Clock.systemUTC(), "tester")) {
            assertThat(library.contents().bouts()).containsExactlyInAnyOrder(one, two);
        }
    }

    @Test
    void whereNothingCanBeReadNothingIsTouched() throws IOException {
        byte[] bytes = Files.readAllBytes(file());
        java.util.Arrays.fill(bytes, 100, bytes.length, (byte) 0x5a);
        Files.write(file(), bytes);
        assertThatThrownBy(this::recovered).hasMessageContaining("It is as it was. Restore a backup");
        assertThat(Files.readAllBytes(file())).isEqualTo(bytes);
        try (var files = Files.list(folder)) {
            assertThat(files.filter(file -> file.toString().contains("recover")))
                    .isEmpty();
        }
    }

    @Test
    void throughALinkItIsTheSameLibraryWithTheSameLock() throws IOException {
        Path link = Files.createSymbolicLink(folder.resolve("link.farglass"), file());
        try (Library library = open();
                Library second = Library.open(link, Clock.systemUTC(), "tester")) {
            assertThat(library.readOnly()).isEmpty();
            assertThat(second.readOnly()).isPresent();
            assertThatThrownBy(() -> Recovery.recover(link, Clock.systemUTC(), "tester"))
                    .hasMessageContaining("open in another Far Glass");
        }
    }

    @Test
    void whoOnlyReadsKeepsNobodyFromWriting() {
        try (Library reader = Library.openToRead(file(), Clock.systemUTC(), "reader");
                Library writer = open()) {
            assertThat(writer.readOnly()).isEmpty();
            assertThat(reader.contents().bouts()).hasSize(2);
            writer.change("Remove", Change.removed(two));
            assertThat(reader.contents().bouts()).containsExactly(one);
            assertThatThrownBy(() -> reader.change("Write", Change.added(two)))
                    .isInstanceOf(LibraryException.ReadOnly.class)
                    .isNotInstanceOf(LibraryException.OpenElsewhere.class);
            Library third = open();
            assertThatThrownBy(() -> third.change("Write", Change.added(two)))
                    .isInstanceOf(LibraryException.OpenElsewhere.class);
            third.close();
        }
    }

    @Test
    void aLibraryLeftHalfMadeStandsInNobodysWay() throws IOException {
        Path made = folder.resolve("new.farglass");
        Files.write(made.resolveSibling("new.farglass.creating"), new byte[] {1, 2, 3});
        Library.create(made, Clock.systemUTC(), "tester").close();
        try (Library library = Library.open(made, Clock.systemUTC(), "tester")) {
            assertThat(library.contents().bouts()).isEmpty();
        }
        assertThat(made.resolveSibling("new.farglass.creating")).doesNotExist();
    }

    @Test
    void aDamagedBackupTakesThePlaceOfNothing() throws IOException {
        Backups backups = Backups.of(file(), Clock.systemUTC());
        Backups.Backup backup;
        try (Library library = open()) {
            backup = backups.make(library);
        }
        byte[] bytes = Files.readAllBytes(backup.path());
        java.util.Arrays.fill(bytes, bytes.length / 3, bytes.length / 2, (byte) 0x5a);
        Files.write(backup.path(), bytes);
        assertThatThrownBy(() -> backups.restore(backup)).isInstanceOf(LibraryException.Damaged.class);
        isAsItWas();
    }

    /** The disk is full after every number of pages that the act might need. */
    @Test
    void whereverTheDiskIsFullAllOfAnActIsThereOrNothing() {
        Bout three = new Bout("third", one.header(), one.moments(), List.of());
        int refused = 0;
        for (int more = 0; more < 40; more++) {
            try (Library library = open()) {
                library.limitPages(library.pages() + more);
                try {
                    library.change("Add a third", Change.added(three), Change.removed(two));
                    assertThat(library.contents().bouts()).containsExactlyInAnyOrder(one, three);
                    break;
                } catch (LibraryException e) {
                    refused++;
                    assertThat(e).hasMessageContaining("no room left");
                }
            }
            isAsItWas();
        }
        assertThat(refused).isPositive();
    }

    @Test
    void oneBadEntryLeavesTheOthersUsable() {
        sql("INSERT INTO athlete (key, name) VALUES ('blank', x'ff')");
        try (Library library = open()) {
            assertThat(library.contents().bouts()).hasSize(2);
        }
        assertThat(recovered().lost()).isNotEmpty();
        isAsItWas();
    }

    /** Every byte that is turned is either without effect, refused, or named; never read as something else. A sample; {@code FlipRun} does thousands. */
    @Test
    void turnedBytesAreNeverReadAsSomethingElse() throws IOException {
        try (Library library = open()) {
            List<Change> more = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                more.add(Change.added(new Athlete("a" + i, "Athlete number " + i)));
            }
            library.change("More", more);
        }
        FlipRun.Tally tally = FlipRun.over(file(), folder.resolve("flips"), 40, 7);
        assertThat(tally.silent()).as(tally.toString()).isZero();
        assertThat(tally.uncaught()).as(tally.toString()).isZero();
    }
}
