package mellowflare.core.tube;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.parts.Tool;
import mellowflare.core.parts.ToolTable;

/** Which tools the steps of a line ask for. */
public final class TubeTools {
    private TubeTools() {}

    /** The tools that the steps ask for, in the table's order. */
    public static List<Tool> needed(TubeCase c) {
        Set<String> asked = new TubeStepWriter(c, Map.of()).toolWords();
        return c.data().get(ToolTable.KEY).all().stream()
                .filter(t -> asked.stream().anyMatch(t::askedBy))
                .toList();
    }
}
