package mellowflare.core.pipe.offset;

import mellowflare.core.pipe.stock.HouseSize;

/**
 * What a way of running the pipe costs.
 *
 * @param pieces of pipe to cut
 * @param joints to make up or weld
 * @param minutes at the bench
 * @param price of pipe and fittings, in the catalogue's money
 */
public record Effort(int pieces, int joints, double minutes, double price) {

    /**
     * An offset of two fittings and three pieces.
     *
     * @param metres of pipe
     * @param fittingFactor factor on the price of fittings
     * @param pipeFactor factor on the price of pipe
     * @param sharp whether the fittings turn by more than 45 degrees
     * @param ends how many of its two ends are joined to something
     * @param welded whether its fittings are welded, not threaded
     */
    public static Effort offset(
            HouseSize house,
            double metres,
            double fittingFactor,
            double pipeFactor,
            boolean sharp,
            int ends,
            boolean welded) {
        double fitting = house.price(sharp ? HouseSize.Item.ELBOW_90 : HouseSize.Item.ELBOW_45);
        return of(house, new Work(3, 4 + ends, welded), metres, 2 * fitting * fittingFactor, pipeFactor);
    }

    /**
     * One straight piece.
     *
     * @param welded whether its ends are welded
     */
    public static Effort straight(HouseSize house, double metres, double pipeFactor, int ends, boolean welded) {
        return of(house, new Work(1, ends, welded), metres, 0, pipeFactor);
    }

    private record Work(int pieces, int joints, boolean welded) {}

    private static Effort of(HouseSize house, Work work, double metres, double fittings, double pipeFactor) {
        double joining = work.welded()
                ? work.joints() * house.minutes(HouseSize.Work.WELD_MIN)
                : 2 * work.pieces() * house.minutes(HouseSize.Work.THREAD_MIN)
                        + work.joints() * house.minutes(HouseSize.Work.JOINT_MIN);
        return new Effort(
                work.pieces(),
                work.joints(),
                work.pieces() * house.minutes(HouseSize.Work.CUT_MIN) + joining,
                metres * house.price(HouseSize.Item.METRE) * pipeFactor + fittings);
    }
}
