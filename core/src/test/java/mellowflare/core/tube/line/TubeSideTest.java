package mellowflare.core.tube.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.TubeSamples;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareSetting;
import org.junit.jupiter.api.Test;

/** A side of a tube line, what a cut leaves of it, and what a job keeps of its readings and its room. */
class TubeSideTest {
    private final TubeCase sound = TubeSamples.of(TubeSamples.line());

    /** As near to the middle of the band as a leaf gauge is read: to a twentieth of a millimetre. */
    @Test
    void testTheStickOutIsSetByTwentiethsOfAMillimetre() {
        for (TubeSide s : sound.sides()) {
            double middle = s.middle().orElseThrow().mm();
            double set = s.settable().orElseThrow().mm();
            assertThat(set).isCloseTo(middle, within(0.025));
            assertThat(set * 20).isCloseTo(Math.rint(set * 20), within(1e-9));
            assertEquals(s.stickOut().map(FlareSetting::good), s.setting());
            assertThat(s.setting()).isPresent();
        }
        TubeSide open = TubeSamples.of(TubeLine.NEW).sides().get(0);
        assertThat(open.settable()).isEmpty();
        assertThat(open.setting()).isEmpty();
    }

    /** A flare seals on the cone; what is not flared seals where its port usually does. */
    @Test
    void testAFlareSealsOnItsCone() {
        for (TubeSide s : sound.sides()) {
            Seat seat = s.seat().orElseThrow();
            assertThat(seat.isCone()).isTrue();
            assertThat(s.part().orElseThrow().seats()).contains(seat);
        }
        TubeCase ring = TubeSamples.with(l -> l.withEnd(LineEnd.A, TubeSamples.end(TubeEndKind.CUTTING_RING, "none")));
        TubeSide side = ring.sides().get(0);
        assertEquals(
                side.part()
                        .map(p ->
                                p.seats().isEmpty() ? p.usualSeat() : p.seats().get(0)),
                side.seat());
        assertThat(TubeSamples.of(TubeLine.NEW).sides().get(0).seat()).isEmpty();
    }

    @Test
    void testARoomIsSaidOneMeasureAtATime() {
        Optional<Length> some = Optional.of(Length.ofMm(70));
        TubeRoom room = new TubeRoom(Optional.empty(), Optional.empty(), Optional.empty());
        assertEquals(new TubeRoom(some, Optional.empty(), Optional.empty()), room.withCutter(some));
        assertEquals(new TubeRoom(Optional.empty(), some, Optional.empty()), room.withBar(some));
        assertEquals(new TubeRoom(Optional.empty(), Optional.empty(), some), room.withBender(some));
    }

    @Test
    void testAReadingKeepsWhoTookIt() {
        Reading reading = TubeSamples.line().reading();
        assertEquals(Instrument.RULE, reading.withInstrument(Instrument.RULE).instrument());
        assertEquals(reading, reading.withInstrument(Instrument.RULE).withInstrument(reading.instrument()));
        assertEquals("Ilse", reading.withSigned("Ilse", "Maren").calledBy());
        assertEquals("Maren", reading.withSigned("Ilse", "Maren").writtenBy());
        assertEquals(reading, Reading.of(sound.figure().orElseThrow()));
    }

    /** By hand: of 3/8 x 0.049 a metre weighs pi (9.525 - 1.2446) 1.2446 x 7.85 / 1000 = 0.254 kg. */
    @Test
    void testWhatIsCutWeighsAndHolds() {
        TubeCut cut = sound.cut().orElseThrow();
        double metres = cut.exact().mm() / 1000;
        assertThat(cut.kilograms(sound.tube().orElseThrow()) / metres).isCloseTo(0.254, within(0.005));
        double bore = 9.525 - 2 * 1.2446;
        assertThat(cut.litres(sound.tube().orElseThrow()) / (cut.developed().mm() / 1000))
                .isCloseTo(Math.PI * bore * bore / 4 / 1000, within(0.001));
        assertEquals(
                cut.exact().mm() - 5, cut.after(Length.ofMm(5)).orElseThrow().mm(), 1e-9);
        assertThat(cut.after(cut.exact())).isEmpty();
    }
}
