package nabe;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("nabe");

    @Test
    void workFlowsOneWayFromReadingToThePlan() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("measure")
                .definedBy("nabe.measure")
                .layer("larder")
                .definedBy("nabe.larder")
                .layer("recipe")
                .definedBy("nabe.recipe")
                .layer("reading")
                .definedBy("nabe.reading..")
                .layer("needs")
                .definedBy("nabe.needs")
                .layer("house")
                .definedBy("nabe.house")
                .layer("label")
                .definedBy("nabe.label")
                .layer("swap")
                .definedBy("nabe.swap")
                .layer("prep")
                .definedBy("nabe.prep")
                .layer("build")
                .definedBy("nabe.build")
                .layer("bake")
                .definedBy("nabe.bake")
                .layer("budgets")
                .definedBy("nabe.budgets")
                .layer("plan")
                .definedBy("nabe.plan")
                .layer("meal")
                .definedBy("nabe.meal")
                .whereLayer("meal")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("plan")
                .mayOnlyBeAccessedByLayers("meal")
                .whereLayer("budgets")
                .mayOnlyBeAccessedByLayers("plan", "meal")
                .whereLayer("bake")
                .mayOnlyBeAccessedByLayers("budgets", "plan", "meal")
                .whereLayer("build")
                .mayOnlyBeAccessedByLayers("bake", "budgets", "plan", "meal")
                .whereLayer("prep")
                .mayOnlyBeAccessedByLayers("build", "bake", "budgets", "plan", "meal")
                .whereLayer("swap")
                .mayOnlyBeAccessedByLayers("prep", "build", "bake", "budgets", "plan", "meal")
                .whereLayer("recipe")
                .mayOnlyAccessLayers("measure", "larder", "needs")
                .whereLayer("reading")
                .mayOnlyAccessLayers("measure", "larder", "needs", "recipe")
                .whereLayer("needs")
                .mayOnlyAccessLayers("measure", "larder")
                .whereLayer("house")
                .mayOnlyAccessLayers("measure", "larder", "needs")
                .whereLayer("label")
                .mayOnlyAccessLayers("measure", "larder", "needs")
                .whereLayer("larder")
                .mayOnlyAccessLayers("measure")
                .whereLayer("measure")
                .mayNotAccessAnyLayer()
                .check(CORE);
    }

    @Test
    void noPackagesNeedEachOther() {
        slices().matching("nabe.(*)..").should().beFreeOfCycles().check(CORE);
        slices().matching("nabe.reading.(*)..").should().beFreeOfCycles().check(CORE);
        slices().matching("nabe.bake.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void theCoreKnowsNoWebNoDatabaseAndNoFramework() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "org.jooq..",
                        "java.sql..",
                        "javax.sql..",
                        "jakarta..",
                        "java.net.http..")
                .check(CORE);
    }

    /** Only what a package marks so is checked for null where it is compiled. */
    @Test
    void everyPackageSaysWhatMayBeNull() {
        classes().should(beInAMarkedPackage()).check(CORE);
    }

    private static ArchCondition<JavaClass> beInAMarkedPackage() {
        return ArchCondition.from(DescribedPredicate.describe(
                "be in a package marked @NullMarked",
                c -> c.getPackage().isAnnotatedWith("org.jspecify.annotations.NullMarked")));
    }
}
