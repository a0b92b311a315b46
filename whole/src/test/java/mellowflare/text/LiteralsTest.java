package mellowflare.text;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.util.TreeScanner;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** No words for people stand in the code, and none are put together there: they are whole messages in files, rules and tables. */
class LiteralsTest {
    /** Two words beside each other, a word on its own that begins a sentence, or a piece that is put between other pieces. */
    private static final Pattern WORDS = Pattern.compile(
            "[A-Za-z]{2,}[,;:.]? +[A-Za-z({].*|.*[A-Za-z]{2,}[,;:.]? +[A-Za-z({].*|[,;:] [a-z].*| [a-z]{2,}.*"
                    + "|.*[a-z]{2,} |[A-Z][a-z]{2,}|[a-z]{3,}: ?|[0-9.]+°? [a-z]{4,}.*",
            Pattern.DOTALL);

    private static final Pattern UNITS = Pattern.compile(
            " ?(?:mm|in|ft|bar|mbar|in WC|psi|gal|cfm|tpi|in³/min|gal/min|ft³/h|ft/s|mm/m|cm²|in²)(?:\\\\n)?");

    private static final Pattern SQL = Pattern.compile(
            "\\s*(?:SELECT|UPDATE|INSERT|DELETE|CREATE|PRAGMA|VACUUM|AND instr|ORDER BY)\\b.*", Pattern.DOTALL);

    /** Built for other readers than people: SVG, dates, typefaces, designations, and what is typed and read back in the same words. */
    private static final Map<String, String> OTHERS = Map.ofEntries(
            Map.entry(
                    "WalkText",
                    "(?:hose|drop|drain|tank|feed|from|close) | (?:bore|off|leg|no leg|with|by|hose|filtered|size) ?|no leg| no leg"),
            Map.entry(
                    "RunText",
                    " ?(?:end|to|and|cut|faces|to-face|loose|set-back|from|nipple|swage|tee|cross|flange|bushing to|reducer to) ?"),
            Map.entry(
                    "GasText",
                    "(?:hose|appliance|regulator|from|close) ?| (?:size|elbows|inlet|from|to|hose|bore|sort|gas|instead|like|buried|hidden|through|standing|new|coupler|vented|unvented) ?| kW| BTU/h| mbar| inwc"),
            Map.entry("RunPane", "45 left|45 right|to flange|to port"),
            Map.entry("RunIn", " branch| other branch"),
            Map.entry("PlaceText", " to "),
            Map.entry("TradeUnits", "in wc"),
            Map.entry("SecondDiameter", " at "),
            Map.entry("Source", "house rule: "),
            Map.entry("HoseStepWriter", ", then "),
            Map.entry("AirFiles", "PRODID:.*"),
            Map.entry("LeftOff", "not started|finished, all %d steps"),
            Map.entry("DrawingSvg", ".*"),
            Map.entry("JobSheet", "yyyy-MM-dd HH:mm"),
            Map.entry("BookView", "d MMM yyyy HH:mm"),
            Map.entry("StepList", "d MMM HH:mm"),
            Map.entry("ShelfStory", "d MMM HH:mm"),
            Map.entry("HandOver", "d MMM HH:mm"),
            Map.entry("HandOverPdf", "d MMM yyyy HH:mm"),
            Map.entry("BookFile", "(?s)(?:SELECT|UPDATE|INSERT|DELETE|CREATE|PRAGMA|VACUUM).*"),
            Map.entry("MellowFlare", "Mellow Flare"),
            Map.entry("HoseView", "SAE J517"),
            Map.entry("CanvasPainter", "Source Sans 3.*"),
            // Rules: their sentences stand beside their check, and RuleText knows them by id.
            Map.entry("MetalsTouch", ".*"));

    /** Demo jobs play in a made-up yard, whose names nobody translates. */
    private static final Set<String> MADE_UP = Set.of(
            "HoseDemo",
            "TubeDemo",
            "AirDemo",
            "PipeDemo",
            "GasDemo",
            "WaterInBook",
            "TeeInBook",
            "BrokenInBook",
            "OtherHoses",
            "DemoBook");

    private static final Pattern NOT_SHOWN =
            Pattern.compile(".*(?:Exception|Error|BrokenTable|ReferenceKey.*|Thread)|RuleText|Source");

    @Test
    void testNoWordsForPeopleStandInTheCode() {
        List<String> found = new ArrayList<>();
        for (CompilationUnitTree unit : Sources.parsed()) {
            String file = Path.of(unit.getSourceFile().getName())
                    .getFileName()
                    .toString()
                    .replace(".java", "");
            if (!MADE_UP.contains(file)) {
                new Finder(file, found).scan(unit, null);
            }
        }
        assertEquals(List.of(), found);
    }

    private static final class Finder extends TreeScanner<Void, Void> {
        private final String file;
        private final List<String> found;

        Finder(String file, List<String> found) {
            this.file = file;
            this.found = found;
        }

        @Override
        public Void visitAnnotation(AnnotationTree tree, Void none) {
            return null;
        }

        @Override
        public Void visitNewClass(NewClassTree tree, Void none) {
            return NOT_SHOWN.matcher(tree.getIdentifier().toString()).matches()
                    ? null
                    : super.visitNewClass(tree, none);
        }

        @Override
        public Void visitMethodInvocation(MethodInvocationTree tree, Void none) {
            String method = tree.getMethodSelect().toString();
            return method.startsWith("RuleText.") || method.startsWith("Source.") || method.startsWith("Pattern.")
                    ? null
                    : super.visitMethodInvocation(tree, none);
        }

        @Override
        public Void visitLiteral(LiteralTree tree, Void none) {
            if (tree.getValue() instanceof String text
                    && WORDS.matcher(text).matches()
                    && !UNITS.matcher(text).matches()
                    && !SQL.matcher(text).matches()
                    && !text.matches("(?s)" + OTHERS.getOrDefault(file, "-"))) {
                found.add(file + ": " + text);
            }
            return null;
        }
    }
}
