package mellowflare.core.pipe;

import static mellowflare.core.pipe.PipeSamples.DATA;
import static mellowflare.core.pipe.PipeSamples.offset;
import static mellowflare.core.pipe.PipeSamples.plan;
import static mellowflare.core.pipe.PipeSamples.run;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.assemble.AssemblyStep;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.SetBacks;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.reference.Confidence;
import org.junit.jupiter.api.Test;

/** Pipe that is pushed into sockets and welded. */
class SocketWeldTest {
    private static final PipeStock STOCK = DATA.get(PipeStock.KEY);

    private static PartsInUse parts(String system, Map<String, Length> sample) {
        return new PartsInUse(
                STOCK.system(system),
                STOCK.grade("steel-80"),
                Map.of(),
                sample,
                MakeUps.By.STANDARD,
                SetBacks.By.FIXED,
                DATA);
    }

    private static PipeLine socketed(PipeLine line) {
        return line.withSystem(Optional.of("socket3000")).withGrade(Optional.of("steel-80"));
    }

    /** By hand, size 1 class 3000: centre to bottom of socket 22.5, gap 1.5875: the elbow takes off 24.0875; 45 degrees 14.0 and 15.5875. */
    @Test
    void testAFittingTakesOffItsBottomAndTheGap() {
        PartsInUse parts = parts("socket3000", Map.of());
        assertThat(parts.takeOff(PartKey.elbow(Angle.ofDegrees(90), "1"))
                        .orElseThrow()
                        .length()
                        .mm())
                .isCloseTo(24.0875, within(1e-9));
        assertThat(parts.takeOff(PartKey.elbow(Angle.ofDegrees(45), "1"))
                        .orElseThrow()
                        .length()
                        .mm())
                .isCloseTo(15.5875, within(1e-9));
        assertThat(parts.takeOff(PartKey.of(PartKind.COUPLING, "1"))
                        .orElseThrow()
                        .length()
                        .mm())
                .as("half of the 12.5 between the bottoms, and a gap")
                .isCloseTo(6.25 + 1.5875, within(1e-9));
        assertThat(parts.face(PartKey.elbow(Angle.ofDegrees(90), "1"))
                        .orElseThrow()
                        .source()
                        .confidence())
                .isEqualTo(Confidence.UNCONFIRMED);
        assertThat(parts("socket3000", Map.of("1", Length.ofMm(10)))
                        .makeUp("1")
                        .orElseThrow()
                        .length()
                        .mm())
                .as("a joint that was put together and measured overrules")
                .isEqualTo(10);
        assertThat(parts.threadMakeUp("1").orElseThrow().length().mm())
                .as("a threaded end of the same line")
                .isCloseTo(16.79, within(0.01));
    }

    @Test
    void testSocketsAreDeepEnoughAndClassesGrow() {
        FittingSystem light = STOCK.system("socket3000").orElseThrow();
        FittingSystem heavy = STOCK.system("socket6000").orElseThrow();
        for (FittingSize f : STOCK.fittings(light)) {
            assertThat(f.socket().orElseThrow().mm()).as(f.size()).isBetween(9.5, 19.0);
            STOCK.fitting(heavy, f.size())
                    .ifPresent(h -> assertThat(h.centre90()).as(f.size()).isGreaterThanOrEqualTo(f.centre90()));
        }
    }

    @Test
    void testCutsFollowTheSocketsAndTheWallIsWhole() {
        PipePlan plan = plan(socketed(offset()));
        assertThat(plan.findings().stream().filter(f -> f.stops())).isEmpty();
        // T 574.171 less two take-offs of 15.5875.
        assertThat(plan.c().sum().orElseThrow().cutB().orElseThrow().exact().mm())
                .isCloseTo(542.996, within(1e-3));
        assertThat(plan.c().threaded()).isFalse();
        assertThat(plan.c().pieces()).allSatisfy(p -> assertThat(p.nipple()).isEmpty());
        assertThat(plan.c().beside().orElseThrow().offset().minutes())
                .isNotEqualTo(plan(offset()).c().beside().orElseThrow().offset().minutes());
    }

    @Test
    void testWeldedPipeGoesTogetherBetweenTwoFixedEndsWithoutAUnion() {
        PipePlan threaded = plan(run("p: up 1 m", "q: ahead 800", "end: to flange slip-on"));
        PipePlan welded = plan(socketed(run("p: up 1 m", "q: ahead 800", "end: to flange slip-on")));
        assertThat(welded.c().assembly().complete()).isTrue();
        assertThat(welded.c().assembly().unions()).isEmpty();
        assertThat(welded.c().assembly().steps())
                .extracting(AssemblyStep::joint)
                .contains(AssemblyStep.Joint.WELD);
        assertThat(welded.c().pieces().get(0).exact())
                .isNotEqualTo(threaded.c().pieces().get(0).exact());
    }
}
