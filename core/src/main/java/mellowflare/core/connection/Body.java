package mellowflare.core.connection;

/** What an end is on its outside, before anyone looks for a seat. */
public enum Body {
    THREAD("a thread", "over the crests", "over the crests"),
    FLANGE("a flange", "across the flange head", "between the bolt holes the long way"),
    BARB("barbs", "over the largest barb", "inside the hose"),
    TUBE("a plain tube", "outside the tube", "across the mouth"),
    COUPLER("a quick coupler", "across the plug", "across the mouth");

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
