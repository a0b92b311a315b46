package mellowflare.core.hose;

import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.GaugePressure;
import org.junit.jupiter.api.Test;

class LineStripTest {

    private static Drawing page(HoseLine line) {
        return LineStrip.page(HosePlan.of(hoseCase(line)));
    }

    @Test
    void testEveryJointThatIsSettledGlows() {
        assertThat(page(soundLine()).glows()).hasSize(4);
        assertThat(page(HoseLine.NEW).glows()).isEmpty();
        HoseLine half = HoseLine.NEW.withEnd(Which.A, soundLine().a());
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
        assertThat(LineStrip.band(HosePlan.of(hoseCase(soundLine()))).dimensions())
                .isEmpty();
    }

    @Test
    void testStopIsMarkedAtThePartItIsAbout() {
        assertThat(stopMarks(page(soundLine()))).isZero();
        HoseLine tight = soundLine().withBendRadius(Optional.of(mellowflare.core.measure.Length.ofMm(50)));
        assertThat(stopMarks(page(tight))).isPositive();
        HoseLine weak = soundLine().withEnd(Which.B, end("valve", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-J08F90"));
        assertThat(stopMarks(page(weak))).isPositive();
        HoseLine lineStop =
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
}
