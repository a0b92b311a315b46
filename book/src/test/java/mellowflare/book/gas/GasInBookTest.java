package mellowflare.book.gas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.JobJson;
import mellowflare.book.line.Paper;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.GasPlan;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasTest;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class GasInBookTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 29, 9, 0, 0, 0, ZoneOffset.UTC);

    private static Job demo(String id) {
        return KittiwakeSlip.jobs(DATA, Instant.EPOCH).stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Job again(Job job) throws BookTrouble {
        return JobJson.read(JobJson.write(job));
    }

    private static GasPlan plan(Job job) {
        return Evaluation.of(job, DATA).plan(GasLineKind.GAS).orElseThrow();
    }

    private static String paper(Job job, String id) throws Exception {
        Evaluation e = Evaluation.of(job, DATA);
        Paper<GasPlan> paper = new GasInBook()
                .papers().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
        byte[] bytes = paper.maker().bytes(e, plan(job), NOW);
        if (!paper.suffix().endsWith(".pdf")) {
            return new String(bytes, StandardCharsets.UTF_8);
        }
        try (PDDocument d = Loader.loadPDF(bytes)) {
            return new PDFTextStripper().getText(d);
        }
    }

    @Test
    void testEveryPieceAndFigureComesBack() throws BookTrouble {
        Piece[] pieces = List.of(
                        "a: up 2.4 m size 15 elbows 3 buried standing",
                        "h: hose 1.2 m left bore 10 sort made-up coupler",
                        "ring: appliance 7.5 kW like range inlet own from 25 to 45 hose 0.8 m bore 8 gas g31 instead heat new unvented",
                        "r: regulator kw-low-37",
                        "v: valve",
                        "c: cap",
                        "from a",
                        "k: close a size 22")
                .stream()
                .map(t -> GasText.read(t, UnitSystem.METRIC, "x").value().orElseThrow())
                .toArray(Piece[]::new);
        GasTest test = GasTest.NOT_YET
                .with()
                .readings(List.of(new HoldTest.Reading(
                        0,
                        GaugePressure.ofBar(0.15),
                        Optional.of(Temperature.ofCelsius(17)),
                        Optional.of(AbsolutePressure.ofBar(1.009)))))
                .apart(Optional.of(true))
                .soaped(Set.of("source", "run/a"))
                .build();
        for (Job job : List.of(demo("demo-mess-gas"), demo("demo-office-gas"), demo("demo-grill-gas"))) {
            Job more = job.change(
                    GasLineKind.GAS,
                    l -> l.with()
                            .pieces(List.of(pieces))
                            .heating(Optional.of(new HeatingValue(93)))
                            .shares(Map.of("propane", 0.6, "butane", 0.4))
                            .test(test)
                            .build());
            assertThat(again(job)).isEqualTo(job);
            GasLine back = again(more).line(GasLineKind.GAS);
            assertThat(back).isEqualTo(more.line(GasLineKind.GAS));
        }
    }

    @Test
    void testTheDemoSaysWhatItIsThereFor() {
        assertThat(plan(demo("demo-mess-gas")).findings())
                .anyMatch(f -> f.rule().id().equals("gas.added") && f.stops());
        assertThat(plan(demo("demo-office-gas")).stops()).isFalse();
        assertThat(plan(demo("demo-grill-gas")).findings().stream()
                        .filter(f -> f.stops())
                        .map(f -> f.rule().id()))
                .contains("gas.raw", "gas.hose-air", "gas.water-tape", "gas.cylinder-place");
    }

    @Test
    void testLoadsCsvHasEveryPipeAndAppliance() throws Exception {
        Job job = demo("demo-mess-gas");
        String csv = paper(job, "loads");
        GasPlan p = plan(job);
        assertThat(csv.lines().count())
                .isEqualTo(1 + p.c().sections().size() + p.c().inlets().size());
        assertThat(csv).contains("appliance,oven").contains("pipe,back wall");
        int columns = csv.lines().findFirst().orElseThrow().split(",").length;
        assertThat(csv.lines().map(l -> l.split(",", -1).length)).containsOnly(columns);
    }

    @Test
    void testTheTestSheetListsEveryJointAndTheLicence() throws Exception {
        String text = paper(demo("demo-mess-gas"), "test");
        assertThat(text).contains("licensed gas fitter", "never a flame", "inlet of oven", "Witness");
        assertThat(paper(demo("demo-mess-gas"), "soap").lines().count())
                .isEqualTo(1 + plan(demo("demo-mess-gas")).c().soapList().size());
        assertThat(paper(demo("demo-mess-gas"), "dxf")).contains("PIPE").contains("HOSE");
        assertThat(paper(demo("demo-mess-gas"), "isometric")).contains("oven");
    }

    @Test
    void testAnEmptyLineHasNoPapersButSaysWhy() {
        Job empty = Job.open("x", "x", "", UnitSystem.METRIC).withKind(GasLineKind.GAS);
        for (String id : List.of("test", "loads", "soap", "isometric", "dxf")) {
            assertThatThrownBy(() -> paper(empty, id)).isInstanceOf(BookTrouble.class);
        }
    }
}
