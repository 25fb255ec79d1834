package farglass.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Uniform;
import farglass.core.change.Change;
import farglass.core.fact.Certainty;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.library.backup.Backups;
import farglass.library.changelog.Edition;
import farglass.library.contents.OwnWords;
import farglass.library.recovery.Recovery;
import farglass.library.store.LibraryException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LibraryTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-05-01T10:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private Path file() {
        return folder.resolve("saltmarsh.farglass");
    }

    private Library fresh() {
        return Library.create(file(), CLOCK, "tester");
    }

    private Library again() {
        return Library.open(file(), CLOCK, "tester");
    }

    private static Moment mark(String id, long micros) {
        return new Moment(
                id, OptionalLong.of(micros), Optional.empty(), new Deed.Mark(), Optional.empty(), Telling.NOTHING);
    }

    /** They are read on several threads, more of them than may wait for one another. */
    @Test
    void manyBoutsComeBackEachWithItsOwnMomentsInTheirOrder() {
        List<Bout> bouts = IntStream.range(0, 300)
                .mapToObj(number -> new Bout(
                        "bout-" + number,
                        SampleBouts.full().header(),
                        IntStream.range(0, number % 9)
                                .mapToObj(each -> mark("m" + each, (number * 10L + each) * 1_000_000))
                                .toList(),
                        List.of()))
                .toList();
        try (Library library = fresh()) {
            library.change("Import", bouts.stream().map(Change::added).toList());
        }
        try (Library library = again()) {
            assertThat(library.contents().bouts()).containsExactlyInAnyOrderElementsOf(bouts);
            assertThatThrownBy(() -> library.contents(share -> {
                        throw new CancellationException();
                    }))
                    .isInstanceOf(CancellationException.class);
        }
    }

    @Test
    void aBoutComesBackFromTheFileExactlyAsItWentIn() {
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(SampleBouts.full()));
        }
        try (Library library = again()) {
            assertThat(library.contents().bouts()).containsExactly(SampleBouts.full());
            assertThat(library.bout("lantern-final")).contains(SampleBouts.full());
        }
    }

    @Test
    void aStudyAndItsPlanComeBackAsTheyWentIn() {
        Camp camp = new Camp("maren", "Saltmarsh Open", LocalDate.of(2026, 6, 6), "points-with-advantages", Uniform.GI);
        Study study = new Study("s1", "Saltmarsh Open", List.of("runa", "maren"), Optional.of(camp));
        PlanStep step = new PlanStep("p1", "closed-guard", "kimura", List.of(new Fallback("posture", "hip bump")));
        GamePlan plan =
                new GamePlan("g", "s1", "runa", List.of(step), List.of(new StayOut("o", "mount", "she chokes")));
        try (Library library = fresh()) {
            library.act("Begin a camp", edit -> {
                edit.put(new Athlete("maren", "Maren Tolliver"));
                edit.put(new Athlete("runa", "Runa Castellan"));
                edit.put(study);
                edit.put(plan);
            });
            library.act(
                    "Take a fallback out",
                    edit -> edit.put(plan.with(step.without(step.fallbacks().get(0)))));
            library.undo();
        }
        try (Library library = again()) {
            assertThat(library.contents().studies()).containsExactly(study);
            assertThat(library.contents().plan("s1", "runa")).contains(plan);
        }
    }

    @Test
    void aMomentKeepsItsHistory() {
        Bout bout = SampleBouts.full();
        Moment first = bout.moments().get(1);
        Moment corrected = first.with(first.telling().withCertainty(Certainty.HIDDEN));
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(bout));
            library.act("Correct it", edit -> edit.put(bout.with(corrected)));
            library.act("Take it out", edit -> edit.put(bout.without(first.id())));
        }
        try (Library library = again()) {
            List<Edition> editions = library.history(bout.id(), first.id());
            assertThat(editions).extracting(Edition::what).containsExactly("Add a bout", "Correct it", "Take it out");
            assertThat(editions)
                    .extracting(Edition::moment)
                    .containsExactly(Optional.of(first), Optional.of(corrected), Optional.empty());
            assertThat(library.history(bout.id(), "nothing")).isEmpty();
        }
    }

    @Test
    void ownWordsAFocusAndTodayComeBackAndAreUndone() {
        Study study = new Study("s2", "Closed guard", List.of(), Optional.of("closed-guard"), Optional.empty());
        OwnWords.Stanza stanza = new OwnWords.Stanza("knee-cut", "names knee-cut\n  slang the slicer\n");
        try (Library library = fresh()) {
            library.act("Begin", edit -> {
                edit.put(study);
                edit.put(stanza);
                edit.put(new OwnWords.KeptMapping("m", "Our sheet", "{}"));
                edit.today(LocalDate.of(2026, 11, 21));
            });
            library.act("Take the word out", edit -> edit.removeTerm("knee-cut"));
            assertThat(library.contents().words().stanzas()).isEmpty();
            library.undo();
        }
        try (Library library = again()) {
            assertThat(library.contents().studies()).containsExactly(study);
            assertThat(library.contents().words().stanzas()).containsExactly(stanza);
            assertThat(library.contents().words().mappings()).hasSize(1);
            assertThat(library.contents().today()).contains(LocalDate.of(2026, 11, 21));
            library.undo();
            assertThat(library.contents().studies()).isEmpty();
        }
    }

    @Test
    void aLibraryOfTheFirstVersionIsBroughtUpAndItsHistoryStaysTrue() throws Exception {
        Study study = new Study("s1", "Runa", List.of("runa"), Optional.empty());
        try (Library library = fresh()) {
            library.act("Begin a study", edit -> {
                edit.put(new Athlete("runa", "Runa Castellan"));
                edit.put(study);
            });
        }
        for (String table : List.of("term", "mapping", "about", "study_focus", "seal")) {
            sql("DROP TABLE " + table);
        }
        sql("PRAGMA user_version = 1");
        try (Library library = again()) {
            assertThat(library.contents().studies()).containsExactly(study);
            library.undo();
            assertThat(library.contents().studies()).isEmpty();
        }
    }

    @Test
    void undoAndRedoSurviveARestart() {
        Bout bout = SampleBouts.full();
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(bout));
            library.act("Take the stop out", edit -> edit.put(bout.without("m4")));
        }
        try (Library library = again()) {
            assertThat(library.nextUndo()).contains("Take the stop out");
            library.undo();
            assertThat(library.bout(bout.id())).contains(bout);
        }
        try (Library library = again()) {
            assertThat(library.nextRedo()).contains("Take the stop out");
            library.redo();
            assertThat(library.bout(bout.id())).contains(bout.without("m4"));
            library.undo();
            library.undo();
            assertThat(library.contents().bouts()).isEmpty();
            assertThat(library.undo()).isEmpty();
        }
    }

    @Test
    void everyEditLeavesWhoWhenAndWhatWasBeforeAndAfter() throws Exception {
        try (Library library = fresh()) {
            library.act("Add an athlete", edit -> edit.put(new Athlete("x", "Juno")));
            library.act("Correct a name", edit -> edit.put(new Athlete("x", "Juno Halvorsen")));
        }
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + file());
                var rows = connection
                        .createStatement()
                        .executeQuery("SELECT who, at, before, after FROM change ORDER BY id")) {
            rows.next();
            rows.next();
            assertThat(rows.getString("who")).isEqualTo("tester");
            assertThat(rows.getString("at")).isEqualTo("2026-05-01T10:00:00Z");
            assertThat(rows.getString("before")).isEqualTo("{\"name\":\"Juno\"}");
            assertThat(rows.getString("after")).isEqualTo("{\"name\":\"Juno Halvorsen\"}");
        }
    }

    @Test
    void aRefusedEditChangesNothingAtAll() {
        try (Library library = fresh()) {
            library.act("Add two", edit -> {
                edit.put(new Athlete("x", "Juno"));
                edit.put(new Athlete("y", "Pip"));
            });
            assertThatThrownBy(() -> library.act("Add one, spoil another", edit -> {
                        edit.put(new Athlete("z", "Ebele"));
                        edit.put(new Athlete("y", "Juno"));
                    }))
                    .isInstanceOf(LibraryException.class)
                    .hasMessageContaining("Nothing was changed");
            assertThat(library.contents().athletes()).extracting(Athlete::name).containsExactly("Juno", "Pip");
            assertThat(library.nextUndo()).contains("Add two");
        }
    }

    @Test
    void puttingAMomentBetweenTwoWritesOneRow() throws Exception {
        Bout bout = SampleBouts.full();
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(bout));
            library.act("Mark", edit -> edit.put(bout.with(mark("new", 45_000_000))));
            assertThat(library.bout(bout.id())).contains(bout.with(mark("new", 45_000_000)));
        }
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + file());
                var rows =
                        connection.createStatement().executeQuery("SELECT count(*) FROM change WHERE what = 'Mark'")) {
            assertThat(rows.getInt(1)).isEqualTo(1);
        }
    }

    @Test
    void undoIsRefusedWhereSomethingLaterDependsOnIt() {
        Bout bout = SampleBouts.full();
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(bout));
        }
        // A merge or a repair may change a row by another way than the undo list.
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + file())) {
            connection.createStatement().executeUpdate("UPDATE athlete SET name = name || ' Jr.'");
        } catch (java.sql.SQLException e) {
            throw new AssertionError(e);
        }
        try (Library library = again()) {
            assertThatThrownBy(library::undo).hasMessageContaining("\"Add a bout\" cannot be undone");
            assertThat(library.contents().bouts()).hasSize(1);
        }
    }

    @Test
    void aSecondOpeningReadsAndSeesWhatTheFirstWrites() {
        try (Library first = fresh();
                Library second = again()) {
            assertThat(second.readOnly().orElseThrow()).contains("open in another Far Glass");
            int version = second.dataVersion();
            first.act("Add a bout", edit -> edit.put(SampleBouts.full()));
            assertThat(second.dataVersion()).isNotEqualTo(version);
            assertThat(second.contents().bouts()).hasSize(1);
            assertThatThrownBy(() -> second.act("Add", edit -> edit.put(new Athlete("x", "Juno"))))
                    .isInstanceOf(LibraryException.ReadOnly.class);
        }
        try (Library library = again()) {
            assertThat(library.readOnly()).isEmpty();
        }
    }

    @Test
    void aFullDiskLosesNothingAndSaysSo() {
        Bout bout = SampleBouts.full();
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(bout));
            library.limitPages(library.pages());
            assertThatThrownBy(() -> library.act("Add many", edit -> {
                        for (int i = 0; i < 5000; i++) {
                            edit.put(new Athlete("a" + i, "Athlete number " + i));
                        }
                    }))
                    .isInstanceOf(LibraryException.class)
                    .hasMessageContaining("no room left");
            library.limitPages(1_000_000);
            assertThat(library.contents().bouts()).containsExactly(bout);
            assertThat(library.contents().athletes()).hasSize(2);
        }
    }

    @Test
    void noneOfOursNewerAndMissingAreRefusedUntouched() throws Exception {
        Path text = Files.writeString(folder.resolve("notes.farglass"), "these are my notes, and no library");
        assertThatThrownBy(() -> Library.open(text, CLOCK, "t")).hasMessageContaining("not a Far Glass library");
        assertThat(text).hasContent("these are my notes, and no library");
        Path empty = Files.createFile(folder.resolve("empty.farglass"));
        assertThatThrownBy(() -> Library.open(empty, CLOCK, "t")).hasMessageContaining("is empty");
        assertThatThrownBy(() -> Library.open(folder.resolve("nowhere.farglass"), CLOCK, "t"))
                .hasMessageContaining("There is no library");
        fresh().close();
        sql("PRAGMA user_version = 99");
        byte[] before = Files.readAllBytes(file());
        assertThatThrownBy(this::again)
                .isInstanceOf(LibraryException.Newer.class)
                .hasMessageContaining("is 99, this one knows 3");
        assertThat(Files.readAllBytes(file())).isEqualTo(before);
        sql("PRAGMA application_id = 7");
        assertThatThrownBy(this::again).hasMessageContaining("another program");
    }

    private void sql(String statement) throws java.sql.SQLException {
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + file())) {
            connection.createStatement().execute(statement);
        }
    }

    @Test
    void anUnknownValueIsNamedNotSkipped() throws Exception {
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(SampleBouts.full()));
        }
        sql("UPDATE moment SET became = 'EXPLODED' WHERE id = 'm2'");
        try (Library library = again()) {
            assertThat(library.contents().bouts()).isEmpty();
            assertThat(library.contents().damage()).singleElement().satisfies(damage -> assertThat(damage.sentence())
                    .contains("moment lantern-final/m2"));
        }
    }

    @Test
    void aDamagedFileIsKeptAsideAndWhatIsWholeIsRecovered() throws Exception {
        try (Library library = fresh()) {
            library.act("Add many", edit -> {
                for (int i = 0; i < 2000; i++) {
                    edit.put(new Athlete("a%04d".formatted(i), "Athlete number " + i));
                }
                edit.put(SampleBouts.full());
            });
        }
        byte[] bytes = Files.readAllBytes(file());
        java.util.Arrays.fill(bytes, bytes.length / 2, bytes.length / 2 + 40_000, (byte) 0x5a);
        Files.write(file(), bytes);
        assertThatThrownBy(() -> {
                    try (Library library = again()) {
                        library.contents();
                    }
                })
                .isInstanceOf(LibraryException.Damaged.class)
                .hasMessageContaining("is damaged");
        Recovery.Report report = Recovery.recover(file(), CLOCK, "tester");
        assertThat(Files.readAllBytes(report.kept())).isEqualTo(bytes);
        assertThat(report.rows().values().stream().mapToInt(Integer::intValue).sum())
                .isPositive();
        try (Library library = again()) {
            assertThat(library.contents().athletes()).hasSize(report.rows().get("athlete"));
        }
    }

    @Test
    void aBackupBringsBackWhatWasThereAndKeepsWhatItReplaces() {
        Backups.Backup backup;
        try (Library library = fresh()) {
            library.act("Add a bout", edit -> edit.put(SampleBouts.full()));
            backup = Backups.of(library).make(library);
            assertThat(Backups.of(library).makeIfDue(library)).isEmpty();
            library.act("Remove it", edit -> edit.removeBout("lantern-final"));
            assertThatThrownBy(() -> Backups.of(library).restore(backup)).hasMessageContaining("is open in another");
        }
        Path aside = Backups.of(file(), CLOCK).restore(backup);
        assertThat(aside).exists();
        try (Library library = again()) {
            assertThat(library.contents().bouts()).containsExactly(SampleBouts.full());
        }
    }
}
