package mellowflare.core.measure;

/** Which system a job is worked in; the other one is always shown beside it. */
public enum UnitSystem {
    INCH,
    METRIC;

    public UnitSystem other() {
        return this == INCH ? METRIC : INCH;
    }
}
