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
            return number(low.newtonMetres()) + " N m (" + number(low.poundForceFeet()) + " lbf ft)";
        }
        return number(low.newtonMetres()) + " to " + number(high.newtonMetres()) + " N m ("
                + number(low.poundForceFeet()) + " to " + number(high.poundForceFeet()) + " lbf ft)";
    }

    private static String number(double value) {
        return LengthFormat.decimal(value, 0, 0);
    }
}
