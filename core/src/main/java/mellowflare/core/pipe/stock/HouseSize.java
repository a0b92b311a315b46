package mellowflare.core.pipe.stock;

import java.util.Map;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * One size of the house list: prices, minutes at the bench, and lengths that no standard gives.
 *
 * @param size name of the pipe size
 * @param prices of one, in the catalogue's money
 * @param lengths of parts that no standard gives
 * @param minutes for one of each work
 * @param source who says so
 */
public record HouseSize(
        String size, Map<Item, Double> prices, Map<Own, Length> lengths, Map<Work, Double> minutes, Source source) {
    public HouseSize {
        prices = Map.copyOf(prices);
        lengths = Map.copyOf(lengths);
        minutes = Map.copyOf(minutes);
    }

    /** What has a price. */
    public enum Item {
        METRE,
        ELBOW_90,
        ELBOW_45,
        TEE,
        CROSS,
        COUPLING,
        UNION,
        NIPPLE,
        REDUCER,
        BUSHING,
        PLUG,
        CAP,
        VALVE,
        FLEX,
        FLANGE
    }

    /** Lengths that no standard gives. */
    public enum Own {
        /** A threaded ball valve, end to end. */
        VALVE_MM,
        /** Reach of its lever from the centre. */
        HANDLE_MM,
        /** What a hex bushing stands out of the mouth. */
        BUSH_MM,
        /** What a plug stands out of the mouth. */
        PLUG_MM,
        /** A flexible connector, end to end. */
        FLEX_MM,
        /** Least plain length that the machine holds beside a thread. */
        GRIP_MM
    }

    /** What takes time. */
    public enum Work {
        CUT_MIN,
        THREAD_MIN,
        JOINT_MIN,
        WELD_MIN
    }

    public double price(Item item) {
        return prices.get(item);
    }

    public Length length(Own own) {
        return lengths.get(own);
    }

    /** Minutes that it takes. */
    public double minutes(Work work) {
        return minutes.get(work);
    }
}
