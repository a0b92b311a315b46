package mellowflare.core.tube.flare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSizes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlareBenchTest {
    private static final TubeSizes SIZES = TubeSizes.load(TubeMaterials.load());
    private static final EndKinds KINDS = EndKinds.load();
    private static final FlareBands BANDS = FlareBands.load();
    private static final FlareTools TOOLS = FlareTools.load();
    private static final FlareCauses CAUSES = FlareCauses.load();

    private static Tube tube(String id) {
        return SIZES.find(id).orElseThrow().tube();
    }

    private static FlareBench bench(String tube, TubeEndKind kind, String tool) {
        Tube t = tube(tube);
        return FlareBench.of(
                t, KINDS.of(kind), TOOLS.find(tool, kind, t.outside()).orElseThrow());
    }

    private static FlareBand band(TubeEndKind kind, String tube, String fluid) {
        return BANDS.of(KINDS.of(kind), tube(tube).outside(), Optional.of(fluid), Optional.empty(), Optional.empty())
                .orElseThrow();
    }

    /** By hand: 6.35 mm tube, 1.4 mm on the cone in all, 45 degrees: 6.35 + 2 1.4 0.70711 = 8.330. */
    @Test
    void diameterByHand() {
        FlareBench b =
                new FlareBench(tube("ACR-1/4"), KINDS.of(TubeEndKind.REFRIGERATION45), Length.ofMm(0.4), Length.ZERO);
        FlareMade m = b.make(FlareSetting.good(Length.ofMm(1)));
        assertThat(m.diameter().mm()).isCloseTo(8.3299, within(1e-4));
        double ratio = 6.35 / m.diameter().mm();
        double wall = 0.030 * 25.4;
        assertThat(m.lipWallLow().mm()).isCloseTo(wall * ratio, within(1e-9));
        assertThat(m.lipWallHigh().mm()).isCloseTo(wall * Math.sqrt(ratio), within(1e-9));
        assertThat(m.shortens().mm()).isCloseTo(1.4 * (1 - Math.sqrt(0.5)), within(1e-9));
        assertThat(m.rimStrain()).isCloseTo(Math.log(1 / ratio), within(1e-9));
        assertThat(m.good()).isTrue();
    }

    /** The length on the cone that the standard's diameters ask for, by hand: (D - d) / (2 sin a). */
    @ParameterizedTest
    @CsvSource({
        "ACR-1/4, r410a, bar-45, 8.9", "ACR-3/8, r410a, bar-45, 13.0", "ACR-1/2, r410a, bar-45, 16.4",
        "ACR-5/8, r410a, bar-45, 19.5", "ACR-3/4, r410a, bar-45, 23.8", "ACR-1/4, r134a, clutch-45, 8.8",
        "ACR-3/8, r134a, clutch-45, 12.8", "ACR-1/2, r32, clutch-45, 16.4"
    })
    void standardRefrigerationDiametersAreMet(String tube, String fluid, String tool, double middle) {
        FlareBench b = bench(tube, TubeEndKind.REFRIGERATION45, tool);
        FlareBand band = band(TubeEndKind.REFRIGERATION45, tube, fluid);
        assertThat(band.middle().mm()).isCloseTo(middle, within(1e-9));
        Length stick = b.stickOutFor(band.middle()).orElseThrow();
        double slant = (middle - b.tube().outside().mm()) / (2 * Math.sin(Math.PI / 4));
        double sink = TOOLS.find(tool, TubeEndKind.REFRIGERATION45, b.tube().outside())
                .orElseThrow()
                .sink()
                .mm();
        assertThat(stick.mm()).isCloseTo(slant - sink, within(1e-9));
        // A clutch tool stands nearly level, a bar a millimetre or so out: as the trade's tables have it.
        assertThat(stick.mm()).isBetween(tool.startsWith("clutch") ? 0.0 : 0.7, tool.startsWith("clutch") ? 0.5 : 1.8);
        FlareMade made = b.make(FlareSetting.good(stick), Optional.of(band), Optional.empty());
        assertThat(made.diameter().mm()).isCloseTo(middle, within(1e-9));
        assertThat(made.good()).isTrue();
    }

    @Test
    void theSettingLandsInTheMiddleForEveryToolAndBand() {
        for (FlareTool tool : TOOLS.all()) {
            for (TubeEndKind kind : tool.kinds()) {
                EndTraits traits = KINDS.of(kind);
                SIZES.all().stream()
                        .map(s -> s.tube())
                        .filter(t -> TOOLS.find(tool.id(), kind, t.outside())
                                .filter(tool::equals)
                                .isPresent())
                        .forEach(t -> BANDS.of(
                                        traits, t.outside(), Optional.of("r410a"), Optional.empty(), Optional.empty())
                                .ifPresent(band -> {
                                    FlareBench b = FlareBench.of(t, traits, tool);
                                    b.stickOutFor(band.middle())
                                            .ifPresent(stick -> assertThat(b.make(FlareSetting.good(stick))
                                                            .diameter()
                                                            .mm())
                                                    .isCloseTo(band.middle().mm(), within(1e-9)));
                                }));
            }
        }
    }

    @Test
    void theFirstDieStepLandsNearTheBandOfFoldedFlares() {
        FlareBench b = bench("CUNI-4.75x0.71", TubeEndKind.BUBBLE, "brake-kit");
        FlareBand band = BANDS.of(
                        KINDS.of(TubeEndKind.BUBBLE),
                        b.tube().outside(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty())
                .orElseThrow();
        Length step = TOOLS.find("brake-kit", TubeEndKind.BUBBLE, b.tube().outside())
                .orElseThrow()
                .step()
                .orElseThrow();
        assertThat(band.holds(b.make(FlareSetting.good(step)).diameter())).isTrue();
    }

    @Test
    void everyErrorMovesTheFlareTheWayItShould() {
        FlareBench b = bench("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45");
        FlareBand band = band(TubeEndKind.REFRIGERATION45, "ACR-3/8", "r410a");
        FlareSetting good = FlareSetting.good(b.stickOutFor(band.middle()).orElseThrow());
        Optional<FlareBand> o = Optional.of(band);
        Optional<Length> bore = Optional.of(Length.ofMm(14.35));
        FlareMade sound = b.make(good, o, bore);
        assertThat(sound.good()).isTrue();
        FlareMade lng = b.make(good.withStickOut(good.stickOut().plus(Length.ofMm(1))), o, bore);
        assertThat(lng.diameter()).isGreaterThan(sound.diameter());
        assertThat(lng.lipWallLow()).isLessThan(sound.lipWallLow());
        assertThat(lng.faults()).contains(FlareFault.WIDE, FlareFault.NUT_STUCK);
        assertThat(b.make(good.withStickOut(Length.ofMm(0.5)), o, bore).faults())
                .containsExactly(FlareFault.NARROW);
        assertThat(b.make(good.withSlips(true), o, bore).diameter()).isLessThan(sound.diameter());
        assertThat(b.make(good.withOffCentre(Length.ofMm(0.4)), o, bore).faults())
                .contains(FlareFault.LOPSIDED);
        assertThat(b.make(good.withCrooked(Length.ofMm(1)), o, bore).faults()).contains(FlareFault.LOPSIDED);
        assertThat(b.make(good.withShift(Length.ofMm(0.5)), o, bore).faults()).contains(FlareFault.DOUBLE_RIM);
        assertThat(b.make(good.withClosing(0.8), o, bore).faults()).contains(FlareFault.OPEN, FlareFault.NARROW);
        FlareMade squeezed = b.make(good.withClosing(1.25), o, bore);
        assertThat(squeezed.lipWallLow()).isLessThan(sound.lipWallLow());
        assertThat(squeezed.faults()).contains(FlareFault.DOUBLE_RIM, FlareFault.WIDE);
        assertThat(b.make(good.withReamed(false), o, bore).crackRisk()).isGreaterThan(sound.crackRisk());
        assertThat(b.make(good.withOiled(false), o, bore).crackRisk()).isGreaterThan(sound.crackRisk());
        assertThat(b.make(good.withWear(0.8), o, bore).faults()).contains(FlareFault.SCORED);
        assertThat(b.withHardness(0.2).make(good, o, bore).faults()).contains(FlareFault.CRACKED);
        assertThat(b.make(good.withConeError(Angle.ofDegrees(-8)), o, bore).faults())
                .contains(FlareFault.OPEN);
    }

    /** What every brake fitter knows: a single flare splits brake steel where a double flare of the same width holds; hard copper splits and soft does not. */
    @Test
    void foldedFlaresHoldWhereSingleOnesSplit() {
        Tube steel = tube("J527-3/16");
        Length wide = Length.ofMm(7.1);
        FlareBench single = new FlareBench(steel, KINDS.of(TubeEndKind.SINGLE45), Length.ofMm(0.3), Length.ZERO);
        FlareBench folded = new FlareBench(steel, KINDS.of(TubeEndKind.DOUBLE45), Length.ofMm(0.3), Length.ZERO);
        double one = single.make(FlareSetting.good(single.stickOutFor(wide).orElseThrow()))
                .crackRisk();
        double two = folded.make(FlareSetting.good(folded.stickOutFor(wide).orElseThrow()))
                .crackRisk();
        assertThat(one).isGreaterThan(0.4);
        assertThat(two).isLessThan(0.05);
        FlareBench hard =
                new FlareBench(tube("B88-M-3/8"), KINDS.of(TubeEndKind.SINGLE45), Length.ofMm(1), Length.ZERO);
        assertThat(hard.make(FlareSetting.good(Length.ofMm(1.3))).faults()).contains(FlareFault.CRACKED);
    }

    @Test
    void computedBandsAgreeWithTheTablesThatThereAre() {
        // Bore of the nut's thread by D - 1.0825 P: the band worked out of it must overlap the tabled one.
        Map<String, Double> bores = Map.of(
                "ACR-1/4", 25.4 * (7 / 16.0 - 1.082532 / 20),
                "ACR-1/2", 25.4 * (3 / 4.0 - 1.082532 / 16),
                "ACR-5/8", 25.4 * (7 / 8.0 - 1.082532 / 14));
        bores.forEach((tube, bore) -> {
            FlareBand computed = BANDS.of(
                            KINDS.of(TubeEndKind.SINGLE45),
                            tube(tube).outside(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(Length.ofMm(bore)))
                    .orElseThrow();
            FlareBand table = band(TubeEndKind.REFRIGERATION45, tube, "r410a");
            assertThat(computed.computed()).isTrue();
            assertThat(computed.low().mm()).as(tube).isLessThan(table.high().mm());
            assertThat(computed.high().mm()).as(tube).isGreaterThan(table.low().mm());
        });
    }

    @Test
    void refrigerantClassDecidesTheDiameter() {
        assertThat(band(TubeEndKind.REFRIGERATION45, "ACR-1/2", "r410a").high().mm())
                .isEqualTo(16.6);
        assertThat(band(TubeEndKind.REFRIGERATION45, "ACR-1/2", "r134a").high().mm())
                .isEqualTo(16.2);
        assertThat(BANDS.classOf("diesel")).isEmpty();
        assertThat(BANDS.of(
                        KINDS.of(TubeEndKind.COMPRESSION),
                        Length.ofMm(10),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .isEmpty();
        assertThatThrownBy(() -> new FlareBand(Length.ofMm(9), Length.ofMm(8), false, Source.house("x")));
    }

    /** Each cause, tried at the bench, is found again from what it does: by its faults and its diameter it stands among the first three. */
    @Test
    void faultFindingFindsTheCauseAgain() {
        FlareBench b = bench("ACR-3/8", TubeEndKind.REFRIGERATION45, "bar-45");
        FlareBand band = band(TubeEndKind.REFRIGERATION45, "ACR-3/8", "r410a");
        Optional<Length> bore = Optional.of(Length.ofMm(14.35));
        FlareSetting good = FlareSetting.good(b.stickOutFor(band.middle()).orElseThrow());
        Map<String, FlareMade> made = Map.of(
                "stick-long", b.make(good.withStickOut(good.stickOut().plus(Length.ofMm(1))), Optional.of(band), bore),
                "stick-short", b.make(good.withStickOut(Length.ofMm(0.6)), Optional.of(band), bore),
                "off-centre", b.make(good.withOffCentre(Length.ofMm(0.35)), Optional.of(band), bore),
                "reclamped", b.make(good.withShift(Length.ofMm(0.6)), Optional.of(band), bore),
                "overclosed", b.make(good.withClosing(1.2), Optional.of(band), bore),
                "not-closed", b.make(good.withClosing(0.8), Optional.of(band), bore),
                "worn", b.make(good.withWear(0.9), Optional.of(band), bore),
                "hard", b.withHardness(0.25).make(good, Optional.of(band), bore));
        made.forEach((cause, flare) -> {
            List<FlareCauses.Suspect> ranked =
                    CAUSES.rank(b, good, Optional.of(band), bore, flare.faults(), Optional.of(flare.diameter()));
            assertThat(ranked.stream().limit(3).map(s -> s.cause().id()))
                    .as(cause + " " + flare.faults())
                    .contains(cause);
            assertThat(ranked.stream().mapToDouble(FlareCauses.Suspect::share).sum())
                    .isCloseTo(1, within(1e-9));
        });
        assertThat(CAUSES.rank(b, good, Optional.of(band), bore, Set.of(), Optional.empty()))
                .isEmpty();
    }

    @Test
    void impossibleSettingsCannotBeBuilt() {
        FlareSetting good = FlareSetting.good(Length.ofMm(1));
        assertThatThrownBy(() -> FlareSetting.good(Length.ofMm(-1))).hasMessageContaining("not below zero");
        assertThatThrownBy(() -> good.withClosing(2)).hasMessageContaining("1.3");
        assertThatThrownBy(() -> good.withWear(2)).hasMessageContaining("Wear");
        assertThatThrownBy(() ->
                        new FlareBench(tube("ACR-3/8"), KINDS.of(TubeEndKind.COMPRESSION), Length.ZERO, Length.ZERO))
                .hasMessageContaining("not flared");
        FlareBench deep = new FlareBench(tube("ACR-1/4"), KINDS.of(TubeEndKind.SINGLE45), Length.ofMm(5), Length.ZERO);
        assertThat(deep.stickOutFor(Length.ofMm(9))).isEmpty();
    }
}
