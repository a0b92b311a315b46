package mellowflare.app.broken;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.work.Attempt;
import mellowflare.core.table.FigureTable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A stuck or broken part without a window. */
class BrokenModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private BrokenModel broken;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-broken-nipple");
        open.settle();
        broken = new BrokenModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testThePriceOfAnHourIsShownTypedAndRefused() {
        assertThat(broken.hour().textProperty().get()).isEqualTo("48");
        broken.hour().textProperty().set("60");
        assertThat(broken.line().hour()).contains(60.0);
        broken.hour().textProperty().set("much");
        assertThat(broken.hour().refusalProperty().get()).isNotEmpty();
        assertThat(broken.line().hour()).contains(60.0);
        broken.hour().textProperty().set("");
        assertThat(broken.line().hour()).isEmpty();
    }

    @Test
    void testTheListSaysWhyNot() {
        assertThat(broken.tables(FigureTable.What.RUNGS).get(0).rows().stream().map(r -> String.join("; ", r.cells())))
                .anyMatch(r -> r.startsWith("penetrant and patience; –; –; –; Never penetrant on drinking water"))
                .anyMatch(r -> r.startsWith("extractor; 10; ") && r.endsWith("extractor, hammer, wrench; yes"));
    }

    @Test
    void testAnotherFluidAndPlaceOpenOtherRungs() {
        broken.change("fluid", l -> l.withFluid(Optional.of(StuckFluid.Id.HEATING_WATER)));
        broken.change("near", l -> l.withNear(Optional.of(false)));
        assertThat(broken.c().attempts()).allMatch(Attempt::open);
        broken.change("fluid", l -> l.withFluid(Optional.of(StuckFluid.Id.GAS)));
        assertThat(broken.c().attempts()).anyMatch(Attempt::never);
        assertThat(broken.tables(FigureTable.What.RUNGS).get(0).rows())
                .anyMatch(r -> !r.out().isEmpty());
    }
}
