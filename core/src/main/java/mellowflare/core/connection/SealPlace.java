package mellowflare.core.connection;

/** Where a joint seals. */
public enum SealPlace {
    THREAD_FLANKS("thread flanks"),
    CONE("metal cone"),
    RING_IN_HOUSING("ring in the port chamfer"),
    RING_IN_FACE("ring in the flat face"),
    WASHER("washer under the shoulder"),
    RING_ON_PILOT("ring on the pilot"),
    SLEEVE("sleeve crushed on the tube"),
    RING_AROUND_TUBE("ring around the tube"),
    BARBS("hose on the barbs");

    private final String words;

    SealPlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
