package mellowflare.cli.tube;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import mellowflare.cli.command.StepOut;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.tube.TubeParts;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.form.FitChance;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeRating;
import mellowflare.core.tube.line.TubeSide;

/** A tube line worked out, as a tree. What could not be worked out is left out, and a finding says why. */
final class TubeOut {
    private TubeOut() {}

    static ObjectNode of(TubeCase c, UnitSystem units) {
        TubePlan plan = TubePlan.of(c);
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        ArrayNode rows = out.putArray("rows");
        c.shape()
                .rows()
                .forEach(r -> rows.addArray()
                        .add(r.straight().mm())
                        .add(r.rotation().degrees())
                        .add(r.bend().degrees()));
        ArrayNode points = out.putArray("points");
        c.shape().corners().forEach(v -> points.addArray().add(v.x()).add(v.y()).add(v.z()));
        c.shape().developed().ifPresent(l -> out.put("developedLength", l.mm()));
        c.shape().endToEnd().ifPresent(l -> out.put("endToEnd", l.mm()));
        c.cut().ifPresent(cut -> {
            out.put("cutLength", cut.exact().mm());
            out.put("shop", LengthFormat.both(cut.shop(units), units));
            out.put("roundingError", cut.roundingError(units).mm());
            c.tube().ifPresent(t -> out.put("weight", cut.kilograms(t)).put("volume", cut.litres(t)));
        });
        marks(out.putArray("marks"), c, LineEnd.A);
        marks(out.putArray("marksFromB"), c, LineEnd.B);
        c.order().ifPresent(o -> {
            ArrayNode order = out.putArray("order");
            o.turns()
                    .forEach(t -> order.addObject()
                            .put("bend", t.bend() + 1)
                            .put("held", t.grip().name()));
        });
        c.clash().ifPresent(k -> out.put("clearance", k.clear().mm()));
        c.rounded()
                .ifPresent(r -> out.putObject("farEndError")
                        .put("along", r.along().mm())
                        .put("across", r.across().mm())
                        .put("askew", r.askew().degrees()));
        c.fit().ifPresent(f -> fit(out.putObject("fit"), f));
        TubeRating.of(c)
                .ifPresent(p -> out.putObject("bears")
                        .put("pressure", p.rated().bar())
                        .put("criterion", p.criterion())
                        .put("wall", TubeRating.wall(c).mm())
                        .put("designFactor", p.factor()));
        ArrayNode ends = out.putArray("ends");
        c.sides().forEach(s -> ends.add(end(plan, s)));
        ArrayNode parts = out.putArray("parts");
        TubeParts.of(c)
                .forEach(p -> parts.addObject()
                        .put("name", p.name())
                        .put("amount", p.amount())
                        .put("need", p.need()));
        ArrayNode steps = out.putArray("steps");
        plan.steps().forEach(s -> steps.add(StepOut.of(s, units)));
        FindingsOut.put(out, plan.findings(), units);
        return out;
    }

    private static void marks(ArrayNode out, TubeCase c, LineEnd from) {
        List<Angle> levers = c.levers();
        for (BendMark m : c.marks(from)) {
            ObjectNode mark = out.addObject()
                    .put("bend", m.bend() + 1)
                    .put("start", m.start().mm())
                    .put("middle", m.middle().mm())
                    .put("leg", m.leg().mm())
                    .put("around", m.ambient().degrees())
                    .put("angle", m.angle().degrees());
            if (m.bend() < levers.size()) {
                mark.put("lever", levers.get(m.bend()).degrees());
            }
        }
    }

    private static void fit(ObjectNode out, FitChance f) {
        out.put("chance", f.chance());
        out.put("place", f.place().mm());
        out.put("direction", f.direction().degrees());
        ArrayNode causes = out.putArray("causes");
        f.causes()
                .forEach(x -> causes.addObject()
                        .put("what", x.what())
                        .put("share", x.share())
                        .put("better", x.better()));
    }

    private static ObjectNode end(TubePlan plan, TubeSide s) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("end", s.which().name());
        out.put("place", s.port().place());
        s.traits().ifPresent(t -> out.put("kind", t.kind().code()));
        s.part().ifPresent(p -> out.put("on", p.id().text()));
        out.put("takes", s.takes().mm());
        s.stickOut().ifPresent(l -> out.put("stickOut", l.mm()));
        s.made().ifPresent(m -> out.put("flareDiameter", m.diameter().mm()));
        s.band().ifPresent(b -> band(out, b.low(), b.high(), b.source().shown()));
        plan.seal(s.which()).ifPresent(a -> seal(out, a));
        return out;
    }

    static void band(ObjectNode out, Length low, Length high, String source) {
        out.putObject("band").put("low", low.mm()).put("high", high.mm()).put("source", source);
    }

    private static void seal(ObjectNode out, SealAdvice a) {
        out.put("sealsOn", a.sealsOn().words());
        a.putOn().forEach(out.putArray("putOn")::add);
        a.never().forEach(out.putArray("never")::add);
        out.put("tighten", a.tighten());
    }
}
