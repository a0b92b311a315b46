package mellowflare.core.air.stock;

/** Parts of a main that hang on no size of pipe. */
public enum Sundry {
    THREADED_ROD,
    ROD_NUT,
    COUPLER,
    PLUG,
    HOSE_CLAMP,
    FILTER_REGULATOR
}
