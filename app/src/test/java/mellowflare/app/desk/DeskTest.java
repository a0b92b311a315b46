package mellowflare.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;

class DeskTest {
    @TempDir
    private Path folder;

    @Test
    void testChangeIsWorkedOutAtOnceAndShownAsSavedOnlyWhenItIs() throws BookTrouble {
        try (OpenBook open = OpenBook.empty(folder)) {
            Desk desk = open.desk();
            desk.change("title", "title", j -> j.withTitle("Ram hose"));
            assertThat(desk.job().title()).isEqualTo("Ram hose");
            assertThat(desk.savedProperty().get()).isEqualTo(SaveState.SAVING);
            open.settle();
            assertThat(desk.savedProperty().get()).isEqualTo(SaveState.SAVED);
        }
        try (OpenBook again = OpenBook.again(folder, "first")) {
            assertThat(again.desk().job().title()).isEqualTo("Ram hose");
        }
    }

    @Test
    void testChangeThatChangesNothingIsNotSaved() throws BookTrouble {
        try (OpenBook open = OpenBook.empty(folder)) {
            open.desk().change("title", "", j -> j.withTitle("First line"));
            assertThat(open.desk().savedProperty().get()).isEqualTo(SaveState.SAVED);
            open.desk().undo();
            open.settle();
            assertThat(open.desk().newsProperty().get()).contains("There is nothing to undo.");
        }
    }

    @Test
    void testUndoAndRedoSayWhatTheyDid() throws BookTrouble {
        try (OpenBook open = OpenBook.empty(folder)) {
            Desk desk = open.desk();
            desk.change("title", "", j -> j.withTitle("one"));
            desk.change("machine", "", j -> j.withMachine("crane"));
            desk.undo();
            open.settle();
            assertThat(desk.job().machine()).isEmpty();
            assertThat(desk.newsProperty().get()).isEqualTo("Undone: machine.");
            desk.redo();
            open.settle();
            assertThat(desk.job().machine()).isEqualTo("crane");
            assertThat(desk.newsProperty().get()).isEqualTo("Redone: machine.");
        }
    }

    @Test
    void testNewAndOtherJobsAreOpenedAndRemembered() throws BookTrouble {
        try (OpenBook open = OpenBook.demo(folder)) {
            Desk desk = open.desk();
            desk.open("demo-winch");
            open.settle();
            assertThat(desk.job().title()).isEqualTo("Slip winch, pump to motor");
            desk.openNew();
            open.settle();
            assertThat(desk.job().units()).as("units of the job before").isEqualTo(UnitSystem.INCH);
            List<String> titles = new ArrayList<>();
            desk.jobs("", heads -> heads.forEach(h -> titles.add(h.title())));
            open.settle();
            assertThat(titles).hasSize(OpenBook.DEMO_JOBS + 1).contains("New line");
        }
    }

    /** A keeper whose book takes nothing until told otherwise. */
    private static final class Stubborn {
        private final Keeper keeper = mock(Keeper.class);
        private boolean full = true;

        @SuppressWarnings("unchecked")
        Stubborn() {
            Mockito.doAnswer(call -> {
                        Consumer<Object> done = call.getArgument(1);
                        Consumer<String> trouble = call.getArgument(2);
                        var book = mock(mellowflare.book.store.Book.class, inv -> {
                            if (inv.getMethod().getName().equals("save") && full) {
                                throw new BookTrouble("The disk is full.");
                            }
                            return inv.getMethod().getName().equals("shelf")
                                    ? mellowflare.core.shelf.Shelf.AS_LISTED
                                    : Mockito.RETURNS_DEFAULTS.answer(inv);
                        });
                        Keeper.Work<Object> work = call.getArgument(0);
                        try {
                            done.accept(work.on(book));
                        } catch (BookTrouble e) {
                            trouble.accept(e.getMessage());
                        }
                        return null;
                    })
                    .when(keeper)
                    .ask(any(), any(), any());
        }
    }

    @Test
    void testUnsavedJobIsNotLeftAndIsSavedLateWhenThereIsRoomAgain() {
        Stubborn stubborn = new Stubborn();
        Job job = Job.open("j", "one", "", UnitSystem.METRIC);
        Desk desk = new Desk(stubborn.keeper, OpenBook.DATA, Evaluation.of(job, OpenBook.DATA), Clock.systemUTC());
        desk.change("title", "", j -> j.withTitle("two"));
        assertThat(desk.savedProperty().get().kind()).isEqualTo(SaveState.Kind.TROUBLE);
        assertThat(desk.savedProperty().get().words()).contains("disk is full");
        assertThat(desk.unsaved()).isTrue();
        desk.openNew();
        assertThat(desk.job().title()).as("stays open").isEqualTo("two");
        assertThat(desk.newsProperty().get()).contains("kept here until it can be saved");
        stubborn.full = false;
        desk.openNew();
        assertThat(desk.job().title()).isEqualTo("New line");
        assertThat(desk.unsaved()).isFalse();
        assertThat(desk.savedProperty().get()).isEqualTo(SaveState.SAVED);
    }
}
