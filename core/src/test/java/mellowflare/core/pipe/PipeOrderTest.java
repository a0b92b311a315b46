package mellowflare.core.pipe;

import static mellowflare.core.pipe.PipeSamples.DATA;
import static mellowflare.core.pipe.PipeSamples.offset;
import static mellowflare.core.pipe.PipeSamples.plan;
import static mellowflare.core.pipe.PipeSamples.run;
import static mellowflare.core.pipe.PipeSamples.water;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Work;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.order.PipeStepWriter;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import org.junit.jupiter.api.Test;

/** Every end, shape, fluid and method against the table of what must come before what. */
class PipeOrderTest {
    private static List<PipeLine> lines() {
        List<PipeLine> all = new ArrayList<>();
        for (EndKind k : EndKind.values()) {
            all.add(offset().withOffset(offset().offset().withA(PipeEnd.of(k)).withC(PipeEnd.of(k))));
        }
        all.add(offset().withGrade(Optional.of("galvanised-40")));
        all.add(run("up 1 m", "union", "up 800", "valve", "nipple 100", "ahead 400", "to port"));
        all.add(run("up 1 m", "flange weld-neck", "up 800", "cap"));
        all.add(socketed(offset()));
        all.add(socketed(run("up 1 m", "union", "up 800", "valve", "ahead 400", "to port")));
        return all;
    }

    private static PipeLine socketed(PipeLine line) {
        return line.withSystem(Optional.of("socket3000")).withGrade(Optional.of("steel-80"));
    }

    private static List<Practice> practices() {
        List<Practice> all = new ArrayList<>(List.of(Practice.USUAL));
        for (MethodTopic topic :
                List.of(MethodTopic.PIPE_CLOSING, MethodTopic.PIPE_THREAD_SEAL, MethodTopic.PIPE_SET_BACK)) {
            for (Method m : DATA.get(Methods.KEY).of(topic)) {
                all.add(Practice.USUAL.with(topic, m.id()));
            }
        }
        return all;
    }

    @Test
    void testNoEndFluidOrMethodBreaksTheOrder() {
        Precedence order = DATA.get(PipeStepWriter.ORDER);
        Set<String> spoken = new HashSet<>();
        for (Fluid fluid : DATA.get(FluidTable.KEY).all()) {
            for (Work work : Work.values()) {
                for (PipeLine line : lines()) {
                    List<Step> steps = plan(
                                    line,
                                    water().withFluid(Optional.of(fluid.id())).withWork(Optional.of(work)),
                                    Practice.USUAL)
                            .steps();
                    assertThat(order.broken(steps)).as(fluid.id()).isEmpty();
                    steps.forEach(s -> spoken.add(s.id()));
                    assertThat(steps).extracting(Step::id).contains("readback", "cut", "ream", "test", "record");
                }
            }
        }
        for (Practice p : practices()) {
            for (PipeLine line : lines()) {
                assertThat(order.broken(plan(line, water(), p).steps())).isEmpty();
                plan(line, water(), p).steps().forEach(s -> spoken.add(s.id()));
            }
        }
        assertThat(spoken)
                .contains(
                        "overall",
                        "offset",
                        "walk",
                        "bought",
                        "leave",
                        "measure",
                        "tack",
                        "tack-sockets",
                        "zinc",
                        "bolt",
                        "union",
                        "flange",
                        "direction");
    }

    @Test
    void testSocketsArePushedHomeDrawnBackTackedAndWelded() {
        List<Step> steps = plan(socketed(offset())).steps();
        assertThat(steps).extracting(Step::id).doesNotContain("thread", "gauge", "seal", "makeup");
        assertThat(steps)
                .filteredOn(s -> s.id().equals("push"))
                .singleElement()
                .satisfies(s -> assertThat(s.says(UnitSystem.METRIC)).contains("draw it back 1.59 mm"));
        assertThat(steps)
                .extracting(Step::title)
                .containsSubsequence("Push home and draw back", "Tack the sockets", "Weld the sockets");
        assertThat(plan(socketed(run("up 1 m", "union", "up 800", "to port"))).steps())
                .extracting(Step::title)
                .contains("Screw the union together first")
                .contains("Cut the threads");
    }

    @Test
    void testHoldsStandWhereTheTradeHasThem() {
        List<Step> steps = plan(offset()).steps();
        assertThat(steps)
                .filteredOn(s -> s.hold().isPresent())
                .extracting(Step::id)
                .contains("safe", "readback", "cut", "ream", "gauge", "makeup", "centre", "flange", "tack", "bolt");
        Step sheet =
                steps.stream().filter(s -> s.id().equals("sheet")).findFirst().orElseThrow();
        assertThat(sheet.says(UnitSystem.METRIC)).contains("A 424 mm, B 551 mm, C 424 mm");
        Step readback = steps.stream()
                .filter(s -> s.id().equals("readback"))
                .findFirst()
                .orElseThrow();
        assertThat(readback.says(UnitSystem.METRIC)).contains("h1 1842 mm, h2 1436 mm, W 1290 mm");
        assertThat(steps.stream()
                        .filter(s -> s.id().equals("overall"))
                        .findFirst()
                        .orElseThrow()
                        .records())
                .hasSize(1);
        Step gauge =
                steps.stream().filter(s -> s.id().equals("gauge")).findFirst().orElseThrow();
        assertThat(gauge.says(UnitSystem.METRIC)).contains("4.6 turns");
    }

    @Test
    void testGasIsLeftToTheLicensedFitterAndNeverTriedWithAFlame() {
        List<Step> gas = plan(offset(), water().withFluid(Optional.of("lpg")), Practice.USUAL)
                .steps();
        assertThat(gas).filteredOn(s -> s.id().equals("test")).hasSize(1).allSatisfy(s -> {
            assertThat(s.hold().orElse("")).contains("licensed");
            assertThat(s.says(UnitSystem.METRIC)).contains("never a flame");
        });
    }

    @Test
    void testGalvanisedPipeIsGroundBeforeItIsWelded() {
        List<Step> steps =
                plan(offset().withGrade(Optional.of("galvanised-40"))).steps();
        assertThat(steps).filteredOn(s -> s.title().equals("Zinc off first")).hasSize(1);
    }

    @Test
    void testWithoutAPieceThereIsNoOrderOfWork() {
        assertThat(plan(PipeLine.NEW).steps()).isEmpty();
        assertThat(plan(offset().withStep(Optional.of(Length.ofMm(5)))).steps()).isNotEmpty();
    }
}
