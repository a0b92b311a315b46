package mellowflare.core.hose.draw;

import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.EndSample;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Shape;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.KindLines;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import org.junit.jupiter.api.Test;

class HoseStripTest {

    private static Drawing page(LineSample line) {
        return HosePlan.of(hoseCase(line)).largeStrip();
    }

    @Test
    void testEveryJointThatIsSettledGlows() {
        assertThat(page(soundLine()).glows()).hasSize(4);
        assertThat(page(LineSample.NEW).glows()).isEmpty();
        LineSample half = LineSample.NEW.withEnd(LineEnd.A, soundLine().a());
        assertThat(page(half).glows()).hasSize(2);
    }

    @Test
    void testEveryPartCanBePressed() {
        assertThat(page(soundLine()).spots())
                .extracting(Drawing.Spot::subject)
                .contains(
                        Subject.END_A,
                        Subject.JOINT_A,
                        Subject.HOSE_END_A,
                        Subject.HOSE,
                        Subject.HOSE_END_B,
                        Subject.JOINT_B,
                        Subject.END_B);
    }

    @Test
    void testLengthsStandOnThePageAndNotInTheBand() {
        assertThat(page(soundLine()).dimensions())
                .extracting(Shape.Dimension::text)
                .containsExactly("1140 mm (44 7/8 in) overall", "31.4 mm", "52.6 mm", "cut 1056 mm (41 9/16 in)");
        assertThat(HosePlan.of(hoseCase(soundLine())).strip().dimensions()).isEmpty();
    }

    @Test
    void testStopIsMarkedAtThePartItIsAbout() {
        assertThat(stopMarks(page(soundLine()))).isZero();
        LineSample tight = soundLine().withBendRadius(Optional.of(mellowflare.core.measure.Length.ofMm(50)));
        assertThat(stopMarks(page(tight))).isPositive();
        LineSample weak =
                soundLine().withEnd(LineEnd.B, end("valve", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-J08F90"));
        assertThat(stopMarks(page(weak))).isPositive();
        LineSample lineStop =
                soundLine().withService(soundLine().service().withWorking(Optional.of(GaugePressure.ofBar(900))));
        assertThat(HosePlan.of(hoseCase(lineStop)).stops()).isTrue();
    }

    private static long stopMarks(Drawing d) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.pen() == Pen.STOP && p.closed())
                .count();
    }

    @Test
    void testNothingIsDrawnOutsideTheBox() {
        Drawing d = page(soundLine());
        d.shapes().forEach(s -> {
            if (s instanceof Shape.Path p) {
                p.points()
                        .forEach(q ->
                                assertThat(d.box().holds(q)).as(q.toString()).isTrue());
            }
        });
    }

    @Test
    void testAnAdapterStandsInTheStripAndGlowsAtThePort() {
        EndSample adapted = end("pump", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-J08F")
                .withAdapters(List.of("KA-JM8-OM8"))
                .withHoseEnd(Optional.of("KC08-J08F"));
        Drawing with = page(soundLine().withEnd(LineEnd.A, adapted));
        assertThat(with.glows())
                .as("cone, boss ring and the far cone, two strokes each")
                .hasSize(6);
        assertThat(with.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.under().equals("ORB -8, by KA-JM8-OM8"));
        Shape.Dimension overall = with.dimensions().get(0);
        Shape.Dimension cutOff = with.dimensions().get(1);
        assertThat(overall.from().x())
                .as("overall begins at the port")
                .isLessThan(cutOff.from().x());
    }

    @Test
    void testLengthsStandOverAnElbowThatLooksUp() {
        LineSample up = KindLines.line("KHB-08", "r134a", 20, 40, "KB08-C08F90", "KB08-C08F90")
                .withClocking(Optional.of(Angle.ofDegrees(180)));
        Drawing d = page(up);
        double highest = d.shapes().stream()
                .filter(Shape.Path.class::isInstance)
                .flatMap(s -> ((Shape.Path) s).points().stream())
                .mapToDouble(q -> q.y())
                .max()
                .orElseThrow();
        assertThat(d.dimensions()).allMatch(m -> m.from().y() >= highest - 6);
    }

    @Test
    void testEveryKindOfJointGlowsSomewhere() {
        for (String[] ends : new String[][] {
            {"KHB-08", "KB08-C08F", "KB08-C08F"},
            {"KHW-05", "KW05-Q12F", "KW05-Q12F"},
            {"KHU-16", "KU16-F16M", "KU16-N1M"},
            {"KHG-06", "KG06-L38F", "KG06-S38F"},
            {"KHK-02", "KK02-B10F", "KK02-I316F"}
        }) {
            Drawing d = page(KindLines.line(ends[0], "mineral-oil", 1, 20, ends[1], ends[2]));
            assertThat(d.glows().size()).as(ends[0]).isGreaterThanOrEqualTo(2);
        }
    }

    @Test
    void testClockDialPointsWhereTheAngleSays() {
        for (double degrees : new double[] {0, 5, 90, 180, 270, 359}) {
            Drawing dial = ClockDial.of(Angle.ofDegrees(degrees));
            assertThat(dial.glows()).as("both outlets").hasSize(2);
            var outlet = dial.glows().get(0).points();
            double x = (outlet.get(0).x() + outlet.get(1).x()) / 2;
            double y = (outlet.get(0).y() + outlet.get(1).y()) / 2;
            assertThat((Math.toDegrees(Math.atan2(x, y)) + 360) % 360)
                    .isCloseTo(degrees, org.assertj.core.api.Assertions.within(1e-6));
        }
    }
}
