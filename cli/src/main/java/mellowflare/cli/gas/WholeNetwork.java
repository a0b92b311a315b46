package mellowflare.cli.gas;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.cli.command.Words;
import mellowflare.cli.gas.GasIn.GasMethod;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.net.ByEquation;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.gas.net.Reach;
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
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.ReferenceData;

/** A network of gas as pipes and places: flows, pressures, sizes by the method asked for. */
final class WholeNetwork {
    private static final Length USUAL_ROUGH = Length.ofMm(0.046);
    private static final Temperature USUAL = Temperature.ofCelsius(15);

    private final Fields f;
    private final ReferenceData data;
    private final FuelGas gas;
    private final GasMethod method;
    private final Optional<PressureDifference> allowed;
    private final List<Pipe> pipes = new ArrayList<>();
    private final Map<String, Marking> markings = new LinkedHashMap<>();

    /** A pipe as given; without a bore it is to be sized. */
    private record Pipe(
            GasNet.Pipe pipe, Fields f, Optional<GasSystem> material, Optional<GasSize> size, boolean open) {
        Pipe with(GasNet.Pipe p, GasSize z) {
            return new Pipe(p, f, material, Optional.of(z), open);
        }
    }

    WholeNetwork(Fields f, ReferenceData data) throws Refused {
        this.f = f;
        this.data = data;
        gas = GasIn.gas(f, data).orElseThrow(() -> f.missing("gas"));
        method = f.word("method", GasIn.METHODS).orElse(GasMethod.DARCY);
        allowed = GasIn.drop(f, "allowedDrop");
    }

    ObjectNode of() throws Refused {
        GasNet net = net();
        return out(net, GasSolver.solve(net), net.feed());
    }

    /** The network, every pipe with a size. */
    GasNet net() throws Refused {
        Optional<GasSystem> usual = GasIn.material(f, data);
        for (Fields p : f.objects("pipes")) {
            pipes.add(pipe(p, usual));
        }
        Fields s = f.object("source");
        String source = s.needText("node");
        GaugePressure feed = GasIn.pressure(s, "pressure").orElseThrow(() -> s.missing("pressure"));
        s.nothingElse();
        GasNet net = new GasNet(
                gas,
                source,
                feed,
                pipes.stream().map(Pipe::pipe).toList(),
                List.of(),
                draws(),
                heights(),
                f.temperature("temperature").orElse(USUAL),
                f.barometer("atmosphere").orElse(AbsolutePressure.SEA_LEVEL));
        return sized(net);
    }

    private Pipe pipe(Fields p, Optional<GasSystem> usual) throws Refused {
        String from = p.needText("from");
        String to = p.needText("to");
        Optional<GasSystem> material = GasIn.material(p, data).or(() -> usual);
        Optional<GasSize> size = GasIn.size(p, material, data);
        Optional<Length> bore = p.length("bore").or(() -> size.map(GasSize::bore));
        Length length = p.lengthOrZero("length").orElseThrow(() -> p.missing("length"));
        if (bore.isEmpty() && material.isEmpty()) {
            throw p.missing("bore");
        }
        // A pipe to be sized stands with the widest until its size is found.
        List<GasSize> sizes =
                data.get(GasStock.KEY).sizes(material.map(GasSystem::id).orElse(""));
        Length first = bore.orElseGet(() -> sizes.get(sizes.size() - 1).bore());
        Length fittings = GasIn.fittings(p, first, data);
        String name = p.text("name").orElse(from + " " + to);
        Length rough = p.lengthOrZero("roughness")
                .or(() -> material.map(GasSystem::rough))
                .orElse(USUAL_ROUGH);
        p.nothingElse();
        return new Pipe(
                new GasNet.Pipe(name, from, to, length, fittings, first, rough), p, material, size, bore.isEmpty());
    }

    private Map<String, Length> heights() throws Refused {
        Map<String, Length> heights = new LinkedHashMap<>();
        if (f.isTexts("nodes")) {
            f.texts("nodes");
            return heights;
        }
        for (Fields n : f.maybeObjects("nodes")) {
            String node = n.needText("node");
            n.space().signedLength("height").ifPresent(h -> heights.put(node, h));
            n.nothingElse();
        }
        return heights;
    }

    private List<GasNet.Draw> draws() throws Refused {
        List<GasNet.Draw> draws = new ArrayList<>();
        for (Fields a : f.maybeObjects("appliances")) {
            String node = a.needText("node");
            String name = a.text("name").orElse(node);
            GasFlow flow = gas.flow(GasIn.power(a, "input").orElseThrow(() -> a.missing("input")), HeatBasis.GROSS);
            if (markings.put(name, a.word("inlet", GasIn.INLETS).orElse(Marking.UNKNOWN)) != null) {
                throw a.wrong("name", Say.it("whole-network.twice", "name", name));
            }
            draws.add(new GasNet.Draw(name, node, flow, GasIn.pressure(a, "least")));
            a.nothingElse();
        }
        return draws;
    }

    // --- sizes ---

    private GasNet sized(GasNet net) throws Refused {
        if (pipes.stream().noneMatch(Pipe::open)) {
            return net;
        }
        if (allowed.isEmpty()) {
            throw f.missing("allowedDrop");
        }
        if (method == GasMethod.DARCY) {
            cheapest(net);
        } else {
            byLength(net);
        }
        return net.withPipes(pipes.stream().map(Pipe::pipe).toList());
    }

    private void cheapest(GasNet net) throws Refused {
        Map<String, List<CheapestSizes.Choice>> choices = new LinkedHashMap<>();
        for (Pipe p : pipes) {
            if (p.open) {
                List<CheapestSizes.Choice> sizes = new ArrayList<>();
                for (GasSize z :
                        data.get(GasStock.KEY).sizes(p.material.orElseThrow().id())) {
                    GasNet.Pipe with = with(p, z);
                    sizes.add(new CheapestSizes.Choice(
                            z.size(), with, z.metre() * with.length().mm() / 1000));
                }
                choices.put(p.pipe.name(), sizes);
            }
        }
        GaugePressure floor = net.feed().less(allowed.orElseThrow());
        List<GasNet.Draw> limited = net.draws().stream()
                .map(d -> new GasNet.Draw(
                        d.name(),
                        d.node(),
                        d.flow(),
                        Optional.of(
                                d.least().filter(l -> l.compareTo(floor) > 0).orElse(floor))))
                .toList();
        CheapestSizes.of(net.with(limited), choices).ifPresent(found -> take(found.sizes()));
    }

    private void take(Map<String, CheapestSizes.Choice> sizes) {
        pipes.replaceAll(p -> Optional.ofNullable(sizes.get(p.pipe.name()))
                .map(c -> p.with(
                        c.pipe(),
                        data.get(GasStock.KEY)
                                .size(p.material.orElseThrow().id(), c.size())
                                .orElseThrow()))
                .orElse(p));
    }

    /** The smallest size that carries its flow over the length that the method counts; a second time with what the fittings of the found sizes take. */
    private void byLength(GasNet net) throws Refused {
        GasNet now = net;
        for (int round = 0; round < 2; round++) {
            Reach reach = Reach.of(now);
            for (int i = 0; i < pipes.size(); i++) {
                Pipe p = pipes.get(i);
                Optional<Reach.Counted> counted = reach.of(p.pipe.name());
                if (!p.open || counted.isEmpty()) {
                    continue;
                }
                for (GasSize z :
                        data.get(GasStock.KEY).sizes(p.material.orElseThrow().id())) {
                    pipes.set(i, p.with(with(p, z), z));
                    if (capacity(counted.get(), z.bore())
                                    .compareTo(counted.get().flow())
                            >= 0) {
                        break;
                    }
                }
            }
            now = now.withPipes(pipes.stream().map(Pipe::pipe).toList());
        }
    }

    private GasNet.Pipe with(Pipe p, GasSize z) throws Refused {
        return p.pipe.with(z.bore(), GasIn.fittings(p.f, z.bore(), data), p.pipe.rough());
    }

    private GasFlow capacity(Reach.Counted c, Length bore) {
        return SizingEquation.capacity(
                Resistance.of(gas), allowed.orElseThrow(), method == GasMethod.BRANCH ? c.branch() : c.longest(), bore);
    }

    // --- out ---

    private ObjectNode out(GasNet net, GasFlows flows, GaugePressure feed) throws Refused {
        boolean darcy = method == GasMethod.DARCY;
        Map<String, GaugePressure> pressures = darcy ? flows.nodes() : ByEquation.pressures(net, flows);
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        ArrayNode inPipes = out.putArray("pipes");
        Reach reach = Reach.of(net);
        List<NetFindings.Carried> carried = new ArrayList<>();
        for (GasFlows.InPipe p : flows.pipes()) {
            Pipe given = pipes.stream()
                    .filter(x -> x.pipe.name().equals(p.pipe().name()))
                    .findFirst()
                    .orElseThrow();
            PressureDifference byEquation = SizingEquation.drop(
                    Resistance.of(gas), p.flow(), p.pipe().counts(), p.pipe().bore());
            ObjectNode one = inPipes.addObject()
                    .put("name", p.pipe().name())
                    .put("from", p.pipe().from())
                    .put("to", p.pipe().to());
            given.size.ifPresent(z -> one.put("size", z.size()));
            Optional<GasFlow> most = allowed.isEmpty()
                    ? Optional.empty()
                    : reach.of(p.pipe().name()).map(c -> capacity(c, p.pipe().bore()));
            one.put("bore", p.pipe().bore().mm())
                    .put("flow", (p.forward() ? 1 : -1) * p.flow().cubicMetresPerHour())
                    .put("drop", (darcy ? p.drop() : byEquation).millibar())
                    .put("speed", p.metresPerSecond())
                    .put("dropDarcy", p.drop().millibar())
                    .put("dropEquation", byEquation.millibar());
            most.ifPresent(m -> one.put("capacity", m.cubicMetresPerHour()));
            if (!darcy) {
                carried.add(new NetFindings.Carried(p.pipe().name(), p.flow(), most));
            }
        }
        ArrayNode nodes = out.putArray("nodes");
        pressures.forEach((name, p) -> nodes.addObject().put("node", name).put("pressure", p.millibar()));
        List<NetFindings.Inlet> inlets = net.draws().stream()
                .map(d -> new NetFindings.Inlet(
                        d.name(),
                        markings.get(d.name()),
                        Optional.ofNullable(pressures.get(d.node())),
                        d.least(),
                        feed))
                .toList();
        appliances(out, net, inlets);
        FindingsOut.put(
                out,
                NetFindings.of(
                        flows.troubles(), inlets, carried, allowed, gas.power(GasSolver.total(net), HeatBasis.GROSS)),
                Words.units(f));
        return out;
    }

    private static void appliances(ObjectNode out, GasNet net, List<NetFindings.Inlet> inlets) {
        ArrayNode all = out.putArray("appliances");
        for (int i = 0; i < inlets.size(); i++) {
            NetFindings.Inlet x = inlets.get(i);
            ObjectNode one = all.addObject()
                    .put("name", x.name())
                    .put("node", net.draws().get(i).node())
                    .put("flow", net.draws().get(i).flow().cubicMetresPerHour());
            x.pressure().ifPresent(p -> one.put("pressure", p.millibar()));
            one.put("short", x.shortOf());
        }
        ObjectNode worst = out.putObject("worst");
        inlets.stream()
                .filter(x -> x.pressure().isPresent())
                .min(Comparator.comparing(x -> x.pressure().get()))
                .ifPresent(x -> worst.put("appliance", x.name())
                        .put("pressure", x.pressure().get().millibar()));
    }
}
