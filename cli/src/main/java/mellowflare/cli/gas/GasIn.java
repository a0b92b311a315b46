package mellowflare.cli.gas;

import java.util.Map;
import java.util.Optional;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.stock.GasFitting;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.reference.ReferenceData;

/** Fields of gas. A number is mbar, kW, m3/h or MJ/m3. */
final class GasIn {
    static final Map<String, GasMethod> METHODS = Words.of(GasMethod.values());
    static final Map<String, Marking> INLETS = Words.of(Marking.values());
    static final Map<String, GasFitting> FITTINGS = Map.of(
            "elbow90", GasFitting.ELBOW_90,
            "elbow45", GasFitting.ELBOW_45,
            "tee-branch", GasFitting.TEE_BRANCH,
            "tee-through", GasFitting.TEE_THROUGH,
            "return", GasFitting.RETURN,
            "valve", GasFitting.VALVE,
            "globe", GasFitting.GLOBE,
            "angle", GasFitting.ANGLE,
            "check", GasFitting.CHECK);

    private static final double MOST_CR = 9.99;

    private GasIn() {}

    /** How pipes are sized and drops are counted. */
    enum GasMethod {
        LONGEST,
        BRANCH,
        DARCY
    }

    static Optional<Power> power(Fields f, String name) throws Refused {
        return f.quantity(name, "kW", Power::ofKilowatts, t -> QuantityText.power(t, Optional.empty()));
    }

    static Optional<GasFlow> flow(Fields f, String name) throws Refused {
        return f.quantity(name, "m3/h", GasFlow::ofCubicMetresPerHour, t -> QuantityText.gasFlow(t, Optional.empty()));
    }

    static Optional<GaugePressure> pressure(Fields f, String name) throws Refused {
        return f.quantity(name, "mbar", GaugePressure::ofMillibar, t -> QuantityText.pressure(t, Optional.empty()));
    }

    /** A drop above zero. */
    static Optional<PressureDifference> drop(Fields f, String name) throws Refused {
        Optional<GaugePressure> p = pressure(f, name);
        if (p.filter(x -> x.bar() <= 0).isPresent()) {
            throw f.wrong(name, Say.it("gas-in.drop-above-zero"));
        }
        return p.map(x -> PressureDifference.ofBar(x.bar()));
    }

    private static Optional<HeatingValue> heating(Fields f) throws Refused {
        return f.quantity(
                "heatingValue", "MJ/m3", HeatingValue::new, t -> QuantityText.heatingValue(t, Optional.empty()));
    }

    /** The gas by its name in the tables, with the heating value given; empty where none was named. */
    static Optional<FuelGas> gas(Fields f, ReferenceData data) throws Refused {
        Optional<HeatingValue> heating = heating(f);
        Optional<String> name = f.text("gas");
        if (name.isEmpty()) {
            return Optional.empty();
        }
        GasTable table = data.get(GasTable.KEY);
        Optional<FuelGas> found = table.find(name.get());
        if (found.isEmpty()) {
            throw f.wrong(
                    "gas",
                    Say.it(
                            "gas-in.no-gas",
                            "gas",
                            name.get(),
                            "gases",
                            String.join(
                                    ", ",
                                    table.gases().stream().map(FuelGas::id).toList())));
        }
        return Optional.of(heating.map(found.get()::with).orElse(found.get()));
    }

    /** What the equations know: as given, or of the gas. */
    static Resistance resistance(Fields f, Optional<FuelGas> gas) throws Refused {
        Optional<Double> cr = f.number("cr", 0.01, MOST_CR);
        Optional<Double> y = f.number("y", 0.51, 1.49);
        if (cr.isEmpty() && gas.isEmpty()) {
            throw f.missing("gas");
        }
        Optional<Resistance> of = gas.map(Resistance::of);
        return new Resistance(cr.orElseGet(() -> of.orElseThrow().cr()), y.or(() -> of.flatMap(Resistance::y)));
    }

    /** The flow as given, or of a demand by the heating value. */
    static Optional<GasFlow> asked(Fields f, Optional<FuelGas> gas) throws Refused {
        Optional<GasFlow> flow = flow(f, "flow");
        Optional<Power> demand = power(f, "demand");
        if (flow.isPresent() && demand.isPresent()) {
            throw f.wrong("demand", Say.it("gas-in.flow-or-demand"));
        }
        if (demand.isEmpty()) {
            return flow;
        }
        Optional<HeatingValue> heating = heating(f).or(() -> gas.map(FuelGas::heating));
        if (heating.isEmpty()) {
            throw f.missing("heatingValue");
        }
        return Optional.of(GasFlow.ofCubicMetresPerHour(
                demand.get().kilowatts() * 3.6 / heating.get().megajoulesPerCubicMetre()));
    }

    static Optional<GasSystem> material(Fields f, ReferenceData data) throws Refused {
        Optional<String> id = f.text("material");
        if (id.isEmpty()) {
            return Optional.empty();
        }
        GasStock stock = data.get(GasStock.KEY);
        Optional<GasSystem> found = stock.system(id.get());
        if (found.isEmpty()) {
            throw f.wrong(
                    "material",
                    Say.it(
                            "gas-in.no-material",
                            "material",
                            id.get(),
                            "materials",
                            String.join(
                                    ", ",
                                    stock.systems().stream().map(GasSystem::id).toList())));
        }
        return found;
    }

    /** The size by name; empty where none was given. */
    static Optional<GasSize> size(Fields f, Optional<GasSystem> material, ReferenceData data) throws Refused {
        Optional<String> size = f.text("size");
        if (size.isEmpty()) {
            return Optional.empty();
        }
        if (material.isEmpty()) {
            throw f.missing("material");
        }
        GasStock stock = data.get(GasStock.KEY);
        Optional<GasSize> found = stock.size(material.get().id(), size.get());
        if (found.isEmpty()) {
            throw f.wrong(
                    "size",
                    Say.it(
                            "gas-in.no-size",
                            "size",
                            size.get(),
                            "material",
                            material.get().name(),
                            "sizes",
                            String.join(
                                    ", ",
                                    stock.sizes(material.get().id()).stream()
                                            .map(GasSize::size)
                                            .toList())));
        }
        return found;
    }

    /** What fittings take with a bore: by name, and as length. */
    static Length fittings(Fields f, Length bore, ReferenceData data) throws Refused {
        Length all = f.lengthOrZero("extraLength").orElse(Length.ofMm(0));
        for (String name : f.texts("fittings")) {
            GasFitting fitting = FITTINGS.get(name);
            if (fitting == null) {
                throw f.wrong(
                        "fittings",
                        Say.it(
                                "gas-in.no-fitting",
                                "fitting",
                                name,
                                "fittings",
                                String.join(
                                        ", ",
                                        FITTINGS.keySet().stream().sorted().toList())));
            }
            all = all.plus(data.get(GasStock.KEY).asPipe(fitting, bore));
        }
        return all;
    }
}
