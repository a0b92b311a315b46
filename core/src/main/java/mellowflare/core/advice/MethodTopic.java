package mellowflare.core.advice;

import java.util.List;

/** What good fitters disagree on, as far as this program meets it. */
public enum MethodTopic {
    HOSE_CUTTING(Say.it("method-topic.cutting-hose"), "wheel", "shears", "hacksaw"),
    ASSEMBLY_LUBRICANT(Say.it("method-topic.lubricant-for-screw-together"), "oil", "grease", "soap"),
    PIPE_THREAD_SEAL(Say.it("method-topic.sealing-pipe-thread"), "paste", "tape", "both"),
    HOSE_LENGTH(Say.it("method-topic.how-length-found"), "computed", "laid-out", "old-hose"),
    BOSS_RING(Say.it("method-topic.rings-boss-ports"), "always-new", "if-marked"),
    BRAID_CLOSING(Say.it("method-topic.closing-reusable-end-on"), "meet", "gap"),
    BARRIER_PRESS(Say.it("method-topic.pressing-barrier-end"), "once", "twice"),
    REOPENED_JOINT(Say.it("method-topic.joints-that-opened-often"), "ring", "flare"),
    FLARE_ORDER(Say.it("method-topic.when-second-end-flared"), "trim", "first"),
    FLARE_STICK_OUT(Say.it("method-topic.how-far-tube-sticks"), "computed", "thumb"),
    FLARE_CLAMP(Say.it("method-topic.clamping-flare-bar"), "full", "grip"),
    FLARE_CLOSING(Say.it("method-topic.closing-flare"), "stroke", "steps"),
    BURIED_JOINTS(Say.it("method-topic.joints-ground-wall-or"), "reach", "code"),
    SOCKET_DEPTH(Say.it("method-topic.depth-brazed-socket"), "table", "tube-wide"),
    AIR_FALL(Say.it("method-topic.fall-air-main"), "far", "back", "level"),
    AIR_DEMAND(Say.it("method-topic.how-much-air-needed"), "hands", "table"),
    AIR_SIZES(Say.it("method-topic.sizes-air-main"), "stepped", "one"),
    AIR_SMALL_SHOP(Say.it("method-topic.main-small-shop"), "pipe", "hose"),
    PIPE_MAKE_UP(Say.it("method-topic.make-up-of-pipe-thread"), "standard", "shop"),
    PIPE_ROUNDING(Say.it("method-topic.when-cuts-are-rounded"), "once", "before"),
    PIPE_SET_BACK(Say.it("method-topic.set-back-slip-on-flange"), "fixed", "wall"),
    PIPE_CLOSING(Say.it("method-topic.last-piece-of-run"), "cut", "in-place"),
    END_PRIOR(Say.it("method-topic.how-common-ends"), "shop", "tables");

    private final String word;
    private final List<String> ids;

    MethodTopic(String word, String... ids) {
        this.word = word;
        this.ids = List.of(ids);
    }

    public String word() {
        return word;
    }

    /** The stable names of its methods: in tables, in jobs and in code. Another one in the table stops the start. */
    public List<String> ids() {
        return ids;
    }
}
