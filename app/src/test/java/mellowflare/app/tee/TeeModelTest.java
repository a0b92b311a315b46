package mellowflare.app.tee;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.Length;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A tee-in without a window. */
class TeeModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private TeeModel tee;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-heater-tee");
        open.settle();
        tee = new TeeModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testFiguresAreShownTypedAndKept() {
        assertThat(tee.across().textProperty().get()).isEqualTo("62 mm");
        tee.across().textProperty().set("2 1/2 in");
        assertThat(tee.line().across()).contains(Length.ofInches(2.5));
        tee.across().textProperty().set("0");
        assertThat(tee.across().refusalProperty().get()).isNotEmpty();
        tee.gap().textProperty().set("-4");
        assertThat(tee.gap().refusalProperty().get()).isNotEmpty();
        assertThat(tee.line().across()).contains(Length.ofInches(2.5));
        assertThat(tee.line().gap()).isEmpty();
    }

    @Test
    void testAClearedFieldIsNotKnownAnyMore() {
        tee.goesIn().textProperty().set("");
        assertThat(tee.line().goesIn()).isEmpty();
        assertThat(tee.usuallyGoesIn()).isEqualTo("3 mm");
        assertThat(tee.c().cutOut()).contains(56.0);
    }

    @Test
    void testAnotherJointForgetsWhatTheOneBeforeTookIn() {
        tee.method(Optional.of(TeeMethod.Id.FLARE));
        assertThat(tee.line().goesIn()).as("the same joint keeps it").contains(Length.ofMm(3.5));
        tee.method(Optional.of(TeeMethod.Id.BRAZE));
        assertThat(tee.line().goesIn()).isEmpty();
        assertThat(tee.c().cutOut()).contains(62.0 - 26);
    }

    @Test
    void testAnotherFluidIsJudgedAnew() {
        tee.method(Optional.of(TeeMethod.Id.PUSH));
        assertThat(tee.plan().stops()).isTrue();
        tee.fluid(Optional.of(TeeFluid.WATER));
        assertThat(tee.plan().stops()).isFalse();
    }
}
