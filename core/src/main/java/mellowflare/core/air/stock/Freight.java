package mellowflare.core.air.stock;

import mellowflare.core.reference.Source;

/**
 * What it costs to have bars brought.
 *
 * @param price of one delivery or parcel, in the catalogue's money
 * @param kilograms that one takes, above zero
 * @param source of its figures
 */
public record Freight(double price, double kilograms, Source source) {
    public Freight {
        if (!(price >= 0) || !(kilograms > 0)) {
            throw new IllegalArgumentException("A delivery costs something or nothing, and takes some weight");
        }
    }

    /** As many as the weight (kg) needs, one at the least. */
    public double priceOf(double weight) {
        return price * Math.max(1, Math.ceil(weight / kilograms - 1e-9));
    }
}
