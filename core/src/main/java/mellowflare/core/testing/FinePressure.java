package mellowflare.core.testing;

import mellowflare.core.advice.Figure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** A pressure of a test, finer than it is spoken elsewhere: what matters in a test is how little it moves. */
public final class FinePressure {
    private static final double SMALL_BAR = 20;
    private static final double SMALL_PSI = 300;

    private FinePressure() {}

    /** In the given system, with its unit. */
    public static String text(GaugePressure p, UnitSystem units) {
        if (Math.abs(p.bar()) < 1) {
            return new Figure.OfGasPressure(p).text(units);
        }
        return units == UnitSystem.METRIC
                ? Say.it("fine-pressure.bar", "bar", LengthFormat.decimal(p.bar(), p.bar() < SMALL_BAR ? 3 : 1, 0))
                : Say.it("fine-pressure.psi", "psi", LengthFormat.decimal(p.psi(), p.psi() < SMALL_PSI ? 2 : 0, 0));
    }
}
