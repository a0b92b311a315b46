package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.flow.hold.HoldTest;

/**
 * Readings as they come from an instrument, one after the other. What comes with a clock set back, or within a second of the one before, is left out and counted.
 *
 * @param readings that count, in order of time
 * @param setBack how many came with an earlier time than the one before
 * @param gap longest time in which nothing came (s)
 */
public record Gathering(List<HoldTest.Reading> readings, int setBack, double gap) {
    public static final Gathering NONE = new Gathering(List.of(), 0, 0);

    public Gathering {
        readings = List.copyOf(readings);
    }

    /** Going on from readings that are there already. */
    public static Gathering from(List<HoldTest.Reading> readings) {
        Gathering g = NONE;
        for (HoldTest.Reading r : readings) {
            g = g.with(r);
        }
        return g;
    }

    /** With one more. The temperature stays with all readings or with none: what does not fit the first goes without, or is left out. */
    public Gathering with(HoldTest.Reading next) {
        if (readings.isEmpty()) {
            return new Gathering(List.of(next), setBack, gap);
        }
        HoldTest.Reading last = readings.get(readings.size() - 1);
        double after = next.seconds() - last.seconds();
        if (after < 0) {
            return new Gathering(readings, setBack + 1, gap);
        }
        boolean warm = readings.get(0).air().isPresent();
        if (after < HoldTest.LEAST_APART || warm && next.air().isEmpty()) {
            return this;
        }
        HoldTest.Reading fits =
                warm ? next : new HoldTest.Reading(next.seconds(), next.gauge(), Optional.empty(), next.barometer());
        List<HoldTest.Reading> more = new ArrayList<>(readings);
        more.add(fits);
        return new Gathering(more, setBack, Math.max(gap, after));
    }

    /** What was odd about how they came, in a sentence; empty where nothing was. */
    public String says() {
        return setBack > 0 ? Say.it("gathering.set-back", "number", setBack) : "";
    }
}
