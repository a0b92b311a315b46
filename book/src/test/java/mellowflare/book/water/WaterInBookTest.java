package mellowflare.book.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Optional;
import java.util.Set;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.JobJson;
import mellowflare.book.job.Papers;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.water.WaterPlan;
import mellowflare.core.water.WaterPointKind;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.stock.JoinMethod;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class WaterInBookTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 29, 9, 0, 0, 0, ZoneOffset.UTC);

    private static Job demo(String id) {
        return KittiwakeSlip.jobs(DATA, Instant.EPOCH).stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static WaterPlan plan(Job job) {
        return Evaluation.of(job, DATA).plan(WaterPointKind.WATER).orElseThrow();
    }

    private static byte[] paper(Job job, String id) throws Exception {
        return Papers.bytes(id, Evaluation.of(job, DATA), NOW);
    }

    @Test
    void testEveryFigureComesBack() throws BookTrouble {
        for (Job job : new Job[] {demo("demo-wash-valve"), demo("demo-cistern")}) {
            Job more = job.change(
                    WaterPointKind.WATER,
                    l -> l.with()
                            .allowed(Set.of(JoinMethod.Id.PUSH, JoinMethod.Id.GLUE_CPVC))
                            .elsewhere(Set.of(HouseMaterial.OTHER, HouseMaterial.PEX))
                            .taken(Optional.of("push-flex"))
                            .plastic(Optional.of(true))
                            .flexibleAllowed(Optional.of(true))
                            .chance(0.75)
                            .build());
            assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
            assertThat(JobJson.read(JobJson.write(more))).isEqualTo(more);
        }
    }

    @Test
    void testTheDemoSaysWhatItIsThereFor() {
        WaterPlan wash = plan(demo("demo-wash-valve"));
        assertThat(wash.stops()).isFalse();
        assertThat(wash.c().bag()).isPresent();
        assertThat(wash.c().nipple()).isPresent();
        WaterPlan cistern = plan(demo("demo-cistern"));
        assertThat(cistern.c().set().orElseThrow().method().id())
                .as("the stub is too short for anything but solder")
                .isEqualTo(JoinMethod.Id.SOLDER);
    }

    @Test
    void testTheBagOnPaperAndAsAList() throws Exception {
        Job job = demo("demo-wash-valve");
        try (PDDocument d = Loader.loadPDF(paper(job, "bag"))) {
            assertThat(new PDFTextStripper().getText(d))
                    .contains("cap 1/2 and washer", "something nobody expected: a second trip.");
        }
        String csv = new String(paper(job, "bag-list"), StandardCharsets.UTF_8);
        assertThat(csv.lines().count())
                .isEqualTo(1 + plan(job).c().bag().orElseThrow().parts().size());
        assertThat(new String(paper(job, "drawing"), StandardCharsets.UTF_8)).contains("<svg");
    }

    @Test
    void testWhereNothingIsHiddenThereIsNoBag() {
        assertThatThrownBy(() -> paper(demo("demo-cistern"), "bag")).isInstanceOf(BookTrouble.class);
        Job empty = Job.open("x", "x", "", UnitSystem.METRIC).withKind(WaterPointKind.WATER);
        assertThatThrownBy(() -> paper(empty, "bag-list")).isInstanceOf(BookTrouble.class);
    }
}
