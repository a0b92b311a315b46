package mellowflare.core.gas.stock;

/** Fittings that take pressure of gas. */
public enum GasFitting {
    ELBOW_45,
    ELBOW_90,
    TEE_BRANCH,
    TEE_THROUGH,
    RETURN,
    VALVE,
    GLOBE,
    ANGLE,
    CHECK
}
