package mellowflare.book.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.Jobs;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.machine.AsBuilt;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.ReadBack;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.Test;

/** What was written down against what is planned now. */
class AsBuiltTest {
    private static Job slew(String cut) {
        Job job = Jobs.demo().stream()
                .filter(j -> j.id().equals("demo-slew-hose"))
                .findFirst()
                .orElseThrow();
        return job.withLog(new MakeLog(
                List.of(new StepEntry(
                        "check-cut", StepEntry.Outcome.DONE, "Tobbe", Jobs.NOW, Map.of("check-cut", cut), "")),
                Optional.of(new ReadBack(Length.ofMm(1056), "Maren", Jobs.NOW))));
    }

    private static List<AsBuilt> built(Job job) {
        return AsBuilt.of(List.of(Evaluation.of(job, Jobs.DATA)));
    }

    @Test
    void testAFigureInItsBandIsAsPlanned() {
        assertThat(built(slew("1055.8 mm"))).singleElement().satisfies(a -> {
            assertThat(a.off()).isFalse();
            assertThat(a.built()).isEqualTo("1055.8 mm");
            assertThat(a.planned()).contains("1054.5").contains("1057.5");
            assertThat(a.line()).startsWith("Crane slew hose");
        });
    }

    @Test
    void testAPlanThatChangedAfterTheCutShows() {
        Job longer = slew("1055.8 mm");
        longer = longer.signed(
                Evaluation.of(longer, Jobs.DATA).figure().orElseThrow().withValue(Length.ofMm(1200), "1200"));
        List<AsBuilt> all = built(longer);
        assertThat(all).hasSize(2).allMatch(AsBuilt::off);
        assertThat(all.get(1).built()).isEqualTo("1056 mm");
        assertThat(AsBuilt.table(all).rows())
                .allSatisfy(r -> assertThat(r.out()).isNotEmpty());
    }

    @Test
    void testWhatCannotBeReadIsNotTakenForRight() {
        assertThat(built(slew("as marked")).get(0).off()).isTrue();
        assertThat(built(slew("1055.8 mm").withLog(MakeLog.EMPTY))).isEmpty();
    }
}
