package mellowflare.core.lookalike;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.reference.ReferenceData;

/** What fits what, family by family: males down, females across; computed from every size of the tables. */
public final class InterchangeChart {
    private final Map<EndCode, Map<EndCode, Cell>> cells = new EnumMap<>(EndCode.class);

    private InterchangeChart() {}

    /** One male in one female. */
    public record Pair(End male, Interchange into) {}

    /**
     * What the males of one family do in the females of another.
     *
     * @param pairs every pair of sizes that goes together, never empty
     */
    public record Cell(List<Pair> pairs) {
        public Cell {
            pairs = List.copyOf(pairs);
        }

        /** How the pairs go together, each way once, the worst last. */
        public Set<LookAlikeKind.Goes> goes() {
            Set<LookAlikeKind.Goes> all = EnumSet.noneOf(LookAlikeKind.Goes.class);
            pairs.forEach(p -> all.add(p.into().goes()));
            return all;
        }

        /** What comes of it, with an example of each way. */
        public String says() {
            return goes().stream().map(this::says).collect(Collectors.joining(" "));
        }

        private String says(LookAlikeKind.Goes how) {
            List<Pair> of = pairs.stream().filter(p -> p.into().goes() == how).toList();
            Pair first = of.get(0);
            String many = of.size() == 1
                    ? Say.it("interchange-chart.one-pair")
                    : Say.it("interchange-chart.pairs", "size", of.size());
            return Say.it(
                    "interchange-chart.such-as",
                    "many",
                    many,
                    "male",
                    first.male().brief(),
                    "other",
                    first.into().other().brief(),
                    "into",
                    first.into().says());
        }
    }

    /**
     * @param data must hold {@link EndTable#KEY} and {@link LookAlikes#KEY}
     */
    public static InterchangeChart of(ReferenceData data) {
        Map<EndCode, Map<EndCode, List<Pair>>> all = new EnumMap<>(EndCode.class);
        for (End male : data.get(EndTable.KEY).of(Gender.MALE)) {
            for (Interchange into : Interchange.on(male, data)) {
                all.computeIfAbsent(male.id().code(), c -> new EnumMap<>(EndCode.class))
                        .computeIfAbsent(into.other().id().code(), c -> new ArrayList<>())
                        .add(new Pair(male, into));
            }
        }
        InterchangeChart chart = new InterchangeChart();
        all.forEach((male, row) -> {
            Map<EndCode, Cell> cells = new EnumMap<>(EndCode.class);
            row.forEach((female, pairs) -> cells.put(female, new Cell(pairs)));
            chart.cells.put(male, cells);
        });
        return chart;
    }

    /** Families with males, in the order of their codes. */
    public List<EndCode> males() {
        return List.copyOf(cells.keySet());
    }

    /** Families with females that some male goes into. */
    public List<EndCode> females() {
        Set<EndCode> codes = new LinkedHashSet<>();
        for (EndCode code : EndCode.values()) {
            if (cells.values().stream().anyMatch(row -> row.containsKey(code))) {
                codes.add(code);
            }
        }
        return List.copyOf(codes);
    }

    /** What a male of one family does in a female of another; empty when none goes in. */
    public Optional<Cell> cell(EndCode male, EndCode female) {
        return Optional.ofNullable(cells.getOrDefault(male, Map.of()).get(female));
    }
}
