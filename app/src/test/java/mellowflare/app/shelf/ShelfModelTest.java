package mellowflare.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import mellowflare.app.OpenBook;
import mellowflare.app.make.MakeModel;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.Book;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ShelfModelTest {
    private static final String HOSE = "KH2-08";

    @TempDir
    private Path folder;

    private OpenBook open;
    private ShelfModel shelf;
    private MakeModel make;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-slew-hose");
        open.settle();
        open.desk().rememberPerson("Maren");
        shelf = new ShelfModel(open.desk(), Runnable::run, Runnable::run);
        make = new MakeModel(open.desk());
        shelf.opened();
        open.settle();
    }

    @AfterEach
    void close() {
        open.close();
    }

    private ShelfModel.Row row(String key) {
        return shelf.rowsProperty().get().stream()
                .filter(r -> r.part().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private double there(String key) {
        return row(key).part().held().amount();
    }

    private void count(String text) {
        shelf.count().textProperty().set(text);
        shelf.keep();
        open.settle();
    }

    private void cut() {
        make.readBack();
        make.tick();
        open.settle();
        assertThat(make.refusalProperty().get()).isEmpty();
    }

    @Test
    void testItListsWhatTheOpenLineTakesAndWhatIsSpokenFor() {
        assertThat(row(HOSE).part().metres()).isTrue();
        assertThat(there(HOSE)).isEqualTo(14);
        assertThat(row(HOSE).spokenFor()).isEqualTo(1.056);
        assertThat(shelf.rowsProperty().get()).allMatch(ShelfModel.Row::kept);
        assertThat(shelf.lacking()).isZero();
    }

    @Test
    void testTheTickTakesTheHoseItsUndoReturnsIt() {
        assertThat(make.takesSaid())
                .containsExactly("1056 mm of two-wire hose -8 off the piece of 14000 mm; 12942 mm goes back");
        cut();
        assertThat(there(HOSE)).isEqualTo(12.942);
        shelf.choose(row(HOSE));
        assertThat(shelf.story())
                .singleElement()
                .satisfies(s -> assertThat(s).contains("Maren", "1056 mm", "12942 mm"));
        make.untick();
        open.settle();
        assertThat(there(HOSE)).isEqualTo(14);
        open.desk().undo();
        open.settle();
        assertThat(there(HOSE)).describedAs("the untick undone").isEqualTo(12.942);
        open.desk().undo();
        open.settle();
        assertThat(there(HOSE)).describedAs("the tick undone").isEqualTo(14);
        open.desk().redo();
        open.settle();
        assertThat(there(HOSE)).isEqualTo(12.942);
    }

    @Test
    void testAnotherLineFindsWhatIsLeftAndAReopenedBookKnowsIt() throws BookTrouble {
        cut();
        open.desk().open("demo-day-tank");
        open.settle();
        shelf.searchProperty().set(HOSE.toLowerCase(java.util.Locale.ROOT));
        assertThat(there(HOSE)).isEqualTo(12.942);
        open.close();
        try (Book again = Book.open(folder)) {
            assertThat(again.shelf().of("demo-slew-hose"))
                    .singleElement()
                    .satisfies(m -> assertThat(m.used().left()).hasValue(Length.ofMm(12942)));
        }
        open = OpenBook.demo(folder);
    }

    @Test
    void testACountHoldsAndIsTakenBack() {
        shelf.choose(row(HOSE));
        count("5 m; 900");
        assertThat(there(HOSE)).isEqualTo(5.9);
        assertThat(make.takesSaid().get(0)).contains("5000 mm");
        assertThat(shelf.counted()).isTrue();
        shelf.back();
        open.settle();
        assertThat(there(HOSE)).isEqualTo(14);
        assertThat(shelf.counted()).isFalse();
    }

    @Test
    void testNoPieceLongEnoughIsSaidBeforeTheTickAndStandsToBeCountedAfterIt() {
        shelf.choose(row(HOSE));
        count("900");
        assertThat(make.takesSaid())
                .containsExactly(
                        "1056 mm of two-wire hose -8; no piece on the shelf is long enough",
                        "The shelf holds too little of two-wire hose -8. Count it again when you have taken it.");
        cut();
        assertThat(there(HOSE)).isEqualTo(0.9);
        shelf.show(ShelfModel.Which.COUNT);
        assertThat(row(HOSE).part().held().over()).isEqualTo(1.056);
        assertThat(shelf.toCount()).isEqualTo(1);
    }

    @Test
    void testNonsenseIsSaidAndKeepsNothing() {
        shelf.keep();
        assertThat(open.desk().newsProperty().get()).contains("Choose a part");
        shelf.choose(row(HOSE));
        for (String bad : List.of("", "much", "-4", "0; 0")) {
            count(bad);
            assertThat(there(HOSE)).describedAs(bad).isEqualTo(14);
            assertThat(shelf.count().refusalProperty().get().isEmpty())
                    .describedAs("said beside the field: " + bad)
                    .isEqualTo(bad.isEmpty());
        }
        shelf.count().textProperty().set("4200; 800");
        assertThat(shelf.count().understoodProperty().get()).isEqualTo("5000 mm");
        assertThat(shelf.count().refusalProperty().get()).isEmpty();
        open.desk().rememberPerson(" ");
        count("3 m");
        assertThat(open.desk().newsProperty().get()).contains("Say who");
        assertThat(there(HOSE)).isEqualTo(14);
    }

    @Test
    void testTheSheetIsTakenInAgainWithoutItsBrokenRows() throws Exception {
        shelf.files().writeSheet();
        open.settle();
        Path sheet = folder.resolve("out").resolve("shelf.csv");
        List<String> lines = Files.readAllLines(sheet);
        assertThat(lines.get(0)).isEqualTo("part,name,unit,on_shelf,lengths_mm,taken_beyond,counted");
        assertThat(lines).hasSizeGreaterThan(100);
        Path counted = folder.resolve("counted.csv");
        Files.writeString(
                counted,
                "part,name,unit,counted\nKH2-08,,,4200; 2 x 800\nKF-W08,,,eleven\nNOBODY-1,,,4\nsaddle clamp,saddle clamp,pc,12\nKF-W08,,,\n");
        shelf.files().take(counted);
        open.settle();
        assertThat(there(HOSE)).isEqualTo(5.8);
        assertThat(shelf.files().leftOutProperty().get())
                .hasSize(2)
                .anySatisfy(t -> assertThat(t).contains("eleven"))
                .anySatisfy(t -> assertThat(t).contains("NOBODY-1"));
        shelf.searchProperty().set("saddle");
        assertThat(there("saddle clamp")).isEqualTo(12);
        shelf.files().take(folder.resolve("nothing.csv"));
        open.settle();
        assertThat(open.desk().newsProperty().get()).contains("nothing.csv");
        Files.writeString(counted, "this is no table");
        shelf.files().take(counted);
        open.settle();
        assertThat(there("saddle clamp")).isEqualTo(12);
    }
}
