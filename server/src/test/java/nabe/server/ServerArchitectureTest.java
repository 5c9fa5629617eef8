package nabe.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ServerArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("nabe");

    @Test
    void theCoreNeverLooksBackAtTheServer() {
        noClasses()
                .that()
                .resideInAPackage("nabe..")
                .and()
                .resideOutsideOfPackage("nabe.server..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("nabe.server..")
                .check(ALL);
    }

    @Test
    void onlyTheStoreSpeaksToTheDatabase() {
        noClasses()
                .that()
                .resideOutsideOfPackage("nabe.server.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jooq..", "java.sql..")
                .check(ALL);
    }

    @Test
    void noPackagesNeedEachOther() {
        slices().matching("nabe.server.(*)..").should().beFreeOfCycles().check(ALL);
    }
}
