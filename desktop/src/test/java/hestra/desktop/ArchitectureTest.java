package hestra.desktop;

import java.nio.file.Files;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.properties.HasName;
import com.tngtech.archunit.core.domain.properties.HasOwner;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

/** The arrows of the house point down only. */
class ArchitectureTest {

    private static final JavaClasses HOUSE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("tests.jar"))
            .importPackages("hestra");

    /** The packages of core from the bottom up: each may know those before it. */
    private static final String[] CORE = {"numbers", "data", "summary", "fit", "working", "recipe", "tracing", "figure", "feedback", "targets", "task", "exercise", "variants", "desk", "review", "overview", "marking"};

    private static String[] packages(int from) {
        String[] above = new String[CORE.length - from];
        for (int i = from; i < CORE.length; i++) {
            above[i - from] = "hestra." + CORE[i] + "..";
        }
        return above;
    }

    @Test
    void eachPackageOfCoreKnowsOnlyThoseBelowIt() {
        for (int i = 0; i < CORE.length - 1; i++) {
            noClasses().that().resideInAPackage("hestra." + CORE[i] + "..")
                    .should().dependOnClassesThat().resideInAnyPackage(packages(i + 1)).check(HOUSE);
        }
    }

    @Test
    void coreHasNoInterfaceNoFilesNoClockAndNoRandomness() {
        noClasses().that().resideInAnyPackage(packages(0)).should().dependOnClassesThat().resideInAnyPackage(
                "hestra.documents..", "hestra.desktop..", "javafx..", "java.awt..", "java.io..", "java.nio..",
                "com.fasterxml..", "org.slf4j..").check(HOUSE);
        // Dates may be counted, but what day it is now is nothing that the core knows.
        noClasses().that().resideInAnyPackage(packages(0)).should().dependOnClassesThat().haveFullyQualifiedName("java.time.Clock")
                .orShould().callMethod(LocalDate.class, "now").orShould().callMethod(LocalDateTime.class, "now").check(HOUSE);
        noClasses().that().resideInAnyPackage(packages(0)).should().callMethod(System.class, "nanoTime")
                .orShould().callMethod(System.class, "currentTimeMillis").orShould().callMethod(Math.class, "random").check(HOUSE);
    }

    /** The packages of documents from the bottom up. */
    private static final String[] DOCUMENTS = {"file", "table", "picture", "exercise", "page"};

    /** The packages of the desktop from the bottom up; views stand side by side. */
    private static final String[][] DESKTOP = {{"parts", "look", "demo"}, {"model", "figure"}, {"files", "notes"}, {"sheet", "plot", "table", "readings", "working", "study", "overview", "start", "mark"}, {"write"}, {"window"},
        {"tour"}, {"cli"}};

    @Test
    void documentsKnowNoWindow() {
        noClasses().that().resideInAPackage("hestra.documents..").should().dependOnClassesThat()
                .resideInAnyPackage("hestra.desktop..", "javafx..").check(HOUSE);
    }

    @Test
    void eachPackageOfDocumentsKnowsOnlyThoseBelowIt() {
        for (int i = 0; i < DOCUMENTS.length - 1; i++) {
            String[] above = Arrays.stream(DOCUMENTS, i + 1, DOCUMENTS.length).map(it -> "hestra.documents." + it + "..").toArray(String[]::new);
            noClasses().that().resideInAPackage("hestra.documents." + DOCUMENTS[i] + "..").should().dependOnClassesThat().resideInAnyPackage(above).check(HOUSE);
        }
        classes().that().resideInAPackage("hestra.documents..").should().resideInAnyPackage(
                Arrays.stream(DOCUMENTS).map(it -> "hestra.documents." + it).toArray(String[]::new)).check(HOUSE);
    }

    @Test
    void eachPackageOfTheDesktopKnowsOnlyThoseBelowItAndNoViewAnother() {
        for (int i = 0; i < DESKTOP.length; i++) {
            for (String floor : DESKTOP[i]) {
                int level = i;
                String[] others = IntStream.range(i, DESKTOP.length).boxed().flatMap(above -> Arrays.stream(DESKTOP[above])
                        .filter(it -> !it.equals(floor) && !(level == 0 && above == 0))).map(it -> "hestra.desktop." + it + "..").toArray(String[]::new);
                noClasses().that().resideInAPackage("hestra.desktop." + floor + "..").should().dependOnClassesThat().resideInAnyPackage(others)
                        .allowEmptyShould(others.length == 0).check(HOUSE);
            }
        }
        Stream<String> all = Stream.concat(Arrays.stream(DESKTOP).flatMap(Arrays::stream).map(it -> "hestra.desktop." + it), Stream.of("hestra.desktop"));
        classes().that().resideInAPackage("hestra.desktop..").should().resideInAnyPackage(all.toArray(String[]::new)).check(HOUSE);
    }

    /** What only one of its parts may do. */
    @Test
    void filesAreWrittenInOnePlaceOnly() {
        noClasses().that().resideOutsideOfPackage("hestra.documents.file..").and().doNotHaveSimpleName("JournalFile").and().doNotHaveSimpleName("JournalLock")
                .should().callMethodWhere(JavaCall.Predicates.target(HasOwner.Predicates.With.owner(JavaClass.Predicates.equivalentTo(Files.class)))
                        .and(JavaCall.Predicates.target(HasName.Predicates.nameMatching("write|writeString|newBufferedWriter|newOutputStream|copy|move")))).check(HOUSE);
    }

    @Test
    void thereAreNoCyclesBetweenThePackagesOfCore() {
        slices().matching("hestra.(numbers|data|summary|fit|working|recipe|tracing|figure|feedback|targets|task|exercise|variants|desk|review|overview|marking)..").should().beFreeOfCycles().check(HOUSE);
    }
}
