package mellowflare.core.parts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.RowByRow;

/** Where a shop buys its parts: its own list, and nobody else's. */
public final class Suppliers {
    public static final ReferenceKey<Suppliers> KEY = new ReferenceKey<>("suppliers", Suppliers.class);
    public static final Suppliers NONE = new Suppliers(List.of());

    private final Map<String, Supplier> byPart = new LinkedHashMap<>();

    private Suppliers(List<Supplier> rows) {
        rows.forEach(r -> byPart.put(r.part(), r));
    }

    /**
     * Where one part is bought.
     *
     * @param part part number, or the name of what has none
     * @param supplier who sells it
     * @param order what it is called there; may be blank
     */
    public record Supplier(String part, String supplier, String order) {
        public Supplier {
            if (part.isBlank() || supplier.isBlank()) {
                throw new IllegalArgumentException("A part has a number and somebody who sells it");
            }
        }
    }

    /** Where a part is bought; empty while the shop has not said. */
    public Optional<Supplier> of(String part) {
        return Optional.ofNullable(byPart.get(part));
    }

    private List<Supplier> all() {
        return List.copyOf(byPart.values());
    }

    /** The list as a file. */
    public static final class Lists implements OwnLists<List<Supplier>> {
        private static final FileKind KIND = new FileKind(
                "suppliers",
                Say.it("suppliers.kind"),
                List.of("part", "supplier", "order_number"),
                Set.of("order_number"));

        @Override
        public List<FileKind> files() {
            return List.of(KIND);
        }

        @Override
        public List<Supplier> none() {
            return List.of();
        }

        @Override
        public List<Supplier> of(ReferenceData data) {
            return data.get(KEY).all();
        }

        @Override
        public Read<List<Supplier>> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
            RowByRow<Supplier> read = RowByRow.read(
                    rows,
                    r -> new Supplier(
                            r.need("part"), r.need("supplier"), r.has("order_number") ? r.text("order_number") : ""),
                    Supplier::part);
            return new Read<>(read.values(), read.troubles());
        }

        @Override
        public List<Supplier> plus(List<Supplier> these, List<Supplier> more) {
            return RowByRow.laid(these, more, Supplier::part);
        }

        @Override
        public int count(List<Supplier> rows) {
            return rows.size();
        }

        @Override
        public ReferenceData over(List<Supplier> rows, ReferenceData data) {
            return rows.isEmpty() ? data : data.with(KEY, new Suppliers(plus(of(data), rows)));
        }

        @Override
        public String csv(FileKind file, List<Supplier> rows) {
            return CsvText.of(
                    KIND.columns(),
                    rows,
                    r -> List.of(CsvText.shown(r.part()), CsvText.shown(r.supplier()), CsvText.shown(r.order())));
        }
    }
}
