package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.geometry.Point;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.offset.Clearance;
import mellowflare.core.pipe.offset.FarEnd;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.Obstruction;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetCut;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetGiven;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Rounding;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.offset.SumRow;
import mellowflare.core.pipe.offset.SumSheet;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

/** Worked by hand beside the program. */
class OffsetVectorsTest {
    private static final double THOUSANDTH = 1e-3;

    private static Off off(double inches) {
        return new Off(Length.ofInches(inches), Source.of("by hand"));
    }

    private static OffsetGiven given(double takeOffInches, double setBackInches, Rounding rounding) {
        return new OffsetGiven(
                Optional.empty(),
                Optional.empty(),
                Optional.of(off(takeOffInches)),
                Optional.of(off(setBackInches)),
                Optional.of(off(setBackInches)),
                Optional.of(Length.ofMm(33.4)),
                rounding);
    }

    private static OffsetAsk ask(OffsetWay way, Map<OffsetFigure, Double> mm) {
        OffsetAsk ask = OffsetAsk.NEW.withWay(way);
        for (Map.Entry<OffsetFigure, Double> e : mm.entrySet()) {
            ask = ask.with(e.getKey(), Optional.of(Taken.of(Length.ofMm(e.getValue()))));
        }
        return ask;
    }

    private static OffsetSum metric() {
        OffsetAsk ask = ask(
                OffsetWay.READINGS,
                Map.of(
                        OffsetFigure.OVERALL, 1290.0,
                        OffsetFigure.READING_1, 1842.0,
                        OffsetFigure.READING_2, 1436.0));
        return OffsetSum.of(ask, given(1.12 - 0.6609, 6 / 25.4, new Rounding(Length.ofMm(1), Rounding.When.CUT)));
    }

    private static void near(Optional<Length> is, double mm) {
        assertThat(is.orElseThrow().mm()).isCloseTo(mm, within(THOUSANDTH));
    }

    private static void near(Optional<OffsetCut> is, double exact, double shop) {
        assertThat(is.orElseThrow().exact().mm()).isCloseTo(exact, within(THOUSANDTH));
        assertThat(is.orElseThrow().shop().mm()).isCloseTo(shop, within(1e-9));
    }

    @Test
    void testTheMetricOffsetOfTheTradeNotes() {
        OffsetSum s = metric();
        near(s.offset(), 406);
        near(s.travel(), 574.171);
        near(s.run(), 406);
        near(s.legA(), 442);
        near(s.legC(), 442);
        assertThat(s.given().takeOff().orElseThrow().length().mm()).isCloseTo(11.661, within(THOUSANDTH));
        near(s.cutA(), 424.339, 424);
        near(s.cutB(), 550.848, 551);
        near(s.cutC(), 424.339, 424);
        FarEnd far = s.farEnd().orElseThrow();
        assertThat(far.along().mm()).isCloseTo(-0.5709, within(THOUSANDTH));
        assertThat(far.across().mm()).isCloseTo(0.1072, within(THOUSANDTH));
        near(s.slipB(), 406 - 2 * 11.661);
    }

    private static OffsetSum inch(double denominator) {
        OffsetAsk ask = OffsetAsk.NEW
                .withWay(OffsetWay.OFFSET)
                .with(OffsetFigure.OVERALL, Optional.of(Taken.of(Length.ofInches(51.375))))
                .with(OffsetFigure.OFFSET, Optional.of(Taken.of(Length.ofInches(16.5625))));
        return OffsetSum.of(
                ask, given(0.98 - 0.5533, 0.1875, new Rounding(Length.ofInches(1 / denominator), Rounding.When.CUT)));
    }

    @Test
    void testTheInchOffsetToEighthsAndSixteenths() {
        OffsetSum eighths = inch(8);
        assertThat(eighths.cutA().orElseThrow().exact().inches()).isCloseTo(16.7921, within(1e-4));
        assertThat(eighths.cutB().orElseThrow().exact().inches()).isCloseTo(22.5695, within(1e-4));
        assertThat(eighths.cutA().orElseThrow().shop().inches()).isEqualTo(16.75);
        assertThat(eighths.cutB().orElseThrow().shop().inches()).isCloseTo(22.625, within(1e-12));
        assertThat(eighths.farEnd().orElseThrow().along().inches()).isCloseTo(-0.0449, within(1e-4));
        assertThat(eighths.farEnd().orElseThrow().across().inches()).isCloseTo(0.0392, within(1e-4));
        OffsetSum sixteenths = inch(16);
        assertThat(sixteenths.cutA().orElseThrow().shop().inches()).isCloseTo(16.8125, within(1e-12));
        assertThat(sixteenths.cutB().orElseThrow().shop().inches()).isCloseTo(22.5625, within(1e-12));
        assertThat(sixteenths.farEnd().orElseThrow().along().inches()).isCloseTo(0.0359, within(1e-4));
        assertThat(sixteenths.farEnd().orElseThrow().across().inches()).isCloseTo(-0.0050, within(1e-4));
    }

    @Test
    void testARollingOffsetHasItsAngleFromTheRise() {
        OffsetAsk ask = ask(OffsetWay.ROLLING, Map.of(OffsetFigure.RISE, 310.0, OffsetFigure.ROLL, 240.0));
        OffsetSum s = OffsetSum.of(ask, given(0.4, 0, new Rounding(Length.ofMm(1), Rounding.When.CUT)));
        near(s.offset(), 392.046);
        assertThat(s.rollAngle().degrees()).isCloseTo(37.747, within(THOUSANDTH));
        near(s.travel(), 554.437);
        assertThat(s.legA()).isEmpty();
        assertThat(s.cutA()).isEmpty();
        assertThat(s.cutB()).isPresent();
        assertThat(s.farEnd()).isEmpty();
    }

    @Test
    void testTheConstantsOfTheUsualFittings() {
        Map<Double, Double> constants =
                Map.of(90.0, 1.0, 60.0, 1.1547, 45.0, 1.4142, 30.0, 2.0, 22.5, 2.6131, 11.25, 5.1258);
        constants.forEach((angle, constant) -> {
            OffsetAsk ask =
                    ask(OffsetWay.OFFSET, Map.of(OffsetFigure.OFFSET, 100.0)).withFitting(Angle.ofDegrees(angle));
            OffsetSum s = OffsetSum.of(ask, given(0, 0, new Rounding(Length.ofMm(1), Rounding.When.CUT)));
            assertThat(s.travel().orElseThrow().mm()).isCloseTo(100 * constant, within(0.005));
        });
        OffsetSum square = OffsetSum.of(
                ask(OffsetWay.OFFSET, Map.of(OffsetFigure.OFFSET, 100.0)).withFitting(Angle.ofDegrees(90)),
                given(0, 0, new Rounding(Length.ofMm(1), Rounding.When.CUT)));
        assertThat(square.run().orElseThrow().mm()).isCloseTo(0, within(1e-9));
    }

    @Test
    void testAShiftMovesTheTravelAndAGivenLegLeavesTheRest() {
        OffsetAsk ask = metric().ask();
        OffsetSum shifted = OffsetSum.of(ask.withLegs(new Legs.Shifted(Length.ofMm(80))), metric().given());
        near(shifted.legA(), 522);
        near(shifted.legC(), 362);
        near(shifted.travel(), 574.171);
        OffsetSum given = OffsetSum.of(ask.withLegs(new Legs.GivenA(Length.ofMm(300))), metric().given());
        near(given.legA(), 300);
        near(given.legC(), 584);
    }

    @Test
    void testALegMayComeOutBelowZeroAndTheRestStays() {
        OffsetAsk ask = metric().ask().with(OffsetFigure.OVERALL, Optional.of(Taken.of(Length.ofMm(300))));
        OffsetSum s = OffsetSum.of(ask, metric().given());
        near(s.legA(), -53);
        near(s.cutB(), 550.848, 551);
        assertThat(s.cutA().orElseThrow().exact().mm()).isNegative();
    }

    /** By hand: 300 x tan 22.5 = 124.264. */
    @Test
    void testEachNextPipeOfASetBendsEarlier() {
        OffsetAsk ask = metric().ask().withPipes(3).withSpread(Optional.of(Length.ofMm(300)));
        OffsetSum s = OffsetSum.of(ask, metric().given());
        near(s.parallelStep(), 124.264);
        assertThat(s.parallel().stream().map(Length::mm).toList())
                .usingElementComparator((x, y) -> Math.abs(x - y) < THOUSANDTH ? 0 : 1)
                .containsExactly(442.0, 317.736, 193.472);
        // The pipes stay so far apart on the travel too: measured square to it.
        Point first = new Point(442, 0);
        Point second = new Point(442 - 124.264, 300);
        double square = Math.abs(
                (second.x() - first.x()) * Math.sin(Math.PI / 4) - (second.y() - first.y()) * Math.cos(Math.PI / 4));
        assertThat(square).isCloseTo(300, within(THOUSANDTH));
    }

    @Test
    void testRoundedBeforeTheTakeOffsEachLegIsRoundFirst() {
        OffsetSum s = OffsetSum.of(
                metric().ask(), given(1.12 - 0.6609, 6 / 25.4, new Rounding(Length.ofMm(5), Rounding.When.BEFORE)));
        // 442 -> 440, less 17.661 = 422.339 -> 420; 574.171 -> 575, less 23.322 = 551.678 -> 550.
        near(s.cutA(), 424.339, 420);
        near(s.cutB(), 550.848, 550);
        OffsetSum once = OffsetSum.of(
                metric().ask(), given(1.12 - 0.6609, 6 / 25.4, new Rounding(Length.ofMm(5), Rounding.When.CUT)));
        near(once.cutA(), 424.339, 425);
    }

    /** The far end against a walk along the rounded pieces, for random offsets. */
    @Test
    void testTheFarEndIsWhereAWalkOfTheRoundedCutsEnds() {
        Random random = new Random(19);
        for (int i = 0; i < 500; i++) {
            double rise = 50 + random.nextDouble() * 800;
            double roll = random.nextDouble() * 800;
            Angle angle =
                    Angle.ofDegrees(List.of(11.25, 22.5, 30.0, 45.0, 60.0, 90.0).get(random.nextInt(6)));
            double overall = Math.hypot(rise, roll) / Math.tan(angle.radians()) + 300 + random.nextDouble() * 2000;
            OffsetAsk ask = ask(
                            OffsetWay.ROLLING,
                            Map.of(
                                    OffsetFigure.RISE, rise,
                                    OffsetFigure.ROLL, roll,
                                    OffsetFigure.OVERALL, overall))
                    .withFitting(angle);
            OffsetSum s =
                    OffsetSum.of(ask, given(random.nextDouble(), 0.2, new Rounding(Length.ofMm(1), Rounding.When.CUT)));
            double t = s.given().takeOff().orElseThrow().length().mm();
            double set = 0.2 * 25.4;
            double a = s.cutA().orElseThrow().shop().mm() + set + t;
            double b = s.cutB().orElseThrow().shop().mm() + 2 * t;
            double c = s.cutC().orElseThrow().shop().mm() + set + t;
            double along = a + b * Math.cos(angle.radians()) + c - overall;
            double across = b * Math.sin(angle.radians());
            double theta = Math.atan2(roll, rise);
            FarEnd far = s.farEnd().orElseThrow();
            assertThat(far.along().mm()).isCloseTo(along, within(1e-6));
            assertThat(far.rise().mm()).isCloseTo(across * Math.cos(theta) - rise, within(1e-6));
            assertThat(far.roll().mm()).isCloseTo(across * Math.sin(theta) - roll, within(1e-6));
            assertThat(far.total().mm())
                    .isCloseTo(Math.hypot(far.along().mm(), far.across().mm()), within(1e-9));
        }
    }

    @Test
    void testTheSheetHasEveryLineInItsPlace() {
        List<SumLine> lines = SumSheet.of(metric(), UnitSystem.METRIC);
        assertThat(lines).extracting(SumLine::row).containsExactly(SumRow.values());
        assertThat(lines.get(0).says()).isEqualTo("O = h1 − h2");
        assertThat(lines.get(0).worked()).isEqualTo("1842 − 1436");
        assertThat(lines.get(SumRow.TRAVEL.ordinal()).exactText(UnitSystem.METRIC))
                .isEqualTo("574.17");
        assertThat(lines.get(SumRow.CUT_B.ordinal()).shopText(UnitSystem.METRIC))
                .isEqualTo("551");
        OffsetSum none = OffsetSum.of(OffsetAsk.NEW, metric().given());
        assertThat(SumSheet.of(none, UnitSystem.METRIC))
                .extracting(SumLine::row)
                .containsExactly(SumRow.values());
        assertThat(SumSheet.of(none, UnitSystem.METRIC).get(0).exactText(UnitSystem.METRIC))
                .isEqualTo("–");
        assertThat(SumSheet.of(inch(16), UnitSystem.INCH)
                        .get(SumRow.CUT_A.ordinal())
                        .shopText(UnitSystem.INCH))
                .isEqualTo("16 13/16");
    }

    /** By hand: the box begins 150 above leg A's centre line and ends 60 before the bend. */
    @Test
    void testWhatStandsInTheWayIsPassedByAShift() {
        Obstruction box =
                new Obstruction("hoist frame", Length.ofMm(560), Length.ofMm(160), Length.ofMm(60), Length.ofMm(150));
        OffsetAsk ask = metric().ask().withObstruction(Optional.of(box));
        Clearance blocked = Clearance.of(OffsetSum.of(ask, metric().given())).orElseThrow();
        assertThat(blocked.clear().mm()).isLessThan(25);
        Length shift = blocked.shift().orElseThrow();
        Clearance passed = Clearance.of(OffsetSum.of(ask.withLegs(new Legs.Shifted(shift)), metric().given()))
                .orElseThrow();
        assertThat(passed.clear().mm()).isGreaterThanOrEqualTo(25);
        assertThat(passed.shift()).isEmpty();
        Obstruction away =
                new Obstruction("post", Length.ofMm(100), Length.ofMm(100), Length.ofMm(116.7), Length.ofMm(50));
        Clearance beside = Clearance.of(OffsetSum.of(ask.withObstruction(Optional.of(away)), metric().given()))
                .orElseThrow();
        assertThat(beside.clear().mm()).isCloseTo(100, within(0.01));
    }
}
