package mellowflare.core.gas.stock;

import java.util.Optional;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.net.SizingEquation;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A size of corrugated tube as its maker's table has it. No equation of the code holds for it and no two makers' tubes are alike: it counts with the bore of smooth pipe that lets through what one line of
 * that table says.
 *
 * @param size name, a label and no length
 * @param outside diameter over cover and corrugations
 * @param gas that the table is for
 * @param flow that the table lists
 * @param drop for which it lists it
 * @param over the length for which it lists it
 * @param metre price of a metre
 * @param fitting price of one fitting
 * @param hanger greatest spacing of supports
 * @param source of the table
 */
public record CorrugatedTube(
        String size,
        Length outside,
        FuelGas gas,
        GasFlow flow,
        PressureDifference drop,
        Length over,
        double metre,
        double fitting,
        Length hanger,
        Source source) {
    /** The kind of pipe under which its sizes stand. */
    public static final String SYSTEM = "corrugated";

    private static final double HIGHEST_MBAR = 100;

    static CorrugatedTube read(CsvTable.Row r, GasTable gases) {
        Optional<FuelGas> gas = gases.find(r.need("gas"));
        if (gas.isEmpty()) {
            throw r.broken("gas", Say.it("corrugated-tube.no-gas", "gas", r.need("gas")));
        }
        double flow = above(r, "flow_m3_h");
        double drop = above(r, "drop_mbar");
        if (drop > HIGHEST_MBAR) {
            throw r.broken("drop_mbar", Say.it("corrugated-tube.low-pressure", "most", 100));
        }
        CorrugatedTube t = new CorrugatedTube(
                r.need("size"),
                r.length("outside_mm"),
                gas.get(),
                GasFlow.ofCubicMetresPerHour(flow),
                PressureDifference.ofMillibar(drop),
                Length.ofMm(above(r, "over_m") * 1000),
                r.number("metre"),
                r.number("fitting"),
                r.length("hanger_mm"),
                r.source());
        if (!(t.bore().mm() < t.outside.mm())) {
            throw r.broken(
                    "flow_m3_h",
                    Say.it(
                            "corrugated-tube.too-much",
                            "bore",
                            Math.round(t.bore().mm())));
        }
        return t;
    }

    private static double above(CsvTable.Row r, String column) {
        double v = r.number(column);
        if (!(v > 0)) {
            throw r.broken(column, Say.it("corrugated-tube.above-zero"));
        }
        return v;
    }

    /** Bore of smooth pipe that lets the same flow through at the same drop, by the code's equation for low pressure. */
    public Length bore() {
        return SizingEquation.bore(Resistance.of(gas), flow, drop, over);
    }

    /** As a size among the others. */
    GasSize asSize() {
        return new GasSize(
                SYSTEM,
                size,
                outside,
                outside.minus(bore()).times(0.5),
                metre,
                fitting,
                Optional.of(hanger).filter(l -> l.mm() > 0),
                source);
    }
}
