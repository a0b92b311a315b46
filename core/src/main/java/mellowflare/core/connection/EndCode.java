package mellowflare.core.connection;

/** The end families of this program, by their published codes. */
public enum EndCode {
    NPT,
    BSPT,
    BSPP,
    JIC37,
    ORB
}
