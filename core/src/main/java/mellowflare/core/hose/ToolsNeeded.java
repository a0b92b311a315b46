package mellowflare.core.hose;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.connection.Which;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.Tool;
import mellowflare.core.parts.ToolTable;

/** Which tools the steps of a line ask for, and which of them are not at hand. */
public final class ToolsNeeded {
    private ToolsNeeded() {}

    /** The tools that the steps ask for. */
    public static List<Tool> all(HoseCase c) {
        Set<String> asked = new StepWriter(c, Map.of()).toolWords();
        return c.data().get(ToolTable.KEY).all().stream()
                .filter(t -> asked.stream().anyMatch(t::askedBy))
                .toList();
    }

    /** Of these the ones that are known to be missing. */
    public static List<Tool> missing(HoseCase c, List<Tool> tools) {
        return tools.stream()
                .filter(t -> c.here().has(t).filter(has -> !has).isPresent())
                .toList();
    }

    /** Of these the ones of which nobody has said whether they are there. */
    public static List<Tool> unsaid(HoseCase c, List<Tool> tools) {
        return tools.stream().filter(t -> c.here().has(t).isEmpty()).toList();
    }

    /** Sizes of the hexes of both ends. */
    public static List<String> wrenches(HoseCase c) {
        return c.sides().stream()
                .flatMap(s -> s.part().stream())
                .flatMap(p -> p.hexes().stream())
                .distinct()
                .toList();
    }

    /** Sizes of one end's hexes for which no wrench is at hand. */
    public static List<String> wrenchesMissing(HoseCase c, Which which) {
        Side side = c.sides().get(which.ordinal());
        return side.part().map(HoseEndPart::hexes).orElse(List.of()).stream()
                .filter(c.here().noWrench()::contains)
                .toList();
    }
}
