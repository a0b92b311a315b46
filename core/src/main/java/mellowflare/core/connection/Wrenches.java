package mellowflare.core.connection;

/** The wrenches that the hex of an end is made for. */
public enum Wrenches {
    INCH,
    METRIC,
    BOTH,
    NONE
}
