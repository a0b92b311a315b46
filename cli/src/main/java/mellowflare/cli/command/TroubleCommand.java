package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.connection.End;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Attach;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.trouble.Diagnosing;
import mellowflare.core.trouble.Diagnosis;
import mellowflare.core.trouble.SignGroup;
import mellowflare.core.trouble.TroubleAsk;
import mellowflare.core.trouble.TroubleTable;
import mellowflare.core.trouble.What;
import picocli.CommandLine.Command;

/** {@code trouble}: what makes a joint or a line leak or fail, and what to look at next. */
@Command(
        name = "trouble",
        mixinStandardHelpOptions = true,
        description = "Narrows the causes of a leak or a fault by its signs, and says which look tells most.",
        footer = {
            "",
            "In:   what (hose, tube, pipe, air, gas, water, valve); joint {code, size, gender} and attach where they are known; fluid;",
            "      signs: when, first, since (one word each), seen [words] and notSeen [words] of what was looked for;",
            "      measured (gap, flareDiameter, crimpDiameter, stickOut): kept, not weighed; units; id;",
            "      of air and gas measured.pressures {place: pressure} with network (as air or gas read it, its demands what runs now)",
            "Out:  causes (cause, name, probability, look, redo, verdict, uses, parts), named, nextLook (sign, look, for), unknownProbability, findings;",
            "      of pressures in a network: faults (fault, at, probability, lost, left, flow), asPlanned, otherFault, readNext",
            "Example:  echo '{\"what\": \"hose\", \"joint\": {\"code\": \"ORB\", \"size\": \"-8\"}, \"signs\": {\"when\": \"pressure\", \"first\": \"ring\","
                    + " \"since\": \"reopened\", \"seen\": [\"ring-rolled\"]}}' | ./mellow-flare trouble"
        })
public final class TroubleCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("cause", "probability", "verdict", "nextLook", "unknown");
    private static final List<String> LENGTHS = List.of("gap", "flareDiameter", "crimpDiameter", "stickOut");
    private static final double SHOWN = 0.005;
    private static final int MOST = 10;

    private final List<NetworkIn> networks;

    /**
     * @param networks how networks are read, by trade
     */
    public TroubleCommand(List<NetworkIn> networks) {
        this.networks = List.copyOf(networks);
    }

    @Override
    public Computation computation() {
        return new Trouble(data(), networks);
    }

    private record Trouble(ReferenceData data, List<NetworkIn> networks) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            TroubleTable table = data.get(TroubleTable.KEY);
            TroubleAsk ask = TroubleAsk.of(f.needWord("what", Words.of(What.values())))
                    .withJoint(joint(f))
                    .withAttach(f.word("attach", Words.of(Attach.values())))
                    .withFluid(Shared.fluid(f, data));
            if (f.has("signs")) {
                ask = signs(f.object("signs"), ask, table);
            }
            Optional<NetworkIn> network = network(ask.what(), f);
            Optional<FaultOut> faults = Optional.empty();
            if (f.has("measured")) {
                Fields measured = f.object("measured");
                if (network.isPresent() && measured.has("pressures")) {
                    faults = Optional.of(FaultOut.of(network.get(), f, measured, data));
                }
                ask = ask.withMeasured(measured(measured, faults.isPresent()));
            }
            Diagnosis d = new Diagnosing(table).of(ask);
            ObjectNode out = out(d);
            faults.ifPresent(x -> x.put(out, units));
            FindingsOut.put(out, d.findings(), units);
            return out;
        }

        /** How the network is read that goes with the pressures; empty where none was given. */
        private Optional<NetworkIn> network(What what, Fields f) throws Refused {
            if (!f.has("network")) {
                return Optional.empty();
            }
            return Optional.of(networks.stream()
                    .filter(n -> n.what().equals(what.code()))
                    .findFirst()
                    .orElseThrow(() -> f.wrong("network", Say.it("trouble-command.no-network", "what", what.word()))));
        }

        /** Which figures were given that do not weigh; each must be one. */
        private static Set<String> measured(Fields f, boolean solved) throws Refused {
            Set<String> all = new TreeSet<>();
            for (String name : LENGTHS) {
                f.length(name).ifPresent(l -> all.add(name));
            }
            if (f.has("pressures") && !solved) {
                all.add("pressures");
                f.object("pressures");
            }
            f.nothingElse();
            return all;
        }

        private Optional<End> joint(Fields f) throws Refused {
            if (!f.has("joint")) {
                return Optional.empty();
            }
            Fields j = f.object("joint");
            End end = Shared.eitherSide(j, data);
            j.nothingElse();
            return Optional.of(end);
        }

        private static TroubleAsk signs(Fields f, TroubleAsk ask, TroubleTable table) throws Refused {
            TroubleAsk now = ask;
            for (SignGroup g : SignGroup.values()) {
                Map<String, String> words = table.of(g).stream().collect(Collectors.toMap(s -> s.id(), s -> s.id()));
                if (g == SignGroup.SEEN) {
                    for (String seen : looks(f, "seen", words)) {
                        now = now.withLook(seen, Optional.of(true));
                    }
                    for (String not : looks(f, "notSeen", words)) {
                        if (now.seen().contains(not)) {
                            throw f.wrong("notSeen", Say.it("trouble-command.both", "sign", not));
                        }
                        now = now.withLook(not, Optional.of(false));
                    }
                } else {
                    now = now.withAnswer(g, f.word(g.name().toLowerCase(Locale.ROOT), words));
                }
            }
            f.nothingElse();
            return now;
        }

        private static List<String> looks(Fields f, String name, Map<String, String> words) throws Refused {
            List<String> all = f.has(name) ? f.texts(name) : List.of();
            for (String each : all) {
                if (!words.containsKey(each)) {
                    throw f.wrong(
                            name,
                            Say.it("trouble-command.no-sign", "sign", each, "signs", Words.either(words.keySet())));
                }
            }
            return all;
        }

        private static ObjectNode out(Diagnosis d) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            ArrayNode causes = out.putArray("causes");
            d.suspects().stream().limit(MOST).filter(s -> s.share() >= SHOWN).forEach(s -> {
                ObjectNode c = causes.addObject();
                c.put("cause", s.cause().id());
                c.put("name", s.cause().name());
                c.put("probability", s.share());
                c.put("look", s.cause().look());
                c.put("redo", s.cause().redo());
                c.put("verdict", s.cause().verdict().code());
                c.put("uses", s.cause().uses().says());
                s.cause().parts().forEach(c.putArray("parts")::add);
                c.put("source", s.cause().source().shown());
            });
            d.named().ifPresent(s -> out.put("named", s.cause().id()));
            d.nextLook()
                    .ifPresent(n -> out.putObject("nextLook")
                            .put("sign", n.sign().id())
                            .put("look", n.sign().look())
                            .put("for", n.ifSeen().id()));
            out.put("unknownProbability", d.unknown());
            return out;
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            JsonNode first = r.path("causes").path(0);
            return List.of(
                    first.path("cause").asText(),
                    first.path("probability").asText(),
                    first.path("verdict").asText(),
                    r.path("nextLook").path("sign").asText(),
                    r.path("unknownProbability").asText());
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            r.path("causes")
                    .forEach(c -> text.append(Say.it(
                                    "trouble-command.cause",
                                    "share",
                                    Math.round(100 * c.path("probability").asDouble()),
                                    "name",
                                    c.path("name").asText(),
                                    "look",
                                    c.path("look").asText(),
                                    "redo",
                                    c.path("redo").asText()))
                            .append('\n'));
            if (r.has("nextLook")) {
                text.append(Say.it(
                                "trouble-command.next",
                                "look",
                                r.path("nextLook").path("look").asText()))
                        .append('\n');
            }
            text.append(Say.it(
                            "trouble-command.unknown",
                            "share",
                            Math.round(100 * r.path("unknownProbability").asDouble())))
                    .append('\n');
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
