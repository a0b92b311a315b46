package mellowflare.core.air.stock;

/** What stands in the way of the air besides straight pipe. */
public enum Fitting {
    ELBOW,
    TEE_THROUGH,
    TEE_BRANCH,
    COUPLING,
    VALVE,
    REDUCER,
    COUPLER,
    TREATMENT
}
