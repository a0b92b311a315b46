package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.sealing.JointCase;
import mellowflare.core.sealing.JointRules;
import mellowflare.core.sealing.MakeUp;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import picocli.CommandLine.Command;

/** {@code seal}: how one joint is sealed. */
@Command(
        name = "seal",
        mixinStandardHelpOptions = true,
        description =
                "Says how a joint is sealed: what goes on it, what never does, how tight, when it is opened again.",
        footer = {
            "",
            "In:   code, size; gender, seat where the end can have several; fluid; material (steel, stainless, brass, copper, aluminium, plastic) of the weaker thread; practice (methods by topic); units; id",
            "Out:  sealsOn, putOn, never, lubricant, tighten, reuse, inspect, seat, source, findings",
            "Example:  echo '{\"code\": \"NPT\", \"size\": \"1/2\", \"fluid\": \"water\"}' | ./mellow-flare seal"
        })
public final class SealCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("code", "size", "seat", "sealsOn", "putOn", "never", "lubricant", "tighten", "reuse", "inspect");

    /** Of the weaker thread. Stainless is as strong as steel here, copper no stronger than brass. */
    private static final Map<String, MakeUp.Material> MATERIALS = materials();

    private static Map<String, MakeUp.Material> materials() {
        Map<String, MakeUp.Material> words = new LinkedHashMap<>();
        Words.of(Metal.values()).forEach((word, metal) -> words.put(word, MakeUp.Material.of(metal)));
        words.put("plastic", MakeUp.Material.PLASTIC);
        return Map.copyOf(words);
    }

    @Override
    public Computation computation() {
        return new Seal(data());
    }

    private record Seal(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            End end = Shared.eitherSide(f, data);
            Seat seat = f.word("seat", Words.SEATS).orElse(end.usualSeat());
            if (!end.seats().contains(seat)) {
                throw f.wrong(
                        "seat", Say.it("seal-command.has-no", "end", end.id().text(), "seat", seat.words()));
            }
            Optional<Fluid> fluid = Shared.fluid(f, data);
            Practice practice = Shared.practice(f.object("practice"), data);
            Optional<MakeUp.Material> material = f.word("material", MATERIALS);
            SealAdvice advice = data.get(Sealing.KEY)
                    .advise(end, seat, fluid, material, practice, data)
                    .orElseThrow(() -> f.wrong("seat", Say.it("seal-command.tables-hold-no-advice")));
            ObjectNode out = out(end, seat, advice);
            FindingsOut.put(out, JointRules.check(new JointCase(end, seat, fluid, Subject.END, data)), units);
            return out;
        }

        private static ObjectNode out(End end, Seat seat, SealAdvice a) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("code", end.id().code().name());
            out.put("size", end.id().size());
            out.put("seat", seat.code());
            out.put("sealsOn", a.sealsOn().words());
            list(out.putArray("putOn"), a.putOn());
            list(out.putArray("never"), a.never());
            out.put("lubricant", a.lubricant());
            out.put("tighten", a.tighten());
            a.torque()
                    .ifPresent(t -> out.putObject("torque")
                            .put("low", t.low().newtonMetres())
                            .put("high", t.high().newtonMetres())
                            .put("shop", t.text())
                            .put("source", t.source().shown()));
            out.put("reuse", a.reuse());
            out.put("inspect", a.inspect());
            out.put("source", a.source().shown());
            return out;
        }

        private static void list(ArrayNode into, List<String> texts) {
            texts.forEach(into::add);
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return COLUMNS.stream().map(c -> cell(r.path(c))).toList();
        }

        private static String cell(JsonNode value) {
            return value.isArray() ? joined(value) : value.asText();
        }

        private static String joined(JsonNode list) {
            StringBuilder text = new StringBuilder();
            list.forEach(t -> text.append(text.isEmpty() ? "" : "; ").append(t.asText()));
            return text.toString();
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            text.append(Say.it(
                            "seal-command.seals-on", "place", r.path("sealsOn").asText()))
                    .append('\n');
            for (String key : List.of("putOn", "never", "lubricant", "tighten", "reuse", "inspect")) {
                text.append(key.equals("putOn") ? Say.it("seal-command.put-on") : key)
                        .append(": ")
                        .append(cell(r.path(key)))
                        .append('\n');
            }
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
