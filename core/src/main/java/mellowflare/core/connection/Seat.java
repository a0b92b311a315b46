package mellowflare.core.connection;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a fitter can see of the seat, and where an end with that seat seals. Angles as the trade says them. */
public enum Seat {
    NONE("no seat", SealPlace.THREAD_FLANKS, 0, false),
    CONE37("37° cone", SealPlace.CONE, 37, true),
    CONE45("45° cone", SealPlace.CONE, 45, true),
    CONE30("30° cone", SealPlace.CONE, 30, true),
    CONE60("60° cone (included)", SealPlace.CONE, 60, false),
    CONE24("24° cone (included)", SealPlace.CONE, 24, false),
    INVERTED45("45° inverted seat", SealPlace.CONE, 45, true),
    INVERTED42("42° inverted seat", SealPlace.CONE, 42, true),
    BUBBLE("bubble flare seat", SealPlace.CONE, 0, false),
    FACE_ORING("ring in a flat face", SealPlace.RING_IN_FACE, 0, false),
    PORT_ORING("ring at the port chamfer", SealPlace.RING_IN_HOUSING, 0, false),
    WASHER("flat face for a washer", SealPlace.WASHER, 0, false),
    /** A metal cone whose angle nobody states. */
    TAPER_SEAT("tapered metal seat", SealPlace.CONE, 0, false),
    PILOT_ORING("ring on a pilot", SealPlace.RING_ON_PILOT, 0, false),
    FERRULE("sleeve on the tube", SealPlace.SLEEVE, 0, false),
    TUBE_ORING("ring around the tube", SealPlace.RING_AROUND_TUBE, 0, false),
    BARB("barbs", SealPlace.BARBS, 0, false);

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
