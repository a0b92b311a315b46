package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Volume;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.TestGauge;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.VacuumReading;

/** Tests as taken, to and from a tree: bar, litres, seconds, pascal for a vacuum. */
public final class TestsJson {
    private static final double PASCAL_PER_BAR = 1e5;

    private TestsJson() {}

    public static ArrayNode write(List<TestRecord> records) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        records.forEach(r -> write(r, all.addObject()));
        return all;
    }

    private static void write(TestRecord r, ObjectNode n) {
        n.put("ask", r.ask());
        n.put("medium", Words.of(r.medium()));
        r.target().ifPresent(p -> n.put("target", p.bar()));
        if (!r.gauge().equals(TestGauge.UNSAID)) {
            n.set("gauge", gauge(r.gauge()));
        }
        r.volume().ifPresent(v -> n.put("volume", v.litres()));
        r.barometer().ifPresent(b -> n.put("barometer", b.bar()));
        r.allowed().ifPresent(a -> n.put("allowed", a.litresPerMinute()));
        if (!r.readings().isEmpty()) {
            ReadingsJson.write(r.readings(), n.putArray("readings"));
        }
        if (!r.vacuum().isEmpty()) {
            ArrayNode vacuum = n.putArray("vacuum");
            r.vacuum()
                    .forEach(v -> vacuum.addObject()
                            .put("time", v.seconds())
                            .put("pressure", v.pressure().pascal()));
        }
        if (!r.looks().isEmpty()) {
            ObjectNode looks = n.putObject("looks");
            new TreeMap<>(r.looks()).forEach((joint, seen) -> looks.put(joint, Words.of(seen)));
        }
        texts(n, "by", r.by(), "witness", r.witness(), "note", r.note());
        r.on().ifPresent(d -> n.put("on", d.toString()));
    }

    private static ObjectNode gauge(TestGauge g) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        texts(n, "name", g.name(), "number", g.number());
        g.upTo().ifPresent(p -> n.put("upTo", p.bar()));
        g.step().ifPresent(s -> n.put("step", s.bar()));
        g.calibratedUntil().ifPresent(d -> n.put("calibratedUntil", d.toString()));
        return n;
    }

    private static void texts(ObjectNode n, String... namesAndTexts) {
        for (int i = 0; i < namesAndTexts.length; i += 2) {
            if (!namesAndTexts[i + 1].isBlank()) {
                n.put(namesAndTexts[i], namesAndTexts[i + 1]);
            }
        }
    }

    /**
     * The tests under a name; none where there is no such field.
     *
     * @throws BookTrouble if a field is wrong; says which
     */
    public static List<TestRecord> read(Fields f, String name) throws BookTrouble {
        List<TestRecord> all = new ArrayList<>();
        for (Fields each : f.array(name)) {
            try {
                all.add(record(each));
            } catch (IllegalArgumentException e) {
                BookTrouble trouble = each.wrong("readings", e.getMessage());
                trouble.initCause(e);
                throw trouble;
            }
        }
        return all;
    }

    private static TestRecord record(Fields f) throws BookTrouble {
        List<VacuumReading> vacuum = new ArrayList<>();
        for (Fields v : f.array("vacuum")) {
            vacuum.add(
                    new VacuumReading(v.number("time"), AbsolutePressure.ofBar(v.number("pressure") / PASCAL_PER_BAR)));
        }
        Map<String, Seen> looks = new HashMap<>();
        Fields seen = f.object("looks");
        for (String joint : seen.names()) {
            looks.put(joint, seen.word(joint, Seen.class));
        }
        return new TestRecord(
                f.text("ask"),
                f.word("medium", Medium.class),
                f.maybeNumber("target").map(GaugePressure::ofBar),
                f.has("gauge") ? gauge(f.object("gauge")) : TestGauge.UNSAID,
                f.maybeNumber("volume").map(Volume::ofLitres),
                f.maybeNumber("barometer").map(AbsolutePressure::ofBar),
                f.maybeNumber("allowed").map(FreeAir::ofLitresPerMinute),
                ReadingsJson.read(f),
                vacuum,
                looks,
                f.textOr("by", ""),
                f.textOr("witness", ""),
                f.maybeDay("on"),
                f.textOr("note", ""));
    }

    private static TestGauge gauge(Fields f) throws BookTrouble {
        return new TestGauge(
                f.textOr("name", ""),
                f.textOr("number", ""),
                f.maybeNumber("upTo").map(GaugePressure::ofBar),
                f.maybeNumber("step").map(PressureDifference::ofBar),
                f.maybeDay("calibratedUntil"));
    }
}
