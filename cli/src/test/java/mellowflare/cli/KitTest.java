package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.JobJson;
import mellowflare.book.store.Book;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.GaugePressure;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command {@code kit}. */
class KitTest {
    @TempDir
    private Path folder;

    @BeforeEach
    void fill() throws Exception {
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fill(book, ShippedData.get(), Instant.parse("2026-11-30T08:00:00Z"));
        }
    }

    private Run run(String... args) {
        String[] all = new String[args.length + 3];
        all[0] = "kit";
        all[1] = "--book";
        all[2] = folder.toString();
        System.arraycopy(args, 0, all, 3, args.length);
        return Run.of("", all);
    }

    @Test
    void testAMachineHasItsPartsCutsAndTags() {
        Run run = run("--machine", "Dunlin");
        assertThat(run.status()).isEqualTo(1);
        JsonNode out = run.json();
        assertThat(Schemas.faults("kit.out", out)).isEmpty();
        assertThat(out.get("lines")).hasSize(7);
        assertThat(out.get("tags")).hasSize(7);
        // The demo's ticks are some minutes apart.
        assertThat(out.get("hours").get("spent").asInt()).isPositive();
        assertThat(out.get("hours").get("known").asInt())
                .isPositive()
                .isLessThan(out.get("hours").get("open").asInt());
        assertThat(out.get("bag")).anyMatch(b -> b.get("as").asText().equals("tool"));
        double cost = 0;
        for (JsonNode p : out.get("parts")) {
            cost += p.path("cost").asDouble(0);
            assertThat(p.get("toBuy").asDouble())
                    .isEqualTo(Math.max(
                            0,
                            p.get("need").asDouble()
                                    - p.get("taken").asDouble()
                                    - p.path("onShelf").asDouble(0)));
        }
        assertThat(out.get("cost").asDouble()).isEqualTo(cost, within(1e-9));
        assertThat(out.get("cutPlan").toString()).contains("\"material\"").contains("hose");
    }

    @Test
    void testJobsByTheirIdsAndAsATable() {
        Run run = run("demo-winch", "demo-slew-hose");
        assertThat(run.json().get("lines"))
                .extracting(l -> l.get("mark").asText())
                .containsExactly("A", "B");
        Run csv = run("demo-winch", "--csv");
        assertThat(csv.out())
                .startsWith("number,part,need,unit,taken,on_shelf,to_buy,supplier,order_number,each,cost,lines");
    }

    @Test
    void testThePartsSayWhereTheShopBuysThem() throws Exception {
        java.nio.file.Path list = folder.resolve("where.csv");
        java.nio.file.Files.writeString(
                list, "part,supplier,order_number\nKH2-08,Holm Hose Works,77-08\nKF-W08,,3\nboss ring,Quay Seals,\n");
        JsonNode taken = Run.of("", "parts", "import", list.toString(), "--book", folder.toString())
                .json();
        assertThat(taken.get("leftOut")).hasSize(1);
        JsonNode out = run("demo-slew-hose").json();
        assertThat(Schemas.faults("kit.out", out)).isEmpty();
        assertThat(out.get("parts").get(0).get("supplier").asText()).isEqualTo("Holm Hose Works");
        assertThat(run("demo-slew-hose", "--csv").out()).contains("Holm Hose Works,77-08");
        assertThat(Run.of("", "parts", "export", "suppliers", "--book", folder.toString())
                        .out())
                .contains("boss ring,Quay Seals,");
    }

    private Run due(String... args) {
        String[] all = new String[args.length + 5];
        System.arraycopy(new String[] {"due", "--book", folder.toString(), "--today", "2026-11-30"}, 0, all, 0, 5);
        System.arraycopy(args, 0, all, 5, args.length);
        return Run.of("", all);
    }

    @Test
    void testWhatIsDueComesAsListAsTableAndForACalendar() {
        JsonNode out = due().json();
        assertThat(Schemas.faults("due.out", out)).isEmpty();
        JsonNode first = out.get("due").get(0);
        assertThat(first.get("rule").asText()).isEqualTo("fuel-hose");
        assertThat(first.get("on").asText()).isEqualTo("2026-10-03");
        assertThat(first.get("days").asInt()).isEqualTo(-58);
        assertThat(first.get("standing").asText()).isEqualTo("overdue");
        assertThat(first.get("last").get("by").asText()).isEqualTo("Tobbe");
        assertThat(due("--until", "2026-10-02").json().get("due")).isEmpty();
        assertThat(due("--machine", "Slipway winch").json().get("due")).isEmpty();
        assertThat(due("--csv").out()).contains("2026-10-03,-58,");
        assertThat(due("--calendar").out()).startsWith("BEGIN:VCALENDAR").contains("fuel-hose@mellow-flare");
        assertThat(due("--until", "spring").errors()).contains("spring");
    }

    @Test
    void testAHoseTooWeakIsMendedFromABookAndFromAFile() throws Exception {
        Job slew;
        try (Book book = Book.open(folder)) {
            slew = book.job("demo-slew-hose").orElseThrow();
        }
        Job strong = slew.withService(slew.service().withWorking(Optional.of(GaugePressure.ofBar(250))));
        Path file = Files.writeString(folder.resolve("strong.json"), JobJson.write(strong));
        Run run = Run.of("", "mend", "--file", file.toString(), "--jobs");
        assertThat(run.status()).isZero();
        assertThat(Schemas.faults("mend.out", run.json())).isEmpty();
        assertThat(run.json().get("stops").get(0).asText()).contains("too weak");
        JsonNode way = run.json().get("ways").get(0);
        assertThat(way.get("changes").get(0).asText()).contains("four-spiral");
        assertThat(way.get("job").get("title").asText()).isEqualTo("Crane slew hose, port side");
        assertThat(Run.of("", "mend", "demo-slew-hose", "--book", folder.toString())
                        .json()
                        .get("ways"))
                .isEmpty();
        assertThat(Run.of("", "mend").status()).isEqualTo(2);
    }

    @Test
    void testNeitherAndBothAndNobodyAreRefused() {
        assertThat(run().status()).isEqualTo(2);
        assertThat(run("demo-winch", "--machine", "Dunlin").status()).isEqualTo(2);
        assertThat(run("--machine", "Albatross").errors()).contains("no job of “Albatross”");
        assertThat(run("nobody").status()).isEqualTo(3);
    }
}
