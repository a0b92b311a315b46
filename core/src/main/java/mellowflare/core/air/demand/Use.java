package mellowflare.core.air.demand;

/**
 * How the air is used.
 *
 * @param leak share of the use that leaks away, 0 to 1
 * @param growth share of the use that is to come, 0 to 3
 * @param hoursADay of work, above 0 to 24
 * @param daysAYear of work, 1 to 366
 * @param kilowattHour price of a kilowatt-hour, in the catalogue's money
 * @param drainedEvery days between two drainings, 1 to 90
 */
public record Use(double leak, double growth, double hoursADay, int daysAYear, double kilowattHour, int drainedEvery) {
    public static final Use USUAL = new Use(0.1, 0.2, 8, 230, 0.30, 1);

    public Use {
        range(Say.it("use.the-share-that-leaks"), leak, 0, 1);
        range(Say.it("use.the-share-that-come"), growth, 0, 3);
        range(Say.it("use.hours-work-day"), hoursADay, 0.1, 24);
        range(Say.it("use.days-work-year"), daysAYear, 1, 366);
        range(Say.it("use.the-price-kilowatt-hour"), kilowattHour, 0, 1000);
        range(Say.it("use.days-between-drainings"), drainedEvery, 1, 90);
    }

    private static void range(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(what + " lies between " + least + " and " + most + ", not " + value);
        }
    }

    public Use withLeak(double share) {
        return new Use(share, growth, hoursADay, daysAYear, kilowattHour, drainedEvery);
    }

    public Use withGrowth(double share) {
        return new Use(leak, share, hoursADay, daysAYear, kilowattHour, drainedEvery);
    }

    public Use withHours(double hours) {
        return new Use(leak, growth, hours, daysAYear, kilowattHour, drainedEvery);
    }

    public Use withDays(int days) {
        return new Use(leak, growth, hoursADay, days, kilowattHour, drainedEvery);
    }

    public Use withKilowattHour(double price) {
        return new Use(leak, growth, hoursADay, daysAYear, price, drainedEvery);
    }

    public Use withDrainedEvery(int days) {
        return new Use(leak, growth, hoursADay, daysAYear, kilowattHour, days);
    }

    /** What the tools' own use is multiplied by. */
    public double reserve() {
        return (1 + leak) * (1 + growth);
    }
}
