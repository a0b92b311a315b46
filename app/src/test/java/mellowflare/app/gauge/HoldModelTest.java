package mellowflare.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.section.HoldUp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HoldModelTest {
    @TempDir
    private Path folder;

    @Test
    void testCardBringsTheScreenToTrueSizeAndItIsKept() throws BookTrouble {
        double dots;
        try (OpenBook open = OpenBook.empty(folder)) {
            HoldModel hold = new HoldModel(open.desk());
            open.settle();
            GaugeModel gauge = new GaugeModel(open.desk());
            assertThat(hold.drawing(gauge.result().answer())).isEqualTo(HoldUp.card());
            double before = hold.dotsPerMmProperty().get();
            hold.widen(85.6);
            dots = hold.dotsPerMmProperty().get();
            assertThat(dots).as("one dot more for each millimetre of the card").isCloseTo(before + 1, within(1e-9));
            hold.fits();
            open.settle();
            assertThat(hold.drawing(gauge.result().answer())).isNotEqualTo(HoldUp.card());
        }
        try (OpenBook again = OpenBook.again(folder, "first")) {
            HoldModel hold = new HoldModel(again.desk());
            again.settle();
            assertThat(hold.trueSizeProperty().get()).isTrue();
            assertThat(hold.dotsPerMmProperty().get()).isCloseTo(dots, within(1e-9));
            hold.again();
            assertThat(hold.trueSizeProperty().get()).isFalse();
        }
    }

    @Test
    void testNonsenseInTheBookAndAbsurdWidthsAreKeptOut() throws BookTrouble {
        try (OpenBook open = OpenBook.empty(folder)) {
            open.keeper()
                    .ask(
                            book -> {
                                book.preference("screen-dots-per-mm", "wide");
                                return null;
                            },
                            done -> {},
                            trouble -> {});
            HoldModel hold = new HoldModel(open.desk());
            open.settle();
            assertThat(hold.trueSizeProperty().get()).isFalse();
            hold.widen(-1e6);
            assertThat(hold.dotsPerMmProperty().get()).isEqualTo(1.5);
            hold.widen(1e6);
            assertThat(hold.dotsPerMmProperty().get()).isEqualTo(20);
        }
    }
}
