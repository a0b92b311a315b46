package mellowflare.core.flow;

import mellowflare.core.measure.Length;

/**
 * What one round pipe takes of the drive of a medium: (16 X / (pi^2 D^4)) (f L / D + K) m |m|, where X is R T of a gas and 1 / (2 rho) of a liquid. Darcy's f is 64/Re to 2300, Colebrook-White's from
 * 4000, and a smooth curve between (there the flow is uncertain; a step would keep a network from settling). Reynolds' number hangs on the mass flow alone, so the law of a pipe is the
 * same at every pressure.
 */
public final class PipeLaw {
    static final double LAMINAR_TO = 2300;
    static final double TURBULENT_FROM = 4000;
    private static final double LN10 = Math.log(10);

    private final double c;
    private final double shape;
    private final double k;
    private final double rough;
    private final double reynoldsPerFlow;
    private final double low;
    private final double lowSlope;
    private final double high;
    private final double highSlope;

    /**
     * @param length of the pipe, above zero
     * @param bore above zero
     * @param roughness of the wall, zero or more
     * @param k sum of the loss coefficients of its fittings, on the speed in this bore, zero or more
     * @param x R T of a gas (J/kg), 1 / (2 rho) of a liquid (m3/kg)
     * @param viscosity dynamic (Pa s)
     */
    PipeLaw(Length length, Length bore, Length roughness, double k, double x, double viscosity) {
        double d = bore.mm() / 1000;
        this.c = 16 * x / (Math.PI * Math.PI * Math.pow(d, 4));
        this.shape = length.mm() / 1000 / d;
        this.k = k;
        this.rough = Math.max(0, roughness.mm()) / bore.mm() / 3.7;
        this.reynoldsPerFlow = 4 / (Math.PI * d * viscosity);
        this.low = 64 / LAMINAR_TO;
        this.lowSlope = -64 / (LAMINAR_TO * LAMINAR_TO);
        double[] f = {0, 0};
        colebrook(TURBULENT_FROM, rough, f);
        this.high = f[0];
        this.highSlope = f[1];
    }

    /**
     * What the drives at its ends differ by.
     *
     * @param flow along the pipe (kg/s), negative against it
     * @param into takes the difference (Pa^2 of a gas, Pa of a liquid) and its slope (per kg/s)
     */
    public void lost(double flow, double[] into) {
        double m = Math.abs(flow);
        double re = m * reynoldsPerFlow;
        if (re <= LAMINAR_TO) {
            // f m^2 is 64 m / (Re per m): linear, so that the slope never vanishes.
            double line = 64 / reynoldsPerFlow * shape;
            into[0] = Math.copySign(c * (line * m + k * m * m), flow);
            into[1] = c * (line + 2 * k * m);
            return;
        }
        factor(re, into);
        double f = into[0];
        double slope = into[1] * reynoldsPerFlow;
        into[0] = Math.copySign(c * (f * shape + k) * m * m, flow);
        into[1] = c * (2 * (f * shape + k) * m + slope * shape * m * m);
    }

    /** Darcy's friction factor at a flow (kg/s); 0 without flow. */
    public double factor(double flow) {
        double re = Math.abs(flow) * reynoldsPerFlow;
        if (re == 0) {
            return 0;
        }
        if (re <= LAMINAR_TO) {
            return 64 / re;
        }
        double[] f = {0, 0};
        factor(re, f);
        return f[0];
    }

    /** Reynolds' number at a flow (kg/s). */
    public double reynolds(double flow) {
        return Math.abs(flow) * reynoldsPerFlow;
    }

    private void factor(double re, double[] into) {
        if (re >= TURBULENT_FROM) {
            colebrook(re, rough, into);
            return;
        }
        // Hermite's cubic from the laminar to the turbulent branch.
        double h = TURBULENT_FROM - LAMINAR_TO;
        double t = (re - LAMINAR_TO) / h;
        double t2 = t * t;
        double t3 = t2 * t;
        into[0] = (2 * t3 - 3 * t2 + 1) * low
                + (t3 - 2 * t2 + t) * h * lowSlope
                + (-2 * t3 + 3 * t2) * high
                + (t3 - t2) * h * highSlope;
        into[1] = ((6 * t2 - 6 * t) * low
                        + (3 * t2 - 4 * t + 1) * h * lowSlope
                        + (-6 * t2 + 6 * t) * high
                        + (3 * t2 - 2 * t) * h * highSlope)
                / h;
    }

    /** Colebrook-White by Newton's method on x = 1 / sqrt f, started at Swamee and Jain's value. */
    private static void colebrook(double re, double rough, double[] into) {
        double x = -2 * Math.log10(rough + 5.74 / Math.pow(re, 0.9));
        for (int i = 0; i < 3; i++) {
            double u = rough + 2.51 * x / re;
            double q = 2 / (LN10 * u) * 2.51 / re;
            double next = x - (x + 2 * Math.log(u) / LN10) / (1 + q);
            boolean settled = Math.abs(next - x) < 1e-12 * x;
            x = next;
            if (settled) {
                break;
            }
        }
        double u = rough + 2.51 * x / re;
        double q = 2 / (LN10 * u) * 2.51 / re;
        double xSlope = q * x / re / (1 + q);
        into[0] = 1 / (x * x);
        into[1] = -2 * xSlope / (x * x * x);
    }
}
