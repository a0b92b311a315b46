package mellowflare.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.TestInstance;

/** The tables against the formulas of their standards, within the tables' own rounding. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ThreadTableTest {
    private final ThreadTable table = ThreadTable.load();

    private static List<Row> rows(String file) {
        return CsvTable.beside(ThreadTable.class, file).rows();
    }

    @TestFactory
    List<DynamicTest> testNptRowFollowsFromB1201() {
        return rows("npt.csv").stream()
                .map(r -> DynamicTest.dynamicTest("NPT " + r.need("size"), () -> {
                    double d = r.number("pipe_od_in");
                    double n = r.number("per_inch");
                    double e0 = d - (0.05 * d + 1.1) / n;
                    assertThat(r.number("e0_in"))
                            .as("E0 = D - (0.05 D + 1.1)/n")
                            .isCloseTo(e0, within(0.00002));
                    assertThat(r.number("e1_in"))
                            .as("E1 = E0 + L1/16")
                            .isCloseTo(r.number("e0_in") + r.number("l1_in") / 16, within(0.00002));
                    assertThat(r.number("l2_in"))
                            .as("L2 = (0.80 D + 6.8)/n")
                            .isCloseTo((0.8 * d + 6.8) / n, within(0.00006));
                }))
                .toList();
    }

    @TestFactory
    List<DynamicTest> testBsppRowFollowsFromIso228() {
        return rows("bspp.csv").stream()
                .map(r -> DynamicTest.dynamicTest("G " + r.need("size"), () -> {
                    assertThat(r.number("minor_mm"))
                            .as("minor = major - 2 h, h rounded first")
                            .isCloseTo(r.number("major_mm") - 2 * height(r), within(1e-9));
                }))
                .toList();
    }

    /** Height of the Whitworth form, pitch and height each rounded to a thousandth as the standard prints them. */
    private static double height(Row r) {
        double pitch = Math.round(25_400 / r.number("per_inch")) / 1000.0;
        return Math.round(640.327 * pitch) / 1000.0;
    }

    @TestFactory
    List<DynamicTest> testBsptRowFollowsFromIso7() {
        Map<Double, Double> turnsOfT1 = Map.of(28.0, 1.0, 19.0, 1.0, 14.0, 1.0, 11.0, 1.0);
        return rows("bspt.csv").stream()
                .map(r -> DynamicTest.dynamicTest("R " + r.need("size"), () -> {
                    double pitch = 25.4 / r.number("per_inch");
                    assertThat(r.number("minor_mm")).isCloseTo(r.number("major_mm") - 2 * height(r), within(1e-9));
                    assertThat(r.number("useful_length_mm"))
                            .as("useful = gauge + fitting allowance")
                            .isCloseTo(r.number("gauge_length_mm") + r.number("fitting_turns") * pitch, within(0.1));
                    double turns = r.number("gauge_tol_mm") / pitch;
                    assertThat(turns)
                            .as("T1/2 is one turn, one and a half from 2 1/2")
                            .isCloseTo(
                                    r.number("major_mm") > 60 ? 1.5 : turnsOfT1.get(r.number("per_inch")),
                                    within(0.06));
                }))
                .toList();
    }

    @Test
    void testEveryTaperSizeOfBspHasAParallelOneOfTheSameThread() {
        for (ThreadSize taper : table.of(ThreadSeries.BSPT)) {
            ThreadSize parallel = table.find(ThreadSeries.BSPP, taper.size()).orElseThrow();
            assertThat(parallel.major()).isEqualTo(taper.major());
            assertThat(parallel.pitch()).isEqualTo(taper.pitch());
        }
    }

    @TestFactory
    List<DynamicTest> testUnifiedRowFollowsFromB11() {
        return rows("unified.csv").stream()
                .map(r -> DynamicTest.dynamicTest(r.need("size"), () -> {
                    double d = r.number("major_in");
                    double p = 1 / r.number("per_inch");
                    double engaged = r.need("series").equals("UNF") ? d : 9 * p;
                    double td2 = 0.0015 * Math.cbrt(d) + 0.0015 * Math.sqrt(engaged) + 0.015 * Math.cbrt(p * p);
                    double max = d - 0.3 * td2;
                    assertThat(r.number("external_max_in")).isCloseTo(max, within(0.00011));
                    assertThat(r.number("external_min_in")).isCloseTo(max - 0.06 * Math.cbrt(p * p), within(0.00011));
                    double minor = d - 1.082532 * p;
                    assertThat(r.number("internal_min_in")).isCloseTo(minor, within(0.0006));
                    assertThat(r.number("internal_max_in")).isCloseTo(minor + 0.25 * p - 0.4 * p * p, within(0.0011));
                }))
                .toList();
    }

    @TestFactory
    List<DynamicTest> testMetricRowFollowsFromIso965() {
        return rows("metric.csv").stream()
                .map(r -> DynamicTest.dynamicTest(r.need("size"), () -> {
                    double d = r.number("major_mm");
                    double p = r.number("pitch_mm");
                    assertThat(r.need("size")).isEqualTo("M%.0fx%s".formatted(d, LengthFormat.decimal(p, 2, 0)));
                    double es = (15 + 11 * p) / 1000;
                    double td = (180 * Math.cbrt(p * p) - 3.15 / Math.sqrt(p)) / 1000;
                    double td1 = 230 * Math.pow(p, 0.7) / 1000;
                    // The standard rounds tolerances to its preferred numbers, about 3 per cent.
                    assertThat(r.number("external_max_mm")).as("D - es").isCloseTo(d - es, within(0.0015));
                    assertThat(r.number("external_max_mm") - r.number("external_min_mm"))
                            .as("Td")
                            .isCloseTo(td, within(td * 0.03));
                    assertThat(r.number("internal_min_mm")).as("D1").isCloseTo(d - 1.082532 * p, within(0.0006));
                    assertThat(r.number("internal_max_mm") - r.number("internal_min_mm"))
                            .as("TD1")
                            .isCloseTo(td1, within(td1 * 0.03));
                }))
                .toList();
    }

    @Test
    void testStraightPipeSwivelThreadStandsJustUnderTheTaperThreadOfItsSize() {
        for (ThreadSize straight : table.of(ThreadSeries.NPSM)) {
            ThreadSize taper = table.find(ThreadSeries.NPT, straight.size()).orElseThrow();
            assertThat(straight.pitch()).isEqualTo(taper.pitch());
            assertThat(straight.maleCrest().high()).as(straight.size()).isLessThan(taper.major());
            assertThat(taper.major().minus(straight.maleCrest().high()).mm())
                    .as(straight.size())
                    .isLessThan(0.75);
            // Height of the thread: major less minor is twice about 0.65 to 0.8 of the pitch.
            double height = straight.maleCrest()
                            .high()
                            .minus(straight.femaleCrest().low())
                            .mm()
                    / (2 * straight.pitch().length().mm());
            assertThat(height).as(straight.size()).isBetween(0.48, 0.82);
        }
    }

    @Test
    void testEveryBandIsReadAtTheRightPlaceAndIsNarrow() {
        for (ThreadSeries series : ThreadSeries.values()) {
            for (ThreadSize size : table.of(series)) {
                assertThat(size.maleCrest().low().mm()).as(size.name()).isPositive();
                assertThat(size.femaleCrest().high())
                        .as(size.name())
                        .isLessThan(size.maleCrest().low());
                double width =
                        size.maleCrest().high().minus(size.maleCrest().low()).mm();
                assertThat(width).as("band of " + size.name()).isBetween(0.1, 1.5);
            }
        }
    }

    @Test
    void testHalfInchFiguresAgainstHandSums() {
        // 1/2 NPT: pipe 21.336 mm; female at the mouth E1 - 0.8 P = 0.77843 - 0.05714 in = 18.32 mm.
        ThreadSize npt = table.find(ThreadSeries.NPT, "1/2").orElseThrow();
        assertThat(npt.maleCrest().holds(Length.ofMm(21.336))).isTrue();
        assertThat(npt.femaleCrest().middle().mm()).isCloseTo(18.32, within(0.01));
        // G 1/2: 20.955 male, 18.631 to 19.172 female.
        ThreadSize g = table.find(ThreadSeries.BSPP, "1/2").orElseThrow();
        assertThat(g.maleCrest().high()).isEqualTo(Length.ofMm(20.955));
        assertThat(g.femaleCrest().high().mm()).isCloseTo(19.172, within(1e-9));
        assertThat(npt.name()).isEqualTo("1/2-14 NPT");
        assertThat(g.name()).isEqualTo("G 1/2");
    }

    @Test
    void testUsualSizesAreComplete() {
        assertThat(table.of(ThreadSeries.NPT).stream().map(ThreadSize::size))
                .contains("1/16", "1/8", "1/4", "3/8", "1/2", "3/4", "1", "1-1/4", "1-1/2", "2", "3", "4", "6");
        assertThat(table.of(ThreadSeries.BSPT).stream().map(ThreadSize::size))
                .contains(
                        "1/16", "1/8", "1/4", "3/8", "1/2", "3/4", "1", "1-1/4", "1-1/2", "2", "2-1/2", "3", "4", "6");
        assertThat(table.of(ThreadSeries.BSPP)).hasSizeGreaterThanOrEqualTo(24);
        assertThat(table.of(ThreadSeries.UNIFIED)).hasSize(41);
        assertThat(table.of(ThreadSeries.METRIC)).hasSize(30);
        assertThat(table.of(ThreadSeries.NPSM)).hasSize(9);
    }

    @TestFactory
    List<DynamicTest> testMetricTaperRowIsNominalAtTheGaugePlaneAndOneInSixteen() {
        return rows("metrictaper.csv").stream()
                .map(r -> DynamicTest.dynamicTest(r.need("size"), () -> {
                    double d = r.number("major_mm");
                    double p = r.number("pitch_mm");
                    assertThat(r.number("minor_mm")).isCloseTo(d - 1.082532 * p, within(0.0006));
                    ThreadSize size = table.find(ThreadSeries.METRIC_TAPER, r.need("size"))
                            .orElseThrow();
                    assertThat(size.tapered()).isTrue();
                    assertThat(size.maleCrest().low().mm()).isEqualTo(d);
                    assertThat(size.maleCrest().high().mm())
                            .isCloseTo(
                                    d + (r.number("useful_length_mm") - r.number("gauge_length_mm")) / 16,
                                    within(1e-9));
                    assertThat(size.source().confidence()).isEqualTo(Confidence.UNCONFIRMED);
                }))
                .toList();
    }

    @Test
    void testGasThreadsFollowTheirForms() {
        ThreadSize acme = table.find(ThreadSeries.GAS, "1-5/16-5 Acme").orElseThrow();
        double p = 25.4 / 5;
        assertThat(acme.major().mm()).isCloseTo(25.4 * 21 / 16, within(0.001));
        assertThat(acme.form().internalMinor(acme.major(), acme.pitch()).mm())
                .isCloseTo(acme.femaleCrest().low().mm(), within(0.001));
        assertThat(acme.maleCrest().high().minus(acme.maleCrest().low()).mm()).isCloseTo(0.05 * p, within(0.001));
        assertThat(acme.form().depth(acme.pitch()).mm()).isCloseTo(p / 2, within(1e-9));
        ThreadSize ngo = table.find(ThreadSeries.GAS, ".885-14 NGO").orElseThrow();
        assertThat(ngo.femaleCrest().low().inches()).isCloseTo(0.885 - 1.082532 / 14, within(0.0002));
        ThreadSize w = table.find(ThreadSeries.GAS, "W21.8x1/14").orElseThrow();
        assertThat(w.femaleCrest().low().mm()).isCloseTo(21.8 - 2 * 0.640327 * 25.4 / 14, within(0.001));
        assertThat(List.of(ngo, w)).allMatch(t -> t.source().confidence() == Confidence.UNCONFIRMED);
    }

    @Test
    void testGaugesHaveALeafForEveryThreadOfTheTables() {
        PitchLeaves leaves = PitchLeaves.load();
        for (ThreadSeries series : ThreadSeries.values()) {
            for (ThreadSize size : table.of(series)) {
                assertThat(leaves.has(size.pitch())).as(size.name()).isTrue();
            }
        }
        assertThat(leaves.nextTo(Pitch.ofPerInch(17)))
                .containsExactlyInAnyOrder(Pitch.ofPerInch(16), Pitch.ofPerInch(18));
    }
}
