package mellowflare.core.identify;

import mellowflare.core.measure.Angle;

/** Which leaf's flanks lay without light. */
public enum FlankSeen {
    DEG55(55),
    DEG60(60);

    private final int degrees;

    FlankSeen(int degrees) {
        this.degrees = degrees;
    }

    /** The flank nearest to a measured included angle. */
    public static FlankSeen nearest(Angle included) {
        return included.degrees() < 57.5 ? DEG55 : DEG60;
    }

    /** The included angle without a word. */
    public String brief() {
        return degrees + "°";
    }

    public String word() {
        return Say.it("flank-seen.flank", "angle", brief());
    }
}
