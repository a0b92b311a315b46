package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Evidence;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.IdentifyCase;
import mellowflare.core.identify.NextCheck;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.lookalike.LookAlike;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code identify}: which end is it. */
@Command(
        name = "identify",
        mixinStandardHelpOptions = true,
        description = "Ranks every known end for what was seen and measured of one, or of thousands.",
        footer = {
            "",
            "In:   gender (male, female); body (thread, flange, barb, tube, coupler); diameter across it,",
            "      pitch (\"14 tpi\", \"1.5 mm\", \"10 over 14.1 mm\"), flank (55, 60), hand (right, left),",
            "      taper (parallel, tapered), secondDiameter and apart, seat (none, cone37, port-oring ...), seatAngle,",
            "      oring (none, thread-base, face), swivel (fixed, loose-nut), hex, tube, worn,",
            "      instrument (caliper, rule, tape, eye), service (hydraulic, pneumatic, water, gas, fuel, brake,",
            "      refrigerant), region (north-america, europe, japan), machine (farm, car ...); id, units (metric, inch).",
            "      All but gender may be missing. In CSV a column diameter_mm or diameter_in gives its cells that unit.",
            "Out:  candidates, best first, with reasons and look-alikes; unknownProbability; nextCheck",
            "Example:  echo '{\"gender\": \"male\", \"diameter\": 14.2, \"pitch\": \"18 tpi\", \"oring\": \"thread-base\"}' |"
                    + " ./mellow-flare identify"
        })
public final class IdentifyCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of(
            "code",
            "size",
            "gender",
            "name",
            "probability",
            "second",
            "secondProbability",
            "unknownProbability",
            "nextCheck");
    private static final double WORTH_TELLING = 1e-4;

    @Override
    public Computation computation() {
        ReferenceData data = data();
        return new Identify(new Identifier(data), data);
    }

    private record Identify(Identifier identifier, ReferenceData data) implements Computation {

        @Override
        public ObjectNode of(Fields record) throws Refused {
            UnitSystem units = Words.units(record);
            return result(IdentifyCase.of(observation(record), identifier, data), units);
        }

        private Observation observation(Fields f) throws Refused {
            Optional<Length> diameter = f.length("diameter");
            if (diameter.filter(d -> !Observation.isDiameter(d)).isPresent()) {
                throw f.wrong("diameter", Say.it("identify-command.no-thread-fitting-that"));
            }
            EndTable ends = data.get(EndTable.KEY);
            return Observation.of(f.needWord("gender", Words.GENDERS))
                    .withBody(f.word("body", Words.of(Body.values())))
                    .withDiameter(diameter)
                    .withInstrument(
                            f.word("instrument", Words.of(Instrument.values())).orElse(Instrument.CALIPER))
                    .withPitchReading(f.pitch("pitch"))
                    .withFlank(flank(f))
                    .withHand(f.word("hand", Words.of(HandSeen.values())))
                    .withTaper(f.word("taper", Words.of(TaperSeen.values())))
                    .withSecond(second(f))
                    .withSeat(f.word("seat", Words.SEATS))
                    .withSeatAngle(f.angle("seatAngle", 5, 130))
                    .withRing(f.word("oring", Words.of(RingSeen.values())))
                    .withSwivel(f.word("swivel", Words.of(SwivelSeen.values())))
                    .withHex(measure(f, "hex"))
                    .withTube(measure(f, "tube"))
                    .withWorn(f.flag("worn"))
                    .withService(f.word("service", known(ends.services())))
                    .withRegion(f.word("region", known(ends.regions())))
                    .withMachine(f.word("machine", known(ends.machines())));
        }

        private static Map<String, String> known(Set<String> words) {
            return words.stream().collect(Collectors.toMap(Function.identity(), Function.identity()));
        }

        private static Optional<Length> measure(Fields f, String name) throws Refused {
            Optional<Length> length = f.length(name);
            if (length.filter(l -> !Observation.isMeasure(l)).isPresent()) {
                throw f.wrong(name, "expected 0.5 to 400 mm.");
            }
            return length;
        }

        private static Optional<SecondDiameter> second(Fields f) throws Refused {
            Optional<Length> diameter = f.length("secondDiameter");
            Optional<Length> apart = measure(f, "apart");
            if (diameter.isPresent() != apart.isPresent()) {
                throw f.missing(diameter.isPresent() ? "apart" : "secondDiameter");
            }
            if (diameter.filter(d -> !Observation.isDiameter(d)).isPresent()) {
                throw f.wrong("secondDiameter", Say.it("identify-command.expected-up-400-mm"));
            }
            return diameter.map(d -> new SecondDiameter(d, apart.orElseThrow()));
        }

        private static Optional<FlankSeen> flank(Fields f) throws Refused {
            return f.angle("flank", 50, 65).map(FlankSeen::nearest);
        }

        private static ObjectNode result(IdentifyCase c, UnitSystem units) {
            Identification answer = c.answer();
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            ArrayNode candidates = out.putArray("candidates");
            for (Candidate each : answer.candidates()) {
                if (each.probability() > WORTH_TELLING) {
                    candidates.add(candidate(each, units));
                }
            }
            out.put("unknownProbability", answer.unknownProbability());
            answer.nextCheck().ifPresentOrElse(n -> out.set("nextCheck", check(n)), () -> out.putNull("nextCheck"));
            FindingsOut.put(out, c.findings(), units);
            return out;
        }

        private static ObjectNode candidate(Candidate c, UnitSystem units) {
            End end = c.end();
            ObjectNode out = end(end);
            out.put("name", end.name());
            out.put("thread", end.threadName());
            out.put("probability", c.probability());
            says(out.putArray("for"), c, Evidence.Verdict.FOR, units);
            says(out.putArray("against"), c, Evidence.Verdict.AGAINST, units);
            ArrayNode lookAlikes = out.putArray("twins");
            for (LookAlike t : c.lookAlikes()) {
                ObjectNode lookAlike = end(t.other());
                lookAlike.put("alike", t.kind().alike());
                lookAlike.put("ifForced", t.kind().ifForced());
                lookAlike.put("tellBy", t.kind().tellBy());
                lookAlikes.add(lookAlike);
            }
            out.put("source", end.source().shown());
            return out;
        }

        private static ObjectNode end(End end) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("code", end.id().code().name());
            out.put("size", end.id().size());
            out.put("gender", end.gender().id());
            return out;
        }

        private static void says(ArrayNode list, Candidate c, Evidence.Verdict verdict, UnitSystem units) {
            c.speaking(verdict).forEach(e -> list.add(e.says(units)));
        }

        private static ObjectNode check(NextCheck next) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("clue", FindingsOut.word(next.clue()));
            out.put("says", next.says());
            out.put("bits", next.bits());
            ArrayNode outcomes = out.putArray("outcomes");
            for (NextCheck.Outcome o : next.outcomes()) {
                outcomes.addObject()
                        .put("seen", o.seen())
                        .put("chance", o.chance())
                        .put("then", o.then());
            }
            return out;
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            JsonNode best = r.path("candidates").path(0);
            JsonNode second = r.path("candidates").path(1);
            List<String> cells = new ArrayList<>();
            for (String key : List.of("code", "size", "gender", "name", "probability")) {
                cells.add(best.path(key).asText());
            }
            cells.add((second.path("code").asText() + " " + second.path("size").asText()).strip());
            cells.add(second.path("probability").asText());
            cells.add(r.path("unknownProbability").asText());
            cells.add(r.path("nextCheck").path("says").asText());
            return cells;
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            for (JsonNode c : r.path("candidates")) {
                text.append(share(c.path("probability"))).append("  ");
                text.append(c.path("code").asText())
                        .append(' ')
                        .append(c.path("size").asText())
                        .append(' ');
                text.append(c.path("gender").asText())
                        .append(", ")
                        .append(c.path("name").asText())
                        .append(", ");
                text.append(c.path("thread").asText()).append('\n');
            }
            text.append(Say.it("identify-command.none-these", "share", share(r.path("unknownProbability"))))
                    .append('\n');
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }

        private static String share(JsonNode probability) {
            return String.format("%9s", new Figure.OfShare(probability.asDouble()).text(UnitSystem.METRIC));
        }
    }
}
