package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.assemble.AssemblyWords;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.Effort;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import org.junit.jupiter.api.Test;

/** Offsets and runs worked out as they were when they were last looked through: cuts, where the far end comes out, in which order it goes together, what was judged. */
class PipeLinesStandTest {
    private static PipeLine offset(OffsetWay way, Map<OffsetFigure, Double> figures) {
        return PipeSamples.offset()
                .withOffset(OffsetAsk.NEW
                        .withWay(way)
                        .withFigures(figures.entrySet().stream()
                                .collect(Collectors.toMap(Map.Entry::getKey, e -> PipeSamples.taken(e.getValue()))))
                        .withA(PipeEnd.of(EndKind.SLIP_ON))
                        .withC(PipeEnd.of(EndKind.SLIP_ON)));
    }

    private static List<PipeLine> lines() {
        List<PipeLine> all = new ArrayList<>();
        all.add(PipeSamples.offset());
        for (String size : List.of("1/2", "3/4", "2")) {
            all.add(PipeSamples.offset().withSize(Optional.of(size)));
        }
        all.add(offset(OffsetWay.OFFSET, Map.of(OffsetFigure.OFFSET, 406.0, OffsetFigure.OVERALL, 1200.0)));
        all.add(offset(OffsetWay.OFFSET, Map.of(OffsetFigure.OFFSET, 50.0, OffsetFigure.OVERALL, 300.0)));
        all.add(offset(
                OffsetWay.READINGS,
                Map.of(OffsetFigure.READING_1, 900.0, OffsetFigure.READING_2, 1250.0, OffsetFigure.OVERALL, 2000.0)));
        all.add(PipeSamples.run("p: up 1 m", "q: ahead 800", "to port"));
        all.add(PipeSamples.run("p: up 1 m", "union", "q: up 800", "to port"));
        all.add(PipeSamples.run("p: up 60", "to port"));
        all.add(PipeSamples.run("p: up 7 m", "cap"));
        all.add(PipeSamples.run("ahead 1 m", "p: left 102", "right 500", "to open"));
        all.add(PipeSamples.run(
                "a: up 1 m",
                "b: left 1.2 m",
                "valve",
                "c: left 700",
                "d: down 400",
                "union",
                "e: down 600",
                "to port"));
        all.add(PipeSamples.run("a: ahead 2 m", "tee right", "b: ahead 1 m", "cap"));
        return all;
    }

    private static String at(Vector v) {
        return Stands.figure(v.x()) + " " + Stands.figure(v.y()) + " " + Stands.figure(v.z());
    }

    private static List<String> said(PipeCase c) {
        List<String> lines = new ArrayList<>();
        c.pieces()
                .forEach(p -> lines.add("piece " + p.name() + " exact "
                        + p.exact().map((Length l) -> Stands.figure(l.mm())).orElse("-") + " shop "
                        + p.shop().map((Length l) -> Stands.figure(l.mm())).orElse("-")));
        c.cuts().ifPresent(k -> k.out().forEach(v -> lines.add("out " + at(v))));
        c.closing().ifPresent(k -> lines.add("closes " + Stands.figure(k.chance())));
        c.assembly()
                .steps()
                .forEach(s -> lines.add("move " + AssemblyWords.of(s, c.laid().orElseThrow(), UnitSystem.METRIC)));
        c.assembly().unions().forEach(u -> lines.add("union in " + u.piece() + " " + Stands.figure(u.price())));
        c.partsList().forEach(p -> lines.add("part " + p.name() + " " + Stands.figure(p.count())));
        c.sheet()
                .forEach(l -> lines.add("sheet " + l.row() + " " + l.worked() + " "
                        + l.exact().map((Length x) -> Stands.figure(x.mm())).orElse("-") + " "
                        + l.shop().map((Length x) -> Stands.figure(x.mm())).orElse("-")));
        c.beside().ifPresent(b -> lines.add("beside " + said(b.offset()) + " or straight " + said(b.straight())));
        c.clearance()
                .ifPresent(k -> lines.add("clears " + Stands.figure(k.clear().mm())));
        lines.add("threaded " + c.threaded() + ", held " + c.held() + ", made "
                + IntStream.of(10, 22, 45, 60, 90)
                        .filter(a -> c.made(Angle.ofDegrees(a)))
                        .boxed()
                        .toList());
        return lines;
    }

    private static String said(Effort e) {
        return e.pieces() + " pieces, " + e.joints() + " joints, " + Stands.figure(e.minutes()) + " min, "
                + Stands.figure(e.price());
    }

    /** A piece is found by its name; a sketch is laid and cut alike, and not searched; what was called otherwise is held. */
    @Test
    void testASketchCutsAlikeAndWhatIsHeldHasNothingToMark() {
        for (PipeLine l : lines()) {
            PipeCase c = PipeSamples.of(l);
            PipeCase sketch = PipeSamples.of(PipeLine.NEW).sketched(l);
            assertEquals(c.cuts(), sketch.cuts());
            assertEquals(c.laid(), sketch.laid());
            assertThat(sketch.assembly().steps()).isEmpty();
            assertThat(sketch.closing()).isEmpty();
            c.pieces().forEach(p -> assertEquals(Optional.of(p), c.piece(p.name())));
            assertThat(c.piece("nobody's")).isEmpty();
            assertEquals(c.assembly(), PipeCase.after(l, c.setting(), c).assembly());
        }
        PipeLine slipped = PipeSamples.offset();
        PipeCase held = PipeSamples.of(slipped.withOffset(slipped.offset()
                .withFigures(Map.of(
                        OffsetFigure.READING_1,
                        PipeSamples.taken(1842).withCalled(Optional.of(Length.ofMm(1842.1))),
                        OffsetFigure.READING_2,
                        PipeSamples.taken(1436),
                        OffsetFigure.OVERALL,
                        PipeSamples.taken(1290)))));
        PipeCase sound = PipeSamples.of(slipped);
        assertThat(held.held()).isTrue();
        assertThat(sound.held()).isFalse();
        assertThat(sound.pieces()).anyMatch(p -> p.shop().isPresent());
        assertThat(held.pieces())
                .hasSameSizeAs(sound.pieces())
                .noneMatch(p -> p.shop().isPresent());
        held.pieces().forEach(p -> assertEquals(Optional.of(p), held.piece(p.name())));
        assertThat(held.worked()).isEqualTo(sound.worked());
        assertThat(sound.sheet()).anyMatch(l -> l.shop().isPresent());
        assertThat(held.sheet())
                .hasSameSizeAs(sound.sheet())
                .noneMatch(l -> l.shop().isPresent());
    }

    /** Measured in place, the last piece takes up all that lies along it. */
    @Test
    void testMeasuredInPlaceNothingAlongTheLastPieceIsLeft() {
        for (PipeLine l : lines()) {
            PipeCase cut = PipeSamples.of(l);
            PipeCase inPlace = PipeCase.of(
                    l,
                    PipeSamples.setting(
                            PipeSamples.water(), Practice.USUAL.with(MethodTopic.PIPE_CLOSING, "in-place")));
            assertEquals(cut.closing().isPresent(), inPlace.closing().isPresent());
            cut.closing()
                    .ifPresent(c -> assertThat(inPlace.closing().orElseThrow().chance())
                            .isGreaterThanOrEqualTo(c.chance() - 1e-9));
        }
    }

    @Test
    void testLinesStandAsTheyWereLookedThrough() {
        List<String> all = new ArrayList<>();
        int number = 1;
        for (PipeLine l : lines()) {
            PipePlan p = PipeSamples.plan(l);
            all.add("line " + number++);
            all.addAll(said(p.c()));
            all.addAll(Stands.plan(p));
        }
        Stands.as(getClass(), "lines.txt", all);
    }

    private static final Map<String, List<?>> WORDS = Map.of(
            "system", List.of("forged3000", "nobody's"),
            "grade", List.of("steel-80", "copper-l"),
            "size", List.of("3/4", "1-1/2", "9"),
            "fluid", List.of("mineral-oil", "oxygen"));

    @Test
    void testLinesChangedInOnePlaceStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (PipeLine base : List.of(
                PipeSamples.offset(),
                PipeSamples.run("a: up 1 m", "b: left 1.2 m", "c: left 700", "union", "e: down 600", "to port"),
                PipeLine.NEW)) {
            lines.addAll(Stands.apart(Variants.of(base, WORDS).stream()
                    .map(v -> Stands.changed(v, PipeSamples::plan))
                    .toList()));
        }
        Stands.as(
                getClass(),
                "mendings.txt",
                lines().stream()
                        .flatMap(l -> Stands.mendings(PipeLineKind.PIPE, PipeSamples.plan(l)).stream())
                        .toList());
        Stands.as(getClass(), "changed.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(PipeLineKind.PIPE, "pipe", false, 1);
    }
}
