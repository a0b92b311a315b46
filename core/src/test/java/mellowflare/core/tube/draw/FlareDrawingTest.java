package mellowflare.core.tube.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareBench;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.flare.FlareSetting;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSizes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The drawn flare has the size, angle and faults of the flare that was worked out. */
class FlareDrawingTest {
    private record Drawn(FlareBench bench, FlareSetting setting, FlareMade made, Drawing drawing) {
        double scale() {
            return 56 / bench.tube().outside().mm();
        }

        List<Shape.Path> paths(Pen pen) {
            return drawing.shapes().stream()
                    .filter(Shape.Path.class::isInstance)
                    .map(Shape.Path.class::cast)
                    .filter(p -> p.pen() == pen)
                    .toList();
        }
    }

    private static Drawn draw(String id, TubeEndKind kind, String tool, String fluid, Change change) {
        Tube tube = Samples.DATA.get(TubeSizes.KEY).find(id).orElseThrow().tube();
        EndTraits traits = Samples.DATA.get(EndKinds.KEY).of(kind);
        Optional<FlareBand> band = Samples.DATA
                .get(FlareBands.KEY)
                .of(
                        traits,
                        tube.outside(),
                        Optional.of(fluid),
                        Optional.empty(),
                        Optional.of(tube.outside().plus(Length.ofMm(4.5))));
        FlareBench bench = FlareBench.of(
                tube,
                traits,
                Samples.DATA
                        .get(FlareTools.KEY)
                        .find(tool, kind, tube.outside())
                        .orElseThrow());
        FlareSetting setting = change.of(
                FlareSetting.good(bench.stickOutFor(band.orElseThrow().middle()).orElseThrow()));
        FlareMade made = bench.make(setting, band, Optional.empty());
        return new Drawn(bench, setting, made, FlareDrawing.of(bench, setting, made, band, UnitSystem.METRIC));
    }

    private interface Change {
        FlareSetting of(FlareSetting good);
    }

    @ParameterizedTest
    @CsvSource({
        "ACR-1/4, REFRIGERATION45, bar-45, r410a",
        "ACR-3/8, REFRIGERATION45, clutch-45, r410a",
        "ACR-5/8, SINGLE45, bar-45, lpg",
        "J524-3/8x0.049, SINGLE37, bar-37, mineral-oil"
    })
    void theDiameterIsDrawnToTheScaleOfTheTube(String tube, TubeEndKind kind, String tool, String fluid) {
        Drawn d = draw(tube, kind, tool, fluid, s -> s);
        Shape.Dimension across = d.drawing.dimensions().stream()
                .filter(x -> !x.measured())
                .findFirst()
                .orElseThrow();
        double drawn = across.to().y() - across.from().y();
        assertThat(drawn / d.scale()).isCloseTo(d.made.diameter().mm(), within(0.02));
        Shape.Dimension out = d.drawing.dimensions().stream()
                .filter(Shape.Dimension::measured)
                .findFirst()
                .orElseThrow();
        assertThat((out.to().x() - out.from().x()) / d.scale())
                .isCloseTo(d.setting.stickOut().mm(), within(1e-6));
        assertThat(out.text()).endsWith(" out");
    }

    @ParameterizedTest
    @CsvSource({"SINGLE45, bar-45, ACR-3/8, lpg", "SINGLE37, bar-37, J524-3/8x0.049, mineral-oil"})
    void theSealGlowsAtTheAngleOfTheSeat(TubeEndKind kind, String tool, String tube, String fluid) {
        Drawn d = draw(tube, kind, tool, fluid, s -> s);
        assertThat(d.drawing.glows()).hasSize(2);
        List<Point> seal = d.drawing.glows().get(0).points();
        double angle = Math.toDegrees(Math.atan2(
                seal.get(1).y() - seal.get(0).y(), seal.get(1).x() - seal.get(0).x()));
        assertThat(angle).isCloseTo(d.bench.kind().halfAngle().degrees(), within(1e-6));
    }

    /** Band limits are dashed, both above and below the axis. */
    @Test
    void theBandStandsDashed() {
        Drawn d = draw("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45", "r410a", s -> s);
        assertThat(d.paths(Pen.HIDDEN)).hasSize(4);
    }

    @Test
    void anOffCentreConeGivesALopSidedRim() {
        Drawn good = draw("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45", "r410a", s -> s);
        Drawn off =
                draw("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45", "r410a", s -> s.withOffCentre(Length.ofMm(0.4)));
        assertThat(lean(good)).isCloseTo(0, within(1e-9));
        assertThat(lean(off) / off.scale()).isCloseTo(off.made.lopSided().mm(), within(0.02));
        assertThat(off.paths(Pen.MEASURED)).hasSize(1);
        assertThat(good.paths(Pen.MEASURED)).isEmpty();
    }

    /** How much further the upper rim stands out than the lower. */
    private static double lean(Drawn d) {
        Shape.Dimension across = d.drawing.dimensions().stream()
                .filter(x -> !x.measured())
                .findFirst()
                .orElseThrow();
        return across.to().y() + across.from().y();
    }

    @Test
    void splitsAndSecondRimsAreDrawn() {
        Drawn whole = draw("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45", "r410a", s -> s);
        assertThat(whole.paths(Pen.STOP)).isEmpty();
        Drawn shifted =
                draw("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45", "r410a", s -> s.withShift(Length.ofMm(0.8)));
        assertThat(shifted.made.rimStep().mm()).isPositive();
        assertThat(shifted.paths(Pen.STOP)).hasSizeGreaterThanOrEqualTo(2);
    }

    @Test
    void foldedFlaresShowBothLayers() {
        Drawn one = draw("J524-1/4x0.035", TubeEndKind.SINGLE45, "bar-45", "petrol", s -> s);
        Drawn two = draw("J524-1/4x0.035", TubeEndKind.DOUBLE45, "brake-kit", "petrol", s -> s);
        assertThat(two.paths(Pen.FINE)).hasSize(one.paths(Pen.FINE).size() + 2);
    }
}
