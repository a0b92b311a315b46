package mellowflare.book.job;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.TreeMap;
import mellowflare.book.bag.BagJson;
import mellowflare.book.json.HandingJson;
import mellowflare.book.json.LogJson;
import mellowflare.book.json.PortJson;
import mellowflare.book.json.ServiceJson;
import mellowflare.book.json.TestsJson;
import mellowflare.book.json.UpkeepJson;
import mellowflare.book.json.Words;
import mellowflare.book.line.KindInBook;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.job.Handing;
import mellowflare.core.job.Job;
import mellowflare.core.line.Line;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.upkeep.Upkeep;

/** Writes a job as a tree. What is not known is left out. */
final class JobWriter {
    private JobWriter() {}

    static ObjectNode write(Job job) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("format", JobJson.FORMAT);
        n.put("version", JobJson.VERSION);
        n.put("id", job.id());
        n.put("title", job.title());
        n.put("machine", job.machine());
        n.put("note", job.note());
        n.put("units", job.units() == UnitSystem.METRIC ? "metric" : "inch");
        ObjectNode practice = n.putObject("practice");
        new TreeMap<>(job.practice().choices()).forEach((topic, method) -> practice.put(Words.of(topic), method));
        ObjectNode ports = n.putObject("ports");
        ports.set("a", PortJson.write(job.ports().a()));
        ports.set("b", PortJson.write(job.ports().b()));
        n.set("service", ServiceJson.write(job.service()));
        if (!job.bag().equals(BagAsk.NONE)) {
            n.set("bag", BagJson.write(job.bag()));
        }
        n.put("kind", job.kind().id().word());
        ObjectNode lines = n.putObject("lines");
        ObjectNode logs = n.putObject("logs");
        ObjectNode tests = JsonNodeFactory.instance.objectNode();
        for (KindInBook<?, ?> each : BookKinds.ALL) {
            String word = each.kind().id().word();
            if (job.lines().containsKey(each.kind())) {
                lines.set(word, line(each, job));
            }
            if (job.logs().containsKey(each.kind())) {
                logs.set(word, LogJson.write(job.log(each.kind())));
            }
            if (job.tests().containsKey(each.kind())) {
                tests.set(word, TestsJson.write(job.tests().get(each.kind())));
            }
        }
        if (!job.upkeep().equals(Upkeep.NONE)) {
            n.set("upkeep", UpkeepJson.write(job.upkeep()));
        }
        if (!job.handing().equals(Handing.NONE)) {
            n.set("handing", HandingJson.write(job.handing()));
        }
        if (!job.troubles().isEmpty()) {
            ArrayNode troubles = n.putArray("troubles");
            job.troubles()
                    .forEach(t -> troubles.addObject()
                            .put("cause", t.cause())
                            .put("on", t.on().toString())
                            .put("by", t.by()));
        }
        if (!tests.isEmpty()) {
            n.set("tests", tests);
        }
        return n;
    }

    private static <L extends Line> ObjectNode line(KindInBook<L, ?> in, Job job) {
        return in.write(job.line(in.kind()));
    }
}
