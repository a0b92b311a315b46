package mellowflare.core.parts;

import java.util.List;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All tools, from {@code tools.csv}. */
public final class ToolTable {
    public static final ReferenceKey<ToolTable> KEY = new ReferenceKey<>("tools", ToolTable.class);
    private final List<Tool> tools;

    private ToolTable(List<Tool> tools) {
        this.tools = List.copyOf(tools);
    }

    /** A table of these tools. */
    public static ToolTable of(List<Tool> tools) {
        return new ToolTable(tools);
    }

    public static ToolTable load() {
        return new ToolTable(CsvTable.beside(ToolTable.class, "tools.csv").map(PartRows::tool, Tool::id));
    }

    public List<Tool> all() {
        return tools;
    }

    public Optional<Tool> find(String id) {
        return tools.stream().filter(t -> t.id().equals(id)).findFirst();
    }
}
