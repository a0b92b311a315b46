package mellowflare.core.identify;

import mellowflare.core.measure.Angle;

/** Which leaf's flanks lay without light. */
public enum FlankSeen {
    DEG55("55° flank"),
    DEG60("60° flank");

    private final String word;

    FlankSeen(String word) {
        this.word = word;
    }

    /** The flank nearest to a measured included angle. */
    public static FlankSeen nearest(Angle included) {
        return included.degrees() < 57.5 ? DEG55 : DEG60;
    }

    public String word() {
        return word;
    }
}
