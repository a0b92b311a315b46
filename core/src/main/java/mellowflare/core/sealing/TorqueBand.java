package mellowflare.core.sealing;

import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Torque;
import mellowflare.core.reference.Source;

/**
 * Between which torques a joint is tightened, as a typical figure.
 *
 * @param low least
 * @param high most, not below {@code low}
 * @param source who prints it, and how sure that is
 */
public record TorqueBand(Torque low, Torque high, Source source) {
    public TorqueBand {
        if (low.compareTo(high) > 0) {
            throw new IllegalArgumentException("A band runs from low to high");
        }
    }

    /** Both systems, for a wrench of either. */
    public String text() {
        if (low.equals(high)) {
            return Say.it(
                    "torque-band.n-m-lbf-ft",
                    "newtonMetres",
                    number(low.newtonMetres()),
                    "poundForceFeet",
                    number(low.poundForceFeet()));
        }
        return Say.it(
                "torque-band.n-m-lbf-ft-2",
                "newtonMetres",
                number(low.newtonMetres()),
                "newtonMetresB",
                number(high.newtonMetres()),
                "poundForceFeet",
                number(low.poundForceFeet()),
                "poundForceFeetB",
                number(high.poundForceFeet()));
    }

    private static String number(double value) {
        return LengthFormat.decimal(value, 0, 0);
    }
}
