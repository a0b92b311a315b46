package mellowflare.app.tables;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.connection.End;
import mellowflare.core.hose.Which;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TablesModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private TablesModel tables;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.empty(folder);
        tables = new TablesModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testSearchNarrowsTheListAndKeepsAChoiceThatIsStillThere() {
        int all = tables.foundProperty().get().size();
        tables.searchProperty().set("jic -8");
        assertThat(tables.foundProperty().get()).hasSize(2);
        End female = tables.foundProperty().get().get(1);
        tables.choose(female);
        tables.searchProperty().set("jic");
        assertThat(tables.chosenProperty().get()).contains(female);
        tables.searchProperty().set("npt 1/2");
        assertThat(tables.chosenProperty().get().orElseThrow().brief()).isEqualTo("NPT 1/2");
        tables.searchProperty().set("");
        assertThat(tables.foundProperty().get()).hasSize(all);
    }

    @Test
    void testChosenEndIsDrawnSealedAndSaidWhatGoesOnIt() {
        tables.searchProperty().set("bosses male -8 orb");
        assertThat(tables.chosenProperty().get()).isEmpty();
        assertThat(tables.drawing()).isEmpty();
        assertThat(tables.goesOn()).isEmpty();
        tables.searchProperty().set("orb -8 male");
        assertThat(tables.drawing().orElseThrow().glows()).isNotEmpty();
        assertThat(tables.drawing().orElseThrow().dimensions())
                .as("nothing was measured")
                .isEmpty();
        assertThat(tables.seal().orElseThrow().putOn().get(0)).contains("-908");
        assertThat(tables.goesOn().get(0).seals()).isTrue();
        assertThat(tables.band(UnitSystem.METRIC)).isEqualTo("18.77 mm to 19.01 mm");
        assertThat(tables.band(UnitSystem.INCH)).isEqualTo("0.739 in to 0.749 in");
    }

    @Test
    void testEverythingThatGoesOnIsNamedAndNoOutcomeSaidTwice() {
        for (End end : tables.foundProperty().get()) {
            tables.choose(end);
            assertThat(tables.goesOn(false).stream().map(t -> t.substring(t.indexOf(':'))))
                    .as(end.title())
                    .doesNotHaveDuplicates();
            String said = String.join(" ", tables.goesOn(true)) + String.join(" ", tables.goesOn(false));
            assertThat(tables.goesOn())
                    .as(end.title())
                    .allSatisfy(i -> assertThat(said)
                            .contains(
                                    i.other().brief() + " " + i.other().gender().word()));
        }
    }

    @Test
    void testEndIsPickedIntoTheLineAsNotMeasured() {
        tables.searchProperty().set("orfs -6 male");
        tables.use(Which.B);
        var end = open.desk().job().line().b();
        assertThat(end.port().orElseThrow().text()).isEqualTo("ORFS -6 male");
        assertThat(end.certainty()).isEmpty();
        assertThat(open.desk().newsProperty().get()).contains("picked from the tables");
    }
}
