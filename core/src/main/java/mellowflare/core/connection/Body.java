package mellowflare.core.connection;

/** What an end is on its outside, before anyone looks for a seat. */
public enum Body {
    THREAD(Say.it("body.a-thread"), Say.it("body.over-crests"), Say.it("body.over-crests")),
    FLANGE(Say.it("body.a-flange"), Say.it("body.across-flange-head"), Say.it("body.between-bolt-holes-long")),
    BARB(Say.it("body.barbs"), Say.it("body.over-largest-barb"), Say.it("body.inside-hose")),
    TUBE(Say.it("body.plain-tube"), Say.it("body.outside-tube"), Say.it("body.across-mouth")),
    COUPLER(Say.it("body.quick-coupler"), Say.it("body.across-plug"), Say.it("body.across-mouth"));

    private final String words;
    private final String acrossMale;
    private final String acrossFemale;

    Body(String words, String acrossMale, String acrossFemale) {
        this.words = words;
        this.acrossMale = acrossMale;
        this.acrossFemale = acrossFemale;
    }

    /** As in “it has ...”. */
    public String words() {
        return words;
    }

    /** What the one measure across such an end is taken over. */
    public String across(Gender gender) {
        return gender == Gender.MALE ? acrossMale : acrossFemale;
    }
}
