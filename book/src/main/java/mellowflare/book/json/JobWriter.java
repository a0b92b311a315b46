package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import mellowflare.core.air.AirMain;
import mellowflare.core.connection.EndId;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.HoseLine;
import mellowflare.core.hose.LineEnd;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.job.Job;
import mellowflare.core.job.LineKind;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.tube.TubeLine;

/** Writes a job as a tree. What is not known is left out. */
final class JobWriter {
    private final JsonNodeFactory nodes;

    JobWriter(JsonNodeFactory nodes) {
        this.nodes = nodes;
    }

    ObjectNode write(Job job) {
        ObjectNode n = nodes.objectNode();
        n.put("format", JobJson.FORMAT);
        n.put("version", JobJson.VERSION);
        n.put("id", job.id());
        n.put("title", job.title());
        n.put("machine", job.machine());
        n.put("note", job.note());
        n.put("units", job.units() == UnitSystem.METRIC ? "metric" : "inch");
        ObjectNode practice = n.putObject("practice");
        new TreeMap<>(job.practice().choices()).forEach((topic, school) -> practice.put(word(topic), school));
        n.put("kind", word(job.kind()));
        n.set("line", line(job.line()));
        if (!job.tube().equals(TubeLine.NEW)) {
            n.set("tube", new TubeJson(nodes).write(job.tube()));
        }
        if (!job.air().equals(AirMain.NEW)) {
            n.set("air", new AirJson(nodes).write(job.air()));
        }
        n.set("made", made(job.log()));
        ObjectNode others = nodes.objectNode();
        for (LineKind kind : LineKind.values()) {
            if (kind != job.kind() && !job.log(kind).empty()) {
                others.set(word(kind), made(job.log(kind)));
            }
        }
        if (!others.isEmpty()) {
            n.set("madeAs", others);
        }
        return n;
    }

    private ObjectNode line(HoseLine line) {
        ObjectNode n = nodes.objectNode();
        n.set("a", end(line.a()));
        n.set("b", end(line.b()));
        line.hose().ifPresent(h -> n.put("hose", h));
        n.set("service", service(line.service()));
        line.finished().ifPresent(f -> n.set("finished", figure(f)));
        line.bendRadius().ifPresent(r -> n.put("bendRadius", r.mm()));
        line.clocking().ifPresent(c -> n.put("clocking", c.degrees()));
        PlaceJson place = new PlaceJson(nodes);
        line.route().ifPresent(r -> n.set("route", place.write(r)));
        line.old().ifPresent(o -> n.set("oldHose", place.write(o)));
        line.laidOut().ifPresent(l -> n.put("laidOut", l.mm()));
        if (!line.here().equals(Here.UNSAID)) {
            n.set("here", place.write(line.here()));
        }
        return n;
    }

    private ObjectNode end(LineEnd end) {
        ObjectNode n = nodes.objectNode();
        n.put("place", end.place());
        end.seen().ifPresent(s -> n.set("seen", seen(s)));
        n.set("typed", texts(end.typed()));
        end.port().ifPresent(p -> n.set("port", endId(p)));
        end.certainty().ifPresent(c -> n.put("certainty", c));
        end.hoseEnd().ifPresent(p -> n.put("hoseEnd", p));
        if (!end.adapters().isEmpty()) {
            ArrayNode adapters = n.putArray("adapters");
            end.adapters().forEach(adapters::add);
        }
        end.metal().ifPresent(m -> n.put("metal", word(m)));
        end.tried().homeByHand().ifPresent(h -> n.put("homeByHand", h));
        end.tried().ringShows().ifPresent(r -> n.put("ringShows", r));
        end.tried().mouth().ifPresent(m -> n.put("mouth", m.mm()));
        return n;
    }

    private ObjectNode endId(EndId id) {
        ObjectNode n = nodes.objectNode();
        n.put("code", id.code().name());
        n.put("size", id.size());
        n.put("gender", id.gender().word());
        return n;
    }

    private ObjectNode seen(Observation s) {
        ObjectNode n = nodes.objectNode();
        n.put("gender", s.gender().word());
        s.diameter().ifPresent(d -> n.put("diameter", d.mm()));
        n.put("instrument", word(s.instrument()));
        s.pitch().ifPresent(p -> n.put("pitch", p.marking() + (p.perInch() ? " tpi" : " mm")));
        s.counted().ifPresent(c -> n.put("counted", c));
        s.body().ifPresent(b -> n.put("body", word(b)));
        s.hand().ifPresent(h -> n.put("hand", word(h)));
        s.second().ifPresent(d -> n.set("second", second(d)));
        s.swivel().ifPresent(w -> n.put("swivel", word(w)));
        s.hex().ifPresent(h -> n.put("hex", h.mm()));
        s.tube().ifPresent(t -> n.put("tube", t.mm()));
        s.region().ifPresent(r -> n.put("region", r));
        s.machine().ifPresent(m -> n.put("machine", m));
        s.flank().ifPresent(f -> n.put("flank", word(f)));
        s.taper().ifPresent(t -> n.put("taper", word(t)));
        s.seat().ifPresent(x -> n.put("seat", x.code()));
        s.seatAngle().ifPresent(a -> n.put("seatAngle", a.degrees()));
        s.ring().ifPresent(r -> n.put("oring", word(r)));
        n.put("worn", s.worn());
        s.service().ifPresent(x -> n.put("service", x));
        return n;
    }

    private ObjectNode second(SecondDiameter d) {
        ObjectNode n = nodes.objectNode();
        n.put("diameter", d.diameter().mm());
        n.put("apart", d.apart().mm());
        return n;
    }

    private ObjectNode service(Service s) {
        ObjectNode n = nodes.objectNode();
        s.fluid().ifPresent(f -> n.put("fluid", f));
        s.working().ifPresent(p -> n.put("working", p.bar()));
        s.peak().ifPresent(p -> n.put("peak", p.bar()));
        s.fluidTemperature().ifPresent(t -> n.put("fluidTemperature", t.celsius()));
        s.flow().ifPresent(q -> n.put("flow", q.litresPerMinute()));
        n.put("duty", word(s.duty()));
        s.around().air().ifPresent(t -> n.put("surroundings", t.celsius()));
        s.around().moves().ifPresent(m -> n.put("moves", word(m)));
        s.around().opener().ifPresent(o -> n.put("opener", word(o)));
        s.around().wet().ifPresent(w -> n.put("wet", w));
        if (s.basis() != PressureBasis.INCH) {
            n.put("pressureTables", word(s.basis()));
        }
        s.work().ifPresent(w -> n.put("work", word(w)));
        return n;
    }

    private ObjectNode figure(CalledFigure f) {
        ObjectNode n = nodes.objectNode();
        n.put("value", f.value().mm());
        n.put("entered", f.entered());
        n.put("calledBy", f.calledBy());
        n.put("writtenBy", f.writtenBy());
        n.put("instrument", word(f.instrument()));
        f.second().ifPresent(s -> n.put("second", s.mm()));
        n.put("secondBy", f.secondBy());
        return n;
    }

    private ObjectNode made(MakeLog log) {
        ObjectNode n = nodes.objectNode();
        ArrayNode entries = n.putArray("entries");
        for (StepEntry e : log.entries()) {
            ObjectNode each = entries.addObject();
            each.put("step", e.stepId());
            each.put("outcome", word(e.outcome()));
            each.put("by", e.by());
            each.put("at", e.at().toString());
            each.set("figures", texts(e.figures()));
            each.put("reason", e.reason());
        }
        log.readBack().ifPresent(r -> {
            ObjectNode back = n.putObject("readBack");
            back.put("figure", r.figure().mm());
            back.put("by", r.by());
            back.put("at", r.at().toString());
        });
        return n;
    }

    private ObjectNode texts(Map<String, String> texts) {
        ObjectNode n = nodes.objectNode();
        new TreeMap<>(texts).forEach(n::put);
        return n;
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
