package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.hose.CutLength;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.JointPlan;
import mellowflare.core.hose.PartLine;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;

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
        plan.weakest()
                .ifPresent(w -> out.putObject("weakest")
                        .put("part", w.part())
                        .put("limit", w.limit().bar()));
        ArrayNode joints = out.putArray("joints");
        plan.joints().forEach(j -> joints.add(joint(j)));
        ArrayNode steps = out.putArray("steps");
        plan.steps().forEach(s -> steps.add(step(s, units)));
        ArrayNode parts = out.putArray("parts");
        for (PartLine p : plan.parts()) {
            parts.addObject().put("part", p.part()).put("name", p.name()).put("amount", p.amount());
        }
        FindingsOut.put(out, plan.findings(), units);
        return out;
    }

    private static ObjectNode joint(JointPlan j) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("end", j.side().which().name());
        out.put("place", j.side().place());
        j.side().port().ifPresent(p -> out.put("port", p.id().text()));
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

    private static ObjectNode step(Step s, UnitSystem units) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("id", s.id());
        out.put("title", s.title());
        out.put("says", s.says(units));
        s.tools().forEach(out.putArray("tools")::add);
        s.hold().ifPresent(h -> out.put("hold", h));
        s.cautions().forEach(out.putArray("cautions")::add);
        ArrayNode record = out.putArray("record");
        s.records().forEach(r -> record.add(r.label()));
        out.put("source", s.source().shown());
        return out;
    }
}
