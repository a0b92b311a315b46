package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterCase;
import mellowflare.core.parts.AdapterChain;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code adapters}: what joins two ends. */
@Command(
        name = "adapters",
        mixinStandardHelpOptions = true,
        description =
                "Finds the shortest sensible chains of adapters between two ends: fewest joints, then pressure, then price.",
        footer = {
            "",
            "In:   from and to, each {code, size, gender}: the two ends that must be joined; shelfOnly; angle (one part turns so);",
            "      working (pressure every part must bear), bore (that none may be below); units; id",
            "Out:  direct, chains (parts, joints, weakest, narrowest, tapers, price, onShelf), findings",
            "Example:  echo '{\"from\": {\"code\": \"ORB\", \"size\": \"-8\", \"gender\": \"female\"},"
                    + " \"to\": {\"code\": \"JIC37\", \"size\": \"-8\", \"gender\": \"female\"}}' | ./mellow-flare adapters"
        })
public final class AdaptersCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("direct", "parts", "joints", "weakest", "narrowest", "tapers", "price", "onShelf");

    @Override
    public Computation computation() {
        return new Adapters(data());
    }

    private record Adapters(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            AdapterAsk ask = new AdapterAsk(
                    end(f, "from"),
                    end(f, "to"),
                    f.flag("shelfOnly"),
                    f.angle("angle", 1, 180),
                    f.pressure("working"),
                    f.length("bore"));
            AdapterCase c = AdapterCase.of(ask, data);
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("direct", c.direct());
            ArrayNode chains = out.putArray("chains");
            c.chains().forEach(chain -> chains.add(chain(chain)));
            FindingsOut.put(out, c.findings(), units);
            return out;
        }

        private End end(Fields f, String name) throws Refused {
            if (!f.has(name)) {
                throw f.missing(name);
            }
            Fields given = f.object(name);
            EndId id = new EndId(
                    given.needWord("code", Words.of(EndCode.values())),
                    given.needText("size"),
                    given.needWord("gender", Words.GENDERS));
            given.nothingElse();
            return data.get(EndTable.KEY)
                    .find(id)
                    .orElseThrow(() -> f.wrong(name, Say.it("adapters-command.tables-hold-no", "id", id.text())));
        }

        private static ObjectNode chain(AdapterChain chain) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            ArrayNode parts = out.putArray("parts");
            for (AdapterChain.Link link : chain.links()) {
                ObjectNode part = parts.addObject();
                part.put("part", link.part().part());
                part.put("name", link.part().name());
                part.put("turned", link.turned());
                part.put("angle", link.part().angle().degrees());
            }
            out.put("joints", chain.joints());
            out.put("weakest", chain.weakest().bar());
            out.put("narrowest", chain.narrowest().mm());
            out.put("tapers", chain.tapers());
            out.put("price", chain.price());
            out.put("onShelf", chain.onShelf());
            return out;
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            JsonNode best = r.path("chains").path(0);
            return COLUMNS.stream()
                    .map(c -> switch (c) {
                        case "direct" -> r.path(c).asText();
                        case "parts" -> parts(best);
                        default -> best.path(c).asText();
                    })
                    .toList();
        }

        private static String parts(JsonNode chain) {
            StringBuilder text = new StringBuilder();
            chain.path("parts")
                    .forEach(p -> text.append(text.isEmpty() ? "" : " + ")
                            .append(p.path("part").asText()));
            return text.toString();
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            for (JsonNode chain : r.path("chains")) {
                text.append(Say.it(
                        "adapters-command.chain",
                        "parts",
                        parts(chain),
                        "joints",
                        chain.path("joints").asText(),
                        "weakest",
                        chain.path("weakest").asText()));
            }
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
