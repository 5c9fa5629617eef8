package nabe;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private final JavaClasses core = new ClassFileImporter()
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
                .layer("plan")
                .definedBy("nabe.plan")
                .whereLayer("plan")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("bake")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("build")
                .mayOnlyBeAccessedByLayers("bake", "plan")
                .whereLayer("recipe")
                .mayOnlyAccessLayers("measure", "larder", "needs")
                .whereLayer("reading")
                .mayOnlyAccessLayers("measure", "larder", "needs", "recipe")
                .whereLayer("needs")
                .mayOnlyAccessLayers("measure", "larder")
                .whereLayer("house")
                .mayOnlyAccessLayers("measure", "larder", "needs")
                .whereLayer("label")
                .mayOnlyAccessLayers("larder", "needs")
                .whereLayer("larder")
                .mayOnlyAccessLayers("measure")
                .whereLayer("measure")
                .mayNotAccessAnyLayer()
                .check(core);
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
                .check(core);
    }
}
