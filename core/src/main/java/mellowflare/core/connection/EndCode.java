package mellowflare.core.connection;

/** The end families of this program, by their published codes. */
public enum EndCode {
    NPT,
    NPTF,
    NPSM,
    BSPT,
    BSPP,
    JIC37,
    AN37,
    SAE45,
    INVFLARE,
    BUBBLE,
    ORB,
    ORFS,
    ISO6149,
    DIN3852,
    DIN24L,
    DIN24S,
    JIS30BSP,
    JIS30M,
    GHT
}
