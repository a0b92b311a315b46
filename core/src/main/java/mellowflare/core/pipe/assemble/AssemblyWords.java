package mellowflare.core.pipe.assemble;

import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.text.Lists;

/** A move in putting a run together, in words: the same on screen, sheet and command line. */
public final class AssemblyWords {
    private AssemblyWords() {}

    /**
     * One move, with its number before it.
     *
     * @param number from one
     * @param laid the run that it belongs to
     */
    public static String of(int number, AssemblyStep s, Laid laid, UnitSystem units) {
        return Say.it("assembly-words.numbered", "number", number, "move", of(s, laid, units));
    }

    /** One move. */
    public static String of(AssemblyStep s, Laid laid, UnitSystem units) {
        boolean closesItself = s.joint() != AssemblyStep.Joint.THREAD && s.joint() != AssemblyStep.Joint.WELD;
        return Say.it(
                "assembly-words.move",
                "parts",
                called(s.parts(), laid),
                "joint",
                s.joint().name(),
                "onto",
                s.onto().isEmpty() ? "none" : called(s.onto(), laid),
                "swing",
                s.swing().mm() > 0 ? room(s.swing(), units) : "none",
                "handle",
                s.handleOff() ? "off" : "on",
                "closes",
                closesItself || s.closes().isEmpty() ? "none" : called(s.closes(), laid));
    }

    /** One move in taking a part out. */
    public static String out(int number, AssemblyStep s, Laid laid, UnitSystem units) {
        return Say.it(
                "assembly-words.out",
                "number",
                number,
                "parts",
                called(s.parts(), laid),
                "joint",
                s.joint().name(),
                "onto",
                s.onto().isEmpty() ? "none" : called(s.onto(), laid),
                "swing",
                s.swing().mm() > 0 ? room(s.swing(), units) : "none",
                "handle",
                s.handleOff() ? "off" : "on",
                "closes",
                s.closes().isEmpty() ? "none" : called(s.closes(), laid));
    }

    private static String called(List<String> parts, Laid laid) {
        return Lists.and(parts.stream().map(p -> called(p, laid)).toList());
    }

    /** A name that somebody gave stands in quotation marks: “to tank” would be read as a way to go. */
    private static String called(String part, Laid laid) {
        String called = laid.called(part);
        boolean given = called.equals(part)
                && (laid.spool(part).isPresent()
                        || laid.fitting(part).isPresent()
                        || laid.attached().stream().anyMatch(a -> a.name().equals(part)));
        return given ? Say.it("assembly-words.given", "name", part) : called;
    }

    /** A swing circle, up to the next whole figure. */
    public static String room(Length swing, UnitSystem units) {
        Length step = units == UnitSystem.METRIC ? Length.ofMm(1) : Length.ofInches(1.0 / 8);
        return LengthFormat.shop(step.times(Math.ceil(swing.mm() / step.mm())), units);
    }
}
