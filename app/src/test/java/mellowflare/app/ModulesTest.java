package mellowflare.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "mellowflare", importOptions = ImportOption.DoNotIncludeTests.class)
class ModulesTest {

    @ArchTest
    static final ArchRule coreKnowsNoOther = noClasses()
            .that()
            .resideInAPackage("mellowflare.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("mellowflare.book..", "mellowflare.devices..", "mellowflare.cli..", "mellowflare.app..")
            .because("imports run app, cli -> book, devices -> core");

    @ArchTest
    static final ArchRule bookAndDevicesKnowOnlyCore = noClasses()
            .that()
            .resideInAnyPackage("mellowflare.book..", "mellowflare.devices..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("mellowflare.cli..", "mellowflare.app..", "javafx..")
            .because("what keeps and exchanges must run without a window");

    @ArchTest
    static final ArchRule bookAndDevicesAreStrangers = noClasses()
            .that()
            .resideInAPackage("mellowflare.book..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("mellowflare.devices..")
            .because("keeping a job has nothing to do with instruments");

    @ArchTest
    static final ArchRule commandLineOpensNoWindow = noClasses()
            .that()
            .resideInAPackage("mellowflare.cli..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("mellowflare.app..", "javafx..")
            .because("every computation works without a window");

    @ArchTest
    static final ArchRule modelsKnowNoNodes = noClasses()
            .that()
            .haveSimpleNameEndingWith("Model")
            .or()
            .resideInAPackage("mellowflare.app.desk..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx.scene..", "javafx.stage..")
            .because("a view-model is tested without a window");

    @ArchTest
    static final ArchRule placesAreStrangers = slices().matching("mellowflare.app.(gauge|line|make|book|tables)..")
            .should()
            .notDependOnEachOther()
            .because("a place can be understood alone; the shell brings them together");
}
