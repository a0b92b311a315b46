package mellowflare.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.jar.JarFile;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fornwall.jelf.ElfFile;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Holds {@code setup/libraries.csv} against what the native parts on the class path really load. */
class NativeLibrariesTest {
    /** Loaded only by a window on a real display, not by the tests' own. */
    private static final Set<String> WINDOW_ONLY = Set.of("libglass.so", "libglassgtk3.so", "libprism_es2.so");

    /** The C library and the compiler's own: Java itself does not start without them. */
    private static final Pattern WITH_JAVA =
            Pattern.compile("(ld-linux.*|lib(c|m|dl|pthread|rt|gcc_s|stdc\\+\\+|util)\\.so\\.\\d+)");

    /** A library asked for by name while running. */
    private static final Pattern BY_NAME = Pattern.compile("\\x00(lib[A-Za-z0-9_.+-]+\\.so\\.[0-9]+)(?=\\x00)");

    /** Asked for only where somebody chose the toolkit's older form. */
    private static final Set<String> NOT_CHOSEN = Set.of("libgtk-x11-2.0.so.0");

    private static final Map<String, Set<String>> LOADED = new TreeMap<>();
    private static List<NamedCsvRecord> rows;

    @BeforeAll
    static void readAll() throws IOException {
        assumeThat(System.getProperty("os.name")).isEqualTo("Linux");
        for (String entry : System.getProperty("java.class.path").split(File.pathSeparator)) {
            if (entry.endsWith(".jar")) {
                readJar(entry);
            }
        }
        Path table = Path.of(System.getProperty("basedir", "."), "..", "setup", "libraries.csv");
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder().ofNamedCsvRecord(table)) {
            rows = csv.stream().toList();
        }
    }

    private static void readJar(String file) throws IOException {
        try (JarFile jar = new JarFile(file)) {
            for (var entry : Collections.list(jar.entries())) {
                if (entry.getName().endsWith(".so") && isOfThisMachine(entry.getName())) {
                    try (InputStream in = jar.getInputStream(entry)) {
                        read(Path.of(entry.getName()).getFileName().toString(), in.readAllBytes());
                    }
                }
            }
        }
    }

    /** Parts for other systems lie in folders that bear their name. */
    private static boolean isOfThisMachine(String entry) {
        if (entry.contains("monocle") || !entry.contains("/")) {
            return !entry.contains("monocle");
        }
        return entry.contains("Linux/x86_64") || entry.contains("linux-x86-64");
    }

    private static void read(String name, byte[] bytes) {
        Set<String> loaded =
                new TreeSet<>(ElfFile.from(bytes).getDynamicSection().getNeededLibraries());
        Matcher asked = BY_NAME.matcher(new String(bytes, StandardCharsets.ISO_8859_1));
        while (asked.find()) {
            loaded.add(asked.group(1));
        }
        loaded.removeIf(l -> WITH_JAVA.matcher(l).matches() || NOT_CHOSEN.contains(l));
        LOADED.put(name, loaded);
    }

    @Test
    void testEveryLibraryThatANativePartLoadsIsInTheTableWithThatPart() {
        assertThat(LOADED).containsKeys("libglassgtk3.so", "libjavafx_font_pango.so", "libsqlitejdbc.so");
        assertThat(byLibrary())
                .isEqualTo(rows.stream()
                        .collect(Collectors.toMap(
                                r -> r.getField("library"), r -> words(r, "needed_by"), (a, b) -> a, TreeMap::new)));
    }

    @Test
    void testLibrariesOfTheTestsAreThoseThatMoreThanTheWindowLoads() {
        Map<String, Set<String>> loaded = byLibrary();
        assertThat(rows).isNotEmpty().allSatisfy(row -> {
            boolean windowOnly = WINDOW_ONLY.containsAll(loaded.get(row.getField("library")));
            assertThat(words(row, "use"))
                    .as(row.getField("library"))
                    .isEqualTo(windowOnly ? Set.of("window") : Set.of("window", "test"));
            assertThat(row.getField("debian_package")).matches("[a-z0-9][a-z0-9.+-]+");
        });
    }

    private static Map<String, Set<String>> byLibrary() {
        Map<String, Set<String>> by = new TreeMap<>();
        LOADED.forEach((part, libraries) -> libraries.forEach(
                l -> by.computeIfAbsent(l, x -> new TreeSet<>()).add(part)));
        return by;
    }

    private static Set<String> words(NamedCsvRecord row, String field) {
        return Stream.of(row.getField(field).split(" ")).collect(Collectors.toCollection(TreeSet::new));
    }
}
