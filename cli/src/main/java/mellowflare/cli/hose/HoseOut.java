package mellowflare.cli.hose;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import mellowflare.cli.command.StepOut;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.JointPlan;
import mellowflare.core.hose.PartLine;
import mellowflare.core.hose.Ways;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.ToleranceBudget;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** A hose line worked out, as a tree. What could not be worked out is left out, and a finding says why. */
final class HoseOut {
    private HoseOut() {}

    static ObjectNode of(HoseCase c, UnitSystem units) {
        HosePlan plan = HosePlan.of(c);
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        plan.cut().filter(CutLength::possible).ifPresent(cut -> {
            out.put("cutLength", cut.exact().mm());
            out.put("shop", LengthFormat.both(cut.shop(units), units));
            out.put("roundingError", cut.roundingError(units).mm());
            out.put("tolerance", cut.tolerance().mm());
            out.put("overall", cut.overall().mm());
            ArrayNode pressed = out.putArray("underPressure");
            pressed.add(cut.underPressure().low().mm());
            pressed.add(cut.underPressure().high().mm());
        });
        c.wholeLength().ifPresent(l -> out.put("wholeLength", l.mm()));
        c.friction()
                .ifPresent(x -> out.putObject("flow")
                        .put("speed", x.metresPerSecond())
                        .put("reynolds", x.reynolds())
                        .put("regime", x.regime().name().toLowerCase(Locale.ROOT))
                        .put("drop", x.drop().bar()));
        ToleranceBudget.of(c).ifPresent(b -> fit(out.putObject("fit"), b));
        plan.weakest()
                .ifPresent(w -> out.putObject("weakest")
                        .put("part", w.part())
                        .put("limit", w.limit().bar()));
        ArrayNode joints = out.putArray("joints");
        plan.joints().forEach(j -> joints.add(joint(j)));
        ArrayNode steps = out.putArray("steps");
        plan.steps().forEach(s -> steps.add(StepOut.of(s, units)));
        ArrayNode parts = out.putArray("parts");
        for (PartLine p : plan.parts()) {
            parts.addObject()
                    .put("part", p.part())
                    .put("name", p.name())
                    .put("amount", p.amount())
                    .put("need", p.need())
                    .put("onShelf", p.onShelf())
                    .put("price", p.price());
        }
        out.put("partsCost", plan.partsCost());
        ArrayNode ways = out.putArray("ways");
        for (Ways.Way w : plan.ways()) {
            ObjectNode way = ways.addObject()
                    .put("way", w.id())
                    .put("minutes", w.minutes())
                    .put("cost", w.cost());
            if (!w.possible()) {
                way.put("hindered", w.hindered());
            }
        }
        FindingsOut.put(out, plan.findings(), units);
        return out;
    }

    private static void fit(ObjectNode out, ToleranceBudget b) {
        out.put("chance", b.chance());
        out.put("deviation", b.deviation().mm());
        ArrayNode causes = out.putArray("causes");
        for (ToleranceBudget.Cause x : b.causes()) {
            causes.addObject()
                    .put("what", x.what())
                    .put("deviation", x.deviation().mm())
                    .put("share", x.share());
        }
    }

    private static ObjectNode joint(JointPlan j) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("end", j.side().which().name());
        out.put("place", j.side().place());
        j.side().port().ifPresent(p -> out.put("port", p.id().text()));
        ArrayNode adapters = JsonNodeFactory.instance.arrayNode();
        for (JointPlan.AdapterJoint a : j.adapters()) {
            ObjectNode each =
                    adapters.addObject().put("part", a.adapter().part().part());
            a.advice().ifPresent(x -> {
                each.put("sealsOn", x.sealsOn().words());
                x.putOn().forEach(each.putArray("putOn")::add);
                each.put("tighten", x.tighten());
            });
        }
        if (!adapters.isEmpty()) {
            out.set("adapters", adapters);
        }
        j.advice().ifPresent(a -> {
            out.put("sealsOn", a.sealsOn().words());
            a.putOn().forEach(out.putArray("putOn")::add);
            a.never().forEach(out.putArray("never")::add);
            out.put("lubricant", a.lubricant());
            out.put("tighten", a.tighten());
            out.put("reuse", a.reuse());
            out.put("source", a.source().shown());
        });
        return out;
    }
}
