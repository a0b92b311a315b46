package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.Attachments;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** Making it, taking it to a shop or calling someone out, compared in time and cost by {@code ways.csv}. */
public final class Ways {
    public static final ReferenceKey<Ways> KEY = new ReferenceKey<>("ways", Ways.class);
    private static final String MAKE = "make";

    private record Row(
            String way,
            String name,
            double minutes,
            double minutesPerStep,
            double cost,
            double costPerHour,
            double partsFactor) {}

    private final List<Row> rows;

    private Ways(List<Row> rows) {
        this.rows = rows;
    }

    public static Ways load() {
        return new Ways(CsvTable.beside(Ways.class, "ways.csv")
                .map(
                        r -> new Row(
                                r.need("way"),
                                r.said("name"),
                                r.number("minutes"),
                                r.number("minutes_per_step"),
                                r.number("cost"),
                                r.number("cost_per_hour"),
                                r.number("parts_factor")),
                        Row::way));
    }

    /**
     * One way.
     *
     * @param id stable name
     * @param name as shown
     * @param minutes it takes (house figure)
     * @param cost in the catalogue's money, parts included (house figures)
     * @param hindered why it cannot be; empty when it can
     */
    public record Way(String id, String name, double minutes, double cost, String hindered) {
        public boolean possible() {
            return hindered.isEmpty();
        }
    }

    /** All ways for a line. */
    static List<Way> of(HoseCase c, int steps, double partsCost) {
        Attachments attachments = c.data().get(Attachments.KEY);
        double ends = c.sides().stream()
                .flatMap(s -> s.part().flatMap(HoseEndPart::attach).stream())
                .mapToDouble(a -> attachments.of(a).minutes())
                .sum();
        return c.data().get(KEY).rows.stream()
                .map(r -> {
                    double work = ends + r.minutesPerStep() * steps;
                    double minutes = r.minutes() + (r.way().equals(MAKE) ? work : 0);
                    double cost = r.cost() + partsCost * r.partsFactor() + r.costPerHour() * (r.minutes() + ends) / 60;
                    return new Way(r.way(), r.name(), minutes, cost, r.way().equals(MAKE) ? hindered(c) : "");
                })
                .toList();
    }

    private static String hindered(HoseCase c) {
        for (Side side : c.sides()) {
            Optional<Attach> attach = side.part().flatMap(HoseEndPart::attach);
            if (attach.filter(Attach::pressed).isPresent()) {
                String id = attach.get() == Attach.CRIMPED ? "press" : "ac-press";
                boolean there = c.data()
                        .get(ToolTable.KEY)
                        .find(id)
                        .flatMap(c.here()::has)
                        .filter(has -> has)
                        .isPresent();
                if (!there) {
                    return Say.it("ways.end-pressed-on-no", "which", side.which());
                }
            }
        }
        return "";
    }
}
