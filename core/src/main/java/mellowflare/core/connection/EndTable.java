package mellowflare.core.connection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.thread.ThreadTable;

/** All ends of the shipped tables: {@code endforms.csv} times the size table of each family. */
public final class EndTable {
    public static final ReferenceKey<EndTable> KEY = new ReferenceKey<>("ends", EndTable.class);
    private static final double RARE = 0.2;
    private static final double DOUBTED = 0.6;
    private final Map<EndId, End> ends;

    private EndTable(Map<EndId, End> ends) {
        this.ends = ends;
    }

    /**
     * @param threads the thread tables that the forms refer to
     */
    public static EndTable load(ThreadTable threads) {
        Map<EndId, End> ends = new LinkedHashMap<>();
        for (Row form : CsvTable.beside(EndTable.class, "endforms.csv").rows()) {
            for (End end : ofForm(form, threads)) {
                if (ends.put(end.id(), end) != null) {
                    throw form.broken("code", "stands twice: " + end.id());
                }
            }
        }
        return new EndTable(ends);
    }

    public List<End> all() {
        return List.copyOf(ends.values());
    }

    public List<End> of(Gender gender) {
        return ends.values().stream().filter(e -> e.gender() == gender).toList();
    }

    public Optional<End> find(EndId id) {
        return Optional.ofNullable(ends.get(id));
    }

    /** Every kind of service that some end is met in. */
    public Set<String> services() {
        return ends.values().stream().flatMap(e -> e.metIn().stream()).collect(Collectors.toSet());
    }

    /** The sizes of a family, in table order. */
    public List<String> sizes(EndCode code) {
        return ends.keySet().stream()
                .filter(id -> id.code() == code && id.gender() == Gender.MALE)
                .map(EndId::size)
                .toList();
    }

    /** Families of pipe thread have every size of their series; the others name their sizes in a table of their own. */
    private static List<End> ofForm(Row form, ThreadTable threads) {
        return switch (form.need("sizes")) {
            case "npt" -> ofSeries(form, threads, ThreadSeries.NPT);
            case "npsm" -> ofSeries(form, threads, ThreadSeries.NPSM);
            case "bspt" -> ofSeries(form, threads, ThreadSeries.BSPT);
            case "bspp" -> ofSeries(form, threads, ThreadSeries.BSPP);
            case "hose" -> ofSeries(form, threads, ThreadSeries.HOSE);
            default -> ofTable(form, threads, form.need("sizes"));
        };
    }

    private static List<End> ofSeries(Row form, ThreadTable threads, ThreadSeries series) {
        List<ThreadSize> sizes = threads.of(series);
        double usualSizes = sizes.stream().filter(ThreadSize::usual).count();
        return sizes.stream()
                .map(size -> end(form, size.size(), size, Optional.empty(), size.usual(), usualSizes, size.source()))
                .toList();
    }

    private static List<End> ofTable(Row form, ThreadTable threads, String name) {
        List<Row> rows = CsvTable.beside(EndTable.class, name + ".csv").rows();
        double usualSizes =
                rows.stream().filter(r -> r.need("usual").equals("yes")).count();
        List<End> ends = new ArrayList<>();
        for (Row row : rows) {
            ThreadSize thread = threads.find(row.word("series", ThreadSeries.class), row.need("thread"))
                    .orElseThrow(() -> row.broken("thread", "is not in the table of its series"));
            boolean rings = name.equals("bossports");
            Optional<BossRing> ring = rings
                    ? Optional.of(new BossRing(
                            row.need("ring"),
                            row.length("ring_inside_in"),
                            row.length("ring_section_in"),
                            row.length("housing_in"),
                            row.source()))
                    : Optional.empty();
            // A ring's own doubt stays with the ring; the thread of a boss is sure.
            Source doubt = rings ? thread.source() : row.source();
            ends.add(end(form, row.need("size"), thread, ring, row.need("usual").equals("yes"), usualSizes, doubt));
        }
        return ends;
    }

    /**
     * The form's share is spread over its usual sizes; a rare size gets a fifth of a usual one's. Figures that nobody has confirmed weigh less,
     * and the end is as doubtful as the most doubtful of them.
     */
    private static End end(
            Row form,
            String size,
            ThreadSize thread,
            Optional<BossRing> ring,
            boolean usual,
            double usualSizes,
            Source ofSize) {
        Confidence least = Stream.of(form.source(), ofSize, thread.source())
                .map(Source::confidence)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        double share = form.number("share")
                / usualSizes
                * (usual ? 1 : RARE)
                * (least == Confidence.UNCONFIRMED ? DOUBTED : 1);
        List<Seat> seats = form.list("seats").stream()
                .map(code -> Seat.ofCode(code).orElseThrow(() -> form.broken("seats", "no such seat: " + code)))
                .toList();
        return new End(
                new EndId(form.word("code", EndCode.class), size, form.word("gender", Gender.class)),
                form.need("name"),
                thread,
                seats,
                ring,
                share,
                form.list("met_in"),
                form.list("aliases"),
                new Source(form.source().text(), least));
    }
}
