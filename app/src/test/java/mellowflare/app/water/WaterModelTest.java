package mellowflare.app.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.bag.BagPart;
import mellowflare.core.measure.Length;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A water point without a window. */
class WaterModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private WaterModel water;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-wash-valve");
        open.settle();
        water = new WaterModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testFiguresAreShownTypedAndKept() {
        assertThat(water.depth().textProperty().get()).isEqualTo("34 mm");
        water.depth().textProperty().set("2 in");
        assertThat(water.line().wallDepth()).contains(Length.ofInches(2));
        water.depth().textProperty().set("deep");
        assertThat(water.depth().refusalProperty().get()).isNotEmpty();
        assertThat(water.line().wallDepth()).contains(Length.ofInches(2));
    }

    @Test
    void testAnotherMaterialBringsOtherSets() {
        water.material(Optional.of(HouseMaterial.COPPER));
        water.outside().textProperty().set("15.9");
        assertThat(water.c().sets()).anyMatch(s -> s.id().equals("push-flex"));
        WaterSet second = water.c().sets().get(1);
        water.take(second);
        assertThat(water.c().set()).contains(second);
    }

    @Test
    void testTheBagFollowsAgeAndWhatWasSeen() {
        int before = water.packed().size();
        assertThat(water.packed().stream().takeWhile(BagPart::always).count()).isEqualTo(5);
        water.elsewhere(HouseMaterial.COPPER);
        assertThat(water.line().elsewhere()).containsExactly(HouseMaterial.GALVANISED);
        water.elsewhere(HouseMaterial.PEX);
        water.age(Optional.of(HouseAge.NEW));
        assertThat(water.packed()).isNotEmpty();
        water.age(Optional.empty());
        assertThat(water.packed()).isEmpty();
        assertThat(before).isPositive();
    }

    @Test
    void testOtherEquipmentForgetsWhatItsThreadWasMadeOf() {
        water.change("plastic", l -> l.withPlastic(Optional.of(true)));
        water.equipment(water.threads().stream()
                .filter(t -> t.id().equals("heater"))
                .findFirst()
                .orElseThrow());
        assertThat(water.line().plastic()).isEmpty();
        assertThat(water.c().equipment().orElseThrow().id()).isEqualTo("heater");
    }
}
