package mellowflare.book.job;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.book.bag.BagJson;
import mellowflare.book.json.Fields;
import mellowflare.book.json.HandingJson;
import mellowflare.book.json.LogJson;
import mellowflare.book.json.PortJson;
import mellowflare.book.json.ServiceJson;
import mellowflare.book.json.TestsJson;
import mellowflare.book.json.UpkeepJson;
import mellowflare.book.json.Words;
import mellowflare.book.line.KindInBook;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.job.Handing;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Ports;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.trouble.FoundCause;
import mellowflare.core.upkeep.Upkeep;

/** Reads a job from a tree of the present form; every refusal names the field. */
final class JobReader {
    private JobReader() {}

    static Job read(JsonNode root) throws BookTrouble {
        Fields f = new Fields(root, "");
        Map<Kind<?, ?>, Line> lines = new HashMap<>();
        Map<Kind<?, ?>, MakeLog> logs = new HashMap<>();
        Map<Kind<?, ?>, List<TestRecord>> tests = new HashMap<>();
        for (KindInBook<?, ?> each : BookKinds.ALL) {
            String word = each.kind().id().word();
            if (f.object("lines").has(word)) {
                lines.put(each.kind(), each.read(f.object("lines").object(word)));
            }
            if (f.object("logs").has(word)) {
                logs.put(each.kind(), LogJson.read(f.object("logs").object(word)));
            }
            tests.put(each.kind(), TestsJson.read(f.object("tests"), word));
        }
        Fields ports = f.object("ports");
        return new Job(
                f.text("id"),
                f.text("title"),
                f.textOr("machine", ""),
                f.textOr("note", ""),
                f.word("units", Map.of("metric", UnitSystem.METRIC, "inch", UnitSystem.INCH)),
                practice(f.object("practice")),
                new Ports(PortJson.read(ports.object("a")), PortJson.read(ports.object("b"))),
                ServiceJson.read(f.object("service")),
                f.has("bag") ? BagJson.read(f.object("bag")) : BagAsk.NONE,
                kind(f),
                lines,
                logs,
                tests,
                f.has("upkeep") ? UpkeepJson.read(f.object("upkeep")) : Upkeep.NONE,
                troubles(f),
                f.has("handing") ? HandingJson.read(f.object("handing")) : Handing.NONE);
    }

    private static List<FoundCause> troubles(Fields f) throws BookTrouble {
        List<FoundCause> all = new ArrayList<>();
        for (Fields t : f.array("troubles")) {
            String cause = t.text("cause");
            String by = t.text("by");
            if (cause.isBlank() || by.isBlank()) {
                throw t.wrong(cause.isBlank() ? "cause" : "by", Say.it("job-reader.is-blank"));
            }
            all.add(new FoundCause(
                    cause, t.maybeDay("on").orElseThrow(() -> t.wrong("on", Say.it("job-reader.is-missing"))), by));
        }
        return all;
    }

    private static Kind<?, ?> kind(Fields f) throws BookTrouble {
        String word = f.text("kind");
        for (KindInBook<?, ?> each : BookKinds.ALL) {
            if (each.kind().id().word().equals(word)) {
                return each.kind();
            }
        }
        throw f.wrong(
                "kind",
                Say.it(
                        "job-reader.but-must-be-one",
                        "word",
                        word,
                        "stream",
                        BookKinds.ALL.stream().map(k -> k.kind().id().word()).collect(Collectors.joining(", "))));
    }

    private static Practice practice(Fields f) throws BookTrouble {
        Practice practice = Practice.USUAL;
        for (MethodTopic topic : MethodTopic.values()) {
            Optional<String> method = f.maybeText(Words.of(topic));
            if (method.isPresent()) {
                practice = practice.with(topic, method.get());
            }
        }
        return practice;
    }
}
