package mellowflare.book.tee;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

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
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tee.TeeInKind;
import mellowflare.core.tee.TeePlan;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class TeeInBookTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 29, 9, 0, 0, 0, ZoneOffset.UTC);

    private static Job demo(String id) {
        return KittiwakeSlip.jobs(DATA, Instant.EPOCH).stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static TeePlan plan(Job job) {
        return Evaluation.of(job, DATA).plan(TeeInKind.TEE).orElseThrow();
    }

    @Test
    void testEveryFigureComesBack() throws BookTrouble {
        for (Job job : new Job[] {demo("demo-heater-tee"), demo("demo-fuel-tee")}) {
            Job more = job.change(
                    TeeInKind.TEE,
                    l -> l.with()
                            .fluid(Optional.of(TeeFluid.REFRIGERANT))
                            .method(Optional.of(TeeMethod.Id.THREAD))
                            .gap(Optional.of(Length.ofMm(0)))
                            .room(Optional.of(false))
                            .licensed(Optional.empty())
                            .build());
            assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
            assertThat(JobJson.read(JobJson.write(more))).isEqualTo(more);
        }
    }

    @Test
    void testAnImpossibleLengthIsRefusedInASentence() {
        String text = JobJson.write(demo("demo-fuel-tee"));
        String spoilt = text.replaceFirst("\"gap\"\\s*:\\s*152\\.3\\d*", "\"gap\": -3");
        assertThat(spoilt).isNotEqualTo(text);
        assertThatThrownBy(() -> JobJson.read(spoilt))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("below nothing");
    }

    @Test
    void testTheDemoSaysWhatItIsThereFor() {
        TeePlan heater = plan(demo("demo-heater-tee"));
        assertThat(heater.c().cutOut()).contains(55.0);
        assertThat(heater.c().piece()).isEmpty();
        TeePlan fuel = plan(demo("demo-fuel-tee"));
        assertThat(fuel.c().piece().orElseThrow().inches())
                .as("6 in less 2 in of the tee and 1 in of the union")
                .isEqualTo(3.0, within(1e-9));
        assertThat(fuel.stops() || heater.stops()).isFalse();
    }

    @Test
    void testSheetTagAndDrawingSayTheSame() throws Exception {
        Job job = demo("demo-fuel-tee");
        Evaluation e = Evaluation.of(job, DATA);
        try (PDDocument d = Loader.loadPDF(Jobs.paper("sheet", e))) {
            assertThat(new PDFTextStripper().getText(d))
                    .contains("2.000 in", "3.000 in", "Make the piece", "licensed people only");
        }
        assertThat(BookKinds.tag(e).overallMm().orElseThrow()).isEqualTo(50.8, within(1e-9));
        byte[] svg = new TeeInBook().papers().get(0).maker().bytes(e, plan(job), NOW);
        assertThat(new String(svg, StandardCharsets.UTF_8)).contains("<svg", "2.000 in needed");
    }

    @Test
    void testAnEmptyTeeInStillPrints() throws Exception {
        Job empty = Job.open("x", "x", "", UnitSystem.METRIC)
                .withKind(TeeInKind.TEE)
                .with(TeeInKind.TEE, TeeLine.NEW);
        try (PDDocument d = Loader.loadPDF(Jobs.paper("sheet", Evaluation.of(empty, DATA)))) {
            assertThat(new PDFTextStripper().getText(d)).contains("How is the tee joined?", "STILL NEEDED");
        }
    }
}
