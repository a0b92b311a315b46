package mellowflare.core.section;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Shape;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.Observation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.ThreadSize;
import org.junit.jupiter.api.Test;

class HalfSectionTest {
    private final Identifier identifier = new Identifier(DATA);

    private Drawing draw(Observation seen) {
        return HalfSection.of(identifier.identify(seen), UnitSystem.METRIC);
    }

    private static Shape.Path measuredLine(Drawing d) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.pen() == Pen.MEASURED)
                .map(Shape.Path.class::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testMeasuredDiameterIsDrawnToScaleAndDimensioned() {
        Drawing d = draw(Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(14.2)))
                .withPitch(Optional.of(Pitch.ofPerInch(18))));
        assertThat(measuredLine(d).points().get(0).y()).isCloseTo(7.1, within(1e-9));
        assertThat(d.dimensions()).extracting(Shape.Dimension::text).containsExactly("14.2", "18 per inch");
        Shape.Dimension pitch = d.dimensions().get(1);
        assertThat(pitch.to().x() - pitch.from().x()).isCloseTo(25.4 / 18, within(1e-9));
        assertThat(d.dimensions()).allMatch(Shape.Dimension::measured);
    }

    @Test
    void testEveryDigitMovesTheDrawing() {
        Observation seen = Observation.of(Gender.MALE);
        double before = measuredLine(draw(seen.withDiameter(Optional.of(Length.ofMm(20.9)))))
                .points()
                .get(0)
                .y();
        double after = measuredLine(draw(seen.withDiameter(Optional.of(Length.ofMm(20.95)))))
                .points()
                .get(0)
                .y();
        assertThat(after - before).isCloseTo(0.025, within(1e-9));
    }

    @Test
    void testEveryEndOfTheTablesCanBeDrawnWithItsSealGlowing() {
        for (End end : DATA.get(EndTable.KEY).all()) {
            for (Seat seat : end.seats()) {
                Drawing d = draw(Observation.of(end.gender())
                        .withBody(Optional.of(end.body()))
                        .withDiameter(end.across().map(LengthBand::middle))
                        .withHand(Optional.of(end.leftHand() ? HandSeen.LEFT : HandSeen.RIGHT))
                        .withPitch(end.thread().map(ThreadSize::pitch))
                        .withSeat(Optional.of(seat)));
                boolean open = seat == Seat.NONE && !end.sealsOnThread();
                assertThat(HalfSection.of(end, seat, UnitSystem.METRIC).glows().isEmpty())
                        .as(end.brief() + " " + seat)
                        .isEqualTo(open);
                assertThat(d.box().width()).isPositive();
                d.shapes().forEach(s -> {
                    if (s instanceof Shape.Path p) {
                        p.points()
                                .forEach(q -> assertThat(Double.isFinite(q.x()) && Double.isFinite(q.y()))
                                        .as(end.brief() + " " + seat)
                                        .isTrue());
                    }
                });
            }
        }
    }

    @Test
    void testNothingGivenAndNothingFittingStillDraw() {
        assertThat(draw(Observation.of(Gender.MALE)).shapes()).isNotEmpty();
        assertThat(draw(Observation.of(Gender.FEMALE)).shapes()).isNotEmpty();
        Drawing strange = draw(Observation.of(Gender.MALE)
                .withDiameter(Optional.of(Length.ofMm(399)))
                .withPitch(Optional.of(Pitch.ofMm(0.2))));
        assertThat(strange.shapes()).isNotEmpty();
    }

    @Test
    void testSeenSeatOfNoKnownEndIsStillDrawn() {
        for (Gender gender : Gender.values()) {
            for (Seat seat : Seat.values()) {
                Drawing d = draw(Observation.of(gender).withSeat(Optional.of(seat)));
                assertThat(d.shapes()).as(gender + " " + seat).isNotEmpty();
            }
        }
    }

    @Test
    void testABodyWithoutThreadNeverSealsOnThreads() {
        for (Body body : new Body[] {Body.FLANGE, Body.BARB, Body.TUBE, Body.COUPLER}) {
            Observation seen = Observation.of(Gender.MALE).withBody(Optional.of(body));
            Drawing d = HalfSection.of(identifier.identify(seen), UnitSystem.METRIC);
            assertThat(d.shapes())
                    .filteredOn(Shape.Leader.class::isInstance)
                    .as(body.name())
                    .isNotEmpty()
                    .noneMatch(l -> ((Shape.Leader) l).text().contains("thread"));
        }
    }
}
