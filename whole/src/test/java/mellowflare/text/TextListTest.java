package mellowflare.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mellowflare.core.advice.RuleText;
import org.junit.jupiter.api.Test;

/** Writes every text of the program into one list, to be read from top to bottom and to be translated from: {@code whole/target/texts.tsv}. */
class TextListTest {
    private static final Pattern SAID = Pattern.compile("\\.said(?:IfAny|List)?\\(\\s*\"(\\w+)\"");

    private final Map<String, String> texts = new LinkedHashMap<>();
    private final Map<String, String> where = new HashMap<>();

    @Test
    void testEveryTextStandsInOneListWithItsIdAndWhereItIsUsed() throws Exception {
        messages();
        rules();
        tables();
        StringBuilder list = new StringBuilder("id\ttext\twhere\n");
        texts.forEach((id, text) -> list.append(id)
                .append('\t')
                .append(text.replace("\n", "\\n").replace("\t", "\\t"))
                .append('\t')
                .append(where.get(id))
                .append('\n'));
        Path file = Path.of("target", "texts.tsv");
        Files.writeString(file, list);
        assertTrue(texts.size() > 3500, "so few texts: " + texts.size());
        assertEquals(
                List.of(),
                texts.keySet().stream().filter(id -> where.get(id) == null).toList());
        assertEquals(texts.size() + 1, Files.readAllLines(file).size());
    }

    private void messages() {
        texts.putAll(MessageFiles.all());
        Calls.all().forEach(c -> where.merge(c.id(), c.where(), (a, b) -> a.contains(b) ? a : a + ", " + b));
    }

    private void rules() throws ReflectiveOperationException {
        for (JavaClass c : new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("mellowflare")) {
            for (JavaField f : c.getFields()) {
                if (f.getModifiers().contains(JavaModifier.STATIC)) {
                    Field field = f.reflect();
                    if (field.getType() == RuleText.class) {
                        field.setAccessible(true);
                        rule((RuleText) field.get(null), c.getSimpleName());
                    } else if (Map.class.isAssignableFrom(field.getType())
                            && field.getGenericType().getTypeName().contains("RuleText")) {
                        field.setAccessible(true);
                        ((Map<?, ?>) field.get(null)).values().forEach(r -> rule((RuleText) r, c.getSimpleName()));
                    }
                }
            }
        }
    }

    private void rule(RuleText r, String in) {
        Map.of("fails", r.fails(), "passes", r.passes(), "because", r.because(), "remedy", r.remedy())
                .forEach((part, text) -> {
                    if (!text.isBlank()) {
                        String id = "rule/" + r.id() + "." + part;
                        texts.put(id, text);
                        where.put(id, in + ".java");
                    }
                });
    }

    private void tables() throws IOException {
        Map<String, Set<String>> columns = new HashMap<>();
        for (Path java : Sources.files(".java")) {
            Matcher m = SAID.matcher(Files.readString(java));
            while (m.find()) {
                columns.computeIfAbsent(Sources.home(java), h -> new TreeSet<>())
                        .add(m.group(1));
            }
        }
        // Steps are read by one class for all kinds of line.
        Set<String> steps = columns.getOrDefault("core.procedure", Set.of());
        for (Path csv : Sources.files(".csv")) {
            String home = Sources.home(csv);
            Set<String> read = new TreeSet<>(columns.getOrDefault(home, Set.of()));
            if (home.endsWith(".order")) {
                read.addAll(steps);
            }
            table(csv, home, read);
        }
    }

    private void table(Path csv, String home, Set<String> columns) throws IOException {
        Map<String, Integer> times = new HashMap<>();
        String name = csv.getFileName().toString().replace(".csv", "");
        try (CsvReader<NamedCsvRecord> rows = CsvReader.builder()
                .commentStrategy(CommentStrategy.SKIP)
                .skipEmptyLines(true)
                .ofNamedCsvRecord(csv)) {
            for (NamedCsvRecord row : rows) {
                String key = row.getField(0).strip();
                int time = times.merge(key, 1, Integer::sum);
                List<String> texted = new ArrayList<>(columns);
                for (String column :
                        texted.stream().filter(row.getHeader()::contains).collect(Collectors.toList())) {
                    String text = row.getField(column).strip();
                    if (!text.isBlank()) {
                        String id = home + "/" + name + "." + key + (time > 1 ? "-" + time : "") + "." + column;
                        texts.put(id, text);
                        where.put(id, csv.getFileName().toString());
                    }
                }
            }
        }
    }
}
