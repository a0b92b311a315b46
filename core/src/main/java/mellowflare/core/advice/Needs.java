package mellowflare.core.advice;

/** What lines of any kind are asked for. */
public final class Needs {
    public static final Need FLUID = new Need("fluid", "Choose what runs in the line.", Subject.SERVICE);
    public static final Need WORKING = new Need("working", "Enter the working pressure.", Subject.SERVICE);
    public static final Need SURGE = new Need("peak", "Enter the highest surge.", Subject.SERVICE);
    public static final Need HOTTEST =
            new Need("hottest", "Enter the temperature of the fluid at its hottest.", Subject.SERVICE);
    public static final Need FLOW = new Need("flow", "Enter the flow.", Subject.SERVICE);
    public static final Need AMBIENT = new Need("ambient", "Enter the ambient temperature.", Subject.SITE);
    public static final Need WET = new Need("wet", "Say whether water reaches the joints.", Subject.SITE);
    public static final Need MOVES = new Need("moves", "Say whether the line vibrates or moves.", Subject.SITE);
    public static final Need OPENER = new Need("opener", "Say who opens the line next.", Subject.SITE);

    private Needs() {}

    /** The port of an end. */
    public static Need port(Subject end) {
        return new Need("port-" + end, "Identify the port of %s.".formatted(end.word()), end, "diameter");
    }

    /**
     * @param end whose port
     * @param joint the joint there, at which ports are picked
     */
    public static Need portMetal(Subject end, Subject joint) {
        return new Need("metal-" + end, "Say what metal the port of %s is.".formatted(end.word()), joint);
    }

    /** Whether a tool is there. */
    public static Need tool(String id, String name) {
        return new Need("tool-" + id, "Say whether you have this here: %s.".formatted(name), Subject.SITE);
    }

    public static Need roomFor(String tool, Subject about) {
        return new Need("room-" + about, "Measure the room for the %s.".formatted(tool), Subject.SITE);
    }

    /** A fact that should stand in a table and does not: nobody at the bench can enter it. */
    public static Need fromMaker(String what, Subject at) {
        return new Need("maker-" + what, "Ask the maker about %s: no table here has it.".formatted(what), at);
    }
}
