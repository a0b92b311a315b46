package mellowflare.core.identify;

import java.util.Optional;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;

/**
 * What was seen and measured of one end. Everything but the gender may be missing.
 *
 * @param gender male or female
 * @param diameter over the crests: male at the large end of sound thread, female at the mouth; above 0 to 400 mm
 * @param instrument what the diameter was read with
 * @param pitch the leaf that lay, or a count
 * @param flank which flank angle the leaf showed
 * @param taper straight or tapered
 * @param seat the seat as seen
 * @param seatAngle the seat's angle as measured, half or included
 * @param ring whether a ring was seen
 * @param worn whether the thread looks worn: a male then reads small, a female large
 * @param service kind of service it was found on: hydraulic, pneumatic, water, gas, fuel, brake, refrigerant
 */
public record Observation(
        Gender gender,
        Optional<Length> diameter,
        Instrument instrument,
        Optional<Pitch> pitch,
        Optional<FlankSeen> flank,
        Optional<TaperSeen> taper,
        Optional<Seat> seat,
        Optional<Angle> seatAngle,
        Optional<RingSeen> ring,
        boolean worn,
        Optional<String> service) {

    private static final double LARGEST_MM = 400;

    public Observation {
        diameter.filter(d -> d.mm() <= 0 || d.mm() > LARGEST_MM).ifPresent(d -> {
            throw new IllegalArgumentException("A diameter over the crests lies above 0 and up to 400 mm, not " + d);
        });
    }

    /** Whether a diameter may be observed at all. */
    public static boolean isDiameter(Length length) {
        return length.mm() > 0 && length.mm() <= LARGEST_MM;
    }

    public static Observation of(Gender gender) {
        return new Observation(
                gender,
                Optional.empty(),
                Instrument.CALIPER,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty());
    }

    public Observation withGender(Gender g) {
        return new Observation(g, diameter, instrument, pitch, flank, taper, seat, seatAngle, ring, worn, service);
    }

    public Observation withDiameter(Optional<Length> d) {
        return new Observation(gender, d, instrument, pitch, flank, taper, seat, seatAngle, ring, worn, service);
    }

    public Observation withInstrument(Instrument i) {
        return new Observation(gender, diameter, i, pitch, flank, taper, seat, seatAngle, ring, worn, service);
    }

    public Observation withPitch(Optional<Pitch> p) {
        return new Observation(gender, diameter, instrument, p, flank, taper, seat, seatAngle, ring, worn, service);
    }

    public Observation withFlank(Optional<FlankSeen> f) {
        return new Observation(gender, diameter, instrument, pitch, f, taper, seat, seatAngle, ring, worn, service);
    }

    public Observation withTaper(Optional<TaperSeen> t) {
        return new Observation(gender, diameter, instrument, pitch, flank, t, seat, seatAngle, ring, worn, service);
    }

    public Observation withSeat(Optional<Seat> s) {
        return new Observation(gender, diameter, instrument, pitch, flank, taper, s, seatAngle, ring, worn, service);
    }

    public Observation withSeatAngle(Optional<Angle> a) {
        return new Observation(gender, diameter, instrument, pitch, flank, taper, seat, a, ring, worn, service);
    }

    public Observation withRing(Optional<RingSeen> r) {
        return new Observation(gender, diameter, instrument, pitch, flank, taper, seat, seatAngle, r, worn, service);
    }

    public Observation withWorn(boolean w) {
        return new Observation(gender, diameter, instrument, pitch, flank, taper, seat, seatAngle, ring, w, service);
    }

    public Observation withService(Optional<String> s) {
        return new Observation(gender, diameter, instrument, pitch, flank, taper, seat, seatAngle, ring, worn, s);
    }
}
