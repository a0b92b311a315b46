package mellowflare.core.connection;

/** Where a joint seals. */
public enum SealPlace {
    THREAD_FLANKS(Say.it("seal-place.thread-flanks")),
    CONE(Say.it("seal-place.metal-cone")),
    RING_IN_HOUSING(Say.it("seal-place.ring-port-chamfer")),
    RING_IN_FACE(Say.it("seal-place.ring-flat-face")),
    WASHER(Say.it("seal-place.washer-under-shoulder")),
    RING_ON_PILOT(Say.it("seal-place.ring-on-pilot")),
    SLEEVE(Say.it("seal-place.sleeve-crushed-on-tube")),
    RING_AROUND_TUBE(Say.it("seal-place.ring-around-tube")),
    BARBS(Say.it("seal-place.hose-on-barbs"));

    private final String words;

    SealPlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
