package mellowflare.core.identify;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;

/**
 * What was seen and measured of one end. Everything but the gender may be missing.
 *
 * @param gender male or female
 * @param body what it is outside: thread, flange, barbs, plain tube, quick coupler
 * @param diameter across it ({@link Body#across}): a male thread at the large end of sound thread, a female at the mouth; above 0 to 400 mm
 * @param instrument what the diameter was read with
 * @param pitch the leaf that lay, or a count
 * @param counted how many threads the pitch was counted over; empty for a leaf
 * @param flank which flank angle the leaf showed
 * @param hand which way it turns on
 * @param taper straight or tapered, by eye
 * @param second a second diameter down the thread
 * @param seat the seat as seen
 * @param seatAngle the seat's angle as measured, half or included
 * @param ring whether a ring was seen
 * @param swivel whether it sits in a loose nut
 * @param hex its hex across the flats, 0.5 to 400 mm
 * @param tube outside diameter of the tube in it, 0.5 to 400 mm
 * @param worn whether the thread looks worn: a male then reads small, a female large
 * @param service kind of service it was found on: hydraulic, pneumatic, water, gas, fuel, brake, refrigerant
 * @param region part of the world that the machine comes from
 * @param machine kind of machine it was found on
 */
public record Observation(
        Gender gender,
        Optional<Body> body,
        Optional<Length> diameter,
        Instrument instrument,
        Optional<Pitch> pitch,
        Optional<Integer> counted,
        Optional<FlankSeen> flank,
        Optional<HandSeen> hand,
        Optional<TaperSeen> taper,
        Optional<SecondDiameter> second,
        Optional<Seat> seat,
        Optional<Angle> seatAngle,
        Optional<RingSeen> ring,
        Optional<SwivelSeen> swivel,
        Optional<Length> hex,
        Optional<Length> tube,
        boolean worn,
        Optional<String> service,
        Optional<String> region,
        Optional<String> machine) {
    private static final double LARGEST_MM = 400;
    private static final double SMALLEST_MM = 0.5;

    public Observation {
        diameter.filter(d -> !isDiameter(d)).ifPresent(d -> {
            throw new IllegalArgumentException("A diameter lies above 0 and up to 400 mm, not " + d);
        });
        Stream.of(hex, tube)
                .flatMap(Optional::stream)
                .filter(l -> !isMeasure(l))
                .forEach(l -> {
                    throw new IllegalArgumentException("A hex or tube measures 0.5 to 400 mm, not " + l);
                });
        counted.filter(n -> n < 1).ifPresent(n -> {
            throw new IllegalArgumentException("A pitch is counted over one thread or more, not " + n);
        });
    }

    /** Whether a hex, a tube or the distance between two diameters may be observed at all: 0.5 to 400 mm. */
    public static boolean isMeasure(Length length) {
        return length.mm() >= SMALLEST_MM && length.mm() <= LARGEST_MM;
    }

    /** Whether a diameter may be observed at all. */
    public static boolean isDiameter(Length length) {
        return length.mm() > 0 && length.mm() <= LARGEST_MM;
    }

    public static Observation of(Gender gender) {
        Draft d = new Draft();
        d.gender = gender;
        return d.done();
    }

    public Observation withGender(Gender g) {
        return with(d -> d.gender = g);
    }

    public Observation withBody(Optional<Body> b) {
        return with(d -> d.body = b);
    }

    public Observation withDiameter(Optional<Length> length) {
        return with(d -> d.diameter = length);
    }

    public Observation withInstrument(Instrument i) {
        return with(d -> d.instrument = i);
    }

    /** A leaf that lay. */
    public Observation withPitch(Optional<Pitch> p) {
        return withPitchReading(p.map(leaf -> new PitchReading(leaf, Optional.empty())));
    }

    /** A leaf that lay or a count. */
    public Observation withPitchReading(Optional<PitchReading> p) {
        return with(d -> {
            d.pitch = p.map(PitchReading::pitch);
            d.counted = p.flatMap(PitchReading::counted);
        });
    }

    /** The pitch with how it was come by. */
    public Optional<PitchReading> pitchReading() {
        return pitch.map(p -> new PitchReading(p, counted));
    }

    public Observation withFlank(Optional<FlankSeen> f) {
        return with(d -> d.flank = f);
    }

    public Observation withHand(Optional<HandSeen> h) {
        return with(d -> d.hand = h);
    }

    public Observation withTaper(Optional<TaperSeen> t) {
        return with(d -> d.taper = t);
    }

    public Observation withSecond(Optional<SecondDiameter> s) {
        return with(d -> d.second = s);
    }

    public Observation withSeat(Optional<Seat> s) {
        return with(d -> d.seat = s);
    }

    public Observation withSeatAngle(Optional<Angle> a) {
        return with(d -> d.seatAngle = a);
    }

    public Observation withRing(Optional<RingSeen> r) {
        return with(d -> d.ring = r);
    }

    public Observation withSwivel(Optional<SwivelSeen> s) {
        return with(d -> d.swivel = s);
    }

    public Observation withHex(Optional<Length> h) {
        return with(d -> d.hex = h);
    }

    public Observation withTube(Optional<Length> t) {
        return with(d -> d.tube = t);
    }

    public Observation withWorn(boolean w) {
        return with(d -> d.worn = w);
    }

    public Observation withService(Optional<String> s) {
        return with(d -> d.service = s);
    }

    public Observation withRegion(Optional<String> r) {
        return with(d -> d.region = r);
    }

    public Observation withMachine(Optional<String> m) {
        return with(d -> d.machine = m);
    }

    private Observation with(Consumer<Draft> change) {
        Draft d = new Draft(this);
        change.accept(d);
        return d.done();
    }

    /** Twenty values by name, so that one of them can be changed without naming the others. */
    private static final class Draft {
        private Gender gender = Gender.MALE;
        private Optional<Body> body = Optional.empty();
        private Optional<Length> diameter = Optional.empty();
        private Instrument instrument = Instrument.CALIPER;
        private Optional<Pitch> pitch = Optional.empty();
        private Optional<Integer> counted = Optional.empty();
        private Optional<FlankSeen> flank = Optional.empty();
        private Optional<HandSeen> hand = Optional.empty();
        private Optional<TaperSeen> taper = Optional.empty();
        private Optional<SecondDiameter> second = Optional.empty();
        private Optional<Seat> seat = Optional.empty();
        private Optional<Angle> seatAngle = Optional.empty();
        private Optional<RingSeen> ring = Optional.empty();
        private Optional<SwivelSeen> swivel = Optional.empty();
        private Optional<Length> hex = Optional.empty();
        private Optional<Length> tube = Optional.empty();
        private boolean worn;
        private Optional<String> service = Optional.empty();
        private Optional<String> region = Optional.empty();
        private Optional<String> machine = Optional.empty();

        private Draft() {}

        private Draft(Observation o) {
            gender = o.gender;
            body = o.body;
            diameter = o.diameter;
            instrument = o.instrument;
            pitch = o.pitch;
            counted = o.counted;
            flank = o.flank;
            hand = o.hand;
            taper = o.taper;
            second = o.second;
            seat = o.seat;
            seatAngle = o.seatAngle;
            ring = o.ring;
            swivel = o.swivel;
            hex = o.hex;
            tube = o.tube;
            worn = o.worn;
            service = o.service;
            region = o.region;
            machine = o.machine;
        }

        private Observation done() {
            return new Observation(
                    gender,
                    body,
                    diameter,
                    instrument,
                    pitch,
                    counted,
                    flank,
                    hand,
                    taper,
                    second,
                    seat,
                    seatAngle,
                    ring,
                    swivel,
                    hex,
                    tube,
                    worn,
                    service,
                    region,
                    machine);
        }
    }
}
