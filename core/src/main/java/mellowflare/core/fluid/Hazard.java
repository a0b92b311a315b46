package mellowflare.core.fluid;

/** What a fluid can do that changes the order of work, beyond its kind. */
public enum Hazard {
    /** A pinhole jet goes through skin. */
    INJECTION,
    /** A refrigerant that burns mildly (class A2L of ISO 817). */
    A2L,
    /** Lighter than air. */
    RISES,
    /** Heavier than air. */
    SINKS,
    /** Takes the place of the air to breathe. */
    SUFFOCATES,
    /** Fresh water brings air to the metal it runs through: two unlike metals in it eat each other. */
    RUSTS
}
