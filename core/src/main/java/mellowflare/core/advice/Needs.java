package mellowflare.core.advice;

/** What lines of any kind are asked for. */
public final class Needs {
    public static final Need FLUID = new Need("fluid", Say.it("needs.choose-what-runs-line"), Subject.SERVICE);
    public static final Need WORKING = new Need("working", Say.it("needs.enter-working-pressure"), Subject.SERVICE);
    public static final Need SURGE = new Need("peak", Say.it("needs.enter-highest-surge"), Subject.SERVICE);
    public static final Need HOTTEST = new Need("hottest", Say.it("needs.enter-temperature-fluid-at"), Subject.SERVICE);
    public static final Need FLOW = new Need("flow", Say.it("needs.enter-flow"), Subject.SERVICE);
    public static final Need AMBIENT = new Need("ambient", Say.it("needs.enter-ambient-temperature"), Subject.SITE);
    public static final Need WET = new Need("wet", Say.it("needs.say-whether-water-reaches"), Subject.SITE);
    public static final Need MOVES = new Need("moves", Say.it("needs.say-whether-line-vibrates"), Subject.SITE);
    public static final Need OPENER = new Need("opener", Say.it("needs.say-who-opens-line"), Subject.SITE);

    private Needs() {}

    /** The port of an end. */
    public static Need port(Subject end) {
        return new Need("port-" + end, Say.it("needs.identify-port", "end", end.word()), end, "diameter");
    }

    /**
     * @param end whose port
     * @param joint the joint there, at which ports are picked
     */
    public static Need portMetal(Subject end, Subject joint) {
        return new Need("metal-" + end, Say.it("needs.say-what-metal-port", "end", end.word()), joint);
    }

    /** Whether a tool is there. */
    public static Need tool(String id, String name) {
        return new Need("tool-" + id, Say.it("needs.say-whether-you-have", "name", name), Subject.SITE);
    }

    public static Need roomFor(String tool, Subject about) {
        return new Need("room-" + about, Say.it("needs.measure-room-for", "tool", tool), Subject.SITE);
    }

    /**
     * A fact that should stand in a table and does not: nobody at the bench can enter it.
     *
     * @param id tells it from the others
     * @param asks what to ask the maker, a whole sentence
     */
    public static Need fromMaker(String id, String asks, Subject at) {
        return new Need("maker-" + id, asks, at);
    }
}
