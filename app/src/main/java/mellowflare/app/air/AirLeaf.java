package mellowflare.app.air;

/** The leaves of Air, in the order of work. */
enum AirLeaf {
    WALK("Walk"),
    TOOLS("Who runs what"),
    SIZES("Sizes"),
    DAY("A day"),
    WATER("Water"),
    CUT("Cut list"),
    TEST("Hold test"),
    PAPERS("Papers");

    private final String word;

    AirLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }
}
