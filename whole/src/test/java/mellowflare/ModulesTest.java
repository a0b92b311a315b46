package mellowflare;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.job.Kinds;

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

    /** One package in each module, named alike: {@code mellowflare.core.hose}, {@code mellowflare.book.hose} and so on. */
    private static final List<String> KINDS = Kinds.ALL.stream()
            .map(k -> k.getClass().getPackageName().replace("mellowflare.core.", ""))
            .toList();

    /** The one class of each module that names every kind. */
    private static final Set<String> REGISTRIES = Set.of(
            "mellowflare.core.job.Kinds",
            "mellowflare.book.job.BookKinds",
            "mellowflare.cli.CliKinds",
            "mellowflare.app.shell.AppKinds");

    private static Optional<String> kind(JavaClass c) {
        String[] parts = c.getPackageName().split("\\.");
        return parts.length > 2 && KINDS.contains(parts[2]) ? Optional.of(parts[2]) : Optional.empty();
    }

    @ArchTest
    static final ArchRule onlyRegistriesNameAKind = classes()
            .should(new ArchCondition<JavaClass>("name no kind of line but their own") {
                @Override
                public void check(JavaClass item, ConditionEvents events) {
                    boolean registry = REGISTRIES.contains(item.getName().split("\\$")[0]);
                    item.getDirectDependenciesFromSelf().forEach(d -> {
                        Optional<String> named = kind(d.getTargetClass());
                        boolean allowed = named.isEmpty() || registry || named.equals(kind(item));
                        if (!allowed) {
                            events.add(SimpleConditionEvent.violated(item, d.getDescription()));
                        }
                    });
                }
            })
            .because("a new kind of line is one package in each module and one line in each registry");

    @ArchTest
    static final ArchRule packagesStandInNoCircle =
            slices().matching("mellowflare.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule placesAreStrangers = slices().matching("mellowflare.app.(gauge|make|book|tables)..")
            .should()
            .notDependOnEachOther()
            .because("a place can be understood alone; the shell brings them together");
}
