package mellowflare.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.util.List;
import mellowflare.core.job.Kinds;

@AnalyzeClasses(packages = "mellowflare.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** The kinds of line: no other package names them but the registry of the job. */
    private static final List<String> KINDS =
            Kinds.ALL.stream().map(k -> slice(k.getClass().getPackageName())).toList();

    /** Each package uses only those before it. Packages in one entry are siblings and do not know each other. */
    private static final List<List<String>> ORDER = List.of(
            List.of("text"),
            List.of("measure"),
            List.of("reference"),
            List.of("advice", "infer"),
            List.of("size"),
            List.of("geometry"),
            List.of("table"),
            List.of("fluid", "material"),
            List.of("thread"),
            List.of("connection"),
            List.of("lookalike"),
            List.of("sealing"),
            List.of("identify"),
            List.of("section"),
            List.of("picture"),
            List.of("flow"),
            List.of("testing", "upkeep", "shelf"),
            List.of("procedure"),
            List.of("parts"),
            List.of("trouble"),
            List.of("cutting"),
            List.of("bag"),
            List.of("run"),
            List.of("line"),
            KINDS,
            List.of("job"),
            List.of("machine", "mend"));

    @ArchTest
    static final ArchRule coreIsFreeOfInterfaceFilesAndClock = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..", "java.awt..", "javax.swing..", "java.nio.file..", "java.sql..", "java.net..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.io.File")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.io.FileInputStream")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Clock")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .because("everything computable must be testable alone, and the same input must give the same answer");

    @ArchTest
    static final ArchRule nothingStaticChanges =
            fields().that().areStatic().should().beFinal().because("core is used from many threads at once");

    @ArchTest
    static final ArchRule importsRunOneWay = ArchRuleDefinition.classes()
            .that(inCore())
            .should(useOnlyWhatStandsBefore())
            .because("a reader must be able to understand a package without those that build on it");

    private static DescribedPredicate<JavaClass> inCore() {
        return DescribedPredicate.describe("stand in a package of core", c -> !slice(c).isEmpty());
    }

    private static ArchCondition<JavaClass> useOnlyWhatStandsBefore() {
        return new ArchCondition<>("use only packages that stand before their own") {
            @Override
            public void check(JavaClass item, ConditionEvents events) {
                int own = rank(slice(item));
                events.add(new SimpleConditionEvent(item, own >= 0, item.getName() + " stands in a known package"));
                item.getDirectDependenciesFromSelf().forEach(d -> {
                    String other = slice(d.getTargetClass());
                    if (!other.isEmpty() && !other.equals(slice(item)) && rank(other) >= own) {
                        events.add(SimpleConditionEvent.violated(item, d.getDescription()));
                    }
                });
            }
        };
    }

    private static String slice(JavaClass c) {
        return slice(c.getPackageName());
    }

    private static String slice(String name) {
        String root = "mellowflare.core.";
        return name.startsWith(root) ? name.substring(root.length()).split("\\.")[0] : "";
    }

    private static int rank(String slice) {
        for (int i = 0; i < ORDER.size(); i++) {
            if (ORDER.get(i).contains(slice)) {
                return i;
            }
        }
        return -1;
    }

    /** At every depth: a package can be read without those that build on it, sub-packages included. */
    @ArchTest
    static final ArchRule packagesStandInNoCircle =
            slices().matching("mellowflare.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule recordsHoldNoArrays = ArchRuleDefinition.noFields()
            .that()
            .areDeclaredInClassesThat()
            .areRecords()
            .and()
            .haveModifier(JavaModifier.PRIVATE)
            .should()
            .haveRawType(DescribedPredicate.describe("an array", JavaClass::isArray))
            .because("an array can be changed behind a value's back");
}
