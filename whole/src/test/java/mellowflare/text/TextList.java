package mellowflare.text;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
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
import mellowflare.cli.HelpTexts;
import mellowflare.core.advice.RuleText;
import mellowflare.core.reference.Source;

/** Every text of the program by its id, with where it is used. */
final class TextList {
    private static final Pattern SAID = Pattern.compile("\\.said(?:IfAny|List)?\\(\\s*\"(\\w+)\"");

    private static TextList gathered;

    private final Map<String, String> texts = new LinkedHashMap<>();
    private final Map<String, String> where = new HashMap<>();
    private final Set<String> twoTexts = new TreeSet<>();

    private TextList() {}

    /** Gathered once, for it looks through all classes and tables. */
    static synchronized TextList ofAll() throws IOException, ReflectiveOperationException {
        if (gathered != null) {
            return gathered;
        }
        TextList list = new TextList();
        list.messages();
        list.rules();
        list.tables();
        HelpTexts.all().forEach((id, text) -> list.put(id, text, "help of the command"));
        gathered = list;
        return list;
    }

    Map<String, String> texts() {
        return texts;
    }

    /** Ids under which two different texts stand, so that no translation can be right for both. */
    Set<String> twoTexts() {
        return twoTexts;
    }

    String where(String id) {
        return where.get(id);
    }

    private void put(String id, String text, String in) {
        if (!text.isBlank()) {
            String before = texts.put(id, text);
            if (before != null && !before.equals(text)) {
                twoTexts.add(id);
            }
            where.merge(id, in, (a, b) -> a.contains(b) ? a : a + ", " + b);
        }
    }

    private void source(Source source, String in) {
        put(source.textId(), source.text(), in);
    }

    private void messages() {
        texts.putAll(MessageFiles.all());
        Calls.all().forEach(c -> where.merge(c.id(), c.where(), (a, b) -> a.contains(b) ? a : a + ", " + b));
    }

    private void rules() throws IOException, ReflectiveOperationException {
        for (Path java : Sources.files(".java")) {
            if (Files.readString(java).contains("RuleText")) {
                String name = java.getFileName().toString().replace(".java", "");
                rules(Class.forName("mellowflare." + Sources.home(java) + "." + name), name);
            }
        }
    }

    private void rules(Class<?> in, String name) throws ReflectiveOperationException {
        for (Field field : in.getDeclaredFields()) {
            boolean one = field.getType() == RuleText.class;
            boolean map = Map.class.isAssignableFrom(field.getType())
                    && field.getGenericType().getTypeName().contains("RuleText");
            if (Modifier.isStatic(field.getModifiers()) && (one || map)) {
                field.setAccessible(true);
                (one ? List.of(field.get(null)) : ((Map<?, ?>) field.get(null)).values())
                        .forEach(r -> rule((RuleText) r, name));
            }
        }
        for (Class<?> inner : in.getDeclaredClasses()) {
            rules(inner, name);
        }
    }

    private void rule(RuleText r, String in) {
        Map.of("fails", r.fails(), "passes", r.passes(), "because", r.because(), "remedy", r.remedy())
                .forEach((part, text) -> put("rule/" + r.id() + "." + part, text, in + ".java"));
        source(r.source(), in + ".java");
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
                    put(
                            home + "/" + name + "." + key + (time > 1 ? "-" + time : "") + "." + column,
                            text,
                            csv.getFileName().toString());
                }
                if (row.getHeader().contains("source")
                        && !row.getField("source").isBlank()) {
                    source(
                            Source.of(row.getField("source").strip()),
                            csv.getFileName().toString());
                }
            }
        }
    }
}
