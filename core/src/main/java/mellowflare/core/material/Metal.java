package mellowflare.core.material;

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
            case STAINLESS -> Say.it("metal.stainless-steel");
            case GALVANISED -> Say.it("metal.galvanised-steel");
            case STEEL -> Say.it("metal.steel");
            case BRASS -> Say.it("metal.brass");
            case ALUMINIUM -> Say.it("metal.aluminium");
            case COPPER -> Say.it("metal.copper");
        };
    }
}
