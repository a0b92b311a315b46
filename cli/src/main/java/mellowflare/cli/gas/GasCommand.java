package mellowflare.cli.gas;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code gas}: one gas pipe, or a network of them with its appliances. */
@Command(
        name = "gas",
        mixinStandardHelpOptions = true,
        description =
                "Works out low-pressure fuel gas: one pipe by the code's equations, or a network with its appliances.",
        footer = {
            "",
            "In, one pipe: gas (natural, propane, butane, g20, g25, g30, g31) or cr and y; flow or demand; length; bore, or material with size;",
            "      drop, or pressure with endPressure; atmosphere (1.01325 bar); fittings, extraLength; heatingValue (the gas's own).",
            "      Whatever is missing comes out: drop, capacity, minBore, size. From 1.5 psi at the inlet the high-pressure form is used.",
            "In, network: gas; source {node, pressure}; pipes [{name, from, to, length, bore or material with size, fittings, extraLength,",
            "      roughness}]; appliances [{name, node, input, inlet (regulated, own-regulator, unknown), least}]; nodes [{node, height}];",
            "      allowedDrop; method: darcy (usual), longest, branch. A pipe with a material and no size is sized.",
            "      A number is mm, mbar, kW, m3/h, MJ/m3; a text has its unit: \"0.5 inwc\", \"40000 BTU/h\", \"65 ft3/h\".",
            "Out:  one pipe: flow, drop, endPressure, capacity, capacityPower, minBore, size, bore, findings;",
            "      network: pipes [{name, size, bore, flow, drop, speed, dropDarcy, dropEquation, capacity}], nodes [{node, pressure}],",
            "      appliances [{name, node, flow, pressure, short}], worst {appliance, pressure}, findings.",
            "Example:  echo '{\"gas\": \"propane\", \"demand\": \"65000 BTU/h\", \"length\": \"40 ft\", \"material\": \"copper-acr\","
                    + " \"drop\": \"0.5 inwc\"}' | ./mellow-flare gas"
        })
public final class GasCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("flow", "drop", "capacity", "minBore", "size", "worst", "stops");

    @Override
    public Computation computation() {
        return new Gas(data());
    }

    private record Gas(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            return f.has("pipes") ? new WholeNetwork(f, data).of() : new OnePipe(f, data).of();
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return List.of(
                    r.path("flow").asText(""),
                    r.path("drop").asText(""),
                    r.path("capacity").asText(""),
                    r.path("minBore").asText(""),
                    r.path("size").asText(""),
                    r.path("worst").path("appliance").asText(""),
                    FindingsOut.failed(r, "stop"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            one(r, "flow", x -> Say.it("gas-command.flow", "figure", x), text);
            one(r, "drop", x -> Say.it("gas-command.drop", "figure", x), text);
            one(r, "capacity", x -> Say.it("gas-command.capacity", "figure", x), text);
            one(r, "minBore", x -> Say.it("gas-command.bore", "figure", x), text);
            if (r.has("size")) {
                text.append(Say.it("gas-command.size", "size", r.path("size").asText()));
            }
            for (JsonNode p : r.path("pipes")) {
                text.append(Say.it(
                        "gas-command.pipe",
                        "pipe",
                        p.path("name").asText(),
                        "size",
                        p.path("size").asText("–"),
                        "flow",
                        decimal(p, "flow"),
                        "drop",
                        decimal(p, "drop"),
                        "speed",
                        decimal(p, "speed")));
            }
            for (JsonNode a : r.path("appliances")) {
                text.append(Say.it(
                        "gas-command.appliance",
                        "appliance",
                        a.path("name").asText(),
                        "pressure",
                        decimal(a, "pressure")));
            }
            return text.append(Words.findings(r.path("findings"))).toString();
        }

        private static String decimal(JsonNode n, String field) {
            return n.has(field)
                    ? String.format(Locale.ROOT, "%.3f", n.path(field).asDouble())
                    : "–";
        }

        private static void one(JsonNode r, String field, UnaryOperator<String> says, StringBuilder text) {
            if (r.has(field)) {
                text.append(says.apply(decimal(r, field)));
            }
        }
    }
}
