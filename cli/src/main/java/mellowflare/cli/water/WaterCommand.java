package mellowflare.cli.water;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Practice;
import mellowflare.core.bag.BagPart;
import mellowflare.core.fluid.Service;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.water.WaterPlan;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.EquipmentThread;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.WaterStock;
import mellowflare.core.water.work.WaterCase;
import picocli.CommandLine.Command;

/** {@code water}: sets of parts from a house pipe to equipment, the nipple through the wall, the bag. */
@Command(
        name = "water",
        mixinStandardHelpOptions = true,
        description =
                "Chooses the parts between a house pipe and equipment, the nipple through the wall and the one-trip bag.",
        footer = {
            "",
            "In:   equipment {thread (faucet, toilet, washer-na, ... or as asked for: \"3/4-11.5 NH\"), material (plastic, metal)};",
            "      house {material (copper, pex, cpvc, pvc, galvanised, brass), outside}; misalignment, distance, straightTube; hidden (true, false);",
            "      wallDepth, plate, gap, nippleSize (1/2); pressure, temperature; allow [methods]; flame, flexible (true, false);",
            "      age (old, middle, new), elsewhere [materials], chance (0.9); mainHolds, branchFirm; units; id",
            "Out:  sets [{id, possible, parts, joints [{at, seal, put, turns}], tools, mostOffset, connector, price, minutes, goods, bads, blocked}],",
            "      nipple {exact, stock, gap, neighbours}, bag [{part, name, price}], chance, curve [{parts, chance}], findings",
            "Example:  echo '{\"equipment\": {\"thread\": \"faucet\"}, \"house\": {\"material\": \"copper\", \"outside\": \"5/8 in\"},"
                    + " \"straightTube\": 40, \"distance\": 320}' | ./mellow-flare water"
        })
public final class WaterCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("set", "price", "nipple", "gap", "chance", "stops");
    private static final Map<String, Boolean> MATERIALS = Map.of("plastic", true, "metal", false);

    @Override
    public Computation computation() {
        return new Water(data());
    }

    private record Water(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            WaterLine line = line(f);
            WaterPlan plan = WaterPlan.of(WaterCase.of(
                    line, new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, units, MakeLog.EMPTY, data)));
            return out(plan, units);
        }

        private WaterLine line(Fields f) throws Refused {
            WaterStock stock = data.get(WaterStock.KEY);
            Fields e = f.object("equipment");
            Optional<String> thread = e.text("thread");
            if (thread.isPresent() && stock.thread(thread.get()).isEmpty()) {
                throw e.wrong(
                        "thread",
                        Say.it(
                                "water-command.no-thread",
                                "thread",
                                thread.get(),
                                "threads",
                                String.join(
                                        ", ",
                                        stock.threads().stream()
                                                .map(EquipmentThread::id)
                                                .toList())));
            }
            Optional<Boolean> plastic = e.word("material", MATERIALS);
            e.nothingElse();
            Fields h = f.object("house");
            Optional<HouseMaterial> material = h.word("material", Words.of(HouseMaterial.values()));
            WaterLine line = WaterLine.NEW
                    .with()
                    .equipment(thread.flatMap(stock::thread).map(EquipmentThread::id))
                    .plastic(plastic)
                    .material(material)
                    .outside(h.length("outside"))
                    .build();
            h.nothingElse();
            Set<JoinMethod.Id> allow = new HashSet<>();
            for (String name : f.texts("allow")) {
                JoinMethod.Id id = Words.of(JoinMethod.Id.values()).get(name);
                if (id == null) {
                    throw f.wrong(
                            "allow",
                            Say.it(
                                    "water-command.no-method",
                                    "method",
                                    name,
                                    "methods",
                                    String.join(
                                            ", ",
                                            Words.of(JoinMethod.Id.values()).keySet().stream()
                                                    .sorted()
                                                    .toList())));
                }
                allow.add(id);
            }
            Set<HouseMaterial> elsewhere = new HashSet<>();
            for (String name : f.texts("elsewhere")) {
                HouseMaterial m = Words.of(HouseMaterial.values()).get(name);
                if (m == null) {
                    throw f.wrong("elsewhere", Say.it("water-command.no-material", "material", name));
                }
                elsewhere.add(m);
            }
            Optional<String> size = f.text("nippleSize");
            if (size.isPresent() && stock.makeUp(size.get()).isEmpty()) {
                throw f.wrong("nippleSize", Say.it("water-command.no-size", "size", size.get()));
            }
            return line.with()
                    .offset(f.lengthOrZero("misalignment"))
                    .distance(f.length("distance"))
                    .straight(f.lengthOrZero("straightTube"))
                    .seen(
                            f.has("hidden")
                                    ? Optional.of(!f.flag("hidden"))
                                    : f.has("wallDepth") ? Optional.of(false) : Optional.empty())
                    .wallDepth(f.lengthOrZero("wallDepth"))
                    .plate(f.lengthOrZero("plate"))
                    .gap(f.lengthOrZero("gap"))
                    .nippleSize(size)
                    .pressure(f.pressure("pressure"))
                    .warmest(f.temperature("temperature"))
                    .allowed(allow)
                    .flameAllowed(answer(f, "flame"))
                    .flexibleAllowed(answer(f, "flexible"))
                    .mainHolds(answer(f, "mainHolds"))
                    .branchFirm(answer(f, "branchFirm"))
                    .age(f.word("age", Words.of(HouseAge.values())))
                    .elsewhere(elsewhere)
                    .chance(f.number("chance", 0.01, 1).orElse(WaterLine.USUAL_CHANCE))
                    .build();
        }

        private static Optional<Boolean> answer(Fields f, String name) throws Refused {
            return f.has(name) ? Optional.of(f.flag(name)) : Optional.empty();
        }

        private static ObjectNode out(WaterPlan plan, UnitSystem units) {
            WaterCase c = plan.c();
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            ArrayNode sets = out.putArray("sets");
            c.sets().forEach(s -> set(sets.addObject(), s));
            c.nipple().ifPresent(n -> nipple(out.putObject("nipple"), n, units));
            ArrayNode bag = out.putArray("bag");
            c.bag().ifPresent(b -> {
                for (BagPart p : c.packed().parts(b)) {
                    ObjectNode part = bag.addObject().put("part", p.id()).put("name", p.name());
                    p.price().ifPresent(x -> part.put("price", x));
                }
                out.put("chance", c.packed().chance(b));
                ArrayNode curve = out.putArray("curve");
                c.packed()
                        .curve()
                        .forEach(x ->
                                curve.addObject().put("parts", x.parts().size()).put("chance", x.chance()));
            });
            FindingsOut.put(out, plan.findings(), units);
            return out;
        }

        private static void set(ObjectNode n, WaterSet s) {
            n.put("id", s.id()).put("possible", s.possible());
            texts(n, "parts", s.parts());
            ArrayNode joints = n.putArray("joints");
            s.joints()
                    .forEach(j -> joints.addObject()
                            .put("at", j.at())
                            .put("seal", j.seal())
                            .put("put", j.put())
                            .put("turns", j.turns()));
            texts(n, "tools", s.tools());
            s.mostOffset().ifPresent(b -> n.put("mostOffset", b.mm()));
            s.connector().ifPresent(x -> n.put("connector", x.mm()));
            n.put("price", s.price()).put("minutes", s.minutes());
            texts(n, "goods", s.goods());
            texts(n, "bads", s.bads());
            texts(n, "blocked", s.blocked());
        }

        private static void texts(ObjectNode n, String name, List<String> all) {
            ArrayNode list = n.putArray(name);
            all.forEach(list::add);
        }

        private static void nipple(ObjectNode n, NippleFit fit, UnitSystem units) {
            n.put("exact", fit.exact().mm());
            fit.stock()
                    .ifPresent(s -> n.put("stock", s.length().mm())
                            .put("gap", s.gap())
                            .put("shop", LengthFormat.figure(s.length(), units)));
            ArrayNode near = n.putArray("neighbours");
            fit.neighbours()
                    .forEach(
                            x -> near.addObject().put("length", x.length().mm()).put("gap", x.gap()));
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            JsonNode best = r.path("sets").path(0);
            return List.of(
                    best.path("possible").asBoolean() ? best.path("id").asText("") : "",
                    best.path("price").asText(""),
                    r.path("nipple").path("stock").asText(""),
                    r.path("nipple").path("gap").asText(""),
                    r.path("chance").asText(""),
                    FindingsOut.failed(r, "stop"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            int number = 1;
            for (JsonNode s : r.path("sets")) {
                if (s.path("possible").asBoolean()) {
                    text.append(Say.it(
                            "water-command.set",
                            "number",
                            number++,
                            "parts",
                            joined(s.path("parts")),
                            "price",
                            LengthFormat.decimal(s.path("price").asDouble(), 0, 0)));
                }
            }
            if (r.path("nipple").has("stock")) {
                text.append(Say.it(
                        "water-command.nipple",
                        "length",
                        r.path("nipple").path("shop").asText(),
                        "gap",
                        LengthFormat.decimal(r.path("nipple").path("gap").asDouble(), 1, 0)));
            }
            for (JsonNode b : r.path("bag")) {
                text.append(Say.it("water-command.part", "part", b.path("name").asText()));
            }
            return text.append(Words.findings(r.path("findings"))).toString();
        }

        private static String joined(JsonNode list) {
            StringBuilder all = new StringBuilder();
            list.forEach(n -> all.append(all.isEmpty() ? "" : ", ").append(n.asText()));
            return all.toString();
        }
    }
}
