package mellowflare.app.tube;

/** The leaves of a tube line, in the order of work. */
enum TubeLeaf {
    WAY("Way"),
    ENDS("Ends"),
    FLARE("Flare bench"),
    BENDS("Bends"),
    FIT("Does it fit"),
    HERE("Room and tools"),
    PAPERS("Papers");

    private final String word;

    TubeLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }
}
