package mellowflare.core.thread;

/** The series that the tables hold. */
public enum ThreadSeries {
    NPT,
    BSPT,
    BSPP,
    UNIFIED,
    METRIC,
    /** Straight pipe thread of swivels. */
    NPSM,
    /** Garden hose thread. */
    HOSE
}
