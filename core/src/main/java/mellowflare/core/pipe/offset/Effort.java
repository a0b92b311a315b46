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
     */
    public static Effort offset(
            HouseSize house, double metres, double fittingFactor, double pipeFactor, boolean sharp, int ends) {
        double fitting = house.price(sharp ? HouseSize.Item.ELBOW_90 : HouseSize.Item.ELBOW_45);
        return of(house, 3, 4 + ends, metres, 2 * fitting * fittingFactor, pipeFactor);
    }

    /** One straight piece. */
    public static Effort straight(HouseSize house, double metres, double pipeFactor, int ends) {
        return of(house, 1, ends, metres, 0, pipeFactor);
    }

    private static Effort of(
            HouseSize house, int pieces, int joints, double metres, double fittings, double pipeFactor) {
        double minutes = pieces * house.minutes(HouseSize.Work.CUT_MIN)
                + 2 * pieces * house.minutes(HouseSize.Work.THREAD_MIN)
                + joints * house.minutes(HouseSize.Work.JOINT_MIN);
        return new Effort(pieces, joints, minutes, metres * house.price(HouseSize.Item.METRE) * pipeFactor + fittings);
    }
}
