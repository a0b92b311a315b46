package mellowflare.cli.tube;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import mellowflare.cli.command.Shared;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Vector;
import mellowflare.core.line.Port;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.form.Leg;
import mellowflare.core.tube.form.LegTo;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.TubeMaterial;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSizes;

/** From the fields of a record to a tube line worked out. */
final class TubeIn {
    static final Map<String, TubeEndKind> KINDS =
            Arrays.stream(TubeEndKind.values()).collect(Collectors.toMap(TubeEndKind::code, k -> k));
    private final ReferenceData data;

    TubeIn(ReferenceData data) {
        this.data = data;
    }

    TubeCase read(Fields f, UnitSystem units) throws Refused {
        List<Fields> ends = f.has("ends") ? f.objects("ends") : List.of();
        if (!ends.isEmpty() && ends.size() != 2) {
            throw f.wrong("ends", Say.it("tube-in.line-has-two-ends", "size", ends.size()));
        }
        Optional<Length> radius = f.length("clr");
        Optional<String> bender = bender(f);
        Measured measured = measured(f);
        if (radius.isEmpty() && bender.isEmpty() && !(measured instanceof Measured.Template)) {
            throw f.missing("clr");
        }
        TubeLine line = TubeLine.NEW
                .withMeasured(measured)
                .withReading(Reading.NONE
                        .withInstrument(f.word("instrument", Words.of(Instrument.values()))
                                .orElse(Instrument.TAPE))
                        .withCheck(f.length("endToEnd"), ""))
                .withTube(tube(f, data))
                .withBender(bender)
                .withRadius(radius)
                .withSpring(spring(f))
                .withSquareUp(f.lengthOrZero("squareUp").orElse(TubeLine.USUAL_SQUARE_UP))
                .withFactor(f.number("designFactor", 1.5, 10).orElse(TubeLine.NEW.factor()))
                .withBuried(f.has("buried") ? Optional.of(f.flag("buried")) : Optional.empty());
        Ports ports = Ports.UNKNOWN;
        for (int i = 0; i < ends.size(); i++) {
            LineEnd which = LineEnd.values()[i];
            line = line.withEnd(which, end(ends.get(i)));
            ports = ports.with(which, port(which, ends.get(i)));
            ends.get(i).nothingElse();
        }
        return TubeCase.of(
                line,
                new Setting(
                        ports,
                        Shared.service(f.object("service"), data),
                        Shared.practice(f.object("practice"), data),
                        units,
                        MakeLog.EMPTY,
                        data));
    }

    private Optional<String> bender(Fields f) throws Refused {
        Optional<String> id = f.text("bender");
        if (id.isPresent() && data.get(Benders.KEY).find(id.get()).isEmpty()) {
            throw f.wrong(
                    "bender",
                    Say.it(
                            "tube-in.not-known-here-use",
                            "id",
                            id.get(),
                            "stream",
                            data.get(Benders.KEY).all().stream().map(Bender::id).collect(Collectors.joining(", "))));
        }
        return id;
    }

    private static Measured measured(Fields f) throws Refused {
        List<Measured> ways = new ArrayList<>();
        if (f.has("points")) {
            List<Vector> points = few(f, "points", f.space().points("points"));
            ways.add(taken(f, "points", () -> new Measured.Points(points)));
        }
        if (f.has("rows")) {
            List<Row> rows = new ArrayList<>();
            for (Vector v : few(f, "rows", f.space().rows("rows"))) {
                rows.add(new Row(Length.ofMm(v.x()), Angle.ofDegrees(v.y()), Angle.ofDegrees(v.z())));
            }
            ways.add(taken(f, "rows", () -> new Measured.Rows(rows)));
        }
        if (f.has("legs")) {
            List<Leg> legs = new ArrayList<>();
            for (Fields x : few(f, "legs", f.objects("legs"))) {
                legs.add(new Leg(
                        x.length("length").orElseThrow(() -> x.missing("length")),
                        x.angle("turn", -360, 360).orElse(Angle.ofDegrees(0)),
                        x.angle("bend", 0, 179).orElse(Angle.ofDegrees(0))));
                x.nothingElse();
            }
            LegTo to = f.word("legsTo", Words.of(LegTo.values())).orElse(LegTo.CENTRE);
            ways.add(taken(f, "legs", () -> new Measured.Legs(legs, to)));
        }
        Optional<Length> template = f.length("template");
        if (template.isPresent()) {
            ways.add(taken(f, "template", () -> new Measured.Template(template.get())));
        }
        if (ways.size() != 1) {
            throw f.wrong("points", Say.it("tube-in.give-way-once-as"));
        }
        return ways.get(0);
    }

    /** What the line's own types refuse, said of the field. */
    private static <T> T taken(Fields f, String name, Supplier<T> value) throws Refused {
        try {
            return value.get();
        } catch (IllegalArgumentException e) {
            Refused refused = f.wrong(name, e.getMessage() + ".");
            refused.initCause(e);
            throw refused;
        }
    }

    private static <T> List<T> few(Fields f, String name, List<T> all) throws Refused {
        if (all.size() > Measured.MOST) {
            throw f.wrong(name, Say.it("tube-in.at-most-taken-here", "most", Measured.MOST));
        }
        return all;
    }

    /** The tube by the id of its size, or by diameter, wall and material. */
    static Optional<TubePick> tube(Fields f, ReferenceData data) throws Refused {
        Optional<String> size = f.text("tube");
        if (size.isPresent()) {
            if (data.get(TubeSizes.KEY).find(size.get()).isEmpty()) {
                throw f.wrong("tube", Say.it("tube-in.tables-hold-no-tube", "size", size.get()));
            }
            return Optional.of(new TubePick.Listed(size.get()));
        }
        Optional<Length> od = f.length("od");
        Optional<Length> wall = f.length("wall");
        Optional<TubeMaterial> material = material(f, data);
        if (od.isEmpty() && wall.isEmpty()) {
            return Optional.empty();
        }
        Length outside = od.orElseThrow(() -> f.missing("od"));
        Length thick = wall.orElseThrow(() -> f.missing("wall"));
        if (thick.mm() * 2 >= outside.mm()) {
            throw f.wrong("wall", Say.it("tube-in.wall-half-outside-diameter"));
        }
        return Optional.of(
                new TubePick.Own(outside, thick, material.map(TubeMaterial::id).orElse("copper-annealed")));
    }

    private static Optional<TubeMaterial> material(Fields f, ReferenceData data) throws Refused {
        return f.word(
                "material",
                data.get(TubeMaterials.KEY).all().stream().collect(Collectors.toMap(TubeMaterial::id, m -> m)));
    }

    private static SpringBack spring(Fields f) throws Refused {
        List<List<Double>> pairs = f.numberLists("trialBends", 2);
        if (pairs.size() > 2) {
            throw f.wrong("trialBends", Say.it("tube-in.one-or-two-trial"));
        }
        return taken(f, "trialBends", () -> {
            List<SpringBack.Trial> trials = pairs.stream()
                    .map(p -> new SpringBack.Trial(Angle.ofDegrees(p.get(0)), Angle.ofDegrees(p.get(1))))
                    .toList();
            return new SpringBack(
                    trials.stream().findFirst(), trials.size() > 1 ? Optional.of(trials.get(1)) : Optional.empty());
        });
    }

    private TubeEnd end(Fields f) throws Refused {
        Optional<TubeEndKind> kind = f.word("kind", KINDS);
        Optional<String> tool = tool(f, data);
        return new TubeEnd(
                kind, tool, f.lengthOrZero("stickOut"), f.lengthOrZero("reach").orElse(Length.ZERO));
    }

    /** A flaring tool by its id. */
    static Optional<String> tool(Fields f, ReferenceData data) throws Refused {
        Optional<String> tool = f.text("tool");
        if (tool.isPresent() && data.get(FlareTools.KEY).all().stream().noneMatch(t -> t.id().equals(tool.get()))) {
            throw f.wrong(
                    "tool",
                    Say.it(
                            "tube-in.not-known-here-use-2",
                            "tool",
                            tool.get(),
                            "distinct",
                            data.get(FlareTools.KEY).all().stream()
                                    .map(FlareTool::id)
                                    .distinct()
                                    .collect(Collectors.joining(", "))));
        }
        return tool;
    }

    private Port port(LineEnd which, Fields f) throws Refused {
        String place = f.text("place").orElse(Say.it("tube-in.end", "which", which));
        Optional<Metal> metal = f.word("metal", Words.of(Metal.values()));
        Port port = Port.unknown(place).withMetal(metal);
        return portEnd(f, data).map(e -> port.taken(e.id(), Optional.empty())).orElse(port);
    }

    /** The port's end, where it is given. */
    static Optional<End> portEnd(Fields f, ReferenceData data) throws Refused {
        if (!f.has("port")) {
            return Optional.empty();
        }
        Fields given = f.object("port");
        var id = Shared.endId(given);
        given.nothingElse();
        return Optional.of(data.get(EndTable.KEY)
                .find(id)
                .orElseThrow(() -> f.wrong("port", Say.it("tube-in.tables-hold-no", "id", id.text()))));
    }
}
