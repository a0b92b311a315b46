package mellowflare.core.thread;

import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/** The profile of a thread: included flank angle and depths as multiples of the pitch. */
public enum ThreadForm {
    /** ASME B1.1, and alike ISO 68-1 for metric threads: 60 degrees; external depth 0.613435 P; internal minor = D - 1.082532 P. */
    UNIFIED(60, 0.613435, 1.082532, "60°"),
    /** ASME B1.20.1: 60 degrees; depth 0.8 P. */
    NPT(60, 0.8, 1.6, "60°"),
    /** ISO 7-1 and ISO 228-1: 55 degrees, rounded; h = 0.640327 P, minor = d - 2 h. */
    WHITWORTH(55, 0.640327, 1.280654, "55°"),
    /** ASME B1.5 general purpose: 29 degrees, depth 0.5 P, minor = D - P. */
    ACME(29, 0.5, 1.0, "29°");

    private final double flankDegrees;
    private final double depthPerPitch;
    private final double minorPerPitch;
    private final String angleText;

    ThreadForm(double flankDegrees, double depthPerPitch, double minorPerPitch, String angleText) {
        this.flankDegrees = flankDegrees;
        this.depthPerPitch = depthPerPitch;
        this.minorPerPitch = minorPerPitch;
        this.angleText = angleText;
    }

    /** Included angle between the flanks. */
    public Angle flankAngle() {
        return Angle.ofDegrees(flankDegrees);
    }

    public String angleText() {
        return angleText;
    }

    /** Depth of the external thread, crest to root on one side. */
    public Length depth(Pitch pitch) {
        return pitch.length().times(depthPerPitch);
    }

    /** Internal minor diameter: D - k P with the form's own k. */
    public Length internalMinor(Length major, Pitch pitch) {
        return major.minus(pitch.length().times(minorPerPitch));
    }
}
