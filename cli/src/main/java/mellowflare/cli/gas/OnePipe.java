package mellowflare.cli.gas;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Finding;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.net.SizingEquation;
import mellowflare.core.gas.rules.NetFindings;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** One pipe by the code's equations: whatever is missing of flow, drop, bore and length of capacity. */
final class OnePipe {
    private final Fields f;
    private final ReferenceData data;
    private final UnitSystem units;
    private final Optional<FuelGas> gas;
    private final Resistance resistance;
    private final Optional<GasFlow> flow;
    private final Optional<GasSystem> material;
    private final Optional<GasSize> size;
    private final Optional<Length> bore;
    private final Optional<Length> length;
    private final Optional<PressureDifference> drop;
    private final Optional<GaugePressure> from;
    private final Optional<GaugePressure> to;
    private final AbsolutePressure around;
    private final ObjectNode out = JsonNodeFactory.instance.objectNode();
    private final List<Finding> findings = new ArrayList<>();

    OnePipe(Fields f, ReferenceData data) throws Refused {
        this.f = f;
        this.data = data;
        units = Words.units(f);
        gas = GasIn.gas(f, data);
        resistance = GasIn.resistance(f, gas);
        flow = GasIn.asked(f, gas);
        material = GasIn.material(f, data);
        size = GasIn.size(f, material, data);
        bore = f.length("bore").or(() -> size.map(GasSize::bore));
        length = f.length("length");
        from = GasIn.pressure(f, "pressure");
        to = GasIn.pressure(f, "endPressure");
        around = f.barometer("atmosphere").orElse(AbsolutePressure.SEA_LEVEL);
        drop = drop();
    }

    private Optional<PressureDifference> drop() throws Refused {
        Optional<PressureDifference> given = GasIn.drop(f, "drop");
        if (from.isPresent() && to.isPresent()) {
            if (to.get().compareTo(from.get()) >= 0) {
                throw f.wrong("endPressure", Say.it("one-pipe.end-not-lower"));
            }
            return Optional.of(from.get().minus(to.get()));
        }
        return given;
    }

    private boolean high() {
        return from.filter(p -> p.compareTo(SizingEquation.LOW_BELOW) >= 0).isPresent();
    }

    ObjectNode of() throws Refused {
        if (length.isEmpty() || flow.isEmpty() && bore.isEmpty()) {
            throw f.missing(length.isEmpty() ? "length" : "flow");
        }
        if (drop.isEmpty() && (flow.isEmpty() || bore.isEmpty())) {
            throw f.missing("drop");
        }
        if (high() && resistance.y().isEmpty()) {
            throw f.wrong("y", Say.it("one-pipe.no-y"));
        }
        flow.ifPresent(q -> out.put("flow", q.cubicMetresPerHour()));
        if (flow.isPresent() && bore.isPresent()) {
            lost(flow.get(), bore.get());
        } else {
            drop.ifPresent(d -> out.put("drop", d.millibar()));
        }
        Length run = bore.isPresent() ? length.get().plus(GasIn.fittings(f, bore.get(), data)) : length.get();
        if (drop.isPresent() && bore.isPresent()) {
            GasFlow most = capacity(drop.get(), run, bore.get());
            out.put("capacity", most.cubicMetresPerHour());
            gas.ifPresent(
                    g -> out.put("capacityPower", g.power(most, HeatBasis.GROSS).kilowatts()));
            flow.ifPresent(q -> findings.add(NetFindings.carries(q, most)));
        }
        if (flow.isPresent() && drop.isPresent()) {
            smallest(flow.get(), drop.get());
        }
        if (bore.isEmpty()) {
            GasIn.fittings(f, Length.ofMm(1), data);
        }
        FindingsOut.put(out, findings, units);
        return out;
    }

    private AbsolutePressure absolute(GaugePressure p) {
        return AbsolutePressure.of(p, around);
    }

    /** What a flow loses in a bore. */
    private void lost(GasFlow q, Length d) throws Refused {
        Length run = length.get().plus(GasIn.fittings(f, d, data));
        if (high()) {
            Optional<AbsolutePressure> end = SizingEquation.farEnd(resistance, q, absolute(from.get()), run, d);
            if (end.isEmpty()) {
                throw f.wrong("flow", Say.it("one-pipe.does-not-come-through"));
            }
            GaugePressure at = end.get().gauge(around);
            out.put("endPressure", at.millibar());
            out.put("drop", from.get().minus(at).millibar());
            return;
        }
        PressureDifference lost = SizingEquation.drop(resistance, q, run, d);
        out.put("drop", lost.millibar());
        from.ifPresent(p -> out.put("endPressure", p.millibar() - lost.millibar()));
    }

    private GasFlow capacity(PressureDifference lost, Length run, Length d) {
        return high()
                ? SizingEquation.capacity(
                                resistance,
                                absolute(from.get()),
                                absolute(from.get().less(lost)),
                                run,
                                d)
                        .orElseThrow()
                : SizingEquation.capacity(resistance, lost, run, d);
    }

    /** The least bore, and the smallest size of the material whose own fittings are counted in. */
    private void smallest(GasFlow q, PressureDifference lost) throws Refused {
        Length extra = f.lengthOrZero("extraLength").orElse(Length.ofMm(0));
        Length run = length.get().plus(bore.isPresent() ? GasIn.fittings(f, bore.get(), data) : extra);
        Length least = high()
                ? SizingEquation.bore(
                                resistance,
                                q,
                                absolute(from.get()),
                                absolute(from.get().less(lost)),
                                run)
                        .orElseThrow()
                : SizingEquation.bore(resistance, q, lost, run);
        out.put("minBore", least.mm());
        if (material.isEmpty()) {
            size.ifPresent(z -> out.put("size", z.size()));
            return;
        }
        Optional<GasSize> found = Optional.empty();
        for (GasSize z : data.get(GasStock.KEY).sizes(material.get().id())) {
            Length with = length.get().plus(GasIn.fittings(f, z.bore(), data));
            if (capacity(lost, with, z.bore()).compareTo(q) >= 0) {
                found = Optional.of(z);
                break;
            }
        }
        found.ifPresent(z -> out.put("size", z.size()).put("bore", z.bore().mm()));
        findings.add(NetFindings.size(material.get().name(), found.map(GasSize::size), least));
    }
}
