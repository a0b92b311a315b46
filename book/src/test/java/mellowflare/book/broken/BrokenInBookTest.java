package mellowflare.book.broken;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.BookKinds;
import mellowflare.book.job.JobJson;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.broken.BrokenPlan;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class BrokenInBookTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 29, 9, 0, 0, 0, ZoneOffset.UTC);

    private static Job demo() {
        return KittiwakeSlip.jobs(DATA, Instant.EPOCH).stream()
                .filter(j -> j.id().equals("demo-broken-nipple"))
                .findFirst()
                .orElseThrow();
    }

    private static String sheet(Job job) throws Exception {
        try (PDDocument d = Loader.loadPDF(Jobs.paper("sheet", Evaluation.of(job, DATA)))) {
            return new PDFTextStripper().getText(d);
        }
    }

    @Test
    void testEveryAnswerComesBack() throws BookTrouble {
        Job more = demo().change(
                        BrokenPartKind.BROKEN,
                        l -> l.with()
                                .state(Optional.of(StuckState.STUMP))
                                .material(Optional.of(StuckMaterial.Id.CHROMED))
                                .fluid(Optional.of(StuckFluid.Id.HEATING_WATER))
                                .size(Optional.of("1 1/4"))
                                .thread(Optional.of(ThreadState.CHASED))
                                .licensed(Optional.of(false))
                                .hour(Optional.empty())
                                .build());
        assertThat(JobJson.read(JobJson.write(demo()))).isEqualTo(demo());
        assertThat(JobJson.read(JobJson.write(more))).isEqualTo(more);
    }

    @Test
    void testASizeThatIsNoneIsRefusedInASentence() {
        String text = JobJson.write(demo());
        String spoilt = text.replace("\"size\":\"1/2\"", "\"size\":\"5/8\"");
        assertThat(spoilt).isNotEqualTo(text);
        assertThatThrownBy(() -> JobJson.read(spoilt))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("5/8 is no pipe size");
    }

    @Test
    void testTheSheetSaysWhatNeverAndWhatItCosts() throws Exception {
        assertThat(sheet(demo()))
                .contains(
                        "Never penetrant on drinking water",
                        "Never heat near plastic, timber",
                        "28 min",
                        "costs 25.20",
                        "costs 84.00",
                        "Number 4 of the set for size 1/2");
    }

    @Test
    void testTagDrawingAndAnEmptyPart() throws Exception {
        Evaluation e = Evaluation.of(demo(), DATA);
        assertThat(BookKinds.tag(e).hose()).isEqualTo("old brass");
        BrokenPlan plan = e.plan(BrokenPartKind.BROKEN).orElseThrow();
        byte[] svg = new BrokenInBook().papers().get(0).maker().bytes(e, plan, NOW);
        assertThat(new String(svg, StandardCharsets.UTF_8)).contains("<svg", "two saw cuts");
        Job empty = Job.open("x", "x", "", UnitSystem.METRIC).withKind(BrokenPartKind.BROKEN);
        assertThat(sheet(empty)).contains("How does the part stand");
    }
}
