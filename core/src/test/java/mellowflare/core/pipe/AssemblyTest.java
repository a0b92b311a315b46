package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.geometry.Vector;
import mellowflare.core.line.Setting;
import mellowflare.core.pipe.assemble.Assembly;
import mellowflare.core.pipe.assemble.AssemblyStep;
import mellowflare.core.pipe.assemble.Blocked;
import mellowflare.core.pipe.assemble.UnionPlace;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.RunWalk;
import org.junit.jupiter.api.Test;

class AssemblyTest {
    private static final TakeOffs PARTS = RunWalkTest.take();

    private static Assembly assemble(RunAsk ask) {
        Laid laid = RunWalk.of(ask, PARTS, "1");
        Pieces make = new Pieces(PARTS, RunWalkTest.WHOLE);
        return Assembly.of(ask, laid, RunCuts.of(laid, make), PARTS, make);
    }

    private static List<String> parts(Assembly a) {
        return a.steps().stream().flatMap(s -> s.parts().stream()).toList();
    }

    @Test
    void testARunWithAFreeEndIsScrewedTogetherFromItsPort() {
        Assembly a = assemble(RunWalkTest.run("p: up 1 m", "q: ahead 800", "e: left 400", "c: cap"));
        assertThat(a.complete()).isTrue();
        assertThat(parts(a)).containsExactly("p", "turn at p", "q", "turn at q", "e", "c");
        assertThat(a.steps()).allSatisfy(s -> assertThat(s.parts()).hasSize(1));
        assertThat(a.unions()).isEmpty();
        // The elbow swings by its leg of 1.50 in.
        assertThat(a.steps().get(1).swing().mm()).isCloseTo(38.1, within(0.01));
        assertThat(a.steps().get(0).swing().mm()).isLessThan(20);
    }

    @Test
    void testBetweenTwoPortsThatCannotMoveAUnionMustStand() {
        Assembly a = assemble(RunWalkTest.run("p: up 1 m", "q: ahead 800", "r: up 300", "end: to port"));
        assertThat(a.complete()).isFalse();
        assertThat(a.unions()).hasSize(1);
        UnionPlace place = a.unions().get(0);
        assertThat(place.piece()).isEqualTo("p");
        assertThat(place.makes()).isTrue();
        Assembly with = assemble(place.ask());
        assertThat(with.complete()).isTrue();
        assertThat(with.steps().get(with.steps().size() - 1).closes()).containsExactly("union in p, near half");
        assertThat(with.unions()).isEmpty();
    }

    @Test
    void testAFlangeOrAFlexiblePieceDoesAsWell() {
        assertThat(assemble(RunWalkTest.run("p: up 1 m", "q: ahead 800", "end: to flange threaded"))
                        .complete())
                .isTrue();
        assertThat(assemble(RunWalkTest.run("p: up 1 m", "flex", "r: up 300", "end: to port"))
                        .complete())
                .isTrue();
        assertThat(assemble(RunWalkTest.run("p: up 1 m", "flange slip-on", "r: up 300", "end: to port"))
                        .complete())
                .isTrue();
    }

    @Test
    void testEveryRingWantsItsOwnUnion() {
        Assembly a = assemble(RunWalkTest.run(
                "p: up 1 m",
                "tee left to x",
                "q: up 800",
                "e1: to port",
                "from x",
                "r: on 500",
                "tee up to y",
                "s: on 400",
                "e2: to port",
                "from y",
                "t: on 700",
                "e3: to port"));
        assertThat(a.unions()).hasSize(3);
        Assembly with = assemble(a.unions().get(2).ask());
        assertThat(with.complete()).isTrue();
    }

    @Test
    void testARingWithoutRoomForAUnionIsSaid() {
        Assembly a = assemble(RunWalkTest.run("p: up 100", "end: to port"));
        assertThat(a.unions()).isEmpty();
        assertThat(a.nowhere()).containsExactly("p");
    }

    @Test
    void testAnElbowThatCannotSwingIsSaidWithWhatItMeets() {
        RunAsk ask = RunWalkTest.run("p: up 1 m", "q: ahead 800", "c: cap");
        // A wall 30 mm behind the riser: the elbow's leg comes round there.
        Box wall = new Box("wall", new Vector(-200, -2000, -100), new Vector(-30, 2000, 3000));
        Assembly a = assemble(ask.withBoxes(List.of(wall)));
        assertThat(a.complete()).isFalse();
        assertThat(a.stuck()).contains("turn at p");
        assertThat(a.blocked()).extracting(Blocked::by).contains("wall");
        // 70 mm away it passes.
        Box away = new Box("wall", new Vector(-300, -2000, -100), new Vector(-70, 2000, 3000));
        assertThat(assemble(ask.withBoxes(List.of(away))).complete()).isTrue();
    }

    /** With a union in the riser the elbow goes on at its other mouth, where it swings about the level pipe. */
    @Test
    void testAUnionTurnsTheSideFromWhichAnElbowIsMadeUp() {
        Box wall = new Box("wall", new Vector(-200, -2000, -100), new Vector(-30, 2000, 3000));
        RunAsk without =
                RunWalkTest.run("p: up 1 m", "q: ahead 800", "end: to port").withBoxes(List.of(wall));
        Assembly stuck = assemble(without);
        assertThat(stuck.complete()).isFalse();
        assertThat(stuck.unions()).hasSize(1);
        RunAsk with = RunWalkTest.run("p: up 500", "union", "s: up 500", "q: ahead 800", "end: to port")
                .withBoxes(List.of(wall));
        assertThat(assemble(with).complete()).isTrue();
    }

    @Test
    void testAHandleIsTakenOffWhereItWouldHitTheWall() {
        RunAsk ask = RunWalkTest.run("p: up 1 m", "v: valve", "q: up 800", "c: cap");
        Box wall = new Box("wall", new Vector(-2000, 60, -100), new Vector(2000, 200, 3000));
        Assembly a = assemble(ask.withBoxes(List.of(wall)));
        assertThat(a.complete()).isTrue();
        assertThat(a.steps().stream().filter(AssemblyStep::handleOff).flatMap(s -> s.parts().stream()))
                .containsExactly("v");
    }

    @Test
    void testALongLegIsPutOnAfterItsElbowAndNotSwungWithIt() {
        // A post stands 400 mm beside the riser: a leg of 800 could not swing past it, the elbow alone can.
        Box post = new Box("post", new Vector(-50, 390, 0), new Vector(50, 500, 3000));
        Assembly a =
                assemble(RunWalkTest.run("p: up 1 m", "q: ahead 800", "c: cap").withBoxes(List.of(post)));
        assertThat(a.complete()).isTrue();
        assertThat(a.steps()).allSatisfy(s -> assertThat(s.swing().mm()).isLessThan(100));
    }

    @Test
    void testAPartBehindAUnionComesOutAloneAndOneBetweenTwoPortsDoesNot() {
        RunAsk ask = RunWalkTest.run("p: up 500", "u: union", "s: up 500", "v: valve", "q: up 400", "end: to port");
        Laid laid = RunWalk.of(ask, PARTS, "1");
        List<AssemblyStep> steps = Assembly.takeOut(ask, laid, PARTS, "v").orElseThrow();
        assertThat(steps).hasSizeLessThanOrEqualTo(3);
        assertThat(steps.stream().flatMap(x -> x.parts().stream()))
                .contains("v")
                .doesNotContain("p");
        assertThat(steps.get(0).closes()).contains("u, near half");
        RunAsk closed = RunWalkTest.run("p: up 500", "v: valve", "q: up 400", "end: to port");
        assertThat(Assembly.takeOut(closed, RunWalk.of(closed, PARTS, "1"), PARTS, "v"))
                .isEmpty();
    }

    /** Whatever is put together backward comes apart forward: every order is tried against the joints it makes. */
    @Test
    void testInEveryOrderEachPartHasOneThreadToWhatStandsAlready() {
        Assembly a = assemble(ladder(12));
        assertThat(a.complete()).isTrue();
        List<String> done = new ArrayList<>();
        for (AssemblyStep s : a.steps()) {
            assertThat(done).doesNotContainAnyElementsOf(s.parts());
            if (s.joint() == AssemblyStep.Joint.THREAD && !s.onto().isEmpty()) {
                assertThat(done).contains(s.onto());
            }
            done.addAll(s.parts());
        }
    }

    /** A stair of so many treads between two ports, with a union in it. */
    static RunAsk ladder(int treads) {
        List<String> calls = new ArrayList<>();
        for (int i = 0; i < treads; i++) {
            calls.add("up " + (400 + i) + " mm");
            calls.add("ahead " + (500 + i) + " mm");
            if (i == treads / 2) {
                calls.add("union");
                calls.add("on 300");
            }
        }
        calls.add("to port");
        return RunWalkTest.run(calls.toArray(String[]::new));
    }

    @Test
    void testTheOrderIsTakenOverOnlyWhileWhatItRestsOnIsTheSame() {
        PipeLine line = PipeSamples.run("p: up 1 m", "q: ahead 800", "c: cap");
        PipeCase before = PipeSamples.of(line);
        Setting setting = before.setting();
        PipeCase marked =
                PipeCase.after(line.with("p", new PieceState(PieceState.Done.CUT, Optional.empty())), setting, before);
        assertThat(marked.assembly()).isSameAs(before.assembly());
        PipeCase longer = PipeCase.after(PipeSamples.run("p: up 1 m", "q: ahead 900", "c: cap"), setting, before);
        assertThat(longer.assembly()).isNotSameAs(before.assembly());
        PipeCase walled = PipeCase.after(
                PipeSamples.run(RunWalkTest.run("p: up 1 m", "q: ahead 800", "c: cap")
                        .withBoxes(
                                List.of(new Box("wall", new Vector(-200, -2000, -100), new Vector(-30, 2000, 3000))))),
                setting,
                before);
        assertThat(walled.assembly().blocked()).isNotEmpty();
    }

    @Test
    void testTheOrderOfTwoHundredPartsComesInTwoSeconds() {
        RunAsk ask = ladder(50);
        Laid laid = RunWalk.of(ask, PARTS, "1");
        assertThat(laid.fittings().size() + laid.spools().size()).isGreaterThan(200);
        assemble(ladder(10));
        long start = System.nanoTime();
        Assembly a = assemble(ask);
        double seconds = (System.nanoTime() - start) / 1e9;
        assertThat(a.complete()).isTrue();
        assertThat(seconds).isLessThan(2);
        assertThat(parts(a).stream().collect(Collectors.toSet())).hasSameSizeAs(parts(a));
    }
}
