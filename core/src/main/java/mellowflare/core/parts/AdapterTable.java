package mellowflare.core.parts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The house catalogue of adapters, from {@code adapters.csv}. */
public final class AdapterTable {
    public static final ReferenceKey<AdapterTable> KEY = new ReferenceKey<>("adapters", AdapterTable.class);
    private final Map<String, AdapterPart> parts = new LinkedHashMap<>();

    private AdapterTable(List<AdapterPart> parts) {
        parts.forEach(p -> this.parts.put(p.part(), p));
    }

    /** A table of these adapters; of two with one number the later counts. */
    public static AdapterTable of(List<AdapterPart> parts) {
        return new AdapterTable(parts);
    }

    /**
     * @param ends every end of an adapter must stand among them
     */
    public static AdapterTable load(EndTable ends) {
        return new AdapterTable(CsvTable.beside(AdapterTable.class, "adapters.csv")
                .map(row -> PartRows.adapter(row, ends), AdapterPart::part));
    }

    public List<AdapterPart> all() {
        return List.copyOf(parts.values());
    }

    public Optional<AdapterPart> find(String part) {
        return Optional.ofNullable(parts.get(part));
    }
}
