package mellowflare.core.connection;

/** Where a joint seals. */
public enum SealPlace {
    THREAD_FLANKS("thread flanks"),
    CONE("metal cone"),
    RING_IN_HOUSING("ring in the port chamfer"),
    RING_IN_FACE("ring in the flat face"),
    WASHER("washer under the shoulder");

    private final String words;

    SealPlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
