package mellowflare.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
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
        assertThat(first.first().leftOff()).isEqualTo("not begun");
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
}
