package mellowflare.core.pipe.assemble;

import mellowflare.core.advice.Figure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.text.Lists;

/** A move in putting a run together, in words: the same on screen, sheet and command line. */
public final class AssemblyWords {
    private AssemblyWords() {}

    /**
     * One move, with its number before it.
     *
     * @param number from one
     */
    public static String of(int number, AssemblyStep s, UnitSystem units) {
        boolean closesItself = s.joint() != AssemblyStep.Joint.THREAD && s.joint() != AssemblyStep.Joint.WELD;
        return Say.it(
                "assembly-words.move",
                "number",
                number,
                "parts",
                Lists.and(s.parts()),
                "joint",
                s.joint().name(),
                "onto",
                s.onto().isEmpty() ? "none" : s.onto(),
                "swing",
                s.swing().mm() > 0 ? Figure.of(s.swing()).text(units) : "none",
                "handle",
                s.handleOff() ? "off" : "on",
                "closes",
                closesItself || s.closes().isEmpty() ? "none" : Lists.and(s.closes()));
    }

    /** One move in taking a part out. */
    public static String out(int number, AssemblyStep s, UnitSystem units) {
        return Say.it(
                "assembly-words.out",
                "number",
                number,
                "parts",
                Lists.and(s.parts()),
                "joint",
                s.joint().name(),
                "onto",
                s.onto().isEmpty() ? "none" : s.onto(),
                "swing",
                s.swing().mm() > 0 ? Figure.of(s.swing()).text(units) : "none",
                "handle",
                s.handleOff() ? "off" : "on",
                "closes",
                s.closes().isEmpty() ? "none" : Lists.and(s.closes()));
    }
}
