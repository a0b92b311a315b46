package mellowflare.core.air.size;

import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.stock.Freight;

/**
 * A main with its bars brought in one way: long by truck, or short as parcels, which costs couplings.
 *
 * @param work pieces and parts with bars of that length
 * @param freight what it costs to have the pipe brought, in the catalogue's money
 */
public record Delivery(CutWork work, double freight) {
    static Delivery of(CutWork work, Freight freight) {
        return new Delivery(work, freight.priceOf(work.kilograms()));
    }

    /** Pipe, parts and freight. */
    public double price() {
        return work.price() + freight;
    }
}
