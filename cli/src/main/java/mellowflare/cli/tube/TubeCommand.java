package mellowflare.cli.tube;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.StepOut;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code tube}: from points, legs or rows to cut length, marks, order of bends, findings and steps. */
@Command(
        name = "tube",
        mixinStandardHelpOptions = true,
        description =
                "Works out a formed and flared tube: straights, rotations, bends, marks, cut length, fit, steps, findings.",
        footer = {
            "",
            "In:   the way once: points [[x,y,z]] (corners of the centre line), rows [[straight, rotation, bend]],",
            "      legs [{length, turn, bend}] with legsTo centre, outside or inside, or template (a length);",
            "      clr (centre line radius) or bender; tube (id of a size) or od, wall, material; trialBends [[lever, kept]];",
            "      ends: two of {kind, tool, stickOut, reach, place, port {code, size, gender}, metal}; squareUp, designFactor,",
            "      buried, endToEnd (second reading), instrument; service {fluid, working ...}; practice; units; id",
            "Out:  rows, points, developedLength, cutLength, shop, marks, marksFromB (start, middle, leg, around, angle, lever),",
            "      order, clearance, farEndError, fit, bears, weight, volume, ends, parts, steps, findings",
            "Example:  echo '{\"points\": [[0,0,0],[120,0,0],[120,90,0]], \"clr\": 20, \"od\": 8, \"wall\": 1}' | ./mellow-flare tube"
        })
public final class TubeCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("developedLength", "cutLength", "shop", "bends", "chance", "stops");

    @Override
    public Computation computation() {
        return new Tube(data());
    }

    private record Tube(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields record) throws Refused {
            UnitSystem units = Words.units(record);
            return TubeOut.of(new TubeIn(data).read(record, units), units);
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return List.of(
                    r.path("developedLength").asText(""),
                    r.path("cutLength").asText(""),
                    r.path("shop").asText(""),
                    Integer.toString(Math.max(0, r.path("rows").size() - 1)),
                    r.path("fit").path("chance").asText(""),
                    FindingsOut.failed(r, "stop"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            text.append(Say.it("tube-command.cut", "cut", r.path("shop").asText("none")))
                    .append('\n');
            for (JsonNode m : r.path("marks")) {
                text.append(Say.it(
                                "tube-command.bend",
                                "bend",
                                m.path("bend").asText(),
                                "start",
                                figure(m, "start"),
                                "middle",
                                figure(m, "middle"),
                                "leg",
                                figure(m, "leg"),
                                "around",
                                figure(m, "around"),
                                "angle",
                                figure(m, "angle"),
                                "lever",
                                m.has("lever") ? figure(m, "lever") : "none"))
                        .append('\n');
            }
            StepOut.text(r, text);
            return text.toString();
        }

        private static String figure(JsonNode m, String name) {
            return LengthFormat.decimal(m.path(name).asDouble(), 1, 0);
        }
    }
}
