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
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetCut;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.pipe.rules.PipeRules;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Command;

/** {@code offset}: from two readings and the overall to three cuts, with the worked sum and where the far end comes to lie. */
@Command(
        name = "offset",
        mixinStandardHelpOptions = true,
        description = "Works out an offset of rigid pipe: travel, legs, cuts, far end, the worked sum.",
        footer = {
            "",
            "In:   angle of the fitting (degrees); one of offset, readings [two distances from one reference], rise and roll;",
            "      overall (face to face); legA or shift (+ lengthens A), else equal legs; size; fitting (malleable150, forged3000,",
            "      en10242 ...) or centreToEnd and makeUp, or takeOff; pipe; pullBack [2] (set-back from each face);",
            "      ends [2] (slip-on, threaded-flange, weld-neck, port, open); roundTo; roundWhen cut or before; spread and count;",
            "      faces [4] (face to face at the top, right, bottom, left);",
            "      service, practice, units, id",
            "Out:  trueOffset, rollAngle, travel, run, legA, legC, takeOff, cutA, cutB, cutC (exact, shop), farEndError, parallel,",
            "      step, sum, findings",
            "Example:  echo '{\"angle\": 45, \"readings\": [1842, 1436], \"overall\": 1290, \"size\": \"1\", \"fitting\": \"malleable150\"}'"
                    + " | ./mellow-flare offset"
        })
public final class OffsetCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("trueOffset", "travel", "run", "legA", "legC", "cutA", "cutB", "cutC");

    @Override
    public Computation computation() {
        return new Offset(data());
    }

    private record Offset(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            Optional<FittingSystem> system = PipeIn.system(f, "fitting", data);
            PipeLine line = PipeIn.line(f, system, data).withOffset(ask(f));
            line = takes(f, line);
            PipeCase c = PipeCase.of(line, PipeIn.setting(f, PipeIn.when(f), units, data));
            ObjectNode out = out(c.sum().orElseThrow());
            sum(out.putArray("sum"), c);
            FindingsOut.put(out, PipeRules.check(c), units);
            return out;
        }

        private static OffsetAsk ask(Fields f) throws Refused {
            Angle angle = f.angle("angle", 1, 90).orElseThrow(() -> f.missing("angle"));
            OffsetAsk ask = way(f, OffsetAsk.NEW.withFitting(angle));
            Optional<Length> overall = f.length("overall");
            if (overall.isPresent()) {
                ask = ask.with(OffsetFigure.OVERALL, overall.map(Taken::of));
            }
            Optional<Length> legA = f.length("legA");
            Optional<Length> shift = f.space().signedLength("shift");
            if (legA.isPresent() && shift.isPresent()) {
                throw f.wrong("shift", Say.it("offset-command.leg-or-shift"));
            }
            ask = ask.withLegs(legA.<Legs>map(Legs.GivenA::new)
                    .or(() -> shift.map(Legs.Shifted::new))
                    .orElse(Legs.EQUAL));
            Optional<Integer> count = f.count("count", 1, OffsetAsk.MOST_PIPES);
            return ends(f, ask)
                    .withPipes(count.orElse(1))
                    .withSpread(f.length("spread"))
                    .withFaces(faces(f));
        }

        private static List<Length> faces(Fields f) throws Refused {
            List<Length> faces = f.space().lengths("faces", OffsetAsk.ROUND);
            if (faces.stream().anyMatch(l -> l.mm() <= 0)) {
                throw f.wrong("faces", Say.it("offset-command.above-zero"));
            }
            return faces;
        }

        private static OffsetAsk way(Fields f, OffsetAsk ask) throws Refused {
            List<Length> readings = f.space().lengths("readings", 2);
            Optional<Length> offset = f.length("offset");
            Optional<Length> rise = f.length("rise");
            Optional<Length> roll = f.length("roll");
            int ways = (readings.isEmpty() ? 0 : 1)
                    + (offset.isPresent() ? 1 : 0)
                    + (rise.isPresent() || roll.isPresent() ? 1 : 0);
            if (ways != 1) {
                throw f.wrong("offset", Say.it("offset-command.one-of"));
            }
            if (offset.isPresent()) {
                return ask.withWay(OffsetWay.OFFSET).with(OffsetFigure.OFFSET, offset.map(Taken::of));
            }
            if (!readings.isEmpty()) {
                if (readings.stream().anyMatch(r -> r.mm() <= 0)) {
                    throw f.wrong("readings", Say.it("offset-command.above-zero"));
                }
                return ask.withWay(OffsetWay.READINGS)
                        .with(OffsetFigure.READING_1, Optional.of(Taken.of(readings.get(0))))
                        .with(OffsetFigure.READING_2, Optional.of(Taken.of(readings.get(1))));
            }
            if (rise.isEmpty()) {
                throw f.missing("rise");
            }
            if (roll.isEmpty()) {
                throw f.missing("roll");
            }
            return ask.withWay(OffsetWay.ROLLING)
                    .with(OffsetFigure.RISE, rise.map(Taken::of))
                    .with(OffsetFigure.ROLL, roll.map(Taken::of));
        }

        private static OffsetAsk ends(Fields f, OffsetAsk ask) throws Refused {
            List<Length> back = f.space().lengths("pullBack", 2);
            if (back.stream().anyMatch(l -> l.mm() < 0)) {
                throw f.wrong("pullBack", Say.it("offset-command.not-below-zero"));
            }
            List<String> kinds = f.texts("ends");
            if (!kinds.isEmpty() && kinds.size() != 2) {
                throw f.wrong("ends", Say.it("offset-command.two-ends"));
            }
            PipeEnd a = end(f, kinds, back, 0);
            return ask.withA(a).withC(end(f, kinds, back, 1));
        }

        private static PipeEnd end(Fields f, List<String> kinds, List<Length> back, int which) throws Refused {
            EndKind kind = EndKind.OPEN;
            if (!kinds.isEmpty()) {
                kind = Words.of(EndKind.values()).get(kinds.get(which));
                if (kind == null) {
                    throw f.wrong(
                            "ends",
                            Say.it(
                                    "offset-command.no-such-end",
                                    "end",
                                    kinds.get(which),
                                    "known",
                                    Words.either(Words.of(EndKind.values()).keySet())));
                }
            }
            return new PipeEnd(kind, back.isEmpty() ? Optional.empty() : Optional.of(back.get(which)));
        }

        /** Figures measured on the part at hand overrule the tables. */
        private static PipeLine takes(Fields f, PipeLine line) throws Refused {
            Optional<Length> centre = f.length("centreToEnd");
            Optional<Length> makeUp = f.length("makeUp");
            Optional<Length> takeOff = f.space().signedLength("takeOff");
            if (takeOff.isPresent() && (centre.isPresent() || makeUp.isPresent())) {
                throw f.wrong("takeOff", Say.it("offset-command.take-off-or-parts"));
            }
            String size = line.size().orElse(SOME_SIZE);
            PipeLine with = line.withSize(
                    takeOff.isPresent() || centre.isPresent() && makeUp.isPresent() ? Optional.of(size) : line.size());
            PartKey elbow = PartKey.elbow(line.offset().fitting(), size);
            if (takeOff.isPresent()) {
                // A take-off stands for a centre to end and a make-up that differ by it.
                Length some = Length.ofMm(Math.abs(takeOff.get().mm()) + 1);
                return with.with(elbow, Optional.of(takeOff.get().plus(some))).withSample(size, Optional.of(some));
            }
            if (centre.isPresent()) {
                with = with.with(elbow, centre);
            }
            return makeUp.isPresent() ? with.withSample(size, makeUp) : with;
        }

        private static final String SOME_SIZE = "1";

        private static ObjectNode out(OffsetSum s) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            put(out, "trueOffset", s.offset());
            if (s.ask().way() == OffsetWay.ROLLING) {
                out.put("rollAngle", s.rollAngle().degrees());
            }
            put(out, "travel", s.travel());
            put(out, "run", s.run());
            put(out, "legA", s.legA());
            put(out, "legC", s.legC());
            put(out, "takeOff", s.given().takeOff().map(Off::length));
            if (s.legA().isPresent()) {
                cut(out, "cutA", s.cutA());
                cut(out, "cutB", s.cutB());
                cut(out, "cutC", s.cutC());
            }
            s.farEnd()
                    .ifPresent(e -> out.putObject("farEndError")
                            .put("along", e.along().mm())
                            .put("across", e.across().mm())
                            .put("rise", e.rise().mm())
                            .put("roll", e.roll().mm())
                            .put("total", e.total().mm()));
            if (!s.parallel().isEmpty()) {
                ArrayNode parallel = out.putArray("parallel");
                s.parallel().forEach(l -> parallel.addObject().put("legA", l.mm()));
            }
            put(out, "step", s.parallelStep());
            return out;
        }

        private static void put(ObjectNode out, String name, Optional<Length> l) {
            l.ifPresent(x -> out.put(name, x.mm()));
        }

        static void cut(ObjectNode out, String name, Optional<OffsetCut> cut) {
            cut.ifPresent(x -> out.putObject(name)
                    .put("exact", x.exact().mm())
                    .put("shop", x.shop().mm()));
        }

        private static void sum(ArrayNode out, PipeCase c) {
            for (SumLine line : c.sheet()) {
                ObjectNode one =
                        out.addObject().put("row", FindingsOut.word(line.row())).put("says", line.says());
                if (!line.worked().isEmpty()) {
                    one.put("worked", line.worked());
                }
                put(one, "exact", line.exact());
                put(one, "shop", line.shop());
                line.angle().ifPresent(a -> one.put("angle", a.degrees()));
            }
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return COLUMNS.stream()
                    .map(k -> r.path(k).isObject() ? r.path(k).path("shop") : r.path(k))
                    .map(n -> n.asText(""))
                    .toList();
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            for (JsonNode line : r.path("sum")) {
                text.append(Say.it(
                                "offset-command.line",
                                "says",
                                line.path("says").asText(),
                                "worked",
                                line.path("worked").asText(""),
                                "exact",
                                figure(line, "exact"),
                                "shop",
                                figure(line, "shop")))
                        .append('\n');
            }
            return text.append(Words.findings(r.path("findings"))).toString();
        }

        private static String figure(JsonNode line, String name) {
            return line.has(name) ? LengthFormat.decimal(line.path(name).asDouble(), 2, 2) : "none";
        }
    }
}
