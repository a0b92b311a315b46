package mellowflare.cli.hose;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.StepOut;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code hose}: from two ends, a hose and a service to cut length, findings, steps and parts. */
@Command(
        name = "hose",
        mixinStandardHelpOptions = true,
        description = "Works out a hose line of any kind: cut length, weakest part, joints, steps, parts, findings.",
        footer = {
            "",
            "In:   ends: two of {part} from the catalogue, or {cutOff, code, size, gender, angle, rating} of the hose end;",
            "      each may add place, port {code, size, gender}, adapters [part numbers] and metal; hose: a part number or {kind, dash};",
            "      finishedLength (or laidOutLength), secondReading, bendRadius, clocking; service {fluid, working, peak, fluidTemperature, flow, duty, work,",
            "      surroundings, moves, opener, wet, pressureTables}; practice; units",
            "Out:  cutLength, shop, tolerance, overall, underPressure, weakest, flow, fit, joints, steps, parts, ways, findings",
            "Example:  echo '{\"ends\": [{\"part\": \"KC08-B08M\"}, {\"part\": \"KC08-J08F90\"}], \"hose\": \"KH2-08\","
                    + " \"finishedLength\": \"44 7/8 in\"}' | ./mellow-flare hose"
        })
public final class HoseCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("cutLength", "shop", "tolerance", "weakest", "weakestLimit", "stops", "warnings");

    @Override
    public Computation computation() {
        return new Hose(data());
    }

    private record Hose(ReferenceData data) implements Computation {

        @Override
        public ObjectNode of(Fields record) throws Refused {
            UnitSystem units = Words.units(record);
            return HoseOut.of(new HoseIn(data).read(record, units), units);
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return List.of(
                    r.path("cutLength").asText(""),
                    r.path("shop").asText(),
                    r.path("tolerance").asText(""),
                    r.path("weakest").path("part").asText(),
                    r.path("weakest").path("limit").asText(""),
                    FindingsOut.failed(r, "stop"),
                    FindingsOut.failed(r, "warn"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            text.append(Say.it("hose-command.cut", "cut", r.path("shop").asText("open")));
            if (r.hasNonNull("weakest")) {
                text.append(Say.it(
                        "hose-command.weakest",
                        "part",
                        r.path("weakest").path("part").asText(),
                        "limit",
                        r.path("weakest").path("limit").asText()));
            }
            StepOut.text(r, text);
            return text.toString();
        }
    }
}
