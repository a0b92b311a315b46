package mellowflare.app.tables;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.lookalike.LookAlikePair;
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
        tables.use(LineEnd.B);
        var end = open.desk().job().ports().b();
        assertThat(end.end().orElseThrow().text()).isEqualTo("ORFS -6 male");
        assertThat(end.certainty()).isEmpty();
        assertThat(open.desk().newsProperty().get()).contains("picked from the tables");
    }

    @Test
    void testFiltersKeepToOneGenderAndOutsideAndLetGoAgain() {
        int all = tables.foundProperty().get().size();
        tables.only(Optional.of(Gender.MALE));
        tables.onlyOutside(Optional.of(Body.FLANGE));
        assertThat(tables.foundProperty().get())
                .isNotEmpty()
                .allMatch(e -> e.gender() == Gender.MALE && e.body() == Body.FLANGE);
        tables.only(Optional.empty());
        tables.onlyOutside(Optional.empty());
        assertThat(tables.foundProperty().get()).hasSize(all);
    }

    @Test
    void testLookedUpEndIsShownWhateverTheFiltersWere() {
        tables.searchProperty().set("npt 1/2");
        tables.only(Optional.of(Gender.MALE));
        tables.show(Mode.FITS);
        End wanted = open.desk().data().get(EndTable.KEY).of(Gender.FEMALE).get(40);
        tables.lookUp(wanted);
        assertThat(tables.chosenProperty().get()).contains(wanted);
        assertThat(tables.foundProperty().get()).contains(wanted);
        assertThat(tables.modeProperty().get()).isEqualTo(Mode.ONE_END);
    }

    @Test
    void testHoldingBesideBeginsWithTheNearestLookAlike() {
        tables.searchProperty().set("jic -8 male");
        assertThat(tables.comparison()).isEmpty();
        tables.show(Mode.BESIDE);
        assertThat(tables.keptProperty().get().orElseThrow().brief()).isEqualTo("JIC37 -8");
        assertThat(tables.chosenProperty().get().orElseThrow().brief()).isEqualTo("ORB -8");
        assertThat(tables.comparison().orElseThrow().verdict()).startsWith("Look-alikes");
        assertThat(tables.keptDrawing().orElseThrow().glows()).isNotEmpty();
        End other = open.desk().data().get(EndTable.KEY).of(Gender.FEMALE).get(0);
        tables.choose(other);
        assertThat(tables.keptProperty().get().orElseThrow().brief()).isEqualTo("JIC37 -8");
    }

    @Test
    void testLookAlikesFollowTheSearchAndAPairIsHeldBesideEachOther() {
        int all = tables.lookAlikes().size();
        assertThat(all).isGreaterThan(1000);
        tables.searchProperty().set("code61 -16");
        assertThat(tables.lookAlikes()).hasSize(2);
        LookAlikePair pair = tables.lookAlikes().get(0);
        tables.beside(pair.one(), pair.lookAlike().other());
        assertThat(tables.modeProperty().get()).isEqualTo(Mode.BESIDE);
        assertThat(tables.comparison().orElseThrow().verdict()).contains("pressure series");
    }

    @Test
    void testEachCounterHasItsOwnWords() {
        tables.searchProperty().set("npt 1/2 female");
        assertThat(tables.atTheCounter()).anySatisfy(t -> assertThat(t).startsWith("At the plumber: 1/2 FIP"));
    }
}
