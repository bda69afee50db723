package rondel.launcher;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import rondel.catalogue.OperationCatalogue;
import rondel.history.Editing;
import rondel.operation.Operation;

/** The arrows that ARCHITECTURE.md draws. */
@AnalyzeClasses(packages = "rondel", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final String[] OUTER = {
        "rondel.formats..", "rondel.devices..", "rondel.cli..", "rondel.desktop..", "rondel.launcher.."
    };

    /** What every stage stands on. */
    private static final String[] GROUND = {
        "rondel.geometry..",
        "rondel.units..",
        "rondel.words..",
        "rondel.job..",
        "rondel.operation..",
        "rondel.history..",
        "rondel.colour..",
        "rondel.raster..",
        "rondel.text..",
        "rondel.paint..",
        "rondel.progress..",
        "rondel.cache.."
    };

    /** Every package of every module by itself. */
    private static final SliceAssignment EACH_PACKAGE = new SliceAssignment() {
        @Override
        public SliceIdentifier getIdentifierOf(JavaClass javaClass) {
            return SliceIdentifier.of(javaClass.getPackageName());
        }

        @Override
        public String getDescription() {
            return "each package";
        }
    };

    /** The system loads libraries from files only. */
    private static final String LOADS_A_LIBRARY = "rondel.text.HarfBuzzLibrary";

    @ArchTest
    static final ArchRule coreKnowsNoFileFormatAndNoInterface = noClasses()
            .that()
            .resideOutsideOfPackages(OUTER)
            .and()
            .doNotHaveFullyQualifiedName(LOADS_A_LIBRARY)
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "rondel.formats..",
                    "rondel.cli..",
                    "rondel.desktop..",
                    "rondel.launcher..",
                    "javafx..",
                    "javax.swing..",
                    "javax.imageio..",
                    "org.apache..",
                    "com.fasterxml..",
                    "picocli..",
                    "java.nio.file..",
                    "java.net..");

    @ArchTest
    static final ArchRule formatsKnowNoInterface = noClasses()
            .that()
            .resideInAPackage("rondel.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("rondel.cli..", "rondel.desktop..", "rondel.launcher..", "javafx..", "picocli..");

    @ArchTest
    static final ArchRule commandLineAndWindowDoNotKnowEachOther = noClasses()
            .that()
            .resideInAPackage("rondel.cli..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("rondel.desktop..", "javafx..");

    @ArchTest
    static final ArchRule windowDoesNotKnowTheCommandLine = noClasses()
            .that()
            .resideInAPackage("rondel.desktop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("rondel.cli..", "picocli..");

    @ArchTest
    static final ArchRule packagesDoNotRunInCircles =
            slices().assignedFrom(EACH_PACKAGE).should().beFreeOfCycles();

    @ArchTest
    static final ArchRule aStageUsesTheGroundAndTheStagesBeforeIt = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("ground")
            .definedBy(GROUND)
            .layer("compose")
            .definedBy("rondel.compose..")
            .layer("lines")
            .definedBy("rondel.lines..")
            .layer("gang")
            .definedBy("rondel.gang..")
            .layer("run")
            .definedBy("rondel.run..")
            .layer("handoff")
            .definedBy("rondel.handoff..")
            .layer("catalogue")
            .definedBy("rondel.catalogue..")
            .whereLayer("catalogue")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("lines")
            .mayOnlyBeAccessedByLayers("gang", "run", "handoff", "catalogue")
            .whereLayer("gang")
            .mayOnlyBeAccessedByLayers("run", "handoff", "catalogue")
            .whereLayer("run")
            .mayOnlyBeAccessedByLayers("handoff", "catalogue")
            .whereLayer("handoff")
            .mayOnlyBeAccessedByLayers("catalogue")
            .whereLayer("compose")
            .mayOnlyBeAccessedByLayers("lines", "gang", "run", "handoff", "catalogue");

    @ArchTest
    static final ArchRule composeInTheWindowDoesNotUseLines = noClasses()
            .that()
            .resideInAPackage("rondel.desktop.compose..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("rondel.desktop.lines..");

    @ArchTest
    static final ArchRule modelsOfTheWindowWorkWithoutTheToolkit = noClasses()
            .that()
            .resideInAPackage("rondel.desktop.model..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("javafx..");

    @ArchTest
    static final ArchRule editsAreMadeInOneWay = noClasses()
            .that()
            .areNotAssignableTo(Operation.class)
            .and()
            .doNotHaveFullyQualifiedName(Editing.class.getName())
            .should()
            .callMethodWhere(describe(
                    "an operation is applied past rondel.history.Editing, which sees to what follows",
                    call -> call.getTargetOwner().isAssignableTo(Operation.class)
                            && call.getTarget().getName().equals("apply")
                            && call.getTarget().getRawParameterTypes().size() == 1));

    @ArchTest
    static final ArchRule everyOperationIsInTheCatalogue = classes()
            .that()
            .implement(Operation.class)
            .should(new ArchCondition<>("be in the catalogue") {
                @Override
                public void check(JavaClass item, ConditionEvents events) {
                    boolean there = OperationCatalogue.kinds().stream()
                            .anyMatch(k -> k.type().getName().equals(item.getName()));
                    events.add(
                            new SimpleConditionEvent(item, there, item.getName() + " is in the catalogue: " + there));
                }
            });

    @ArchTest
    static final ArchRule operationsAreRecords =
            classes().that().implement(Operation.class).should().beRecords();

    @ArchTest
    static final ArchRule noStaticStateChanges =
            fields().that().areStatic().should().beFinal();

    @ArchTest
    static final ArchRule namesSayWhatAThingIs = noClasses()
            .should()
            .haveSimpleNameEndingWith("Utils")
            .orShould()
            .haveSimpleNameEndingWith("Manager")
            .orShould()
            .haveSimpleNameEndingWith("Helper");
}
