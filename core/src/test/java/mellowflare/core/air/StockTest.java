package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.stock.Fitting;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Nipples;
import mellowflare.core.run.stock.PipeSize;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StockTest {
    private final PipeSystems systems = AirSamples.DATA.get(PipeSystems.KEY);
    private final AirHouse house = AirSamples.DATA.get(AirHouse.KEY);

    @Test
    void testSizesGrowAndEveryRatedSystemHasSome() {
        for (PipeSystem s : systems.rated()) {
            List<PipeSize> sizes = systems.sizes(s.id());
            assertThat(sizes).as(s.id()).hasSizeGreaterThanOrEqualTo(4);
            for (int i = 0; i < sizes.size(); i++) {
                PipeSize z = sizes.get(i);
                assertThat(z.bore().mm()).isPositive();
                assertThat(z.insert().mm())
                        .as(z + " goes in")
                        .isGreaterThan(z.wall().mm());
                if (i > 0) {
                    assertThat(z.bore().compareTo(sizes.get(i - 1).bore())).isPositive();
                    assertThat(z.metre()).isGreaterThan(sizes.get(i - 1).metre());
                    assertThat(systems.above(sizes.get(i - 1))).contains(z);
                }
            }
            assertThat(systems.above(sizes.get(sizes.size() - 1))).isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"pvc", "cpvc", "abs", "unrated"})
    void testPlasticThatMustNotCarryAirIsRefusedWithItsReason(String id) {
        PipeSystem s = systems.find(id).orElseThrow();
        assertThat(s.rated()).isFalse();
        assertThat(s.refused().orElseThrow()).hasSizeGreaterThan(40);
        assertThat(systems.sizes(id)).isEmpty();
    }

    /** Masses per metre printed in the standards: EN 10255 medium 1/2 1.21 kg/m and 2 in 5.03 kg/m; EN 1057 22 x 1 0.587 kg/m and 54 x 1.5 2.20 kg/m. */
    @ParameterizedTest
    @CsvSource({"steel-thread,1/2,1.21", "steel-thread,2,5.03", "copper,22,0.587", "copper,54,2.20"})
    void testMassesAgreeWithTheStandards(String system, String size, double kgPerMetre) {
        PipeSystem s = systems.find(system).orElseThrow();
        PipeSize z = systems.size(system, size).orElseThrow();
        assertThat(z.kilograms(Length.ofMm(1000), s.density())).isCloseTo(kgPerMetre, within(kgPerMetre * 0.01));
    }

    /** ISO 4427 SDR 11: outside over wall is about eleven. */
    @Test
    void testPolyethyleneFollowsItsRatio() {
        systems.sizes("pe-air")
                .forEach(z -> assertThat(z.outside().mm() / z.wall().mm()).isBetween(10.5, 11.1));
    }

    /** Centre to face less thread: EN 10242 elbows 28, 33, 38, 45, 50, 58 with ISO 7-1 threads 13.2 to 23.4. */
    @Test
    void testThreadedElbowsAreCentreToFaceLessThread() {
        double[] faces = {28, 33, 38, 45, 50, 58};
        List<PipeSize> sizes = systems.sizes("steel-thread");
        for (int i = 0; i < faces.length; i++) {
            assertThat(sizes.get(i).elbow().mm())
                    .isCloseTo(faces[i] - sizes.get(i).insert().mm(), within(1e-9));
        }
    }

    /** By hand for 1/2: elbow 1.12 in centre to face less 0.5 in of thread = 15.75 mm, coupling 1.34 in less twice that = 8.64 mm. */
    @Test
    void testBlackSteelFollowsItsStandardsFromTheEighthUp() {
        List<PipeSize> sizes = systems.sizes("steel-black");
        assertThat(sizes).extracting(PipeSize::size).startsWith("1/8", "1/4", "3/8", "1/2");
        PipeSize half = systems.size("steel-black", "1/2").orElseThrow();
        assertThat(half.elbow().mm()).isCloseTo(15.748, within(0.001));
        assertThat(half.coupling().mm()).isCloseTo(8.636, within(0.001));
        assertThat(half.bore().inches()).isCloseTo(0.840 - 2 * 0.109, within(0.001));
    }

    @Test
    void testNipplesAreStockedByHalvesAndThenByInches() {
        Nipples nipples = Nipples.load();
        assertThat(nipples.lengths("1/2")).hasSize(1 + 10 + 6);
        assertThat(nipples.nearest("1/2", Length.ofInches(4.3)).orElseThrow().inches())
                .isCloseTo(4.5, within(1e-9));
        assertThat(nipples.nearest("1/2", Length.ofInches(13))).isEmpty();
        assertThat(nipples.nearest("9", Length.ofInches(3))).isEmpty();
    }

    @Test
    void testEveryFittingHasItsLoss() {
        for (Fitting f : Fitting.values()) {
            assertThat(systems.k(f)).isBetween(0.01, 20.0);
        }
    }

    /** Choked orifice: m = 0.9 A p sqrt(k / (R T)) (2 / (k + 1))^((k + 1) / (2 (k - 1))). */
    @ParameterizedTest
    @CsvSource({"blast-5,5", "blast-8,8"})
    void testBlastPotsDrawWhatTheirNozzlePasses(String id, double mm) {
        AirTool t = house.tool(id).orElseThrow();
        double k = 1.4;
        double area = Math.PI / 4 * mm * mm * 1e-6;
        double m = 0.9
                * area
                * (t.need().bar() + 1.01325)
                * 1e5
                * Math.sqrt(k / (AirReference.R_DRY * 293.15))
                * Math.pow(2 / (k + 1), (k + 1) / (2 * (k - 1)));
        assertThat(t.flow().kgPerSecond()).isCloseTo(m, within(m * 0.01));
    }

    @Test
    void testImpulseAndContinuousToolsDifferTenfold() {
        double least = house.tools().stream()
                .filter(t -> t.kind() == AirTool.Kind.IMPULSE)
                .mapToDouble(t -> t.mean().litresPerMinute())
                .min()
                .orElseThrow();
        double most = house.tools().stream()
                .filter(t -> t.kind() == AirTool.Kind.CONTINUOUS)
                .mapToDouble(t -> t.mean().litresPerMinute())
                .max()
                .orElseThrow();
        assertThat(most / least).isGreaterThan(10);
        assertThat(house.tools()).allMatch(t -> t.flow().reference() == AirReference.ISO8778);
    }

    /** About 5.5 to 9.5 kW go into a cubic metre a minute at these pressures. */
    @Test
    void testCompressorsTakePlausiblePower() {
        for (Compressor c : house.compressors()) {
            assertThat(c.kilowattHoursPerCubicMetre() * 60).as(c.id()).isBetween(5.5, 10.0);
        }
    }

    @Test
    void testFewerToolsRunTogetherTheMoreThereAre() {
        assertThat(house.together(1)).isEqualTo(1);
        assertThat(house.together(3)).isCloseTo(0.90, within(1e-9));
        assertThat(house.together(500)).isEqualTo(0.42);
        for (int n = 1; n < 120; n++) {
            assertThat(house.together(n + 1)).isLessThanOrEqualTo(house.together(n));
        }
    }
}
