package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ShelfTest {
    private static final Instant AT = Instant.parse("2026-11-30T08:00:00Z");

    @TempDir
    private Path folder;

    @BeforeEach
    void fill() throws Exception {
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fill(book, ShippedData.get(), AT);
            Job slew = book.job("demo-slew-hose").orElseThrow();
            Evaluation e = Evaluation.of(slew, ShippedData.get());
            Step cut = e.bench().next().orElseThrow();
            StepEntry done = new StepEntry(cut.id(), StepEntry.Outcome.DONE, "Maren", AT, Map.of(), "", e.takesNext());
            book.save(slew.withLog(slew.log().with(done)), "", "cut", "", AT);
        }
    }

    private Run shelf(String... args) {
        return command("shelf", args);
    }

    private Run command(String command, String... args) {
        String[] all = new String[args.length + 3];
        all[0] = command;
        all[1] = "--book";
        all[2] = folder.toString();
        System.arraycopy(args, 0, all, 3, args.length);
        return Run.of("", all);
    }

    private JsonNode hose() {
        for (JsonNode p : shelf().json().get("parts")) {
            if (p.get("part").asText().equals("KH2-08")) {
                return p;
            }
        }
        throw new AssertionError("no hose");
    }

    @Test
    void testItSaysWhatTheWorkTookAndLeft() {
        Run run = shelf("--moved");
        assertThat(run.status()).isEqualTo(0);
        JsonNode out = run.json();
        assertThat(Schemas.faults("shelf.out", out)).isEmpty();
        assertThat(out.get("parts")).hasSize(1);
        assertThat(hose().get("onShelf").asDouble()).isEqualTo(12.942);
        assertThat(hose().get("taken").get(0).get("job").asText()).isEqualTo("demo-slew-hose");
        assertThat(Schemas.faults("shelf.out", shelf().json())).isEmpty();
    }

    @Test
    void testTheOtherCommandsKnowIt() {
        String kit = command("kit", "demo-slew-hose").json().get("parts").toString();
        assertThat(kit).contains("12.942");
        assertThat(command("kit", "demo-slew-hose").json().get("cutPlan"))
                .describedAs("what is cut is not cut again")
                .isEmpty();
        assertThat(Run.of("", "parts", "export", "hoses", "--book", folder.toString())
                        .out())
                .contains("12.942");
    }

    @Test
    void testCountsComeInAndBrokenRowsAreNamed() throws Exception {
        Path file = folder.resolve("counts.csv");
        Files.writeString(file, "part,counted\nKH2-08,3000; 1200\nKF-W08,none\n");
        Run run = shelf("--count", file.toString(), "--by", "Oda");
        assertThat(run.json().get("counted").asInt()).isEqualTo(1);
        assertThat(run.json().get("leftOut")).hasSize(1);
        assertThat(Schemas.faults("shelf.out", run.json())).isEmpty();
        assertThat(hose().get("lengths").toString()).isEqualTo("[3000.0,1200.0]");
        assertThat(hose().get("counted").get("by").asText()).isEqualTo("Oda");
        assertThat(hose().has("taken")).isFalse();
        assertThat(shelf("--csv").out()).contains("KH2-08").contains("3000; 1200");
    }

    @Test
    void testWithoutANameOrAFileNothingIsCounted() throws Exception {
        Path file = folder.resolve("counts.csv");
        Files.writeString(file, "part,counted\nKH2-08,3000\n");
        Run unnamed = shelf("--count", file.toString());
        assertThat(unnamed.status()).isNotZero();
        assertThat(unnamed.errors()).contains("--by");
        assertThat(shelf("--count", folder.resolve("none.csv").toString(), "--by", "Oda")
                        .errors())
                .contains("none.csv");
        assertThat(hose().get("onShelf").asDouble()).isEqualTo(12.942);
    }

    @Test
    void testANewListSaysWhatLiesThereNow() throws Exception {
        Path list = folder.resolve("hoses.csv");
        String rows = Run.of("", "parts", "export", "hoses", "--book", folder.toString())
                .out();
        Files.writeString(list, rows.replace("12.942", "20"));
        Run.of("", "parts", "import", list.toString(), "--book", folder.toString());
        assertThat(hose().get("onShelf").asDouble()).isEqualTo(20);
    }
}
