package mellowflare.core.connection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.thread.ThreadTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Tables without a formula were entered twice, in two systems of units; the two must agree and neither may lack a size. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SecondEntryTest {
    private final EndTable table = EndTable.load(ThreadTable.load());

    private static List<CsvTable.Row> second(String name) {
        try (InputStream in = SecondEntryTest.class.getResourceAsStream(name)) {
            return CsvTable.fromText(name, new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .rows();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> keys(List<CsvTable.Row> rows) {
        return rows.stream().map(r -> r.need("code") + " " + r.need("size")).toList();
    }

    private Set<String> inTables(List<CsvTable.Row> rows) {
        Set<String> codes = rows.stream().map(r -> r.need("code")).collect(Collectors.toSet());
        return table.of(Gender.MALE).stream()
                .filter(e -> codes.contains(e.id().code().name()) && !e.threadLeftOpen())
                .map(End::brief)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void testThreadsOfTheTubeFamiliesAgree() {
        List<CsvTable.Row> rows = second("second-threads.csv");
        assertThat(keys(rows)).containsExactlyInAnyOrderElementsOf(inTables(rows));
        List<String> differ = new ArrayList<>();
        for (CsvTable.Row row : rows) {
            EndId id = new EndId(row.word("code", EndCode.class), row.need("size"), Gender.MALE);
            ThreadSize thread = table.find(id).orElseThrow().thread().orElseThrow();
            Pitch pitch = Pitch.readWithUnit(row.need("pitch")).value().orElseThrow();
            if (Math.abs(thread.major().mm() - row.number("major_mm")) > 0.06
                    || !thread.pitch().equals(pitch)) {
                differ.add(id.text() + ": " + thread.name() + " against " + row.need("major_mm") + ", " + pitch.text());
            }
        }
        assertThat(differ).isEmpty();
    }

    @Test
    void testFlangesAgreeInHeadAndBoltSpacing() {
        List<CsvTable.Row> rows = second("second-flanges.csv");
        assertThat(keys(rows)).containsExactlyInAnyOrderElementsOf(inTables(rows));
        for (CsvTable.Row row : rows) {
            EndCode code = row.word("code", EndCode.class);
            String file = code == EndCode.CODE61 ? "flange61.csv" : "flange62.csv";
            CsvTable.Row first = CsvTable.beside(EndTable.class, file).rows().stream()
                    .filter(r -> r.need("size").equals(row.need("size")))
                    .findFirst()
                    .orElseThrow();
            String what = code + " " + row.need("size");
            assertThat(first.number("head_mm"))
                    .as(what + " head")
                    .isCloseTo(row.length("head_in").mm(), within(0.09));
            assertThat(first.number("spacing_long_mm"))
                    .as(what + " long")
                    .isCloseTo(row.length("spacing_long_in").mm(), within(0.09));
            assertThat(first.number("spacing_short_mm"))
                    .as(what + " short")
                    .isCloseTo(row.length("spacing_short_in").mm(), within(0.09));
        }
    }

    @Test
    void testBandsOfEndsWithoutAThreadFollowTheHouseRuleOfTheirTable() {
        for (String file : List.of("flange61.csv", "flange62.csv")) {
            for (CsvTable.Row r : CsvTable.beside(EndTable.class, file).rows()) {
                assertThat(r.number("male_low_mm")).isCloseTo(r.number("head_mm") - 0.2, within(1e-6));
                assertThat(r.number("male_high_mm")).isCloseTo(r.number("head_mm") + 0.2, within(1e-6));
                assertThat(r.number("female_low_mm")).isCloseTo(r.number("spacing_long_mm") - 0.4, within(1e-6));
                assertThat(r.number("female_high_mm")).isCloseTo(r.number("spacing_long_mm") + 0.4, within(1e-6));
            }
        }
        for (CsvTable.Row r : CsvTable.beside(EndTable.class, "push.csv").rows()) {
            assertThat(r.number("male_low_mm")).isCloseTo(r.number("tube_od_mm") - 0.1, within(0.006));
            assertThat(r.number("female_high_mm")).isCloseTo(r.number("tube_od_mm") + 0.6, within(0.006));
        }
        for (CsvTable.Row r : CsvTable.beside(EndTable.class, "barb.csv").rows()) {
            double bore = r.number("bore_mm");
            assertThat(r.number("male_low_mm")).isCloseTo(bore + 0.4, within(0.006));
            assertThat(r.number("male_high_mm")).isCloseTo(1.1 * bore + 1.1, within(0.006));
        }
    }

    @Test
    void testSizesNamedByAFigureAreThatFigure() {
        for (CsvTable.Row r : CsvTable.beside(EndTable.class, "push.csv").rows()) {
            String size = r.need("size");
            double named = size.endsWith("mm")
                    ? Double.parseDouble(size.replace(" mm", ""))
                    : 25.4
                            * (fraction(size.replace("CTS ", ""))
                                    // Copper of the plumber is an eighth over its name, outside.
                                    + (size.startsWith("CTS") ? 0.125 : 0));
            assertThat(r.number("tube_od_mm")).as(size).isCloseTo(named, within(0.0006));
        }
    }

    private static double fraction(String text) {
        String[] parts = text.split("/");
        return parts.length == 1
                ? Double.parseDouble(text)
                : Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
    }
}
