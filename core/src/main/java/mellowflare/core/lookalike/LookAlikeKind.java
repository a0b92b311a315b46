package mellowflare.core.lookalike;

/** How two ends can be taken for each other, and what comes of it. */
public enum LookAlikeKind {
    SAME_THREAD(
            Say.it("look-alike-kind.very-same-thread-another"),
            Say.it("look-alike-kind.it-screws-together-all"),
            Say.it("look-alike-kind.look-at-nose-shoulder")),
    OTHER_FLANK(
            Say.it("look-alike-kind.same-pitch-nearly-same"),
            Say.it("look-alike-kind.it-goes-together-by"),
            Say.it("look-alike-kind.lay-leaf-55-60")),
    TAPER_AGAINST_STRAIGHT(
            Say.it("look-alike-kind.same-pitch-flanks-one"),
            Say.it("look-alike-kind.it-starts-then-wedges"),
            Say.it("look-alike-kind.two-diameters-thread-length")),
    STARTS_THEN_BINDS(
            Say.it("look-alike-kind.nearly-same-diameter-pitch"),
            Say.it("look-alike-kind.it-starts-by-hand"),
            Say.it("look-alike-kind.lay-leaf-wrong-one")),
    SAME_PITCH_LOOSE(
            Say.it("look-alike-kind.same-pitch-diameter-little"),
            Say.it("look-alike-kind.the-smaller-one-screws"),
            Say.it("look-alike-kind.only-caliper-tells-measure")),
    PITCH_TELLS(
            Say.it("look-alike-kind.same-diameter-another-pitch"),
            Say.it("look-alike-kind.it-catches-for-half"),
            Say.it("look-alike-kind.lay-leaf-diameter-alone")),
    SAME_JOINT(
            Say.it("look-alike-kind.same-thread-seat-under"),
            Say.it("look-alike-kind.it-goes-together-seals"),
            Say.it("look-alike-kind.only-its-marking-or")),
    OTHER_HAND(
            Say.it("look-alike-kind.same-thread-cut-left"),
            Say.it("look-alike-kind.it-does-not-start"),
            Say.it("look-alike-kind.look-which-way-thread")),
    FLANGE_SERIES(
            Say.it("look-alike-kind.same-bore-another-pressure"),
            Say.it("look-alike-kind.the-clamp-halves-do"),
            Say.it("look-alike-kind.measure-across-head-long")),
    NEARLY_THE_SIZE(
            Say.it("look-alike-kind.nearly-same-size-across"),
            Say.it("look-alike-kind.it-goes-leaks-lets"),
            Say.it("look-alike-kind.only-caliper-tells-rule")),
    SAME_SIZE(
            Say.it("look-alike-kind.same-size-across-another"),
            Say.it("look-alike-kind.it-goes-holds-whether"),
            Say.it("look-alike-kind.only-its-marking-tells")),
    COUPLER_ALIKE(
            Say.it("look-alike-kind.quick-coupler-same-look"),
            Say.it("look-alike-kind.it-may-click-leak"),
            Say.it("look-alike-kind.read-marking-coupler-for"));

    private final String alike;
    private final String ifForced;
    private final String tellBy;

    LookAlikeKind(String alike, String ifForced, String tellBy) {
        this.alike = alike;
        this.ifForced = ifForced;
        this.tellBy = tellBy;
    }

    /** In what they are alike. */
    public String alike() {
        return alike;
    }

    /** What happens when they are put together. */
    public String ifForced() {
        return ifForced;
    }

    /** How far one of them goes on the other's mate. */
    public Goes goes() {
        return switch (this) {
            case SAME_JOINT, SAME_SIZE -> Goes.SEALS;
            case SAME_THREAD, OTHER_FLANK, TAPER_AGAINST_STRAIGHT, SAME_PITCH_LOOSE, NEARLY_THE_SIZE, COUPLER_ALIKE ->
                Goes.ON_AND_LEAKS;
            case STARTS_THEN_BINDS -> Goes.STARTS_AND_BINDS;
            case PITCH_TELLS, OTHER_HAND, FLANGE_SERIES -> Goes.NOT_ON;
        };
    }

    /** How far a wrong part goes on. */
    public enum Goes {
        SEALS,
        ON_AND_LEAKS,
        STARTS_AND_BINDS,
        NOT_ON
    }

    /** How to tell them apart. */
    public String tellBy() {
        return tellBy;
    }
}
