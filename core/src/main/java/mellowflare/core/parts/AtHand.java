package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** Whether what the work asks for is at hand: tools, wrenches, and room for them. The same for every kind of line. */
public final class AtHand {
    private static final Map<Severity, RuleText> TOOL = RuleText.bySeverity(
            "here.tool",
            "No {tool} at hand, and the work needs one.",
            "The tools the work needs are at hand.",
            "{why}",
            "{instead}",
            Source.house("tools and plan B"));

    private static final RuleText ROOM = new RuleText(
            "here.room",
            Severity.WARN,
            "Too little room for the {tool}: {has}, {need} needed.",
            "There is room for the {tool}: {has}, {need} needed.",
            "{has} against {need}",
            "{instead}",
            Source.house("room that tools need: an open wrench's head is about 2.2 times its size wide"));

    private AtHand() {}

    /**
     * Each tool that is asked for and is not at hand, with what changes without it, and each of which nobody has said whether it is there.
     *
     * @param asked the tools that the steps ask for
     * @param here what is at hand
     * @param fluid what runs in the line
     */
    public static List<Finding> tools(List<Tool> asked, Here here, Optional<Fluid> fluid) {
        List<Finding> all = new ArrayList<>();
        for (Tool t : asked) {
            Optional<Boolean> has = here.has(t);
            if (has.isEmpty()) {
                all.add(Finding.notChecked(TOOL.get(t.severity()), Subject.MAKE, Needs.tool(t.id(), t.name())));
            } else if (!has.get()) {
                Tool.PlanB without = t.without(fluid);
                all.add(lacks(
                        without.severity(),
                        Subject.MAKE,
                        t.name(),
                        Say.it("at-hand.step-asks-for", "words", t.words()),
                        without.says()));
            }
        }
        return all;
    }

    /** A wrench size that is not at hand. */
    public static Finding noWrench(String size, String hex, Subject about) {
        return lacks(
                Severity.WARN,
                about,
                Say.it("at-hand.wrench", "size", size),
                hex,
                Say.it("at-hand.a-smooth-jawed-adjustable"));
    }

    private static Finding lacks(Severity severity, Subject about, String tool, String why, String instead) {
        return Finding.fail(
                TOOL.get(severity),
                about,
                Map.of("tool", Figure.of(tool), "why", Figure.of(why), "instead", Figure.of(instead)));
    }

    /** That all is at hand, where nothing else was found. */
    public static Finding all() {
        return Finding.pass(
                TOOL.get(Severity.STOP),
                Subject.MAKE,
                Map.of(
                        "tool", Figure.of(""),
                        "why", Figure.of(Say.it("at-hand.as-said-under-what")),
                        "instead", Figure.of("")));
    }

    /** That it cannot be said yet what is asked for. */
    public static Finding toolsNeed(Need missing) {
        return Finding.notChecked(TOOL.get(Severity.STOP), Subject.MAKE, missing);
    }

    /**
     * Room for a tool.
     *
     * @param tool such as “tube cutter's swing”
     * @param has what is there; not checked while nobody has said
     * @param need what it needs
     * @param instead what to do where it does not go in
     */
    public static Finding room(String tool, Optional<Length> has, Length need, String instead, Subject about) {
        return has.map(h -> Finding.of(
                        h.compareTo(need) >= 0,
                        ROOM,
                        about,
                        Map.of(
                                "has", Figure.of(h),
                                "need", Figure.of(need),
                                "tool", Figure.of(tool),
                                "instead", Figure.of(instead))))
                .orElseGet(() -> roomNeeds(Needs.roomFor(tool, about), about));
    }

    /** That it cannot be said yet how much room is asked for. */
    public static Finding roomNeeds(Need missing, Subject about) {
        return Finding.notChecked(ROOM, about, missing);
    }
}
