package mellowflare.core.identify;

/** How two ends can be taken for each other, and what comes of it. */
public enum TwinKind {
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
            "It will not run on by hand; forced, both threads are ruined.",
            "Lay the leaf: the diameter alone cannot tell them apart."),
    SAME_JOINT(
            "the same thread and seat under another name",
            "It goes together and seals; the rating and class of the lesser one hold.",
            "Only its marking or its maker tells.");

    private final String alike;
    private final String ifForced;
    private final String tellBy;

    TwinKind(String alike, String ifForced, String tellBy) {
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

    /** How to tell them apart. */
    public String tellBy() {
        return tellBy;
    }
}
