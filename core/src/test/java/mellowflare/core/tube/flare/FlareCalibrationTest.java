package mellowflare.core.tube.flare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareCalibration.Scrap;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSizes;
import org.junit.jupiter.api.Test;

class FlareCalibrationTest {
    private static final FlareTools TOOLS = FlareTools.load();
    private static final Source HERE = new Source("three scrap flares, Maren, 29 November", Confidence.SURE);

    private static Tube tube(String id) {
        return Samples.DATA.get(TubeSizes.KEY).find(id).orElseThrow().tube();
    }

    private static EndTraits kind(TubeEndKind kind) {
        return Samples.DATA.get(EndKinds.KEY).of(kind);
    }

    private static Scrap scrap(double out, double across) {
        return new Scrap(Length.ofMm(out), Length.ofMm(across));
    }

    @Test
    void threeFlaresTellTheSinkByHand() {
        // 9.525 to 12.9 mm at 45 degrees is 2.386 mm on the cone; 1.0 mm stood out, so 1.386 mm lay in the bar.
        FlareCalibration c = FlareCalibration.of(
                tube("ACR-3/8"),
                kind(TubeEndKind.REFRIGERATION45),
                List.of(scrap(1.0, 12.9), scrap(1.0, 12.8), scrap(1.2, 13.1)));
        double[] sinks = {
            (12.9 - 9.525) / Math.sqrt(2) - 1, (12.8 - 9.525) / Math.sqrt(2) - 1, (13.1 - 9.525) / Math.sqrt(2) - 1.2
        };
        assertThat(sinks[0]).isCloseTo(1.386, within(0.001));
        assertThat(c.sink().mm()).isCloseTo((sinks[0] + sinks[1] + sinks[2]) / 3, within(1e-9));
        assertThat(c.spread().mm()).isCloseTo(sinks[0] - sinks[1], within(1e-9));
        assertThat(c.sound()).isTrue();
        assertThat(FlareCalibration.eitherSide(c.spread(), kind(TubeEndKind.REFRIGERATION45))
                        .mm())
                .isCloseTo(c.spread().mm() * Math.sqrt(0.5), within(1e-9));
    }

    @Test
    void whatABenchMakesIsTheSinkThatCalibrationFinds() {
        for (TubeEndKind k : List.of(TubeEndKind.REFRIGERATION45, TubeEndKind.DOUBLE45, TubeEndKind.SINGLE37)) {
            Tube t = tube(k == TubeEndKind.DOUBLE45 ? "J527-3/16" : "ACR-3/8");
            FlareBench bench = new FlareBench(t, kind(k), Length.ofMm(1.23), Length.ofMm(0.3));
            List<Scrap> flares = new ArrayList<>();
            for (double out : new double[] {0.8, 1.1, 1.6}) {
                flares.add(new Scrap(
                        Length.ofMm(out),
                        bench.make(FlareSetting.good(Length.ofMm(out))).diameter()));
            }
            FlareCalibration c = FlareCalibration.of(t, kind(k), flares);
            assertThat(c.sink().mm()).as(k.code()).isCloseTo(1.23, within(1e-9));
            assertThat(c.spread().mm()).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void theOwnToolCountsInPlaceOfTheHouseAndMovesTheStickOut() {
        Tube t = tube("ACR-3/8");
        EndTraits k = kind(TubeEndKind.REFRIGERATION45);
        FlareTool house = TOOLS.find("bar-45", k.kind(), t.outside()).orElseThrow();
        FlareTool own = FlareCalibration.of(t, k, List.of(scrap(1, 12.9), scrap(1, 12.8), scrap(1.2, 13.1)))
                .of(house, HERE);
        FlareTools with = TOOLS.plus(List.of(own));
        assertThat(with.find("bar-45", k.kind(), t.outside())).contains(own);
        assertThat(with.find("bar-45", k.kind(), Length.ofMm(6.35)))
                .isEqualTo(TOOLS.find("bar-45", k.kind(), Length.ofMm(6.35)));
        assertThat(with.find("bar-45", k.kind(), Length.ofMm(12.7)))
                .isEqualTo(TOOLS.find("bar-45", k.kind(), Length.ofMm(12.7)));
        FlareBands bands = Samples.DATA.get(FlareBands.KEY);
        Length middle = bands.of(k, t.outside(), Optional.of("r410a"), Optional.empty(), Optional.empty())
                .orElseThrow()
                .middle();
        double moved = FlareBench.of(t, k, house)
                        .stickOutFor(middle)
                        .orElseThrow()
                        .mm()
                - FlareBench.of(t, k, own).stickOutFor(middle).orElseThrow().mm();
        assertThat(moved).isCloseTo(own.sink().mm() - house.sink().mm(), within(1e-9));
        // Calibrated anew it takes the place of the first.
        FlareTool again = FlareCalibration.of(t, k, List.of(scrap(1, 12.8), scrap(1, 12.8), scrap(1, 12.8)))
                .of(house, HERE);
        assertThat(with.plus(List.of(again)).all()).hasSameSizeAs(with.all()).contains(again);
    }

    @Test
    void flaresThatDisagreeOrCannotBeAreNotKept() {
        Tube t = tube("ACR-3/8");
        EndTraits k = kind(TubeEndKind.REFRIGERATION45);
        FlareTool house = TOOLS.find("bar-45", k.kind(), t.outside()).orElseThrow();
        FlareCalibration apart = FlareCalibration.of(t, k, List.of(scrap(1, 12.9), scrap(1, 13.9), scrap(1, 12.8)));
        assertThat(apart.agrees()).isFalse();
        assertThatThrownBy(() -> apart.of(house, HERE)).isInstanceOf(IllegalStateException.class);
        FlareCalibration below = FlareCalibration.of(t, k, List.of(scrap(4, 11), scrap(4, 11), scrap(4, 11)));
        assertThat(below.agrees()).isTrue();
        assertThat(below.sound()).isFalse();
        assertThatThrownBy(() -> FlareCalibration.of(t, k, List.of(scrap(1, 12.9), scrap(1, 12.9))))
                .hasMessageContaining("Three flares");
        assertThatThrownBy(() -> FlareCalibration.of(t, k, List.of(scrap(1, 9), scrap(1, 9), scrap(1, 9))))
                .hasMessageContaining("wider");
    }

    @Test
    void toolsAreWrittenAndReadTheSame() throws Exception {
        Tube t = tube("ACR-3/8");
        EndTraits k = kind(TubeEndKind.REFRIGERATION45);
        FlareTool own = FlareCalibration.of(t, k, List.of(scrap(1, 12.9), scrap(1, 12.8), scrap(1.2, 13.1)))
                .of(TOOLS.find("bar-45", k.kind(), t.outside()).orElseThrow(), HERE);
        List<FlareTool> all = TOOLS.plus(List.of(own)).all();
        assertThat(FlareToolFile.read(FileKind.rows("own.csv", FlareToolFile.csv(all)))
                        .values())
                .isEqualTo(all);
        var bad = FlareToolFile.read(
                FileKind.rows("own.csv", FlareToolFile.csv(all).replaceFirst("0.55", "-0.55")));
        assertThat(bad.values()).hasSize(all.size() - 1);
        assertThat(bad.troubles()).hasSize(1);
    }

    @Test
    void stickOutTableLandsEveryCellInTheMiddleOfItsBand() {
        List<Tube> tubes = Samples.DATA.get(TubeSizes.KEY).all().stream()
                .map(z -> z.tube())
                .filter(t -> t.material().name().contains("copper"))
                .toList();
        StickOutTable table = StickOutTable.of(TubeEndKind.REFRIGERATION45, Optional.empty(), tubes, Samples.DATA);
        assertThat(table.columns()).extracting(StickOutTable.Column::id).contains("bar-45", "clutch-45");
        assertThat(table.columns())
                .extracting(StickOutTable.Column::refrigerantClass)
                .contains(Optional.of(1), Optional.of(2));
        assertThat(table.rows()).hasSizeGreaterThanOrEqualTo(5);
        FlareBands bands = Samples.DATA.get(FlareBands.KEY);
        for (StickOutTable.Row row : table.rows()) {
            for (int i = 0; i < table.columns().size(); i++) {
                StickOutTable.Column c = table.columns().get(i);
                if (row.stickOut().get(i).isEmpty()) {
                    continue;
                }
                FlareTool tool = TOOLS.find(c.id(), TubeEndKind.REFRIGERATION45, row.outside())
                        .orElseThrow();
                double flare = row.outside().mm()
                        + Math.sqrt(2)
                                * (row.stickOut().get(i).get().mm()
                                        + tool.sink().mm());
                var band = bands.ofClass(
                        kind(TubeEndKind.REFRIGERATION45),
                        row.outside(),
                        c.refrigerantClass(),
                        Optional.empty(),
                        Optional.empty());
                if (band.isPresent()) {
                    assertThat(flare)
                            .as(c + " " + row.outside())
                            .isCloseTo(band.get().middle().mm(), within(1e-9));
                }
            }
        }
        assertThat(StickOutTable.of(TubeEndKind.DOUBLE45, Optional.empty(), tubes, Samples.DATA)
                        .rows())
                .as("bands from the nut's bore where no table has them")
                .isNotEmpty();
    }
}
