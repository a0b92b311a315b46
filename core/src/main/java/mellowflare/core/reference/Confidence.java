package mellowflare.core.reference;

/** How sure the table's keepers are of a row. */
public enum Confidence {
    /** Follows from the standard's own formula, or was checked against it. */
    SURE,
    /** Typical practice; check with the maker of the part. */
    TYPICAL,
    /** Not confirmed against the standard; shown as such and weighs less. */
    UNCONFIRMED;

    /** The remark shown beside such a figure, empty for a sure one. */
    public String remark() {
        return switch (this) {
            case SURE -> "";
            case TYPICAL -> Say.it("confidence.typical");
            case UNCONFIRMED -> Say.it("confidence.unconfirmed");
        };
    }
}
