package mellowflare.core.reference;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** All tables that a computation may look things up in: one immutable argument, asked by key. */
public final class ReferenceData {
    private final Map<ReferenceKey<?>, Object> tables;
    private final String version;

    private ReferenceData(Map<ReferenceKey<?>, Object> tables, String version) {
        this.tables = Collections.unmodifiableMap(new LinkedHashMap<>(tables));
        this.version = version;
    }

    /**
     * @param version names this state of the data, stamped on every stored result
     */
    public static ReferenceData empty(String version) {
        return new ReferenceData(Map.of(), version);
    }

    /** The same data with one table added or replaced. */
    public <T> ReferenceData with(ReferenceKey<T> key, T table) {
        Map<ReferenceKey<?>, Object> more = new LinkedHashMap<>(tables);
        more.put(key, table);
        return new ReferenceData(more, version);
    }

    /**
     * @throws IllegalArgumentException if no such table was put in
     */
    public <T> T get(ReferenceKey<T> key) {
        Object table = tables.get(key);
        if (table == null) {
            throw new IllegalArgumentException("The reference data hold no " + key.name());
        }
        return key.type().cast(table);
    }

    public String version() {
        return version;
    }
}
