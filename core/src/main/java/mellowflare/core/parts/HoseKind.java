package mellowflare.core.parts;

/** Kinds of hose by their reinforcement and purpose. What each is made for stands in {@link HoseKinds}. */
public enum HoseKind {
    ONE_WIRE("one-wire"),
    TWO_WIRE("two-wire"),
    FOUR_SPIRAL("four-spiral"),
    TEXTILE("textile"),
    SUCTION("suction"),
    PTFE_BRAID("PTFE braid"),
    FUEL_BRAID("fuel braid"),
    FUEL_LOW_PERMEATION("low-permeation fuel"),
    BARRIER("barrier"),
    BARRIER_REDUCED("reduced barrier"),
    AIR("rubber air"),
    AIR_TUBE("air tube"),
    LPG("LPG"),
    WATER_FLEX("water flex"),
    BRAKE("brake");

    private final String word;

    HoseKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
