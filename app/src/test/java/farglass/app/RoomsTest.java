package farglass.app;

import static com.tngtech.archunit.base.DescribedPredicate.alwaysTrue;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import farglass.core.bout.Bout;
import farglass.core.bout.Telling;
import farglass.core.change.Change;
import farglass.core.change.Now;
import farglass.core.corpus.BoutSheet;
import farglass.library.Library;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The arrows between the rooms; lives in app, the one room that sees all the others. */
@AnalyzeClasses(packages = "farglass", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
    @ArchTest
    static final ArchRule arrowsPointOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("app")
            .definedBy("farglass.app..")
            .layer("desktop")
            .definedBy("farglass.desktop..")
            .layer("library")
            .definedBy("farglass.library..")
            .layer("film")
            .definedBy("farglass.film..")
            .layer("core")
            .definedBy("farglass.core..")
            .layer("drawing")
            .definedBy("farglass.drawing..")
            .whereLayer("core")
            .mayNotAccessAnyLayer()
            .whereLayer("drawing")
            .mayOnlyAccessLayers("core")
            .whereLayer("library")
            .mayOnlyAccessLayers("drawing", "core")
            .whereLayer("film")
            .mayOnlyAccessLayers("core")
            .whereLayer("desktop")
            .mayOnlyAccessLayers("library", "film", "drawing", "core");

    @ArchTest
    static final ArchRule noPackagesInACircle =
            slices().matching("farglass.(*).(*)..").should().beFreeOfCycles();

    /** Two classes that know each other are one thing in two files: whoever changes one has to read both. */
    @ArchTest
    static final ArchRule noClassesInACircle =
            slices().assignedFrom(new EachClass()).should().beFreeOfCycles();

    /**
     * Packages in which some classes know each other: a family and the cases answered for it.
     */
    private static final Set<String> WITH_CIRCLES =
            Stream.of("entry", "fact").map("farglass.core."::concat).collect(Collectors.toSet());

    /** Each file with all that is nested in it, and with the builder made of it. */
    private static final class EachClass implements SliceAssignment {
        @Override
        public SliceIdentifier getIdentifierOf(JavaClass each) {
            return WITH_CIRCLES.contains(each.getPackageName())
                    ? SliceIdentifier.ignore()
                    : SliceIdentifier.of(Written.file(each));
        }

        @Override
        public String getDescription() {
            return "each class";
        }
    }

    /** Whoever works on the line need not know the tide: rooms of Tag know what they share, and the page alone knows them. */
    @ArchTest
    static final ArchRule roomsOfTagKnowOnlyWhatTheyShare = slices().matching("farglass.desktop.tag.(*)..")
            .should()
            .notDependOnEachOther()
            .ignoreDependency(resideInAPackage("farglass.desktop.tag.page.."), alwaysTrue());

    @ArchTest
    static final ArchRule whatIsSharedInTagKnowsNoRoom = noClasses()
            .that()
            .resideInAPackage("farglass.desktop.tag")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("farglass.desktop.tag.*..");

    /** What is a chance, a try, and what followed it, is known to the sheets alone: whoever asks counts nothing of a bout's moments. */
    @ArchTest
    static final ArchRule onlyTheCorpusCounts = noClasses()
            .that()
            .resideInAnyPackage(
                    "farglass.core.question..",
                    "farglass.core.catalogue..",
                    "farglass.core.prose..",
                    "farglass.core.plan..",
                    "farglass.core.estimate..")
            .should()
            .callMethod(Bout.class, "moments");

    /** What was told in passing, where nobody looked for it, is no evidence: the sheet alone knows which facts may count. */
    @ArchTest
    static final ArchRule questionsCountOnlyWhatWasLookedFor = noClasses()
            .that()
            .resideInAPackage("farglass.core.catalogue..")
            .should()
            .callMethod(Telling.class, "facts", Class.class)
            .orShould()
            .callMethod(Telling.class, "facts")
            .orShould()
            .callMethod(BoutSheet.class, "told", Class.class);

    /** A question is data, and knows no sentence; what words it knows no question by name. */
    @ArchTest
    static final ArchRule figuresKnowNoSentences = noClasses()
            .that()
            .resideInAnyPackage("farglass.core.question..", "farglass.core.corpus..", "farglass.core.estimate..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("farglass.core.prose..", "farglass.core.catalogue..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("farglass.core.naming.Words");

    @ArchTest
    static final ArchRule sentencesKnowNoQuestion = noClasses()
            .that()
            .resideInAPackage("farglass.core.prose..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("farglass.core.catalogue..");

    @ArchTest
    static final ArchRule coreKnowsNoScreenFileOrDatabase = noClasses()
            .that()
            .resideInAnyPackage("farglass.core..", "farglass.drawing..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "java.sql..", "java.nio.file..", "com.fasterxml..");

    /** The one door: windows change a library through their desk, everybody by changes, and the library alone writes rows. */
    @ArchTest
    static final ArchRule windowsWriteThroughTheDesk = noClasses()
            .that()
            .resideInAPackage("farglass.desktop..")
            .and()
            .resideOutsideOfPackage("farglass.desktop.desk..")
            .should()
            .callMethod(Library.class, "change", String.class, Iterable.class)
            .orShould()
            .callMethod(Library.class, "change", String.class, Change[].class)
            .orShould()
            .callMethod(Library.class, "undo")
            .orShould()
            .callMethod(Library.class, "redo");

    /** What a change is laid onto is known to nobody but the library, so that nothing is laid onto what one remembers. */
    @ArchTest
    static final ArchRule onlyTheLibraryLaysChanges = noClasses()
            .that()
            .resideOutsideOfPackages("farglass.core.change..", "farglass.library..")
            .should()
            .callMethod(Change.class, "onto", Now.class);

    /** Editing a tag must never change the film: what shows it reads the script, and nothing that tags can. */
    @ArchTest
    static final ArchRule onlyTheFilmReadsTheScript = noClasses()
            .that()
            .resideOutsideOfPackages("farglass.core.script..", "farglass.core.simulate..", "farglass.film..")
            .and()
            .haveSimpleNameNotStartingWith("DemoLibrary")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("farglass.core.script..");

    @ArchTest
    static final ArchRule theFilmKnowsNoMoments = noClasses()
            .that()
            .resideInAnyPackage("farglass.film..", "farglass.core.script..")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("farglass.core.bout.Moment")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("farglass.core.bout.Bout");

    @ArchTest
    static final ArchRule aViewModelKnowsNoNode = noClasses()
            .that()
            .haveSimpleNameEndingWith("Model")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx.scene..", "javafx.stage..");
}
