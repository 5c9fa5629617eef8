package nabe.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
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

    /** Only what a package marks so is checked for null where it is compiled; jOOQ's own classes are made. */
    @Test
    void everyPackageSaysWhatMayBeNull() {
        DescribedPredicate<JavaClass> marked = DescribedPredicate.describe(
                "be in a package marked @NullMarked",
                c -> c.getPackage().isAnnotatedWith("org.jspecify.annotations.NullMarked"));
        classes()
                .that()
                .resideInAPackage("nabe.server..")
                .and()
                .resideOutsideOfPackage("nabe.server.store.tables..")
                .and()
                .resideOutsideOfPackage("nabe.server.store.jooq..")
                .should(ArchCondition.from(marked))
                .check(ALL);
    }
}
