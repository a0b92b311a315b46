package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.book.Jobs;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.TubeLineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Jobs and a book written in the first form, with what was worked out from them then: findings, steps, figures and cuts come out the same, words apart. */
class FormatOneTest {
    private static final Pattern WORDS = Pattern.compile("[a-z]{4,}|,.*[a-z]{3,}");
    private static final String SKIPPED = "make.passed-over";
    /** A rule that came since; what it says of the old jobs is that all is well. */
    private static final String SINCE = "line.surge-above-working PASS";

    private static final Path OLD = Path.of("src", "test", "resources", "golden", "v1");

    static Stream<String> jobs() {
        try (Stream<Path> files = Files.list(OLD)) {
            return files
                    .map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(".json"))
                    .map(f -> f.replace(".json", ""))
                    .sorted()
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(String file) throws IOException {
        return Files.readString(OLD.resolve(file), StandardCharsets.UTF_8);
    }

    private static List<String> sorted(Stream<String> lines) {
        // Steps of tubes were told apart by the name of the end.
        return lines.map(l -> l.replace("@END_A", "@A").replace("@END_B", "@B"))
                .sorted()
                .toList();
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void testAJobOfTheFirstFormIsWorkedOutAsItWas(String id) throws Exception {
        Job job = JobJson.read(text(id + ".json"));
        Evaluation now = Evaluation.of(job, Jobs.DATA);
        List<String> before = sorted(text(id + ".txt").lines());
        // Skipped steps were told of hoses only; they are told of every kind of line now.
        boolean skips = before.stream().anyMatch(l -> l.contains(SKIPPED));
        List<String> after = sorted(
                written(now).stream().filter(l -> skips || !l.contains(SKIPPED)).filter(l -> !l.contains(SINCE)));
        assertThat(heads(after)).isEqualTo(heads(before));
        for (int i = 0; i < before.size(); i++) {
            assertThat(measured(after.get(i))).as(after.get(i)).containsAll(measured(before.get(i)));
        }
        assertThat(steps(written(now)))
                .as("the order of work")
                .isEqualTo(steps(text(id + ".txt").lines().toList()));
        assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
    }

    private static List<String> heads(List<String> lines) {
        return lines.stream()
                .map(l -> l.split(" \\| ", 2)[0])
                .map(FormatOneTest::wordsApart)
                .toList();
    }

    /** A step's figure that is a sentence counts by its name alone. */
    private static String wordsApart(String line) {
        return line.startsWith("figure ")
                        && WORDS.matcher(line.replaceFirst("^figure \\w+=", "")).find()
                ? line.substring(0, Math.max(line.indexOf('='), 0))
                : line;
    }

    /** What a finding measured or counted; how it is worded may change. */
    private static List<String> measured(String line) {
        String[] parts = line.split(" \\| ", 2);
        return parts.length < 2
                ? List.of()
                : Arrays.stream(parts[1].split("; (?=\\w+=)"))
                        .filter(f -> f.matches(".*\\d.*")
                                && !WORDS.matcher(f.replaceFirst("^\\w+=", "")).find())
                        .toList();
    }

    private static List<String> steps(List<String> lines) {
        return lines.stream()
                .filter(l -> l.startsWith("step "))
                .map(l -> l.split(" ")[1].replace("@END_", "@"))
                .toList();
    }

    @Test
    void testWhatWasTriedThreeWaysKeepsALogForEach() throws Exception {
        Job mixed = JobJson.read(text("mixed.json"));
        assertThat(mixed.is(TubeLineKind.TUBE)).isTrue();
        assertThat(mixed.log(HoseLineKind.HOSE).entries()).hasSize(5);
        assertThat(mixed.log(TubeLineKind.TUBE).entries()).hasSize(2);
        assertThat(mixed.log(AirMainKind.AIR).entries()).hasSize(1);
        assertThat(mixed.line(HoseLineKind.HOSE).hose()).contains("KH2-08");
        assertThat(mixed.line(TubeLineKind.TUBE).tube()).isPresent();
        assertThat(mixed.line(AirMainKind.AIR).pieces()).isNotEmpty();
    }

    @Test
    void testAJobFromBeforeThereWereKindsIsAHose() throws Exception {
        ObjectNode old = (ObjectNode) new ObjectMapper().readTree(text("demo-slew-hose.json"));
        old.remove("kind");
        Job job = JobJson.read(old.toString());
        assertThat(job.is(HoseLineKind.HOSE)).isTrue();
        assertThat(job.log().entries()).hasSize(5);
    }

    @Test
    void testStepsOfATubeThatWereTickedAreStillTicked() throws Exception {
        ObjectNode old = (ObjectNode) new ObjectMapper().readTree(text("demo-tube-fuel.json"));
        old.putObject("made")
                .putArray("entries")
                .addObject()
                .put("step", "fit@END_B")
                .put("outcome", "done")
                .put("by", "Maren")
                .put("at", "2026-11-01T08:00:00Z");
        assertThat(JobJson.read(old.toString()).log().entry("fit@B")).isPresent();
    }

    @Test
    void testABookOfTheLastVersionOpens(@TempDir Path folder) throws Exception {
        Files.copy(OLD.resolve("book.db"), folder.resolve("book.db"));
        try (Book book = Book.open(folder)) {
            List<JobHead> heads = book.jobs("");
            assertThat(heads).hasSize(15);
            for (JobHead head : heads) {
                Job job = book.job(head.id()).orElseThrow();
                assertThat(job).isEqualTo(JobJson.read(text(job.id() + ".json")));
                assertThat(Evaluation.of(job, Jobs.DATA).leftOff().kept()).isEqualTo(head.leftOff());
            }
        }
    }

    private static List<String> written(Evaluation e) {
        List<String> all = new ArrayList<>();
        all.add("cut "
                + e.cut().map(l -> String.format(Locale.ROOT, "%.4f", l.mm())).orElse("none"));
        all.add("figure "
                + e.figure()
                        .map(f -> String.format(Locale.ROOT, "%.4f", f.value().mm()))
                        .orElse("none"));
        all.add("stops " + e.stops());
        all.add("next " + e.bench().next().map(Step::id).orElse("none"));
        for (Finding f : e.findings()) {
            all.add("finding " + f.rule().id() + " " + f.state() + " " + f.severity() + " " + f.about() + " missing "
                    + f.missing().size() + " | " + figures(f.figures()));
        }
        for (Step s : e.steps()) {
            all.add("step " + s.id() + " " + s.gate() + (s.hold().isPresent() ? " hold" : "") + " cautions "
                    + s.cautions().size() + " records "
                    + s.records().stream().map(RecordField::id).collect(Collectors.joining(",")));
        }
        e.steps().stream()
                .flatMap(s -> s.figures().entrySet().stream())
                .map(f -> "figure " + f.getKey() + "=" + both(f.getValue()))
                .distinct()
                .sorted()
                .forEach(all::add);
        return all;
    }

    private static String figures(Map<String, Figure> figures) {
        return new TreeMap<>(figures)
                .entrySet().stream()
                        .map(f -> f.getKey() + "=" + both(f.getValue()))
                        .collect(Collectors.joining("; "));
    }

    /** Lengths to the thousandth of an inch, as the first form's findings were written down. */
    private static String both(Figure f) {
        if (f instanceof Figure.OfLength l) {
            return LengthFormat.mm(l.value()) + "/" + LengthFormat.inches(l.value());
        }
        return f.text(UnitSystem.METRIC) + "/" + f.text(UnitSystem.INCH);
    }
}
