package mellowflare.core.parts;

import java.util.List;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The house catalogue of adapters, from {@code adapters.csv}. */
public final class AdapterTable {
    public static final ReferenceKey<AdapterTable> KEY = new ReferenceKey<>("adapters", AdapterTable.class);
    private final List<AdapterPart> parts;

    private AdapterTable(List<AdapterPart> parts) {
        this.parts = parts;
    }

    /**
     * @param ends every end of an adapter must stand among them
     */
    public static AdapterTable load(EndTable ends) {
        return new AdapterTable(CsvTable.beside(AdapterTable.class, "adapters.csv")
                .map(
                        row -> new AdapterPart(
                                row.need("part"),
                                row.need("name"),
                                end(row, "a", ends),
                                end(row, "b", ends),
                                Angle.ofDegrees(row.number("angle_deg")),
                                GaugePressure.ofBar(row.number("rating_bar")),
                                row.length("bore_mm"),
                                (int) row.number("on_shelf"),
                                row.number("price"),
                                row.source()),
                        AdapterPart::part));
    }

    private static EndId end(CsvTable.Row row, String side, EndTable ends) {
        EndId id = new EndId(
                row.word(side + "_code", EndCode.class),
                row.need(side + "_size"),
                row.word(side + "_gender", Gender.class));
        if (ends.find(id).isEmpty()) {
            throw row.broken(side + "_size", "the tables hold no " + id.text());
        }
        return id;
    }

    public List<AdapterPart> all() {
        return parts;
    }
}
