package mellowflare.app.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.Set;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.flow.fault.Fault;
import mellowflare.core.flow.fault.Probed;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PressuresModelTest {
    private static final String POT = "blast pot with 5 mm nozzle at blast corner";

    @TempDir
    private Path folder;

    private OpenBook open;
    private PressuresModel model;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        job("demo-shed-air");
        model = new PressuresModel(open.desk(), Runnable::run, Runnable::run);
    }

    @AfterEach
    void close() {
        open.close();
    }

    private void job(String id) {
        open.desk().open(id);
        open.settle();
    }

    private void read(String place, double bar) {
        model.place(Optional.of(place));
        model.pressure().textProperty().set(Double.toString(bar));
        model.keep();
    }

    private Probed net() {
        return open.desk().current().plan().probing().orElseThrow().with(Set.of(POT));
    }

    @Test
    void testAChokeOfTheDemoMainIsFoundFromFourGauges() {
        model.run(POT);
        assertThat(model.says()).singleElement().satisfies(s -> assertThat(s).contains("compressor too"));
        var choked = net().pressures(Optional.of(new Fault.Choked("corner", 5000)));
        read("compressor", choked.get("compressor").bar());
        assertThat(model.says()).singleElement().satisfies(s -> assertThat(s).contains("one more place"));
        for (String place : new String[] {"riser", "corner", "south 1"}) {
            read(place, Math.round(choked.get(place).bar() * 100) / 100.0);
        }
        var found = model.foundProperty().get().orElseThrow();
        assertThat(found.suspects().get(0).fault().at()).isEqualTo("corner");
        assertThat(model.says()).anySatisfy(s -> assertThat(s).startsWith("corner loses"));
        assertThat(model.bars()).isPresent();
        assertThat(model.table().orElseThrow().rows())
                .hasSameSizeAs(model.places())
                .anySatisfy(r -> assertThat(r.out()).isNotEmpty());
    }

    @Test
    void testTheFirstPlaceIsTheOneThatIsFedAndAReadingCanBeTakenOff() {
        assertThat(model.place()).hasValue("compressor");
        read("compressor", 7.4);
        assertThat(model.place()).isPresent().get().isNotEqualTo("compressor");
        assertThat(model.read()).containsOnlyKeys("compressor");
        model.drop("compressor");
        assertThat(model.read()).isEmpty();
        model.pressure().textProperty().set("much");
        model.keep();
        assertThat(model.read()).isEmpty();
        assertThat(model.pressure().refusalProperty().get()).isNotBlank();
    }

    @Test
    void testGasIsReadInMillibarAndAnotherLineBeginsAnew() {
        read("compressor", 7.4);
        job("demo-mess-gas");
        assertThat(model.read()).isEmpty();
        assertThat(model.consumers()).isNotEmpty();
        assertThat(model.dangers()).describedAs("gas wants its own words").containsIgnoringCase("gas");
        read(model.places().get(0), 30);
        assertThat(model.read().values())
                .singleElement()
                .satisfies(t -> assertThat(t).contains("30 mbar"));
        job("demo-slew-hose");
        assertThat(model.offered()).isFalse();
        assertThat(model.places()).isEmpty();
        assertThat(model.table()).isEmpty();
    }

    @Test
    void testWhatComesLateFallsAway() {
        Deque<Runnable> late = new ArrayDeque<>();
        model = new PressuresModel(open.desk(), late::add, Runnable::run);
        model.run(POT);
        read("compressor", 7.4);
        read("corner", 6.5);
        assertThat(model.workingProperty().get()).isNotEmpty();
        model.cancel();
        assertThat(model.workingProperty().get()).isEmpty();
        late.forEach(Runnable::run);
        assertThat(model.foundProperty().get()).isEmpty();
    }
}
