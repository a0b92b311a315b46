package mellowflare.core.connection;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a fitter can see of the seat, and where an end with that seat seals. Angles as the trade says them. */
public enum Seat {
    NONE(Say.it("seat.no-seat"), SealPlace.THREAD_FLANKS, 0, false),
    CONE37(Say.it("seat.cone", "degrees", 37), SealPlace.CONE, 37, true),
    CONE45(Say.it("seat.cone", "degrees", 45), SealPlace.CONE, 45, true),
    CONE30(Say.it("seat.cone", "degrees", 30), SealPlace.CONE, 30, true),
    CONE60(Say.it("seat.60-cone-included"), SealPlace.CONE, 60, false),
    CONE24(Say.it("seat.24-cone-included"), SealPlace.CONE, 24, false),
    INVERTED45(Say.it("seat.45-inverted-seat"), SealPlace.CONE, 45, true),
    INVERTED42(Say.it("seat.42-inverted-seat"), SealPlace.CONE, 42, true),
    BUBBLE(Say.it("seat.bubble-flare-seat"), SealPlace.CONE, 0, false),
    FACE_ORING(Say.it("seat.ring-flat-face"), SealPlace.RING_IN_FACE, 0, false),
    PORT_ORING(Say.it("seat.ring-at-port-chamfer"), SealPlace.RING_IN_HOUSING, 0, false),
    WASHER(Say.it("seat.flat-face-for-washer"), SealPlace.WASHER, 0, false),
    /** A metal cone whose angle nobody states. */
    TAPER_SEAT(Say.it("seat.tapered-metal-seat"), SealPlace.CONE, 0, false),
    PILOT_ORING(Say.it("seat.ring-on-pilot"), SealPlace.RING_ON_PILOT, 0, false),
    FERRULE(Say.it("seat.sleeve-on-tube"), SealPlace.SLEEVE, 0, false),
    TUBE_ORING(Say.it("seat.ring-around-tube"), SealPlace.RING_AROUND_TUBE, 0, false),
    BARB(Say.it("seat.barbs"), SealPlace.BARBS, 0, false);

    private final String words;
    private final SealPlace sealPlace;
    private final double angleDegrees;
    private final boolean halfAngle;

    Seat(String words, SealPlace sealPlace, double angleDegrees, boolean halfAngle) {
        this.words = words;
        this.sealPlace = sealPlace;
        this.angleDegrees = angleDegrees;
        this.halfAngle = halfAngle;
    }

    /** What it looks like, in words. */
    public String words() {
        return words;
    }

    /** Where an end that has this seat seals. */
    public SealPlace sealPlace() {
        return sealPlace;
    }

    /** Half angle of the cone in degrees from the axis; empty where there is no cone. */
    public Optional<Double> halfAngleDegrees() {
        return angleDegrees == 0 ? Optional.empty() : Optional.of(halfAngle ? angleDegrees : angleDegrees / 2);
    }

    /** Whether nobody tells the two apart by eye: the same seat, or inverted seats of 42 and 45 degrees. */
    public boolean looksLike(Seat other) {
        return this == other || inverted() && other.inverted();
    }

    private boolean inverted() {
        return this == INVERTED42 || this == INVERTED45;
    }

    public boolean isCone() {
        return sealPlace == SealPlace.CONE;
    }

    /** The published word: {@code cone37}, {@code port-oring}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Seat> ofCode(String code) {
        return Arrays.stream(values()).filter(s -> s.code().equals(code)).findFirst();
    }
}
