package mellowflare.core.cutting;

/**
 * How many bars of each kind are paid for.
 * bars: of each kind, none of those at hand; price: of all; count: how many they are.
 */
final class Choice {
    private final int[] bars;
    private final double price;
    private final int count;

    Choice(int[] bars, double price, int count) {
        this.bars = bars;
        this.price = price;
        this.count = count;
    }

    int[] bars() {
        return bars;
    }

    double price() {
        return price;
    }

    int count() {
        return count;
    }

    private static final double EPS = 1e-9;

    /** Whether it is cheaper than another, or as cheap with fewer bars. */
    boolean before(Choice other) {
        return price < other.price - EPS || price < other.price + EPS && count < other.count;
    }
}
