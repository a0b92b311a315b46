package mellowflare.core.lookalike;

/** How two ends can be taken for each other, and what comes of it. */
public enum LookAlikeKind {
    SAME_THREAD(
            "the very same thread, another seal",
            "It screws together all the way and seals nowhere.",
            "Look at the nose and the shoulder: cone, ring or plain."),
    OTHER_FLANK(
            "same pitch, nearly the same diameter, other flanks",
            "It goes together by hand and leaks along the thread, or lets go under pressure.",
            "Lay the leaf: 55 and 60 degree flanks show light against each other."),
    TAPER_AGAINST_STRAIGHT(
            "same pitch and flanks, one is tapered",
            "It starts, then wedges; it may hold a while and weep later.",
            "Two diameters a thread length apart, or a straight edge along the crests."),
    STARTS_THEN_BINDS(
            "nearly the same diameter, pitch a little off",
            "It starts by hand, binds after a few turns and strips if forced.",
            "Lay the leaf: the wrong one shows light before the third thread."),
    SAME_PITCH_LOOSE(
            "same pitch, diameter a little off",
            "The smaller one screws in slack and pulls out under pressure.",
            "Only a caliper tells: measure over the crests."),
    PITCH_TELLS(
            "same diameter, another pitch",
            "It catches for half a turn or a turn and jams; forced, both threads are ruined.",
            "Lay the leaf: the diameter alone cannot tell them apart."),
    SAME_JOINT(
            "the same thread and seat under another name",
            "It goes together and seals; the rating and class of the lesser one hold.",
            "Only its marking or its maker tells."),
    OTHER_HAND(
            "the same thread, cut left-handed",
            "It does not start; forced, both threads are ruined.",
            "Look which way the thread climbs, or try it anticlockwise."),
    FLANGE_SERIES(
            "the same bore in another pressure series",
            "The clamp halves do not sit on the head or the bolts do not line up; forced, it blows out.",
            "Measure across the head and the long bolt spacing."),
    NEARLY_THE_SIZE(
            "nearly the same size across",
            "It goes in, leaks, and lets go when it is pulled or warmed.",
            "Only a caliper tells: a rule cannot."),
    SAME_SIZE(
            "the same size across in another system",
            "It goes in and holds; whether it may is for its maker to say.",
            "Only its marking tells."),
    COUPLER_ALIKE(
            "a quick coupler of the same look",
            "It may click in and leak, or join air to gas.",
            "Read the marking; a coupler for gas is never put on air, nor the other way round.");

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
