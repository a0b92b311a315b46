package mellowflare.core.parts;

/** Kinds of hydraulic hose by their reinforcement. */
public enum HoseKind {
    ONE_WIRE("one-wire"),
    TWO_WIRE("two-wire"),
    FOUR_SPIRAL("four-spiral");

    private final String word;

    HoseKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
