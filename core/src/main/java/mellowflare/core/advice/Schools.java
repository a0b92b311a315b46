package mellowflare.core.advice;

import java.util.List;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** All schools, from {@code schools.csv}. */
public final class Schools {
    public static final ReferenceKey<Schools> KEY = new ReferenceKey<>("schools", Schools.class);
    private final List<School> all;

    private Schools(List<School> all) {
        this.all = all;
    }

    public static Schools load() {
        CsvTable table = CsvTable.beside(Schools.class, "schools.csv");
        return new Schools(table.map(
                row -> new School(
                        row.word("topic", SchoolTopic.class),
                        row.need("id"),
                        row.need("name"),
                        row.need("reason"),
                        row.need("usual").equals("yes")),
                s -> s.topic() + " " + s.id()));
    }

    public List<School> of(SchoolTopic topic) {
        return all.stream().filter(s -> s.topic() == topic).toList();
    }

    /** The school of that name, or the topic's usual one where the name is not known here. */
    public School chosen(SchoolTopic topic, Practice practice) {
        List<School> ways = of(topic);
        return ways.stream()
                .filter(s -> practice.choice(topic).filter(s.id()::equals).isPresent())
                .findFirst()
                .or(() -> ways.stream().filter(School::usual).findFirst())
                .orElseThrow(() -> new IllegalStateException("No usual school for " + topic));
    }
}
