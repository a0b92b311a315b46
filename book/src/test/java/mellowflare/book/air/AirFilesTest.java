package mellowflare.book.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.BookKinds;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.cut.Rods;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What an air main gives to other programs and to paper. */
class AirFilesTest {
    private static final ReferenceData DATA = ShippedData.get();
    private static final Evaluation SHED = Evaluation.of(demo("demo-shed-air"), DATA);
    private static final Evaluation LOFT = Evaluation.of(demo("demo-loft-air"), DATA);
    private static final AirCase C = SHED.plan(AirMainKind.AIR).orElseThrow().c();

    @TempDir
    private Path folder;

    private static Job demo(String id) {
        return KittiwakeSlip.jobs(DATA, Instant.EPOCH).stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<NamedCsvRecord> rows(String csv) throws IOException {
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(csv)) {
            return reader.stream().toList();
        }
    }

    private static double number(NamedCsvRecord row, String column) {
        return Double.parseDouble(row.getField(column));
    }

    /** Every piece once, with its own length, and no bar gives more than it has. */
    @Test
    void testTheCutListHoldsEveryPieceOnce() throws Exception {
        List<NamedCsvRecord> rows = rows(AirFiles.cutsCsv(C)).stream()
                .filter(r -> !r.getField("bar").isEmpty())
                .toList();
        int pieces = C.work().orElseThrow().stretches().stream()
                .mapToInt(s -> s.pieces().size())
                .sum();
        assertThat(rows).hasSize(pieces);
        assertThat(rows.stream().map(r -> r.getField("piece"))).doesNotHaveDuplicates();
        Map<String, Double> used = new HashMap<>();
        Map<String, Double> bars = new HashMap<>();
        for (NamedCsvRecord r : rows) {
            used.merge(r.getField("bar"), number(r, "cut_mm") + 1.5, Double::sum);
            bars.put(r.getField("bar"), number(r, "bar_mm"));
            assertThat(number(r, "mark_a_mm")).isEqualTo(r.getField("size").equals("50") ? 48 : 30);
        }
        used.forEach((bar, sum) -> assertThat(sum).isLessThanOrEqualTo(bars.get(bar) + 1e-6));
        assertThat(rows.stream()
                        .filter(r -> r.getField("from").equals("at hand"))
                        .map(r -> number(r, "bar_mm")))
                .isNotEmpty()
                .allMatch(l -> l == 3250);
    }

    /** By hand: the riser is 2 600 centre to centre, less tee 33 and elbow 35 in size 50. */
    @Test
    void testACutIsCentreToCentreLessBothStops() throws Exception {
        NamedCsvRecord riser = rows(AirFiles.cutsCsv(C)).stream()
                .filter(r -> r.getField("piece").equals("riser"))
                .findFirst()
                .orElseThrow();
        assertThat(number(riser, "cut_mm")).isCloseTo(2600 - 33 - 35, within(1e-9));
    }

    @Test
    void testPartsAddUpToTheirSum() throws Exception {
        List<NamedCsvRecord> rows = rows(AirFiles.partsCsv(C));
        double sum = rows.stream()
                .filter(r -> !r.getField("name").equals("all"))
                .peek(r ->
                        assertThat(number(r, "cost")).isCloseTo(number(r, "amount") * number(r, "price"), within(0.02)))
                .mapToDouble(r -> number(r, "cost"))
                .sum();
        NamedCsvRecord all = rows.get(rows.size() - 1);
        assertThat(all.getField("name")).isEqualTo("all");
        assertThat(number(all, "cost")).isCloseTo(sum, within(0.05));
        assertThat(rows.stream().filter(r -> r.getField("name").startsWith("pipe")))
                .hasSize(2);
    }

    @Test
    void testTheNetworkNamesEveryPlaceThatItsPipesMeet() throws Exception {
        JsonNode n = new ObjectMapper().readTree(AirFiles.networkJson(C));
        List<String> nodes = new ObjectMapper().convertValue(n.get("nodes"), new TypeReference<>() {});
        for (JsonNode p : n.get("pipes")) {
            assertThat(nodes).contains(p.get("from").asText(), p.get("to").asText());
            assertThat(p.get("bore").asDouble()).isPositive();
        }
        assertThat(n.get("supplies").get(0).get("pressure").asDouble()).isCloseTo(7.2, within(1e-9));
        double asked = 0;
        for (JsonNode d : n.get("demands")) {
            asked += d.get("flow").asDouble();
        }
        assertThat(asked)
                .isCloseTo(
                        C.need().peak().litresPerMinute(),
                        within(C.need().peak().litresPerMinute() * 0.2));
    }

    /** Lines of at most 75 octets that end in CR LF, as RFC 5545 wants them, and unfolded the names of all legs. */
    @Test
    void testDrainsAreACalendar() throws Exception {
        String ics = AirFiles.drains(C, "demo-shed-air", "Air, shed; east", LocalDate.of(2026, 11, 26));
        assertThat(ics).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
        for (String line : ics.split("\r\n")) {
            assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75);
        }
        String whole = ics.replace("\r\n ", "");
        assertThat(whole)
                .contains("SUMMARY:Drain the air main: Air\\, shed\\; east")
                .contains("DTSTART;VALUE=DATE:20261126")
                .contains("RRULE:FREQ=DAILY;INTERVAL=1")
                .contains("RRULE:FREQ=YEARLY")
                .contains("foot\\, bench leg", "far leg");
        assertThat(Arrays.stream(whole.split("\r\n")).filter(l -> l.equals("BEGIN:VEVENT")))
                .hasSize(2);
    }

    /** Codes and values in pairs; the first main begins where the hose ends, and the fall is in its heights. */
    @Test
    void testLinesInSpaceHoldTheFall() throws Exception {
        List<String> lines = List.of(AirFiles.dxf(C).split("\n"));
        assertThat(lines.size() % 2).isZero();
        assertThat(lines.get(lines.size() - 1)).isEqualTo("EOF");
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        int mains = 0;
        for (int i = 0; i + 1 < lines.size(); i += 2) {
            if (lines.get(i).strip().equals("0")
                    && lines.get(i + 1).equals("LINE")
                    && lines.get(i + 3).equals("MAIN")) {
                mains++;
                double z = Double.parseDouble(lines.get(i + 9));
                low = Math.min(low, z);
                high = Math.max(high, z);
            }
        }
        assertThat(mains).isEqualTo(12);
        assertThat(high).isCloseTo(3500, within(1e-6));
        assertThat(C.fall().height("gable 2").mm()).isCloseTo(3500 - 22.2 * 10, within(5.0));
    }

    @Test
    void testTheSheetHoldsWalkCutsPartsAndCautions() throws Exception {
        String text = text(Jobs.paper("sheet", SHED));
        assertThat(text)
                .contains(
                        "Air for the blasting shed",
                        "The line as it was called out",
                        "riser: up 2.6 m",
                        "Cut list",
                        "48 mm on 50",
                        "Parts")
                .contains("north 1: left 3.4 m", "Work: not started", "rigging loft: drop 2 m")
                .contains("Heights of the centre line over the floor", "north 1 3400 3494 3460")
                .contains("Free air by ISO 1217", "Pump up and hold", "Local codes, the makers of pipe")
                .contains("STILL NEEDED", "leak test: Enter two readings of a leak test.");
        assertThat(text(Jobs.paper("sheet", LOFT))).contains("Never use PVC pipe for compressed air");
    }

    @Test
    void testRodsStandOnTheSheetOfAMainThatHangsOnThem() throws Exception {
        Job hung = SHED.job().change(AirMainKind.AIR, m -> m.withMaking(Making.USUAL.withHung(Making.Hung.CEILING)));
        Evaluation e = Evaluation.of(hung, DATA);
        CutWork work = e.plan(AirMainKind.AIR).orElseThrow().c().work().orElseThrow();
        String sheet = text(Jobs.paper("sheet", e));
        assertThat(sheet).contains("Hanger rods");
        for (int i = 0; i < 2; i++) {
            Rods.Rod rod = work.rods().stream()
                    .filter(r -> r.stretch().equals("north 1"))
                    .toList()
                    .get(i);
            assertThat(sheet)
                    .contains("north 1 " + (i + 1) + " "
                            + LengthFormat.shop(rod.length(), UnitSystem.METRIC).replace(" mm", ""));
        }
        String cuts = Jobs.paperText("cuts", e);
        assertThat(cuts).contains("north 1, hanger 1 at 300", "hose by the metre");
        assertThat(cuts.lines().filter(l -> l.startsWith("rod,")))
                .hasSize(work.rods().size());
        assertThat(work.rods().stream().map(r -> r.length().mm()).distinct().count())
                .isGreaterThan(5);
    }

    @Test
    void testFiguresWrittenDownWithAStepStandOnTheSheetByTheirNames() throws Exception {
        StepEntry pumped =
                new StepEntry("pump", StepEntry.Outcome.DONE, "Maren", Jobs.NOW, Map.of("pump", "9.1 bar"), "");
        Evaluation e = Evaluation.of(SHED.job().withLog(SHED.job().log().with(pumped)), DATA);
        assertThat(text(Jobs.paper("sheet", e)))
                .contains("done by Maren")
                .containsPattern("; [a-z ]+ 9\\.1 bar")
                .doesNotContain("{pump=");
    }

    @Test
    void testTheTagSaysPipeCompressorAndPressure() throws Exception {
        TagFacts facts = BookKinds.tag(SHED);
        assertThat(facts.hose()).isEqualTo("aluminium pipe with ring fittings");
        assertThat(facts.endA()).isEqualTo("screw 22 kW on 900 L");
        assertThat(facts.workingBar()).isEqualTo(Optional.of(9.0));
        assertThat(facts.fluid()).isEqualTo("air");
        assertThat(TagFacts.read(facts.text())).isEqualTo(facts);
        assertThat(text(Jobs.paper("tag", SHED)))
                .contains("works at 9 bar, air")
                .contains("not made yet");
    }

    @Test
    void testFilesAreWrittenUnderTheJobsName() throws Exception {
        for (Path p : List.of(
                Jobs.written("cuts", SHED, folder),
                Jobs.written("network", SHED, folder),
                Jobs.written("drains", SHED, folder),
                Jobs.written("parts", SHED, folder),
                Jobs.written("dxf", SHED, folder),
                Jobs.written("drawing", SHED, folder),
                Jobs.written("tag", SHED, folder))) {
            assertThat(Files.size(p)).isPositive();
            assertThat(p.getFileName().toString()).startsWith("air-for-the-blasting-shed");
        }
        try (var all = Files.list(folder)) {
            assertThat(all).hasSize(7);
        }
    }

    @Test
    void testWhatIsNotThereIsSaid() {
        assertThatThrownBy(() -> Jobs.paperText("cuts", LOFT))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("nothing to cut");
        assertThatThrownBy(() -> Jobs.paperText("network", LOFT)).hasMessageContaining("no network yet");
        assertThatThrownBy(() -> Jobs.paperText("drains", LOFT)).hasMessageContaining("no drain yet");
        assertThatThrownBy(() -> Jobs.paperText("lra", SHED))
                .hasMessageContaining("of kind “air main”, which has no “lra”");
        assertThatThrownBy(() -> Jobs.paper("hand-over", SHED)).hasMessageContaining("has no “hand-over”");
        Evaluation hose = Evaluation.of(demo("demo-slew-hose"), DATA);
        assertThatThrownBy(() -> Jobs.paperText("cuts", hose))
                .hasMessageContaining(
                        "of kind “hose”, which has no “cuts”. It has: sheet, card, tag, export, tests, handed-over, bag, bag-list, parts");
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument d = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(d).replace('\u00a0', ' ').replaceAll("\\s+", " ");
        }
    }
}
