package farglass.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import farglass.app.home.Home;
import farglass.app.window.DemoLibrary;
import farglass.core.catalogue.Catalogue;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.simulate.Cast;
import farglass.library.Library;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The work without a window. */
class CommandTest extends AtTheCommandLine {
    @TempDir
    Path folder;

    @TempDir
    private static Path shared;

    /** Laid once; each test has a library of its own, the films lie beside the first. */
    private Path demo() throws Exception {
        Path laid = shared.resolve("demo.farglass");
        if (!Files.exists(laid)) {
            DemoLibrary.lay(laid, Home.clock());
        }
        Path path = folder.resolve("demo.farglass");
        Files.copy(laid, path);
        Files.createSymbolicLink(folder.resolve("films"), shared.resolve("films"));
        return path;
    }

    @Test
    void theDemoHasADossierWhoseNumbersPointAtMoments() throws Exception {
        Path demo = demo();
        assertThat(run("profile", "--library", demo.toString(), "--athlete", Cast.OPPONENTS.get(0), "--json"))
                .isZero();
        JsonNode dossier = new ObjectMapper().readTree(words());
        assertThat(dossier.path("known").asInt()).isEqualTo(14);
        assertThat(dossier.path("watched").asInt()).isEqualTo(12);
        assertThat(dossier.path("answers")).hasSize(Catalogue.ALL.size());
        dossier.findParents("evidence").stream()
                .filter(figure -> figure.has("successes") || figure.has("times"))
                .forEach(figure -> assertThat(figure.path("evidence"))
                        .as(figure.path("label").asText())
                        .hasSize(figure.path("successes")
                                .asInt(figure.path("times").asInt())));
        String told = said("profile", "--library", demo.toString(), "--athlete", Cast.OPPONENTS.get(0), "--evidence");
        String[] sight = told.lines()
                .filter(line -> line.contains("--moment"))
                .findFirst()
                .orElseThrow()
                .strip()
                .split(" ");
        assertThat(said("history", "--library", demo.toString(), sight[0], sight[1], sight[2], sight[3]))
                .isNotBlank();
        assertThat(run("profile", "--library", demo.toString(), "--athlete", "Nobody"))
                .isEqualTo(1);
        assertThat(words()).contains("no athlete named Nobody").contains(Cast.OURS);
    }

    @Test
    void aDossierIsLookedAtThroughFiltersAndItsSheetsAreTables() throws Exception {
        String demo = demo().toString();
        String who = Cast.OPPONENTS.get(0);
        JsonNode behind = new ObjectMapper()
                .readTree(said(
                        "profile",
                        "--library",
                        demo,
                        "--athlete",
                        who,
                        "--json",
                        "--score",
                        "behind",
                        "--minutes",
                        "last 2"));
        assertThat(behind.path("through")).extracting(JsonNode::asText).containsExactly("the last two minutes, behind");
        assertThat(behind.path("watched").asInt())
                .isLessThan(behind.path("known").asInt());
        assertThat(run("profile", "--library", demo, "--athlete", who, "--like", "Nobody"))
                .isEqualTo(1);
        assertThat(words()).contains("whom the others could be like");
        assertThat(run("profile", "--library", demo, "--athlete", who, "--minutes", "two"))
                .isEqualTo(2);
        Path tables = folder.resolve("tables");
        said("sheets", "--library", demo, "--out", tables.toString());
        assertThat(Files.readAllLines(tables.resolve("tries.csv"))).hasSizeGreaterThan(1_000);
        assertThat(run("sheets", "--library", demo, "--out", tables.toString())).isEqualTo(1);
        assertThat(words()).contains("is there already");
        assertThat(run(
                        "sheets",
                        "--library",
                        demo,
                        "--out",
                        tables.resolve("tries.csv").toString()))
                .isEqualTo(1);
    }

    @Test
    void aDossierIsATableAndPaperAndAPlaceHasAPage() throws Exception {
        String demo = demo().toString();
        String who = Cast.OPPONENTS.get(0);
        String table = said("profile", "--library", demo, "--athlete", who, "--csv");
        assertThat(table.lines().findFirst().orElseThrow()).startsWith("athlete,chapter,question,figure,option");
        assertThat(table.lines().filter(line -> line.contains(",pass done,worked,")))
                .hasSize(1);
        Path pdf = folder.resolve("coach.pdf");
        said("profile", "--library", demo, "--athlete", who, "--pdf", pdf.toString());
        assertThat(Files.size(pdf)).isGreaterThan(5_000);
        JsonNode page = new ObjectMapper()
                .readTree(said("technique", "knee", "cut", "--library", demo, "--athlete", who, "--json"));
        assertThat(page.path("key").asText()).isEqualTo("knee-cut");
        assertThat(page.path("flows"))
                .extracting(flow -> flow.path("heading").asText())
                .contains("What came of it");
        assertThat(page.path("entries")).isNotEmpty().allMatch(entry -> entry.has("bout") && entry.has("moment"));
        assertThat(said("position", "half guard", "--library", demo)).contains("visits in");
        assertThat(run("position", "nowhere at all", "--library", demo)).isEqualTo(1);
        assertThat(words()).contains("is no position of the lexicon");
    }

    @Test
    void aDossierCanBeOfAPeriodAUniformAndAKindOfBout() throws Exception {
        String demo = demo().toString();
        String who = Cast.OPPONENTS.get(0);
        int all = new ObjectMapper()
                .readTree(said("profile", "--library", demo, "--athlete", who, "--json"))
                .path("known")
                .asInt();
        String day = "2026-01-01";
        String late =
                said("profile", "--library", demo, "--athlete", who, "--json", "--from", day, "--kind", "competition");
        String early = said("profile", "--library", demo, "--athlete", who, "--json", "--to", "2025-12-31");
        int lateOnes = new ObjectMapper().readTree(late).path("known").asInt();
        int earlyOnes = new ObjectMapper().readTree(early).path("known").asInt();
        assertThat(lateOnes).isBetween(1, all - 1);
        assertThat(lateOnes + earlyOnes).isEqualTo(all);
        assertThat(said("profile", "--library", demo, "--athlete", who, "--uniform", "no-gi"))
                .contains("Too little film");
        assertThat(run("profile", "--library", demo, "--athlete", who, "--from", "yesterday"))
                .isEqualTo(2);
        assertThat(words()).contains("\"yesterday\" is no day. Write it as 2026-03-01.");
        assertThat(run("profile", "--library", demo, "--athlete", who, "--kind", "match"))
                .isEqualTo(2);
        assertThat(words()).contains("\"match\" is none of competition, sparring");
        assertThat(run("profile", "--library", demo, "--athlete", who, "--from", day, "--to", "2025-01-01"))
                .isEqualTo(1);
        assertThat(words()).contains("lies before the first");
    }

    private String said(String... arguments) {
        assertThat(run((Object[]) arguments)).isZero();
        return words();
    }

    @Test
    void damagedFilesAreRefusedAtTheirLineAndInPlainWords() throws Exception {
        Path table = Files.writeString(folder.resolve("t.csv"), "Time,Who\n0:10,Runa\n\"0:20,Runa\n");
        assertThat(run("check", table.toString())).isEqualTo(1);
        assertThat(words()).contains("t.csv:3:1: the quotes of this table do not close");
        Path list = Files.writeString(folder.resolve("l.json"), "[1, 2]");
        assertThat(run("check", list.toString())).isEqualTo(1);
        assertThat(words())
                .contains("l.json:1:1: this is no bout in JSON: a list stands where something else belongs")
                .doesNotContain("farglass.");
        assertThat(run("lexicon", "")).isEqualTo(1);
        assertThat(words()).doesNotContain("nearest");
    }

    @Test
    void whatIsExportedIsImportedIntoAnotherLibraryAsItWas() throws Exception {
        Path demo = demo();
        Path files = folder.resolve("out");
        assertThat(run("export", "--library", demo.toString(), "--out", files.toString(), "--full"))
                .isZero();
        List<String> arguments = new java.util.ArrayList<>(
                List.of("import", "--library", folder.resolve("other.farglass").toString()));
        try (Stream<Path> written = Files.list(files)) {
            written.map(Path::toString).forEach(arguments::add);
        }
        assertThat(run(arguments.toArray())).as(words()).isZero();
        try (Library first = Library.open(demo, Home.clock(), "t");
                Library second = Library.open(folder.resolve("other.farglass"), Home.clock(), "t")) {
            assertThat(second.contents().bouts().equals(first.contents().bouts()))
                    .isTrue();
        }
    }

    @Test
    void checkNamesErrorsWarningsAndDoubts() throws Exception {
        Path file = Files.writeString(
                folder.resolve("x.bout"),
                "far-glass bout 1\nA: Juno\nB: Pip\ncovered: story 0:00 to 1:00\n0:10 A guard-pull; held\n0:20 A knee-cut; held\n0:30 B zzz\n");
        assertThat(run("check", file.toString())).isZero();
        assertThat(words())
                .contains("warning: ")
                .contains("\"zzz\"")
                .contains("x.bout:7:9: warning: ")
                .contains("x.bout:6:1: unusual: m2: Knee cut is unusual from open guard, underneath")
                .contains("3 moments can be imported; 1 of them unusual");
        Files.writeString(file, "far-glass bout 1\nA: Juno\n");
        assertThat(run("check", "--json", file.toString())).isEqualTo(1);
        assertThat(new ObjectMapper().readTree(words()).get(0).path("kind").asText())
                .isEqualTo("error");
    }

    @Test
    void aLibraryThatIsOpenElsewhereIsReadButNotWritten() throws Exception {
        Path demo = demo();
        Path file = Files.writeString(folder.resolve("x.bout"), "far-glass bout 1\nA: Juno\nB: Pip\n0:10 A mark\n");
        try (Library open = Library.open(demo, Home.clock(), "t")) {
            assertThat(open.readOnly()).isEmpty();
            assertThat(run("import", "--library", demo.toString(), file.toString()))
                    .isEqualTo(3);
            assertThat(words()).contains("open in another Far Glass");
            assertThat(run("profile", "--library", demo.toString(), "--athlete", Cast.OURS))
                    .isZero();
        }
        assertThat(run("import", "--library", demo.toString(), "--preview", file.toString()))
                .isZero();
        assertThat(words()).contains("nothing was imported");
        assertThat(run("import", "--library", demo.toString(), file.toString())).isZero();
    }

    @Test
    void whatFewMatchesDoNotTellIsNotMeasured() throws Exception {
        assertThat(run("actor", "--matches", "1", "--json")).isZero();
        JsonNode aims = new ObjectMapper().readTree(words()).path("aims");
        assertThat(aims)
                .hasSizeGreaterThan(30)
                .allMatch(
                        aim -> aim.path("value").isNumber() || aim.path("value").isNull());
        for (String wrong : new String[] {"0", "-5", "1000000"}) {
            assertThat(run("actor", "--matches", wrong)).isEqualTo(2);
            assertThat(words()).contains("1 to 10000");
        }
    }

    @Test
    void wrongUsageSaysHow() {
        assertThat(run("profile")).isEqualTo(2);
        assertThat(words()).contains("--library");
        assertThat(run("profile", "--library", folder.resolve("none.farglass").toString(), "--athlete", "x"))
                .isEqualTo(1);
        assertThat(words()).contains("There is no library at");
    }

    @Test
    void aDemoLaidAnewKeepsTheOldOne() throws Exception {
        Path demo = demo();
        byte[] before = Files.readAllBytes(demo);
        Path aside = DemoLibrary.setAside(demo, Home.clock());
        DemoLibrary.lay(demo, Home.clock());
        assertThat(Files.readAllBytes(aside)).isEqualTo(before);
        assertThat(folder.resolve("films")).isDirectoryContaining("glob:**.script");
        DemoLibrary.removeFolder(folder.resolve("films"));
        assertThat(folder.resolve("films")).doesNotExist();
    }

    private Path scored() throws Exception {
        return Files.writeString(
                folder.resolve("scored.bout"),
                """
                far-glass bout 1
                A: Juno
                A weight: 64 kg
                B: Pip
                length: 6:00
                covered: story 0:00 to 6:00
                0:10 A guard-pull; held
                1:00 B knee-cut; held
                1:20 B award 3 points
                2:00 A kimura; stage deep
                3:00 B mark; private; note "=secret"
                """);
    }

    @Test
    void aScoreIsToldInWordsAndAsJsonAtAnyInstantAndUnderOtherRules() throws Exception {
        String file = scored().toString();
        assertThat(run("score", file)).isZero();
        assertThat(words())
                .contains("Pip won by points.", "The header tells no result")
                .doesNotContain("ahead", "left.")
                .contains("B pass 3")
                .contains("A submission advantage");
        assertThat(run("score", file, "--at", "2:30")).isZero();
        assertThat(words()).contains("Pip is ahead by points.", "3:30 left.", "for Juno and it is level");
        assertThat(run("score", file, "--at", "0:30", "--json")).isZero();
        assertThat(new ObjectMapper().readTree(words()).path("lead").path("by").asText())
                .isEqualTo("nothing");
        assertThat(run("score", file, "--under", "submission-only", "--json")).isZero();
        JsonNode other = new ObjectMapper().readTree(words());
        assertThat(other.path("besideOwnRules").get(0).asText()).contains("gives no points");
        assertThat(run("score", file, "--under", "no-such-rules")).isEqualTo(1);
        assertThat(words()).contains("Known are: points-with-advantages");
        assertThat(run("score", file, "--at", "soon")).isEqualTo(1);
    }

    @Test
    void aBoutIsConvertedForSharingOrInFull() throws Exception {
        String file = scored().toString();
        for (String form : List.of("bout", "json", "csv")) {
            Path target = folder.resolve("other." + form);
            assertThat(run("convert", file, "--to", form, "--out", target.toString()))
                    .isZero();
            assertThat(words()).contains("without 1 private moment");
            assertThat(Files.readString(target)).doesNotContain("secret").doesNotContain("64 kg");
            assertThat(run("convert", file, "--to", form, "--full", "--force", "--out", target.toString()))
                    .isZero();
            assertThat(Files.readString(target)).contains("secret");
            assertThat(run("check", target.toString())).as(words()).isZero();
            assertThat(run("convert", target.toString(), "--to", "bout", "--full", "--a", "Juno", "--b", "Pip"))
                    .isZero();
            assertThat(words()).contains("1:00 B knee-cut; held").contains("note \"=secret\"");
        }
        assertThat(Files.readString(folder.resolve("other.csv"))).contains("'=secret");
    }

    @Test
    void whatTheTypedLineWouldSaveIsReadWithoutAWindow() throws Exception {
        assertThat(run("read", "--place", "half-guard", "--top", "A", "ann body lock held"))
                .isZero();
        assertThat(words()).contains("saves: A body-lock-grip; held\n");
        assertThat(run("read", "--place", "open guard", "--top", "A", "--json", "ann double under", "bea kimra"))
                .isZero();
        JsonNode told = new ObjectMapper().readTree(words());
        assertThat(told.get(0).path("read").asText()).isEqualTo("kept");
        assertThat(told.get(0).path("alternatives")).hasSize(2);
        assertThat(told.get(1).path("technique").asText()).isEqualTo("kimura");
        assertThat(told.get(1).path("read").asText()).isEqualTo("mended");
        assertThat(told.get(1).path("remarks").get(0).asText()).contains("kimra");
        assertThat(run("read", "--place", "nowhere at all", "ann pass")).isEqualTo(1);
        assertThat(run("read", "--place", "mount", "ann choke")).isEqualTo(1);
        assertThat(words()).contains("--top");
        assertThat(run("read", "--ruleset", "mixed-rules", "ann hook")).isZero();
        assertThat(words()).contains("saves: A hook-punch");
    }

    @Test
    void whatDoesNotSayWhatWasWatchedCountsOnceSomebodySaysSo() throws Exception {
        Path file = Files.writeString(
                folder.resolve("u.bout"),
                "far-glass bout 1\nid: u\nA: Juno\nB: Pip\n0:10 A kimura; stage tap\n0:30 B armbar; stage threat\n");
        Path library = folder.resolve("counted.farglass");
        assertThat(run("check", file.toString())).isZero();
        assertThat(words()).contains("noted: 2 moments are told, and counted in nothing until you say");
        assertThat(run("import", "--library", library.toString(), file.toString()))
                .isZero();
        assertThat(words()).contains("--watched");
        assertThat(run("profile", "--library", library.toString(), "--athlete", "Juno"))
                .isZero();
        assertThat(words()).contains("1 try is told in 1 bout that is not marked as watched");
        assertThat(run("import", "--watched", "--library", library.toString(), file.toString()))
                .isZero();
        assertThat(run("profile", "--library", library.toString(), "--athlete", "Juno"))
                .isZero();
        assertThat(words()).contains("Juno tried").doesNotContain("not marked as watched");
    }

    @Test
    void aWordIsLookedUpWithItsNearest() throws Exception {
        assertThat(run("lexicon", "juji", "gatame")).isZero();
        assertThat(words()).contains("Armbar (armbar)").contains("caution: ");
        assertThat(run("lexicon", "--json", "kimurra")).isEqualTo(1);
        assertThat(new ObjectMapper().readTree(words()).path("nearest").asText())
                .isEqualTo("kimura");
    }

    @Test
    void aMomentsHistoryIsToldAndTablesAreExported() throws Exception {
        Path library = folder.resolve("own.farglass");
        Path file = scored();
        assertThat(run("import", "--library", library.toString(), file.toString()))
                .isZero();
        String id;
        try (Library open = Library.open(library, Home.clock(), "t")) {
            id = open.contents().bouts().get(0).id();
            farglass.core.bout.Bout bout = open.contents().bouts().get(0);
            open.change("Correct it", Change.of(bout, bout.without("m2")));
        }
        assertThat(run("history", "--library", library.toString(), "--bout", id, "--moment", "m2", "--json"))
                .isZero();
        JsonNode told = new ObjectMapper().readTree(words());
        assertThat(told).hasSize(2);
        assertThat(told.get(0).path("moment").asText()).contains("knee-cut");
        assertThat(told.get(1).has("moment")).isFalse();
        assertThat(run("history", "--library", library.toString(), "--bout", id, "--moment", "m99"))
                .isEqualTo(1);
        Path out = folder.resolve("tables");
        assertThat(run("export", "--library", library.toString(), "--out", out.toString(), "--as", "csv"))
                .isZero();
        try (Stream<Path> tables = Files.list(out)) {
            assertThat(Files.readString(tables.findFirst().orElseThrow()))
                    .startsWith("id,time,who,what")
                    .doesNotContain("secret");
        }
    }

    @Test
    void rulesetsAreListed() throws Exception {
        assertThat(run("rulesets", "--json")).isZero();
        assertThat(new ObjectMapper().readTree(words())).hasSizeGreaterThanOrEqualTo(5);
        assertThat(run("rulesets", "--copy", "golf", "--as", "x")).isEqualTo(1);
        assertThat(run("rulesets", "--copy", "delayed-points")).isEqualTo(1);
        assertThat(words()).contains("--as NAME");
    }

    @Test
    void aReelIsCutWithoutAWindowAndWhatCannotBeCutIsSaid() throws Exception {
        Path demo = demo();
        Path reel = folder.resolve("reel.mp4");
        assertThat(run(
                        "reel",
                        "--library",
                        demo.toString(),
                        "--athlete",
                        "Juno Halvorsen",
                        "--technique",
                        "snapdown",
                        "--before",
                        "0.4",
                        "--after",
                        "0.2",
                        "--out",
                        reel.toString(),
                        "--json"))
                .as(words())
                .isZero();
        JsonNode cut = new ObjectMapper().readTree(words());
        assertThat(cut.path("clips").asInt()).isGreaterThan(3);
        assertThat(cut.path("seconds").asDouble())
                .isBetween(0.6, 0.61 * cut.path("clips").asInt());
        assertThat(reel).isNotEmptyFile();
        assertThat(folder.resolve("reel.srt")).content().contains("Snap");
        assertThat(run("reel", "--library", demo.toString(), "--bout", "none", "--out", reel.toString()))
                .isEqualTo(1);
        assertThat(words()).contains("There is no bout none");
        assertThat(run("reel", "--library", demo.toString(), "--before", "NaN", "--out", reel.toString()))
                .isEqualTo(2);
        assertThat(words()).contains("\"NaN\" are no seconds");
        assertThat(run("reel", "--library", demo.toString(), "--before", "61", "--out", reel.toString()))
                .isEqualTo(1);
        assertThat(words()).contains("--before takes 0 to 60 seconds");
        assertThat(run("reel", "--library", demo.toString(), "--technique", "mount", "--out", reel.toString()))
                .isEqualTo(1);
        assertThat(words()).contains("\"mount\" is no technique");
    }

    @Test
    void aNameThatIsNearlyOneIsAskedAboutAndOneFormIsToldAtATime() throws Exception {
        String demo = demo().toString();
        String slip = Cast.OURS.replaceFirst("l", "");
        String out = folder.resolve("out.mp4").toString();
        for (List<String> more : List.of(
                List.of("profile"),
                List.of("technique", "armbar"),
                List.of("export", "--out", out),
                List.of("reel", "--out", out))) {
            List<String> command = new ArrayList<>(more);
            command.addAll(List.of("--library", demo, "--athlete", slip));
            assertThat(run(command.toArray())).as("%s", more).isEqualTo(1);
            assertThat(words()).contains("Did you mean " + Cast.OURS + "?");
        }
        assertThat(run("profile", "--library", demo, "--athlete", Cast.OURS, "--csv", "--json"))
                .isEqualTo(1);
        assertThat(words()).contains("one form at a time");
    }

    @Test
    void howGoodThePicksAreIsToldOfALibrary() throws Exception {
        Path library = folder.resolve("few.farglass");
        try (Library few = Library.create(library, Home.clock(), "test")) {
            few.change(
                    "Lay some bouts of the demo",
                    Cast.league(12, Lexicon.shipped()).stream()
                            .map(acted -> Change.added(acted.told()))
                            .toList());
        }
        assertThat(run("picks", "--library", library.toString(), "--json")).isZero();
        JsonNode picks = new ObjectMapper().readTree(words());
        assertThat(picks.path("withoutAwards").path("moments").asInt()).isGreaterThan(200);
        assertThat(picks.path("withoutAwards").path("share").asDouble())
                .isBetween(picks.path("withoutAwards").path("floorShare").asDouble() - 0.1, 1.0);
        assertThat(run("picks")).isEqualTo(2);
    }

    @Test
    void aTableIsImportedBetweenTheTwoOfAHeader() throws Exception {
        Path library = folder.resolve("tables.farglass");
        Path table = Files.writeString(
                folder.resolve("round.csv"), "Time,Who,What\n0:10,Ann,guard pull\n0:20,Bea,toreando\n");
        Path header = Files.writeString(
                folder.resolve("header.bout"),
                "far-glass bout 1\nA: Ann Ames\nB: Bea Birk\ncovered: story 0:00 to 5:00 declared\n");
        assertThat(run("import", "--library", library.toString(), table.toString()))
                .isEqualTo(1);
        assertThat(words()).contains("nothing says who the two are");
        assertThat(run("import", "--library", library.toString(), "--header", header.toString(), table.toString()))
                .isZero();
        assertThat(words()).contains("Imported 1 bout into");
        assertThat(run(
                        "import",
                        "--library",
                        library.toString(),
                        "--header",
                        header.toString(),
                        "--mapping",
                        "none",
                        table.toString()))
                .isEqualTo(1);
        assertThat(words()).contains("No mapping \"none\" is kept here");
    }

    @Test
    void aTextOfSeveralBoutsIsImportedWholeOrNotAtAll() throws Exception {
        Path library = folder.resolve("several.farglass");
        String first = "far-glass bouts 1\nevent: Lantern Cup\n\nfar-glass bout 1\nA: Ann\nB: Bea\n\n0:10 A kimura\n\n";
        Path wrong = Files.writeString(
                folder.resolve("wrong.bout"), first + "far-glass bout 1\nA: Ann\nB: Cleo\n\n0:10 A kimura; xx\n");
        assertThat(run("import", "--library", library.toString(), wrong.toString()))
                .isEqualTo(1);
        assertThat(words()).contains("wrong.bout:14:").contains("Nothing was imported");
        Path right = Files.writeString(
                folder.resolve("right.bout"), first + "far-glass bout 1\nA: Ann\nB: Cleo\n\n0:10 A kimura\n");
        assertThat(run("import", "--library", library.toString(), right.toString()))
                .isZero();
        assertThat(words()).contains("Imported 2 bouts");
    }
}
