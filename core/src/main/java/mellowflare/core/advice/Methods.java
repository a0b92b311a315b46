package mellowflare.core.advice;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All methods, from {@code methods.csv}. */
public final class Methods {
    public static final ReferenceKey<Methods> KEY = new ReferenceKey<>("schools", Methods.class);
    private final List<Method> all;

    private Methods(List<Method> all) {
        this.all = all;
    }

    public static Methods load() {
        CsvTable table = CsvTable.beside(Methods.class, "methods.csv");
        List<Method> all = table.map(
                row -> new Method(
                        row.word("topic", MethodTopic.class),
                        id(row, row.word("topic", MethodTopic.class)),
                        row.said("name"),
                        row.said("reason"),
                        row.yes("usual")),
                s -> s.topic() + " " + s.id());
        for (MethodTopic topic : MethodTopic.values()) {
            Set<String> there =
                    all.stream().filter(m -> m.topic() == topic).map(Method::id).collect(Collectors.toSet());
            topic.ids().stream().filter(id -> !there.contains(id)).findFirst().ifPresent(id -> {
                throw new BrokenTable("methods.csv", 0, "id", "lacks “" + id + "” of " + topic.word());
            });
        }
        return new Methods(all);
    }

    private static String id(CsvTable.Row row, MethodTopic topic) {
        String id = row.need("id");
        if (!topic.ids().contains(id)) {
            throw row.broken("id", Say.it("methods.no-method-for", "id", id, "topic", topic.word()));
        }
        return id;
    }

    public List<Method> of(MethodTopic topic) {
        return all.stream().filter(s -> s.topic() == topic).toList();
    }

    /** The method of that name, or the topic's usual one where the name is not known here. */
    public Method chosen(MethodTopic topic, Practice practice) {
        List<Method> ways = of(topic);
        return ways.stream()
                .filter(s -> practice.choice(topic).filter(s.id()::equals).isPresent())
                .findFirst()
                .or(() -> ways.stream().filter(Method::usual).findFirst())
                .orElseThrow(() -> new IllegalStateException("No usual method for " + topic));
    }
}
