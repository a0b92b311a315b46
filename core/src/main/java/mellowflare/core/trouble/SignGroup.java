package mellowflare.core.trouble;

/** The questions that are asked of a leak; all but the last have one answer each. */
public enum SignGroup {
    WHEN,
    FIRST,
    SINCE,
    SEEN;

    /** Whether it has one answer. */
    boolean single() {
        return this != SEEN;
    }
}
