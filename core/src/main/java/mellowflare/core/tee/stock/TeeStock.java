package mellowflare.core.tee.stock;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** How a tee goes into tube, and on which fluids. */
public final class TeeStock {
    public static final ReferenceKey<TeeStock> KEY = new ReferenceKey<>("tee stock", TeeStock.class);

    private final List<TeeMethod> methods;
    private final Map<String, Fit> fits = new HashMap<>();

    private TeeStock(List<TeeMethod> methods) {
        this.methods = methods;
    }

    /** Whether a joint may be used. */
    public enum May {
        YES,
        NO,
        /** The local code or the maker says. */
        ASK
    }

    /**
     * Whether a joint may be used on a fluid.
     *
     * @param why half a sentence: the reason
     */
    public record Fit(May may, String why, Source source) {}

    /**
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static TeeStock load() {
        TeeStock stock =
                new TeeStock(CsvTable.beside(TeeStock.class, "methods.csv").map(TeeMethod::read, TeeMethod::id));
        CsvTable.Row last = null;
        for (CsvTable.Row r : CsvTable.beside(TeeStock.class, "fits.csv").rows()) {
            String key = key(r.word("fluid", TeeFluid.class), r.word("method", TeeMethod.Id.class));
            if (stock.fits.put(key, new Fit(r.word("may", May.class), r.said("why"), r.source())) != null) {
                throw r.broken("fluid", Say.it("tee-stock.twice", "pair", key));
            }
            last = r;
        }
        for (TeeFluid fluid : TeeFluid.values()) {
            for (TeeMethod.Id method : TeeMethod.Id.values()) {
                if (!stock.fits.containsKey(key(fluid, method))) {
                    throw last.broken("fluid", Say.it("tee-stock.missing", "pair", key(fluid, method)));
                }
            }
        }
        return stock;
    }

    private static String key(TeeFluid fluid, TeeMethod.Id method) {
        return fluid + " " + method;
    }

    public List<TeeMethod> methods() {
        return methods;
    }

    public TeeMethod method(TeeMethod.Id id) {
        return methods.stream().filter(m -> m.id() == id).findFirst().orElseThrow();
    }

    /** What the table says of a joint on a fluid; every pair stands in it. */
    public Fit fit(TeeFluid fluid, TeeMethod.Id method) {
        return fits.get(key(fluid, method));
    }
}
