package mellowflare.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.book.job.JobJson;
import mellowflare.core.advice.State;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.testing.TestAsk;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Tests as they are kept in jobs and shown on their papers. */
class TestsInJobTest {
    private static Evaluation demo(String id) {
        return Evaluation.of(job(id), Jobs.DATA);
    }

    private static Job job(String id) {
        return Jobs.demo().stream().filter(j -> j.id().equals(id)).findFirst().orElseThrow();
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void testTheTestsOfAJobComeBackFromItsFile() throws Exception {
        Job chiller = job("demo-chiller");
        assertThat(chiller.taken()).hasSize(3);
        assertThat(JobJson.read(JobJson.write(chiller))).isEqualTo(chiller);
    }

    @Test
    void testTheDemoChillerIsTightAndStillWet() {
        Tested tested = demo("demo-chiller").tested();
        assertThat(tested.all())
                .extracting(t -> t.now().orElseThrow().verdict())
                .containsExactly(HoldTest.Verdict.TIGHT, HoldTest.Verdict.TIGHT, HoldTest.Verdict.NOT_SETTLED);
        assertThat(tested.handOver().state()).isEqualTo(State.FAIL);
        assertThat(demo("demo-chiller").findings())
                .anyMatch(f -> f.rule().id().equals("test.boils"))
                .anyMatch(f -> f.rule().id().equals("test.hand-over"));
    }

    /** A test belongs to its kind of line: tried as a tube, the hose's tests are kept and not counted. */
    @Test
    void testTestsOfAnotherKindOfLineAreKeptAndDoNotCount() {
        Job chiller = job("demo-chiller");
        Job asTube = chiller.withKind(job("demo-tube-fuel").kind());
        assertThat(asTube.taken()).isEmpty();
        assertThat(asTube.withKind(chiller.kind()).taken()).isEqualTo(chiller.taken());
    }

    /** Every line that is put into service is tested, and its joints have names of their own. */
    @Test
    void testEveryDemoJobAsksForATestThatCanBeTaken() {
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            if (e.steps().isEmpty()) {
                continue;
            }
            assertThat(e.tested().all()).as(job.id()).isNotEmpty();
            Set<String> keys = new HashSet<>();
            for (Tested.One one : e.tested().all()) {
                TestAsk ask = one.ask();
                assertThat(keys.add(ask.key())).as(job.id() + " " + ask.key()).isTrue();
                assertThat(ask.media()).as(job.id()).isNotEmpty();
            }
            Set<String> joints = new HashSet<>();
            for (TestJoint j : e.plan().testJoints()) {
                assertThat(joints.add(j.id())).as(job.id() + " " + j.id()).isTrue();
                assertThat(j.what()).isNotBlank();
            }
        }
    }

    @Test
    void testALineThatKeepsItsOwnHoldIsNotAskedTwice() {
        Evaluation shed = demo("demo-shed-air");
        Tested.One hold = shed.tested().all().get(0);
        assertThat(hold.kept()).isTrue();
        if (shed.plan().keptTests().hold().isPresent()) {
            assertThat(hold.now().orElseThrow().leak().orElseThrow())
                    .isEqualTo(shed.plan().keptTests().hold().get().result());
        }
        assertThat(shed.findings().stream()
                        .filter(f -> f.rule().id().equals("hold.leak"))
                        .count())
                .isLessThanOrEqualTo(1);
    }

    @Test
    void testTheCertificateSaysWhatWasTakenAndWhatIsOpen() throws Exception {
        String text = text(Jobs.paper("tests", demo("demo-chiller")));
        assertThat(text)
                .contains("2 of 3 tests have passed: do not hand it over yet.")
                .contains("Tight, sure to")
                .contains("Not settled")
                .contains("water is boiling off")
                .contains("KS 14")
                .contains("Local codes and licensed people decide");
        String open = text(Jobs.paper("tests", demo("demo-winch")));
        assertThat(open).contains("Not taken.");
        Job empty = Job.open("x", "x", "", UnitSystem.METRIC);
        assertThat(text(Jobs.paper("tests", Evaluation.of(empty, Jobs.DATA)))).contains("Not taken.");
    }

    @Test
    void testSpoiledRecordsAreRefusedInAWordThatNamesThem() throws Exception {
        String good = JobJson.write(job("demo-chiller"));
        assertThatThrownBy(() -> JobJson.read(good.replace("\"2026-11-02\"", "\"yesterday\"")))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("yesterday");
        assertThatThrownBy(() -> JobJson.read(good.replace("\"nitrogen/soap\"", "\"\"")))
                .isInstanceOf(BookTrouble.class);
        assertThatThrownBy(() -> JobJson.read(good.replace("\"vacuum\",", "\"hydrogen\",")))
                .isInstanceOf(BookTrouble.class);
    }

    @Test
    void testARecordOfAStepThatIsGoneIsKeptAside() {
        Job chiller = job("demo-chiller");
        TestRecord strange = chiller.taken().get(0).withAsk("gone/proof-ten");
        Job with = chiller.withTaken(List.of(strange));
        assertThat(Evaluation.of(with, Jobs.DATA).tested().loose()).containsExactly(strange);
        assertThat(Evaluation.of(with, Jobs.DATA).tested().all())
                .allMatch(t -> t.now().equals(Optional.empty()));
    }
}
