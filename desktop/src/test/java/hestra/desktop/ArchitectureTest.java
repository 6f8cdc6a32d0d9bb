package hestra.desktop;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

/** The arrows of the house point down only. */
class ArchitectureTest {

    private static final JavaClasses HOUSE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("tests.jar"))
            .importPackages("hestra");

    /** The packages of core from the bottom up: each may know those before it. */
    private static final String[] CORE = {"numbers", "data", "summary", "fit", "working", "recipe", "tracing", "figure", "feedback", "task", "exercise", "desk", "marking"};

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
                "hestra.documents..", "hestra.desktop..", "javafx..", "java.awt..", "java.io..", "java.nio..", "java.time..",
                "com.fasterxml..", "org.slf4j..").check(HOUSE);
        noClasses().that().resideInAnyPackage(packages(0)).should().callMethod(System.class, "nanoTime")
                .orShould().callMethod(System.class, "currentTimeMillis").orShould().callMethod(Math.class, "random").check(HOUSE);
    }

    @Test
    void documentsKnowNoWindow() {
        noClasses().that().resideInAPackage("hestra.documents..").should().dependOnClassesThat()
                .resideInAnyPackage("hestra.desktop..", "javafx..").check(HOUSE);
    }

    @Test
    void viewsDoNotKnowOneAnother() {
        String[] views = {"plot", "readings", "table", "working", "write"};
        for (String view : views) {
            for (String other : views) {
                // Write is made of the same grid and plot that Work is.
                if (!view.equals(other) && !view.equals("write")) {
                    noClasses().that().resideInAPackage("hestra.desktop." + view + "..")
                            .should().dependOnClassesThat().resideInAPackage("hestra.desktop." + other + "..").check(HOUSE);
                }
            }
        }
    }

    @Test
    void thereAreNoCyclesBetweenThePackagesOfCore() {
        slices().matching("hestra.(numbers|data|summary|fit|working|recipe|tracing|figure|feedback|task|exercise|desk|marking)..").should().beFreeOfCycles().check(HOUSE);
    }
}
