package mellowflare.cli.pipe;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.assemble.AssemblyStep;
import mellowflare.core.pipe.assemble.AssemblyWords;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipePart;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.rules.PipeRules;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code run}: from parts and pipes in their order to cuts, unions, an order in which it can be put together, parts. */
@Command(
        name = "run",
        mixinStandardHelpOptions = true,
        description =
                "Works out a run of rigid pipe: cut of each piece, where a union must stand, order of assembly, parts.",
        footer = {
            "",
            "In:   size; system (malleable150, forged3000, en10242 ...); pipe; pieces in order: parts {part, fitting, turn, name}",
            "      (elbow90, elbow45, tee, cross, coupling, union, dielectric, valve, flex, nipple with length, swage with length and to,",
            "      flange, reducer or bushing with to, cap, plug, from with to) and pipes {pipe: true, centreToCentre, centreToFace, faceToFace or",
            "      endToEnd}; pullBack at flanges; fixed [first, last]: whether an outer end cannot move; roundTo, roundWhen;",
            "      service, practice, units, id",
            "Out:  pieces (name, part, size, threads, cutLength {exact, shop}, at), unions, assembly, parts, findings",
            "Example:  echo '{\"size\": \"1\", \"system\": \"malleable150\", \"pieces\": [{\"pipe\": true, \"centreToFace\": 600},"
                    + " {\"part\": \"elbow90\"}, {\"pipe\": true, \"endToEnd\": 400}]}' | ./mellow-flare run"
        })
public final class RunCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("pieces", "unions", "stops");

    @Override
    public Computation computation() {
        return new Run(data());
    }

    private record Run(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            Optional<FittingSystem> system = PipeIn.system(f, "system", data);
            if (system.isEmpty()) {
                throw f.missing("system");
            }
            PipeLine line =
                    PipeIn.line(f, system, data).withShape(PipeShape.RUN).withRun(RunIn.read(f));
            if (line.size().isEmpty()) {
                throw f.missing("size");
            }
            PipeCase c = PipeCase.of(line, PipeIn.setting(f, PipeIn.when(f), units, data));
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            pieces(out.putArray("pieces"), c);
            ArrayNode unions = out.putArray("unions");
            c.assembly()
                    .unions()
                    .forEach(u -> unions.addObject()
                            .put("piece", u.piece())
                            .put("price", u.price())
                            .put("makes", u.makes())
                            .put("why", Say.it("run-command.why", "piece", u.piece())));
            ArrayNode assembly = out.putArray("assembly");
            int number = 1;
            for (AssemblyStep s : c.assembly().steps()) {
                ObjectNode step = assembly.addObject();
                s.parts().forEach(step.putArray("parts")::add);
                step.put("onto", s.onto())
                        .put("joint", FindingsOut.word(s.joint()))
                        .put("swing", s.swing().mm())
                        .put("handleOff", s.handleOff());
                s.closes().forEach(step.putArray("closes")::add);
                step.put("says", AssemblyWords.of(number++, s, c.laid().orElseThrow(), units));
            }
            parts(out.putArray("parts"), c);
            FindingsOut.put(out, PipeRules.check(c), units);
            return out;
        }

        /** Pipes with their cuts and fittings with their places, in the order of the walk. */
        private static void pieces(ArrayNode out, PipeCase c) {
            c.laid().ifPresent(laid -> {
                fitting(out, laid.fittings().get(0));
                for (int i = 0; i < laid.spools().size(); i++) {
                    PieceCut p = c.pieces().get(i);
                    ObjectNode one = out.addObject()
                            .put("name", p.name())
                            .put(
                                    "part",
                                    laid.spools().get(i).swaged().isPresent()
                                            ? "swage"
                                            : p.bought() ? "nipple" : "pipe")
                            .put("size", p.size())
                            .put("threads", p.threads());
                    p.exact()
                            .ifPresent(e -> one.putObject("cutLength")
                                    .put("exact", e.mm())
                                    .put("shop", p.shop().orElse(e).mm()));
                    fitting(out, laid.to(laid.spools().get(i)));
                }
            });
        }

        private static void fitting(ArrayNode out, Fitted f) {
            ObjectNode one = out.addObject()
                    .put("name", f.name())
                    .put("part", f.part().map(p -> p.name()).orElse(FindingsOut.word(f.kind())));
            if (!f.mouths().isEmpty()) {
                one.put("size", f.mouths().get(0).size());
            }
            one.putArray("at").add(f.at().x()).add(f.at().y()).add(f.at().z());
        }

        private static void parts(ArrayNode out, PipeCase c) {
            for (PipePart p : c.partsList()) {
                ObjectNode one = out.addObject()
                        .put("name", p.name())
                        .put("amount", p.count())
                        .put("unit", p.metres() ? "m" : "piece");
                p.price().ifPresent(x -> one.put("cost", x));
            }
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return List.of(
                    Integer.toString(r.path("pieces").size()),
                    Integer.toString(r.path("unions").size()),
                    FindingsOut.failed(r, "stop"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            for (JsonNode p : r.path("pieces")) {
                if (p.has("cutLength")) {
                    text.append(Say.it(
                                    "run-command.cut",
                                    "name",
                                    p.path("name").asText(),
                                    "size",
                                    p.path("size").asText(),
                                    "shop",
                                    LengthFormat.decimal(
                                            p.path("cutLength").path("shop").asDouble(), 2, 0)))
                            .append('\n');
                }
            }
            for (JsonNode s : r.path("assembly")) {
                text.append(s.path("says").asText()).append('\n');
            }
            return text.append(Words.findings(r.path("findings"))).toString();
        }
    }
}
