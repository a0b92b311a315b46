package mellowflare.cli.air;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import mellowflare.cli.command.AirWords;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.NetworkFindings;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.stock.PipeSize;
import picocli.CommandLine.Command;

/** {@code air}: flows and pressures of a network of compressed air. */
@Command(
        name = "air",
        mixinStandardHelpOptions = true,
        description = "Works out a network of compressed air: pressure everywhere, flow, speed and drop in every pipe.",
        footer = {
            "",
            "In:   pipes [{name, from, to, length, bore or size with system, roughness, k}]; supplies [{node, pressure}] (gauge);",
            "      demands [{node, flow}] (free air, L/min); nodes [name] that must be there; temperature (20 C); barometer (bar);",
            "      reference of free air: ISO 1217 (usual), ISO 8778, 1.01325 bar, 20 °C, or DIN 1343; system; units; id",
            "Out:  nodes [{node, pressure, asked, taken, fed}], pipes [{name, from, to, flow, velocity, drop, mach, reynolds}],",
            "      worst {node, pressure, pipe}, imbalance, reference, findings. Flow is positive from -> to.",
            "Example:  echo '{\"pipes\": [{\"from\": \"a\", \"to\": \"b\", \"length\": 20000, \"bore\": 22}],"
                    + " \"supplies\": [{\"node\": \"a\", \"pressure\": 8}], \"demands\": [{\"node\": \"b\", \"flow\": 900}]}' | ./mellow-flare air"
        })
public final class AirCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("worstNode", "pressure", "worstPipe", "imbalance", "stops");
    private static final Length USUAL_ROUGHNESS = Length.ofMm(0.05);

    @Override
    public Computation computation() {
        return new Air(data());
    }

    /** The network of an object. */
    static Network network(Fields f, ReferenceData data) throws Refused {
        return new Air(data).network(f, AirWords.reference(f));
    }

    private record Air(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            AirReference reference = AirWords.reference(f);
            Network network = network(f, reference);
            return out(network, NetworkSolver.solve(network), reference, units);
        }

        Network network(Fields f, AirReference reference) throws Refused {
            Network network = new Network(
                    pipes(f),
                    supplies(f),
                    demands(f, reference),
                    GasLaw.air(f.temperature("temperature").orElse(Temperature.ofCelsius(20))),
                    AirWords.barometer(f));
            places(f, network);
            return network;
        }

        private List<Network.Pipe> pipes(Fields f) throws Refused {
            List<Network.Pipe> pipes = new ArrayList<>();
            Optional<String> usual = f.text("system");
            for (Fields p : f.objects("pipes")) {
                String from = p.needText("from");
                String to = p.needText("to");
                String name = p.text("name").orElse(from + " " + to);
                Optional<String> system = p.text("system").or(() -> usual);
                Optional<PipeSize> size = size(p, system);
                Optional<Length> bore = p.length("bore").or(() -> size.map(PipeSize::bore));
                Optional<Length> rough = p.lengthOrZero("roughness")
                        .or(() ->
                                system.flatMap(data.get(PipeSystems.KEY)::find).map(PipeSystem::rough));
                double k = p.number("k", 0, 10_000).orElse(0.0);
                Optional<Length> length = p.lengthOrZero("length");
                if (bore.isEmpty()) {
                    throw p.missing("bore");
                }
                if (length.isEmpty()) {
                    throw p.missing("length");
                }
                p.nothingElse();
                pipes.add(new Network.Pipe(name, from, to, length.get(), bore.get(), rough.orElse(USUAL_ROUGHNESS), k));
            }
            return pipes;
        }

        private Optional<PipeSize> size(Fields p, Optional<String> system) throws Refused {
            Optional<String> size = p.text("size");
            if (size.isEmpty()) {
                return Optional.empty();
            }
            if (system.isEmpty()) {
                throw p.missing("system");
            }
            Optional<PipeSystem> of = data.get(PipeSystems.KEY).find(system.get());
            if (of.isEmpty()) {
                throw p.wrong("system", Say.it("air-command.there-no-pipe-tables", "system", system.get()));
            }
            if (!of.get().rated()) {
                throw p.wrong(
                        "system",
                        Say.it(
                                "air-command.never-carries-compressed-air",
                                "material",
                                of.get().name(),
                                "refused",
                                of.get().refused().orElse("")));
            }
            Optional<PipeSize> found = data.get(PipeSystems.KEY).size(system.get(), size.get());
            if (found.isEmpty()) {
                throw p.wrong(
                        "size",
                        Say.it(
                                "air-command.there-no-size-known",
                                "size",
                                size.get(),
                                "system",
                                of.get().name(),
                                "sizes",
                                String.join(
                                        ", ",
                                        data.get(PipeSystems.KEY).sizes(system.get()).stream()
                                                .map(PipeSize::size)
                                                .toList())));
            }
            return found;
        }

        private static List<Network.Supply> supplies(Fields f) throws Refused {
            List<Network.Supply> supplies = new ArrayList<>();
            for (Fields s : f.maybeObjects("supplies")) {
                String node = s.needText("node");
                supplies.add(new Network.Supply(node, s.pressure("pressure").orElseThrow(() -> s.missing("pressure"))));
                s.nothingElse();
            }
            return supplies;
        }

        private static List<Network.Demand> demands(Fields f, AirReference reference) throws Refused {
            List<Network.Demand> demands = new ArrayList<>();
            for (Fields d : f.maybeObjects("demands")) {
                String node = d.needText("node");
                double flow =
                        d.flow("flow").orElseThrow(() -> d.missing("flow")).litresPerMinute();
                demands.add(new Network.Demand(node, new FreeAir(flow, reference).mass()));
                d.nothingElse();
            }
            return demands;
        }

        /** Places that are named must be met by a pipe. */
        private static void places(Fields f, Network n) throws Refused {
            Set<String> met = new LinkedHashSet<>();
            n.pipes().forEach(p -> {
                met.add(p.from());
                met.add(p.to());
            });
            for (String node : f.texts("nodes")) {
                if (!met.contains(node)) {
                    throw f.wrong("nodes", Say.it("air-command.no-pipe-leads", "node", node));
                }
            }
        }

        private static ObjectNode out(Network n, NetworkFlow flow, AirReference reference, UnitSystem units) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            ArrayNode nodes = out.putArray("nodes");
            flow.nodes().values().stream()
                    .sorted((a, b) -> a.name().compareTo(b.name()))
                    .forEach(x -> nodes.addObject()
                            .put("node", x.name())
                            .put("pressure", x.pressure().gauge(n.barometer()).bar())
                            .put("asked", FreeAir.of(x.asked(), reference).litresPerMinute())
                            .put("taken", FreeAir.of(x.taken(), reference).litresPerMinute())
                            .put("fed", FreeAir.of(x.fed(), reference).litresPerMinute()));
            ArrayNode pipes = out.putArray("pipes");
            for (NetworkFlow.InPipe p : flow.pipes()) {
                pipes.addObject()
                        .put("name", p.pipe().name())
                        .put("from", p.pipe().from())
                        .put("to", p.pipe().to())
                        .put(
                                "flow",
                                (p.forward() ? 1 : -1)
                                        * FreeAir.of(p.flow(), reference).litresPerMinute())
                        .put("velocity", p.metresPerSecond())
                        .put("drop", p.drop().bar())
                        .put("mach", p.mach())
                        .put("reynolds", p.reynolds());
            }
            ObjectNode worst = out.putObject("worst");
            flow.worstNode()
                    .ifPresent(x -> worst.put("node", x.name())
                            .put("pressure", x.pressure().gauge(n.barometer()).bar()));
            flow.worstPipe().ifPresent(x -> worst.put("pipe", x.pipe().name()));
            out.put("imbalance", flow.imbalance());
            out.put("reference", reference.word());
            FindingsOut.put(out, NetworkFindings.of(flow), units);
            return out;
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return List.of(
                    r.path("worst").path("node").asText(""),
                    r.path("worst").path("pressure").asText(""),
                    r.path("worst").path("pipe").asText(""),
                    r.path("imbalance").asText(""),
                    FindingsOut.failed(r, "stop"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            for (JsonNode n : r.path("nodes")) {
                text.append(Say.it(
                        "air-command.bar-l-min-taken",
                        "node",
                        n.path("node").asText(),
                        "asDouble",
                        String.format(Locale.ROOT, "%.3f", n.path("pressure").asDouble()),
                        "asDoubleB",
                        String.format(Locale.ROOT, "%.0f", n.path("taken").asDouble())));
            }
            for (JsonNode p : r.path("pipes")) {
                text.append(Say.it(
                        "air-command.l-min-m-s",
                        "pipe",
                        p.path("name").asText(),
                        "asDouble",
                        String.format(Locale.ROOT, "%.0f", p.path("flow").asDouble()),
                        "asDoubleB",
                        String.format(Locale.ROOT, "%.1f", p.path("velocity").asDouble()),
                        "asDoubleC",
                        String.format(Locale.ROOT, "%.4f", p.path("drop").asDouble())));
            }
            text.append(Say.it(
                            "air-command.free-air-by",
                            "reference",
                            r.path("reference").asText()))
                    .append('\n');
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
