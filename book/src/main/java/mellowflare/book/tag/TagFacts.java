package mellowflare.book.tag;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;

/**
 * The key facts of a line, as its tag carries them.
 *
 * @param id of the job
 * @param title as the fitter calls it
 * @param machine where it belongs
 * @param hose part number of the hose, or the tube; blank when not chosen
 * @param endA part number, of a tube its kind of end; blank when not chosen
 * @param endB as endA
 * @param overallMm overall length (mm), of a tube its developed length; empty when open
 * @param cutMm cut length as marked (mm); empty when open or bought whole
 * @param clock clock angle (degrees); empty without two elbows
 * @param workingBar working pressure (bar gauge); empty when not said
 * @param fluid id of the fluid; blank when not said
 * @param proofed what was written down at the proof test; blank when it was not done
 * @param made the day its last step was ticked, as 2026-11-01; blank while it is not made
 */
@RecordBuilder
public record TagFacts(
        String id,
        String title,
        String machine,
        String hose,
        String endA,
        String endB,
        Optional<Double> overallMm,
        Optional<Double> cutMm,
        Optional<Double> clock,
        Optional<Double> workingBar,
        String fluid,
        String proofed,
        String made) {
    private static final String MARK = "mellow-flare-tag";
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /**
     * The facts that a line of any kind has; the builder takes its own.
     *
     * @param testStep the step at whose tick the test was written down
     */
    public static TagFactsBuilder about(Evaluation e, String testStep) {
        return TagFactsBuilder.builder()
                .id(e.job().id())
                .title(e.job().title())
                .machine(e.job().machine())
                .cutMm(e.cut().map(Length::mm))
                .fluid("")
                .proofed(proofed(e, testStep))
                .made(made(e));
    }

    /** What the tag says of the pressure and of what runs in it. */
    public List<String> worksAt(UnitSystem units, Optional<String> medium) {
        return workingBar
                .map(bar -> Say.it(
                        "tag-facts.works-at",
                        "ofBar",
                        Figure.of(GaugePressure.ofBar(bar)).text(units),
                        "medium",
                        medium.map(m -> ", " + m).orElse("")))
                .stream()
                .toList();
    }

    /** A length as the tag says it. */
    public String length(String word, UnitSystem units) {
        return Say.it(
                "tag-facts.length",
                "what",
                word,
                "length",
                overallMm.map(mm -> LengthFormat.both(Length.ofMm(mm), units)).orElse("none"));
    }

    /** The length of pipe altogether as the tag says it: metres or feet. */
    public String reach(String word, UnitSystem units) {
        return Say.it(
                "tag-facts.length",
                "what",
                word,
                "length",
                overallMm
                        .map(mm -> new Figure.OfReach(Length.ofMm(mm)).text(units))
                        .orElse("none"));
    }

    /** The day its last step was ticked; blank while it is not made. */
    private static String made(Evaluation e) {
        boolean done = e.bench().next().isEmpty() && !e.job().log().entries().isEmpty();
        return done
                ? e.job().log().entries().stream()
                        .map(StepEntry::at)
                        .max(Comparator.naturalOrder())
                        .map(at -> at.toString().substring(0, 10))
                        .orElse("")
                : "";
    }

    /** What was written down at the test, else what its record proved; blank while it was not done, and where the test found a leak. */
    private static String proofed(Evaluation e, String step) {
        List<Tested.One> tests = e.tested().all().stream()
                .filter(t -> t.ask().key().startsWith(step + "/"))
                .toList();
        if (tests.stream().flatMap(t -> t.now().stream()).anyMatch(o -> o.verdict() == HoldTest.Verdict.LEAKS)) {
            return "";
        }
        return e.job()
                .log()
                .entry(step)
                .map(x -> String.join(", ", x.figures().values()))
                .filter(t -> !t.isBlank())
                .orElseGet(() -> tests.stream()
                        .filter(Tested.One::passed)
                        .flatMap(t -> t.ask().target().or(() -> t.last().flatMap(TestRecord::target)).stream())
                        .map(p -> Figure.of(p).text(e.job().units()))
                        .findFirst()
                        .orElse(""));
    }

    /** The text that the code holds: one line of JSON. */
    public String text() {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("tag", MARK);
        n.put("id", id);
        n.put("title", title);
        n.put("machine", machine);
        n.put("hose", hose);
        n.put("endA", endA);
        n.put("endB", endB);
        overallMm.ifPresent(v -> n.put("overallMm", v));
        cutMm.ifPresent(v -> n.put("cutMm", v));
        clock.ifPresent(v -> n.put("clock", v));
        workingBar.ifPresent(v -> n.put("workingBar", v));
        n.put("fluid", fluid);
        n.put("proofed", proofed);
        n.put("made", made);
        return n.toString();
    }

    /**
     * Reads the text of a code.
     *
     * @throws BookTrouble if it is no tag of this program
     */
    public static TagFacts read(String text) throws BookTrouble {
        JsonNode n;
        try {
            n = MAPPER.readTree(text);
        } catch (JsonProcessingException e) {
            throw new BookTrouble(Say.it("tag-facts.the-picture-holds-code", "brief", brief(text)), e);
        }
        if (n == null || !MARK.equals(n.path("tag").asText())) {
            throw new BookTrouble(Say.it("tag-facts.the-picture-holds-code", "brief", brief(text)));
        }
        return new TagFacts(
                n.path("id").asText(),
                n.path("title").asText(),
                n.path("machine").asText(),
                n.path("hose").asText(),
                n.path("endA").asText(),
                n.path("endB").asText(),
                number(n, "overallMm"),
                number(n, "cutMm"),
                number(n, "clock"),
                number(n, "workingBar"),
                n.path("fluid").asText(),
                n.path("proofed").asText(),
                n.path("made").asText());
    }

    private static Optional<Double> number(JsonNode n, String name) {
        return n.path(name).isNumber() ? Optional.of(n.get(name).asDouble()) : Optional.empty();
    }

    private static String brief(String text) {
        return text.length() > 40 ? text.substring(0, 40) + " …" : text;
    }
}
