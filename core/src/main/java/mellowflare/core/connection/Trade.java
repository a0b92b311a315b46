package mellowflare.core.connection;

/** The counters at which one and the same part goes by different words. */
public enum Trade {
    PLUMBER(Say.it("trade.plumber")),
    REFRIGERATION(Say.it("trade.refrigeration-shop")),
    HYDRAULIC(Say.it("trade.hydraulic-shop")),
    AUTOMOTIVE(Say.it("trade.car-truck-shop"));

    private final String words;

    Trade(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
