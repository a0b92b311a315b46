package mellowflare.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.Book;
import mellowflare.book.store.BookPlace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StartingTest {
    @TempDir
    private Path folder;

    private Starting.Ready start(String... more) throws BookTrouble {
        List<String> args = new java.util.ArrayList<>(List.of(more));
        args.add("--book=" + folder);
        return Starting.begin(args, Clock.fixed(OpenBook.NOW, ZoneOffset.UTC)).join();
    }

    @Test
    void testOptionsTellDemoOwnAndNamedBooksApart() {
        assertThat(Options.of(List.of()).book()).isEqualTo(BookPlace.own());
        assertThat(Options.of(List.of("demo")).book()).isEqualTo(BookPlace.demo());
        assertThat(Options.of(List.of("demo", "--fresh")).fresh()).isTrue();
        assertThat(Options.of(List.of("--book=" + folder)).book()).isEqualTo(folder);
        assertThat(Options.of(List.of("demo")).picture()).isEmpty();
        assertThat(Options.of(List.of("demo", "--picture=" + folder.resolve("a.png")))
                        .picture())
                .contains(folder.resolve("a.png"));
        assertThat(BookPlace.own()).isNotEqualTo(BookPlace.demo());
    }

    @Test
    void testOwnBookBeginsWithOneEmptyJobAndKeepsIt() throws BookTrouble {
        Starting.Ready first = start();
        assertThat(first.options().demo()).isFalse();
        assertThat(first.first().leftOff().text()).isEqualTo("not started");
        String id = first.first().job().id();
        first.book().close();
        Starting.Ready again = start();
        assertThat(again.first().job().id()).isEqualTo(id);
        assertThat(again.book().jobs("")).hasSize(1);
        again.book().close();
    }

    @Test
    void testDemoIsFilledOnceAndMadeAnewOnlyWhenAsked() throws BookTrouble {
        Starting.Ready demo = start("demo");
        assertThat(demo.first().job().id()).isEqualTo("demo-slew-hose");
        assertThat(demo.person()).isEqualTo("Maren");
        demo.book().preference(Starting.NIGHT, "yes");
        demo.book().save(demo.first().job().withTitle("mine"), "x", "title", "", OpenBook.NOW);
        demo.book().close();
        Starting.Ready again = start("demo");
        assertThat(again.first().job().title()).isEqualTo("mine");
        assertThat(again.night()).isTrue();
        assertThat(again.large()).isFalse();
        again.book().close();
        Starting.Ready fresh = start("demo", "--fresh");
        assertThat(fresh.first().job().title()).isEqualTo("Crane slew hose, port side");
        fresh.book().close();
    }

    @Test
    void testBookThatCannotBeOpenedIsSaidInOneSentence() throws Exception {
        try (Book held = Book.open(folder)) {
            assertThat(held.jobs("")).isEmpty();
            assertThatThrownBy(this::start)
                    .isInstanceOf(BookTrouble.class)
                    .hasMessageContaining("open in another window");
        }
        Files.writeString(folder.resolve("book.db"), "x".repeat(4000));
        assertThatThrownBy(this::start).isInstanceOf(BookTrouble.class).hasMessageContaining("damaged");
    }

    @Test
    void testOneUnreadableJobNeverClosesTheBook() throws Exception {
        Starting.Ready demo = start("demo");
        demo.book().close();
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("book.db"));
                Statement s = c.createStatement()) {
            s.execute("UPDATE revision SET json = 'rubbish' WHERE job_id = 'demo-slew-hose'");
        }
        Starting.Ready again = start("demo");
        assertThat(again.first().job().id()).isNotEqualTo("demo-slew-hose");
        assertThat(again.aside().orElseThrow().says()).startsWith("“Crane slew hose, port side” is set aside");
        assertThat(again.book().jobs("")).hasSizeGreaterThan(10);
        again.book().close();
    }

    @Test
    void testWindowStandsWithinAScreenThatIsThere() {
        Rectangle2D small = new Rectangle2D(0, 0, 1024, 700);
        Rectangle2D beside = new Rectangle2D(1024, 0, 1920, 1080);
        WindowPlace first = WindowPlace.of(Optional.empty(), List.of(small));
        assertThat(first.width()).isEqualTo(1024);
        assertThat(first.height()).isLessThan(700);
        assertThat(first.corner()).isEmpty();
        WindowPlace kept = WindowPlace.of(Optional.of("1200 50 1280 800"), List.of(small, beside));
        assertThat(kept).isEqualTo(new WindowPlace(Optional.of(new Point2D(1200, 50)), 1280, 800));
        assertThat(WindowPlace.of(Optional.of(kept.text()), List.of(small, beside)))
                .isEqualTo(kept);
        // The second screen is gone.
        WindowPlace gone = WindowPlace.of(Optional.of("1200 50 1280 800"), List.of(small));
        assertThat(gone.corner()).isEmpty();
        assertThat(gone.width()).isEqualTo(1024);
        for (String odd : List.of("", "1 2 3", "a b c d", "1e99 0 1280 800", "0 0 5 5", "NaN 0 900 700")) {
            assertThat(WindowPlace.of(Optional.of(odd), List.of(small))).as(odd).isEqualTo(first);
        }
    }

    @Test
    void testWhatNobodyCaughtIsSaidAndWrittenDown() throws Exception {
        List<String> said = new java.util.ArrayList<>();
        Path log = folder.resolve("trouble.log");
        new Unforeseen(said::add, Runnable::run, log, Clock.fixed(OpenBook.NOW, ZoneOffset.UTC))
                .uncaughtException(Thread.currentThread(), new IllegalStateException("odd"));
        assertThat(said).singleElement().satisfies(s -> assertThat(s).contains("last saved", log.toString()));
        assertThat(Files.readString(log)).contains("IllegalStateException: odd").startsWith("20");
    }
}
