package mellowflare.cli.tube;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.Shared;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.End;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareBench;
import mellowflare.core.tube.flare.FlareCalibration;
import mellowflare.core.tube.flare.FlareCauses;
import mellowflare.core.tube.flare.FlareFault;
import mellowflare.core.tube.flare.FlareFindings;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.flare.FlareSetting;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.stock.Tube;
import picocli.CommandLine.Command;

/** {@code flare}: the flare that a setting gives, the setting that lands in the middle, and what made a bad one. */
@Command(
        name = "flare",
        mixinStandardHelpOptions = true,
        description =
                "Tries a flare at the bench: diameter, wall at the lip, stretch, faults; and finds what made a bad one.",
        footer = {
            "",
            "In:   od, wall, material or tube (id of a size); kind (single37, single45, refrigeration45, double45, bubble) or halfAngle;",
            "      stickOut (when left out, the middle of the band); tool or sink; temper annealed, half-hard or hard;",
            "      offCentre, crooked, shift (lengths), closing (1 is home), wear (0 to 1), slips, unreamed, dry;",
            "      port {code, size, gender}, fluid; seen [faults] and measured (diameter) to find the cause;",
            "      calibrate: three scrap flares {stickOut, diameter} that tell the sink of the tool; units; id",
            "Out:  flareDiameter, lipWall, lipWallHigh, rimStrain, strainLimit, crackRisk, lopSided, shortens, verdict, faults, band,",
            "      bestStickOut, causes, sink and sinkSpread of scrap flares, findings",
            "Example:  echo '{\"tube\": \"ACR-3/8\", \"kind\": \"refrigeration45\", \"tool\": \"bar-45\", \"stickOut\": 1.3,"
                    + " \"fluid\": \"r410a\"}' | ./mellow-flare flare"
        })
public final class FlareCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("flareDiameter", "lipWall", "crackRisk", "bestStickOut", "verdict");
    private static final Map<String, Double> TEMPERS = Map.of("annealed", 1.0, "half-hard", 0.5, "hard", 0.2);

    @Override
    public Computation computation() {
        return new Flare(data());
    }

    private record Flare(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            Tube tube = TubeIn.tube(f, data).flatMap(p -> p.tube(data)).orElseThrow(() -> f.missing("od"));
            Optional<Angle> half = f.angle("halfAngle", 20, 60);
            EndTraits kind = kind(f, half);
            Optional<Fluid> fluid = Shared.fluid(f, data);
            Optional<End> port = TubeIn.portEnd(f, data);
            Optional<Length> bore =
                    port.flatMap(End::thread).map(t -> t.femaleCrest().low());
            Optional<FlareBand> band = data.get(FlareBands.KEY)
                    .of(kind, tube.outside(), fluid.map(Fluid::id), port.map(e -> e.id().code()), bore);
            Optional<FlareCalibration> told = calibration(f, tube, kind);
            FlareBench bench = bench(f, tube, kind, told);
            Optional<Length> best = band.flatMap(b -> bench.stickOutFor(b.middle()));
            Optional<Length> given = f.lengthOrZero("stickOut");
            if (given.isEmpty() && best.isEmpty()) {
                throw f.missing("stickOut");
            }
            Angle off = Angle.ofDegrees(
                    half.map(h -> h.degrees() - kind.halfAngle().degrees()).orElse(0.0));
            FlareSetting setting =
                    setting(f, given.orElseGet(best::orElseThrow)).withConeError(off);
            FlareMade made = bench.make(setting, band, bore);
            ObjectNode out = out(made, band, best);
            causes(out, f, bench, FlareSetting.good(setting.stickOut()), band, bore);
            List<Finding> findings = new ArrayList<>(FlareFindings.of(made, band));
            told.ifPresent(c -> {
                out.put("sink", c.sink().mm());
                out.put("sinkSpread", c.spread().mm());
                findings.add(FlareFindings.of(c));
            });
            FindingsOut.put(out, findings, units);
            return out;
        }

        private EndTraits kind(Fields f, Optional<Angle> half) throws Refused {
            Optional<TubeEndKind> said = f.word("kind", TubeIn.KINDS);
            TubeEndKind kind = said.orElseGet(
                    () -> half.filter(h -> h.degrees() < 41).isPresent() ? TubeEndKind.SINGLE37 : TubeEndKind.SINGLE45);
            EndTraits traits = data.get(EndKinds.KEY).of(kind);
            if (said.isEmpty() && half.isEmpty()) {
                throw f.missing("kind");
            }
            if (!traits.flared()) {
                throw f.wrong("kind", Say.it("flare-command.not-flared", "traits", traits.name()));
            }
            return traits;
        }

        private static Optional<FlareCalibration> calibration(Fields f, Tube tube, EndTraits kind) throws Refused {
            List<FlareCalibration.Scrap> flares = new ArrayList<>();
            for (Fields each : f.maybeObjects("calibrate")) {
                Length out = each.lengthOrZero("stickOut").orElseThrow(() -> each.missing("stickOut"));
                Length across = each.length("diameter").orElseThrow(() -> each.missing("diameter"));
                each.nothingElse();
                flares.add(new FlareCalibration.Scrap(out, across));
            }
            if (flares.isEmpty()) {
                return Optional.empty();
            }
            if (flares.size() < FlareCalibration.LEAST) {
                throw f.wrong("calibrate", Say.it("flare-command.three-scrap-flares-tell"));
            }
            if (flares.stream().anyMatch(s -> s.diameter().compareTo(tube.outside()) <= 0)) {
                throw f.wrong("calibrate", Say.it("flare-command.flare-wider-than-its"));
            }
            return Optional.of(FlareCalibration.of(tube, kind, flares));
        }

        private FlareBench bench(Fields f, Tube tube, EndTraits kind, Optional<FlareCalibration> told) throws Refused {
            Optional<String> id = TubeIn.tool(f, data);
            Optional<Length> sink = f.lengthOrZero("sink");
            Optional<FlareTool> tool = id.flatMap(t -> data.get(FlareTools.KEY).find(t, kind.kind(), tube.outside()));
            if (id.isPresent() && tool.isEmpty()) {
                throw f.wrong("tool", Say.it("flare-command.this-tool-makes-no", "kind", kind.name()));
            }
            double hardness = f.word("temper", TEMPERS).orElse(1.0);
            FlareBench bench = new FlareBench(
                    tube,
                    kind,
                    sink.or(() -> told.filter(FlareCalibration::sound).map(FlareCalibration::sink))
                            .or(() -> tool.map(FlareTool::sink))
                            .orElse(Length.ZERO),
                    tool.map(FlareTool::slip).orElse(Length.ofMm(0.3)));
            return hardness == 1 ? bench : bench.withHardness(hardness);
        }

        private static FlareSetting setting(Fields f, Length stickOut) throws Refused {
            return FlareSetting.good(stickOut)
                    .withOffCentre(f.lengthOrZero("offCentre").orElse(Length.ZERO))
                    .withCrooked(f.lengthOrZero("crooked").orElse(Length.ZERO))
                    .withShift(f.lengthOrZero("shift").orElse(Length.ZERO))
                    .withClosing(f.number("closing", 0.5, 1.3).orElse(1.0))
                    .withWear(f.number("wear", 0, 1).orElse(0.0))
                    .withSlips(f.has("slips") && f.flag("slips"))
                    .withReamed(!(f.has("unreamed") && f.flag("unreamed")))
                    .withOiled(!(f.has("dry") && f.flag("dry")));
        }

        private static ObjectNode out(FlareMade made, Optional<FlareBand> band, Optional<Length> best) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("flareDiameter", made.diameter().mm());
            out.put("lipWall", made.lipWallLow().mm());
            out.put("lipWallHigh", made.lipWallHigh().mm());
            out.put("rimStrain", made.rimStrain());
            out.put("strainLimit", made.strainLimit());
            out.put("crackRisk", made.crackRisk());
            out.put("lopSided", made.lopSided().mm());
            out.put("shortens", made.shortens().mm());
            List<String> faults = words(made.faults());
            out.put(
                    "verdict",
                    faults.isEmpty()
                            ? (band.isPresent() ? "good" : Say.it("flare-command.good-its-band-not"))
                            : String.join(", ", faults));
            faults.forEach(out.putArray("faults")::add);
            band.ifPresent(b -> TubeOut.band(out, b.low(), b.high(), b.source().shown()));
            best.ifPresent(l -> out.put("bestStickOut", l.mm()));
            return out;
        }

        private void causes(
                ObjectNode out,
                Fields f,
                FlareBench bench,
                FlareSetting meant,
                Optional<FlareBand> band,
                Optional<Length> bore)
                throws Refused {
            Set<FlareFault> seen = EnumSet.noneOf(FlareFault.class);
            Map<String, FlareFault> words = Words.of(FlareFault.values());
            for (String word : f.texts("seen")) {
                if (!words.containsKey(word)) {
                    throw f.wrong(
                            "seen",
                            Say.it(
                                    "flare-command.none",
                                    "word",
                                    word,
                                    "sorted",
                                    words.keySet().stream().sorted().collect(Collectors.joining(", "))));
                }
                seen.add(words.get(word));
            }
            ArrayNode causes = out.putArray("causes");
            data.get(FlareCauses.KEY)
                    .rank(bench, meant, band, bore, seen, f.length("measured"))
                    .forEach(s -> causes.addObject()
                            .put("cause", s.cause().id())
                            .put("name", s.cause().name())
                            .put("share", s.share())
                            .put("look", s.cause().look())
                            .put("do", s.cause().redo()));
        }

        private static List<String> words(Set<FlareFault> faults) {
            return faults.stream().sorted().map(FindingsOut::word).toList();
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return COLUMNS.stream().map(c -> r.path(c).asText("")).toList();
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            text.append(Say.it(
                            "flare-command.flare",
                            "diameter",
                            String.format(
                                    Locale.ROOT, "%.2f", r.path("flareDiameter").asDouble()),
                            "lip",
                            String.format(Locale.ROOT, "%.2f", r.path("lipWall").asDouble()),
                            "verdict",
                            r.path("verdict").asText()))
                    .append('\n');
            if (r.has("bestStickOut")) {
                text.append(Say.it(
                        "flare-command.middle-band-mm-stick",
                        "asDouble",
                        String.format(
                                Locale.ROOT, "%.2f", r.path("bestStickOut").asDouble())));
            }
            for (JsonNode c : r.path("causes")) {
                if (c.path("share").asDouble() > 0.03) {
                    text.append(String.format(
                                    Locale.ROOT,
                                    "%3.0f %%  ",
                                    100 * c.path("share").asDouble()))
                            .append(c.path("name").asText())
                            .append(": ")
                            .append(c.path("look").asText())
                            .append("; ")
                            .append(c.path("do").asText())
                            .append('\n');
                }
            }
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
