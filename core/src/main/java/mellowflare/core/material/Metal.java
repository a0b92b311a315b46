package mellowflare.core.material;

import java.util.Locale;

/** Metals that ends and adapters are made of. */
public enum Metal {
    STEEL,
    GALVANISED,
    STAINLESS,
    BRASS,
    ALUMINIUM,
    COPPER;

    public String word() {
        return switch (this) {
            case STAINLESS -> "stainless steel";
            case GALVANISED -> "galvanised steel";
            default -> name().toLowerCase(Locale.ROOT);
        };
    }
}
