package mellowflare.app.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.stream.Stream;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.machine.Carried;
import mellowflare.core.machine.DueLine;
import mellowflare.core.machine.Hours;
import mellowflare.core.machine.MachineLine;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MachineModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private MachineModel machine;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-slew-hose");
        open.settle();
        machine = new MachineModel(open.desk(), Runnable::run, Runnable::run);
        machine.opened();
        open.settle();
    }

    @AfterEach
    void close() {
        open.close();
    }

    private List<String> titles() {
        return machine.machine().lines().stream().map(l -> l.of().job().title()).toList();
    }

    private MachineLine line(String title) {
        return machine.machine().lines().stream()
                .filter(l -> l.of().job().title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testTheBagAndTheHoursAreThoseOfAllLines() {
        assertThat(machine.bag())
                .anyMatch(c -> c.sort() == Carried.Sort.TOOL && c.lines().size() > 1)
                .anyMatch(c -> c.sort() == Carried.Sort.PART);
        Hours hours = machine.hoursProperty().get();
        assertThat(hours.spent()).isPositive();
        assertThat(hours.toGo()).as("most steps were never ticked here").isEqualTo("–");
        machine.name().textProperty().set("");
        open.settle();
        assertThat(machine.hoursProperty().get()).isEqualTo(Hours.NONE);
        assertThat(machine.bag()).isEmpty();
    }

    @Test
    void testTheMachineOfTheOpenJobHasItsLinesAndThoseOfItsParts() {
        assertThat(machine.name().value()).contains("Dunlin");
        assertThat(titles())
                .contains("Crane slew hose, port side", "Chiller suction hose")
                .hasSize(7);
        assertThat(machine.plansProperty().get()).isNotEmpty();
        assertThat(machine.workingProperty().get()).isEmpty();
        assertThat(machine.lacking()).isPositive();
    }

    @Test
    void testAnotherNameShowsAnotherMachineAndNonsenseNone() {
        machine.name().textProperty().set("slipway winch");
        open.settle();
        assertThat(titles()).containsExactly("Slip winch, pump to motor");
        machine.name().textProperty().set("no such thing, ' % --");
        open.settle();
        assertThat(titles()).isEmpty();
        assertThat(machine.plansProperty().get()).isEmpty();
        machine.name().textProperty().set("");
        open.settle();
        assertThat(titles()).isEmpty();
    }

    @Test
    void testAJobThatIsPutAwayIsNoLineOfIt() {
        open.desk()
                .keeper()
                .ask(
                        book -> {
                            book.putAway("demo-chiller", true);
                            return null;
                        },
                        done -> machine.opened(),
                        open.desk()::tell);
        open.settle();
        open.settle();
        assertThat(titles()).hasSize(6).doesNotContain("Chiller suction hose");
    }

    @Test
    void testAlikeLinesAreNewOnesOfWhichNothingIsMade() {
        machine.copies().textProperty().set("3");
        machine.copy(line("Chiller suction hose"));
        open.settle();
        open.settle();
        assertThat(titles())
                .contains("Chiller suction hose 2", "Chiller suction hose 4")
                .hasSize(10);
        MachineLine copy = line("Chiller suction hose 3");
        assertThat(copy.of().job().taken()).isEmpty();
        assertThat(copy.of().job().logs()).isEmpty();
        assertThat(copy.of().job().lines())
                .isEqualTo(line("Chiller suction hose").of().job().lines());
        machine.open(copy);
        open.settle();
        assertThat(open.desk().job().title()).isEqualTo("Chiller suction hose 3");
    }

    @Test
    void testItsPapersAreWritten() throws Exception {
        for (MachinePaper.Sheet s : MachinePaper.Sheet.values()) {
            machine.write(s);
            open.settle();
            assertThat(open.desk().newsProperty().get()).startsWith("Written to");
        }
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            List<Path> all = files.sorted().toList();
            assertThat(all).hasSize(4);
            for (Path p : all) {
                if (p.toString().endsWith("-tags.pdf")) {
                    try (var pdf = Loader.loadPDF(p.toFile())) {
                        assertThat(pdf.getNumberOfPages())
                                .as("seven tags on one sheet")
                                .isEqualTo(1);
                    }
                } else if (p.toString().endsWith(".csv")) {
                    assertThat(Files.readString(p)).contains("KC08-B08M").startsWith("number,part,need");
                }
            }
        }
    }

    @Test
    void testWhatIsDueIsDoneWithANameAndComesAgainLater() {
        open.desk().personProperty().set("");
        DueLine due = machine.upkeep().due().get(0);
        assertThat(due.due().rule().id()).isEqualTo("fuel-hose");
        machine.upkeep().done(due);
        open.settle();
        assertThat(open.desk().newsProperty().get()).contains("Nobody is named");
        open.desk().personProperty().set("Maren");
        machine.upkeep().found().textProperty().set("dry");
        machine.upkeep().done(due);
        open.settle();
        open.settle();
        assertThat(machine.upkeep().found().value()).isEmpty();
        DueLine next = machine.upkeep().due().stream()
                .filter(d -> d.due().rule().id().equals("fuel-hose"))
                .findFirst()
                .orElseThrow();
        assertThat(next.due().on()).isEqualTo(machine.upkeep().today().plusDays(365));
        assertThat(next.due().last().orElseThrow().found()).isEqualTo("dry");
        assertThat(machine.upkeep().events()).anyMatch(e -> e.found().equals("dry") && e.by().equals("Maren"));
    }

    @Test
    void testTheOpenLineIsPutIntoServiceHere() {
        assertThat(machine.upkeep().due()).noneMatch(d -> d.of().job().id().equals("demo-slew-hose"));
        machine.upkeep().inService().textProperty().set("2020-01-31");
        open.settle();
        open.settle();
        assertThat(machine.upkeep().due()).anyMatch(d -> d.of().job().id().equals("demo-slew-hose"));
        assertThat(machine.upkeep().overdue()).isPositive();
        machine.upkeep().printed().textProperty().set("last year");
        assertThat(machine.upkeep().printed().refusalProperty().get()).contains("last year");
        assertThat(open.desk().job().upkeep().printed()).isEmpty();
    }

    /** What comes late for another machine falls away, and so does what was given up. */
    @Test
    void testWhatComesLateFallsAway() {
        Deque<Runnable> later = new ArrayDeque<>();
        MachineModel slow = new MachineModel(open.desk(), later::add, Runnable::run);
        slow.opened();
        open.settle();
        assertThat(slow.workingProperty().get()).isNotEmpty();
        slow.name().textProperty().set("Slipway winch");
        open.settle();
        assertThat(later).hasSizeGreaterThanOrEqualTo(2);
        while (!later.isEmpty()) {
            later.pollLast().run();
        }
        assertThat(slow.machine().name()).isEqualTo("Slipway winch");
        slow.opened();
        open.settle();
        slow.cancel();
        later.forEach(Runnable::run);
        assertThat(slow.workingProperty().get()).isEmpty();
    }
}
