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
    HOSE,
    /** Metric taper stud. */
    METRIC_TAPER,
    /** LPG cylinders and regulators. */
    GAS
}
