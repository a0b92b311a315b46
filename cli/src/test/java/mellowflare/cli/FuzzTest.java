package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.LongFunction;
import java.util.stream.LongStream;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.JobJson;
import mellowflare.book.tube.LraCsv;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.connection.EndTable;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.PartExport;
import mellowflare.core.parts.PartFile;
import mellowflare.core.parts.PartImport;
import mellowflare.core.parts.Stock;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;

/**
 * Spoiled inputs of every kind: a result or a sentence comes of each, soon, and never anything else. A few thousand in the normal run;
 * the profile {@code fuzz} takes a hundred thousand. A number says the seed, with which a fault can be had again.
 */
class FuzzTest {
    private static final int INPUTS = Integer.getInteger("fuzz.inputs", 4000);
    private static final long SEED = Long.getLong("fuzz.seed", 20261129);
    private static final long SLOW_MS = 2000;
    private static final int BATCH = 1000;
    /** What a record says that threw in spite of all limits. */
    private static final String CAUGHT = "do not go together";

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final ReferenceData DATA = ShippedData.get();
    private static final List<Job> JOBS = KittiwakeSlip.jobs(DATA, Instant.parse("2026-11-01T08:30:00Z"));

    private final List<String> faults = Collections.synchronizedList(new ArrayList<>());
    private volatile long worst;

    /** Each kind of input with the share of all that it gets. */
    private Map<String, Double> shares() {
        Map<String, Double> all = new LinkedHashMap<>();
        Samples.RECORDS.keySet().forEach(c -> all.put(c, 0.5 / Samples.RECORDS.size()));
        // It takes one record a start, and a start costs more than the record.
        all.put("hold-test", 0.005);
        all.put("jobs", 0.1);
        all.put("tables", 0.2);
        all.put("walks", 0.24);
        return all;
    }

    @Test
    void testSpoiledInputsCostThemselvesOnly() {
        long began = System.nanoTime();
        shares().forEach((kind, share) -> {
            int count = (int) (INPUTS * share);
            long start = System.nanoTime();
            switch (kind) {
                case "jobs" -> each(kind, count, this::job);
                case "tables" -> each(kind, count, this::table);
                case "walks" -> each(kind, count, this::walk);
                default -> commands(kind, count);
            }
            System.out.printf(
                    "%s: %d in %d ms%n", kind, count, TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - start));
        });
        System.out.printf(
                "%d spoiled inputs in %d s, the slowest %d ms, %d faults%n",
                INPUTS, TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - began), worst, faults.size());
        assertThat(faults).isEmpty();
    }

    private void each(String kind, int count, LongFunction<Optional<String>> one) {
        LongStream.range(0, count).parallel().forEach(i -> {
            long seed = SEED + i;
            long at = System.nanoTime();
            String fault = "";
            try {
                fault = one.apply(seed).orElse("");
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
                fault = e + " at " + (e.getStackTrace().length > 0 ? e.getStackTrace()[0] : "");
            }
            note(kind, seed, at, fault);
        });
    }

    private void note(String kind, long seed, long began, String fault) {
        long ms = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        worst = Math.max(worst, ms);
        if (!fault.isEmpty() || ms > SLOW_MS) {
            faults.add(kind + ", seed " + seed + ", " + ms + " ms: " + fault);
        }
    }

    private Optional<String> job(long seed) {
        try {
            JsonNode good = MAPPER.readTree(JobJson.write(JOBS.get((int) (seed % JOBS.size()))));
            Job read = JobJson.read(MAPPER.writeValueAsString(new Spoiler(seed).tree(good)));
            if (Evaluation.of(read, DATA).findings() == null) {
                return Optional.of("nothing was found");
            }
            return JobJson.read(JobJson.write(read)).equals(read)
                    ? Optional.empty()
                    : Optional.of("it reads back as another job");
        } catch (BookTrouble e) {
            return sentence(e.getMessage());
        } catch (java.io.IOException e) {
            return Optional.of(e.toString());
        }
    }

    private Optional<String> table(long seed) {
        PartFile[] files = PartFile.values();
        try {
            int which = (int) (seed % (files.length + 1));
            if (which == files.length) {
                LraCsv.read(new Spoiler(seed).text(Samples.LRA));
                return Optional.empty();
            }
            String good = PartExport.csv(files[which], Stock.of(DATA));
            String some = good.substring(0, good.indexOf('\n', Math.min(good.length() - 2, 900)) + 1);
            PartImport taken = PartImport.read(
                    files[which].kind().id() + ".csv", new Spoiler(seed).text(some), DATA.get(EndTable.KEY));
            for (String t : taken.troubles()) {
                Optional<String> odd = sentence(t);
                if (odd.isPresent()) {
                    return odd;
                }
            }
            return Optional.empty();
        } catch (BookTrouble | ForeignFile e) {
            return sentence(e.getMessage());
        }
    }

    private Optional<String> walk(long seed) {
        String good = Samples.WALKS.get((int) (seed % Samples.WALKS.size()));
        var read = WalkText.read(new Spoiler(seed).text(good), UnitSystem.METRIC, "p1");
        return read.refusal().flatMap(FuzzTest::sentence);
    }

    /** A refusal is a sentence for people, without the names of classes. */
    private static Optional<String> sentence(String says) {
        return says == null || says.isBlank() || says.contains("Exception") || says.contains("mellowflare.")
                ? Optional.of("not a sentence: " + says)
                : Optional.empty();
    }

    /** Records in batches of lines: every line in gives a line out. A slow or faulty batch is halved until the line is found. */
    private void commands(String command, int count) {
        for (int from = 0; from < count; from += BATCH) {
            long seed = SEED + from;
            int size = Math.min(BATCH, count - from);
            batch(command, seed, lines(command, seed, size));
        }
    }

    private void batch(String command, long seed, List<String> lines) {
        if (lines.size() == 1 || command.equals("hold-test")) {
            for (int i = 0; i < lines.size(); i++) {
                single(command, seed + i, lines.get(i));
            }
            return;
        }
        long began = System.nanoTime();
        Run run = Run.of(String.join("\n", lines), command, "--format=jsonl");
        long ms = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        boolean lost = run.out().lines().count() != lines.size() || run.status() > 1;
        if (lost || run.out().contains(CAUGHT) || ms > SLOW_MS + 5L * lines.size()) {
            int half = lines.size() / 2;
            batch(command, seed, lines.subList(0, half));
            batch(command, seed + half, lines.subList(half, lines.size()));
        }
    }

    private static List<String> lines(String command, long seed, int size) {
        List<JsonNode> good = Samples.RECORDS.get(command);
        return LongStream.range(0, size)
                .mapToObj(i -> new Spoiler(seed + i)
                        .tree(good.get((int) ((seed + i) % good.size())))
                        .toString())
                .toList();
    }

    private void single(String command, long seed, String line) {
        long began = System.nanoTime();
        Run run = Run.of(line, command);
        String fault = run.status() > 2
                ? run.errors()
                : run.status() == 2 && run.errors().strip().lines().count() != 1
                        ? "not one sentence: " + run.errors()
                        : run.out().contains("do not go together")
                                        || run.errors().contains("do not go together")
                                ? "thrown: " + run.errors() + run.out()
                                : "";
        note(command, seed, began, fault.isEmpty() ? "" : fault.strip() + "  ON  " + line);
    }

    /** The good inputs that are spoiled. */
    private static final class Samples {
        static final Map<String, List<JsonNode>> RECORDS = records();
        static final String LRA = "straight_mm,rotate_deg,bend_deg\n100,0,90\n50,90,45\n60,0,0\n";
        static final List<String> WALKS = List.of(
                "riser: up 2.6 m",
                "left 4 m",
                "bench: drop 2.2 m leg 300 mm with grinder, blow-gun by fitter hose 6 m",
                "foot: drain 500 mm",
                "flex: hose 600 mm bore 32 mm",
                "close riser",
                "from north 1",
                "valve",
                "tank 200 L",
                "cap end",
                "far: right 12 ft size 25",
                "feed k-270");

        private static Map<String, List<JsonNode>> records() {
            Map<String, List<JsonNode>> all = new LinkedHashMap<>();
            try {
                for (String line : Files.readAllLines(
                        Path.of(FuzzTest.class.getResource("records.txt").toURI()))) {
                    if (!line.isBlank() && !line.startsWith("#")) {
                        String command = line.substring(0, line.indexOf(' '));
                        all.computeIfAbsent(command, k -> new ArrayList<>())
                                .add(MAPPER.readTree(line.substring(line.indexOf(' ') + 1)));
                    }
                }
            } catch (java.io.IOException | java.net.URISyntaxException e) {
                throw new IllegalStateException(e);
            }
            return all;
        }
    }
}
