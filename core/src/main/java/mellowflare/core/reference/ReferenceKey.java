package mellowflare.core.reference;

/**
 * Names one table in the bundle of reference data. Each package that owns a table owns its key.
 *
 * @param name shown when the table is missing
 * @param type what the table is
 * @param <T> the table's type
 */
public record ReferenceKey<T>(String name, Class<T> type) {}
