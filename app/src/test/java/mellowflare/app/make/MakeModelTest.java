package mellowflare.app.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Kinds;
import mellowflare.core.line.Kind;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MakeModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private MakeModel make;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().personProperty().set("Maren");
        make = new MakeModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private String due() {
        return make.due().orElseThrow().id();
    }

    @Test
    void testAnEmptyJobIsToldWhatItsOwnKindStillNeeds() {
        for (Kind<?, ?> kind : Kinds.ALL) {
            open.desk().change("kind", "", j -> j.withKind(kind));
            assertThat(make.nothingYet().contains("Call out the main")).isEqualTo(kind.equals(AirMainKind.AIR));
            assertThat(make.nothingYet()).contains("the order of work follows");
        }
    }

    @Test
    void testCutIsHeldUntilItsFigureWasReadBack() {
        assertThat(due()).isEqualTo("cut");
        make.tick();
        assertThat(make.refusalProperty().get()).contains("Hold point: the cut still needs the cut figure read back.");
        assertThat(due()).isEqualTo("cut");
        make.readBack();
        assertThat(make.refusalProperty().get()).isEmpty();
        make.tick();
        assertThat(due()).isEqualTo("check-cut");
        StepEntry cut = open.desk().job().log().entry("cut").orElseThrow();
        assertThat(cut.by()).isEqualTo("Maren");
        assertThat(cut.at()).isEqualTo(OpenBook.NOW);
    }

    /** The figure that is read back has the place; the steps before and after show what they do. */
    @Test
    void testStepsThatCanBeShownHaveAPictureAndTheHeldCutHasNone() {
        assertThat(due()).isEqualTo("cut");
        assertThat(make.picture()).isEmpty();
        make.untick();
        assertThat(due()).isEqualTo("mark");
        assertThat(make.picture().orElseThrow().dimensions())
                .singleElement()
                .satisfies(d -> assertThat(d.text()).contains("1056 mm"));
        make.tick();
        make.readBack();
        make.tick();
        assertThat(due()).isEqualTo("check-cut");
        assertThat(make.picture().orElseThrow().dimensions())
                .singleElement()
                .satisfies(d -> assertThat(d.text()).contains("1056 mm"));
        open.desk().change("nothing", "", j -> j.withKind(BrokenPartKind.BROKEN));
        assertThat(make.picture()).isEmpty();
    }

    @Test
    void testSecondReadingThatDisagreesHoldsTheReadBack() {
        make.second().textProperty().set("1160");
        make.readBack();
        assertThat(make.refusalProperty().get()).contains("two readings that agree");
        make.second().textProperty().set("1140.5");
        make.secondByProperty().set("Ylva");
        make.readBack();
        assertThat(make.refusalProperty().get()).isEmpty();
        CalledFigure figure =
                open.desk().job().line(HoseLineKind.HOSE).finished().orElseThrow();
        assertThat(figure.secondBy()).isEqualTo("Ylva");
        assertThat(figure.second()).contains(Length.ofMm(1140.5));
    }

    @Test
    void testNamesAreKeptWithTheFigure() {
        make.calledByProperty().set("Ylva ");
        make.writtenByProperty().set("Maren");
        CalledFigure figure =
                open.desk().job().line(HoseLineKind.HOSE).finished().orElseThrow();
        assertThat(figure.calledBy()).isEqualTo("Ylva");
        assertThat(figure.writtenBy()).isEqualTo("Maren");
        assertThat(make.calledByProperty().get())
                .as("a space still being typed stays")
                .isEqualTo("Ylva ");
    }

    @Test
    void testFigureToRecordIsCheckedAndKept() {
        make.readBack();
        make.tick();
        var field = make.due().orElseThrow().records().get(0);
        make.tick();
        assertThat(make.refusalProperty().get()).contains("Write down the cut length");
        make.typed(field, "1070");
        make.tick();
        assertThat(make.refusalProperty().get())
                .contains(
                        "1070 mm is outside 1054.5 mm to 1057.5 mm for the cut length: measure again, or put it right before going on.");
        make.typed(field, "1056");
        make.tick();
        assertThat(due()).isEqualTo("clean");
        assertThat(open.desk().job().log().entry("check-cut").orElseThrow().figures())
                .containsValue("1056 mm");
        assertThat(make.typed(field)).as("fields begin empty at the next step").isEmpty();
    }

    @Test
    void testTickCanBeTakenBackAndUndone() {
        make.untick();
        assertThat(due()).isEqualTo("mark");
        open.desk().undo();
        open.settle();
        assertThat(due()).isEqualTo("cut");
    }

    @Test
    void testStepPassedOverKeepsItsReason() {
        make.untick();
        make.passOver();
        assertThat(make.refusalProperty().get()).contains("Give a reason for skipping this step.");
        make.reasonProperty().set("marked before");
        make.passOver();
        assertThat(due()).isEqualTo("cut");
        assertThat(make.reasonProperty().get()).isEmpty();
        assertThat(open.desk().job().log().entry("mark").orElseThrow().reason()).isEqualTo("marked before");
    }

    @Test
    void testNobodyAtTheBenchCannotTick() {
        make.person("");
        make.untick();
        make.tick();
        assertThat(make.refusalProperty().get()).contains("Enter who is at the bench before ticking.");
    }

    @Test
    void testReopenedJobStandsWhereItWasLeft() throws BookTrouble {
        make.readBack();
        make.tick();
        open.settle();
        open.close();
        open = OpenBook.again(folder, "demo-slew-hose");
        make = new MakeModel(open.desk());
        assertThat(due()).isEqualTo("check-cut");
        assertThat(make.bench().readBackHolds()).isTrue();
    }
}
