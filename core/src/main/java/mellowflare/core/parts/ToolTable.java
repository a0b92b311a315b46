package mellowflare.core.parts;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Severity;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All tools, from {@code tools.csv}. */
public final class ToolTable {
    public static final ReferenceKey<ToolTable> KEY = new ReferenceKey<>("tools", ToolTable.class);
    private final List<Tool> tools;

    private ToolTable(List<Tool> tools) {
        this.tools = tools;
    }

    public static ToolTable load() {
        return new ToolTable(CsvTable.beside(ToolTable.class, "tools.csv")
                .map(
                        r -> new Tool(
                                r.need("id"),
                                r.need("name"),
                                r.need("words"),
                                r.need("usual").equals("yes"),
                                r.word("severity", Severity.class),
                                r.need("instead"),
                                r.text("needs"),
                                r.source()),
                        Tool::id));
    }

    public List<Tool> all() {
        return tools;
    }

    public Optional<Tool> find(String id) {
        return tools.stream().filter(t -> t.id().equals(id)).findFirst();
    }
}
