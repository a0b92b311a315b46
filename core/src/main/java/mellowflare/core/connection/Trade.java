package mellowflare.core.connection;

/** The counters at which one and the same part goes by different words. */
public enum Trade {
    PLUMBER("the plumber"),
    REFRIGERATION("the refrigeration shop"),
    HYDRAULIC("the hydraulic shop"),
    AUTOMOTIVE("the car and truck shop");

    private final String words;

    Trade(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
