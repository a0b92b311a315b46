package mellowflare.app.mend;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Job;
import mellowflare.core.measure.GaugePressure;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MendModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private Job broken;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-slew-hose");
        open.settle();
        open.desk()
                .change(
                        "stronger",
                        "",
                        j -> j.withService(j.service().withWorking(Optional.of(GaugePressure.ofBar(250)))));
        broken = open.desk().job();
        open.settle();
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testAWayIsFoundTakenAndUndoneAsOne() {
        MendModel mend = new MendModel(open.desk(), Runnable::run, Runnable::run);
        mend.search();
        assertThat(mend.searchingProperty().get()).isEqualTo(MendModel.Searching.DONE);
        assertThat(mend.ways()).isNotEmpty();
        assertThat(mend.costs(mend.ways().get(0))).startsWith("costs ");
        assertThat(mend.take(mend.ways().get(0))).isTrue();
        assertThat(open.desk().current().stops()).isZero();
        open.settle();
        open.desk().undo();
        open.settle();
        assertThat(open.desk().job()).isEqualTo(broken);
    }

    @Test
    void testAWayForALineThatHasChangedSinceIsNotTaken() {
        MendModel mend = new MendModel(open.desk(), Runnable::run, Runnable::run);
        mend.search();
        open.desk().change("note", "", j -> j.withNote("changed meanwhile"));
        assertThat(mend.take(mend.ways().get(0))).isFalse();
        assertThat(open.desk().job().note()).isEqualTo("changed meanwhile");
        assertThat(open.desk().newsProperty().get()).contains("changed since");
    }

    @Test
    void testGivenUpItShowsNothingThatComesLate() {
        Deque<Runnable> later = new ArrayDeque<>();
        MendModel mend = new MendModel(open.desk(), later::add, Runnable::run);
        mend.search();
        assertThat(mend.searchingProperty().get()).isEqualTo(MendModel.Searching.RUNS);
        mend.cancel();
        later.forEach(Runnable::run);
        assertThat(mend.searchingProperty().get()).isEqualTo(MendModel.Searching.STOPPED);
        assertThat(mend.ways()).isEmpty();
    }
}
