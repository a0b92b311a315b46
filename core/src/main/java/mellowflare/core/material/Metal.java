package mellowflare.core.material;

import java.util.Locale;

/** Metals that ends and adapters are made of. */
public enum Metal {
    STEEL,
    STAINLESS,
    BRASS,
    ALUMINIUM,
    COPPER;

    public String word() {
        return this == STAINLESS ? "stainless steel" : name().toLowerCase(Locale.ROOT);
    }
}
