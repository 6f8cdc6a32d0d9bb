package hestra.desktop;

import java.io.IOException;
import java.lang.module.ModuleDescriptor;
import java.lang.module.ModuleFinder;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import hestra.numbers.Counted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.equivalentTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.conditions.ArchConditions.onlyDependOnClassesThat;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

/** The arrows of the house point down only. */
@Execution(ExecutionMode.CONCURRENT)
class ArchitectureTest {

    private static final JavaClasses HOUSE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("tests.jar"))
            .importPackages("hestra");

    /** The packages of core from the bottom up: each may know those before it, so that there are no cycles. */
    private static final List<String> CORE = List.of("numbers", "units", "data", "summary", "fit", "sentences", "equations",
            "working", "recipe", "chance", "tracing", "figure", "sound", "feedback",
            "targets", "task", "exercise", "variants", "desk", "review", "overview", "marking");

    private static String[] core(int from) {
        return CORE.subList(from, CORE.size()).stream().map(it -> "hestra." + it).toArray(String[]::new);
    }

    @Test
    void eachPackageOfCoreKnowsOnlyThoseBelowIt() {
        for (int i = 0; i < CORE.size() - 1; i++) {
            noClasses().that().resideInAPackage("hestra." + CORE.get(i)).should().dependOnClassesThat()
                    .resideInAnyPackage(core(i + 1)).check(HOUSE);
        }
        classes().that().resideOutsideOfPackages("hestra.documents..", "hestra.desktop..").should()
                .resideInAnyPackage(core(0)).check(HOUSE);
    }

    @Test
    void coreHasNoInterfaceNoFilesNoClockAndNoRandomness() {
        ArchCondition<JavaClass> knowNothingElse =
                onlyDependOnClassesThat(resideInAnyPackage(Stream.concat(Arrays.stream(core(0)),
                Stream.of("java.lang..", "java.util..", "java.math", "java.text", "java.time..", "java.security..",
                        "javax.crypto..", "java.nio.charset", "org.apache.commons.statistics..")).toArray(String[]::new)));
        // The words of sentences stand beside the class that reads them, as a resource.
        classes().that().resideInAnyPackage(core(0)).and().doNotHaveSimpleName("WordList").should(knowNothingElse).check(HOUSE);
        // Dates may be counted, but what day it is now is nothing that the core knows.
        noClasses().that().resideInAnyPackage(core(0)).should().dependOnClassesThat().haveFullyQualifiedName("java.time.Clock")
                .orShould().callMethod(LocalDate.class, "now").orShould().callMethod(LocalDateTime.class, "now").check(HOUSE);
        noClasses().that().resideInAnyPackage(core(0)).should().callMethod(System.class, "nanoTime")
                .orShould().callMethod(System.class, "currentTimeMillis").orShould()
                .callMethod(Math.class, "random").check(HOUSE);
    }

    /** What a module does not export is its own, though it stands on the class path here. */
    @Test
    void ofCoreOthersKnowWhatItExports() throws URISyntaxException {
        Path core = Path.of(Counted.class.getProtectionDomain().getCodeSource().getLocation().toURI());
        Set<String> exported = ModuleFinder.of(core).find("hestra.core").orElseThrow().descriptor().exports().stream()
                .map(ModuleDescriptor.Exports::source).collect(Collectors.toSet());
        String[] own = Arrays.stream(core(0)).filter(it -> !exported.contains(it)).toArray(String[]::new);
        noClasses().that().resideOutsideOfPackages(core(0)).should().dependOnClassesThat().resideInAnyPackage(own)
                .allowEmptyShould(true).check(HOUSE);
    }

    /** The map that a newcomer reads. */
    @Test
    void everyPackageStandsInTheTableOfContributingAndNoOther() throws IOException {
        Set<String> told = new TreeSet<>();
        String module = "";
        for (String line : Files.readAllLines(Path.of("..", "CONTRIBUTING.md"))) {
            Matcher row = Pattern.compile("\\| (?:`(core|documents|desktop)`)? *\\| ((?:`\\w+`(?:, )?)+) \\|.*").matcher(line);
            if (row.matches()) {
                module = row.group(1) == null ? module : row.group(1);
                for (String name : row.group(2).split(", ")) {
                    told.add("hestra." + (module.equals("core") ? "" : module + ".") + name.replace("`", ""));
                }
            }
        }
        assertThat(told).isEqualTo(HOUSE.stream().map(JavaClass::getPackageName).filter(it -> !it.equals("hestra.desktop"))
                .collect(Collectors.toCollection(TreeSet::new)));
    }

    /** Each says what is in it. */
    @Test
    void everyPackageHasAWordAboutItself() {
        assertThat(HOUSE.stream().map(JavaClass::getPackageName).distinct()
                .filter(it -> !HOUSE.contain(it + ".package-info")).toList()).isEmpty();
    }

    /** The packages of documents from the bottom up. */
    private static final String[] DOCUMENTS = {"file", "table", "picture", "exercise", "page"};

    /** The packages of the desktop from the bottom up; views stand side by side. */
    private static final String[][] DESKTOP = {{"parts", "look", "demo"}, {"model", "figure", "speech"},
            {"files", "notes"},
            {"sheet", "plot", "table", "readings", "working", "study", "overview", "start", "mark"}, {"write"}, {"window"},
        {"tour"}, {"cli"}};

    @Test
    void documentsKnowNoWindow() {
        noClasses().that().resideInAPackage("hestra.documents..").should().dependOnClassesThat()
                .resideInAnyPackage("hestra.desktop..", "javafx..").check(HOUSE);
    }

    @Test
    void eachPackageOfDocumentsKnowsOnlyThoseBelowIt() {
        for (int i = 0; i < DOCUMENTS.length - 1; i++) {
            String[] above = Arrays.stream(DOCUMENTS, i + 1, DOCUMENTS.length)
                    .map(it -> "hestra.documents." + it + "..").toArray(String[]::new);
            noClasses().that().resideInAPackage("hestra.documents." + DOCUMENTS[i] + "..").should().dependOnClassesThat()
                    .resideInAnyPackage(above).check(HOUSE);
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
                        .filter(it -> !it.equals(floor) && !(level == 0 && above == 0)))
                        .map(it -> "hestra.desktop." + it + "..").toArray(String[]::new);
                noClasses().that().resideInAPackage("hestra.desktop." + floor + "..").should()
                        .dependOnClassesThat().resideInAnyPackage(others)
                        .allowEmptyShould(others.length == 0).check(HOUSE);
            }
        }
        Stream<String> all = Stream.concat(Arrays.stream(DESKTOP).flatMap(Arrays::stream).map(it -> "hestra.desktop." + it),
                Stream.of("hestra.desktop"));
        classes().that().resideInAPackage("hestra.desktop..").should()
                .resideInAnyPackage(all.toArray(String[]::new)).check(HOUSE);
    }

    /** What only one of its parts may do. */
    @Test
    void filesAreWrittenInOnePlaceOnly() {
        noClasses().that().resideOutsideOfPackage("hestra.documents.file..").and().doNotHaveSimpleName("JournalFile").and()
                .doNotHaveSimpleName("JournalLock")
                .should().callMethodWhere(target(owner(equivalentTo(Files.class))).and(target(nameMatching(
                        "write|writeString|newBufferedWriter|newOutputStream|copy|move")))).check(HOUSE);
    }
}
