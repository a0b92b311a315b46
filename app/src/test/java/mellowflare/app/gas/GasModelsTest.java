package mellowflare.app.gas;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.gas.work.SoapJoint;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A gas line without a window. */
class GasModelsTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private GasModel gas;
    private AppliancesModel appliances;
    private GasTestModel test;
    private GasWalkModel walk;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-mess-gas");
        open.settle();
        gas = new GasModel(open.desk());
        appliances = new AppliancesModel(gas);
        test = new GasTestModel(gas);
        walk = new GasWalkModel(gas);
    }

    @AfterEach
    void close() {
        open.close();
    }

    private Inlet inlet(String name) {
        return gas.c().inlet(name).orElseThrow();
    }

    @Test
    void testTheHeaterStarvesTheOvenUntilTheCheapestSizesAreTaken() {
        assertThat(inlet("oven").starvedByNew()).isTrue();
        assertThat(inlet("ring").shortOf()).isFalse();
        CheapestSizes.Found found = gas.c().cheapest().orElseThrow();
        gas.take(found);
        assertThat(inlet("oven").shortOf()).isFalse();
        assertThat(gas.c().inlets())
                .allMatch(i -> i.drop().filter(d -> d.millibar() <= 2.5 + 1e-9).isPresent());
        assertThat(((Piece.Pipe) gas.line().pieces().get(1)).standing())
                .as("the hole through the wall stays as it is")
                .isTrue();
        assertThat(gas.c().cheapest().orElseThrow().sizes().values().stream()
                        .mapToDouble(CheapestSizes.Choice::price)
                        .sum())
                .isGreaterThan(0);
    }

    @Test
    void testFiguresOfTheChosenPlateAreEnteredInTheJobsUnits() {
        appliances.choose("oven");
        assertThat(appliances.input().textProperty().get()).isEqualTo("5.2");
        appliances.input().textProperty().set("6");
        assertThat(inlet("oven").input()).contains(Power.ofKilowatts(6));
        appliances.least().textProperty().set("27 mbar");
        assertThat(inlet("oven").least()).contains(GaugePressure.ofMillibar(27));
        appliances.input().textProperty().set("six");
        assertThat(appliances.input().refusalProperty().get()).isNotEmpty();
        assertThat(inlet("oven").input()).contains(Power.ofKilowatts(6));
        appliances.marking(Marking.OWN_REGULATOR);
        assertThat(inlet("oven").appliance().plate().marking()).isEqualTo(Marking.OWN_REGULATOR);
        appliances.added(true);
        assertThat(inlet("oven").before()).isEmpty();
    }

    @Test
    void testALeastAboveTheGreatestIsNotTaken() {
        appliances.choose("ring");
        appliances.greatest().textProperty().set("30");
        appliances.least().textProperty().set("31");
        assertThat(inlet("ring").appliance().plate().least()).isEmpty();
        assertThat(inlet("ring").greatest()).contains(GaugePressure.ofMillibar(30));
    }

    @Test
    void testAnotherGasDropsThePressureOfTheOld() {
        FuelGas natural = gas.gases().stream()
                .filter(g -> g.id().equals("g20"))
                .findFirst()
                .orElseThrow();
        gas.gas(natural);
        assertThat(gas.line().pressure()).isEmpty();
        assertThat(gas.line().shares()).isEqualTo(Map.of("g20", 1.0));
        assertThat(gas.pressures()).allMatch(p -> p.family() == natural.family());
    }

    @Test
    void testAnotherKindOfPipeForgetsSizesOfTheOld() {
        GasSystem steel = gas.systems().stream()
                .filter(s -> s.id().equals("schedule40"))
                .findFirst()
                .orElseThrow();
        gas.system(steel);
        assertThat(gas.line().size()).isPresent();
        assertThat(gas.sizes()).anyMatch(z -> z.size().equals(gas.line().size().get()));
    }

    @Test
    void testFieldsOfSourceAndSite() {
        gas.fields().count().textProperty().set("4");
        gas.fields().fill().textProperty().set("80");
        gas.fields().drop().textProperty().set("0");
        assertThat(gas.fields().drop().refusalProperty().get()).isNotEmpty();
        gas.fields().openings().textProperty().set("30 in2");
        gas.fields().coldest().textProperty().set("-5");
        gas.fields().altitude().textProperty().set("800 m");
        gas.fields().heating().textProperty().set("93");
        assertThat(gas.line().source().count()).isEqualTo(4);
        assertThat(gas.line().source().fill()).isEqualTo(0.8);
        assertThat(gas.line().site().openings()).contains(Area.ofSquareInches(30));
        assertThat(gas.c().gas().orElseThrow().gross()).isEqualTo(93);
        assertThat(gas.c().barometer().bar()).isLessThan(0.95);
        gas.fields().openings().textProperty().set("wide");
        assertThat(gas.line().site().openings()).contains(Area.ofSquareInches(30));
    }

    @Test
    void testReadingsStandInOrderOfTimeAndTicksStay() {
        test.reading().textProperty().set("10 150 17 C");
        test.take();
        test.reading().textProperty().set("0 150 17 C");
        test.take();
        test.reading().textProperty().set("20 149");
        test.take();
        assertThat(test.readings()).hasSize(2);
        assertThat(test.reading().refusalProperty().get()).isNotEmpty();
        assertThat(test.readings().get(0).seconds()).isZero();
        assertThat(test.readings().get(0).gauge().millibar()).isEqualTo(150);
        SoapJoint first = test.joints().get(0);
        test.soap(first);
        assertThat(test.soaped(first)).isTrue();
        walk.draft().textProperty().set("over bench: up 300 mm");
        assertThat(walk.shown().walk().walked().runs().size())
                .isGreaterThan(gas.c().walk().walked().runs().size() - 1);
        test.soap(first);
        assertThat(test.soaped(first)).isFalse();
    }

    @Test
    void testTheSearchTellsOnceAndForgetsWhenTheLineChanges() {
        List<Runnable> waiting = new ArrayList<>();
        int[] told = {0};
        SizeSearch search = new SizeSearch(waiting::add, Runnable::run);
        search.onChange(() -> told[0]++);
        search.search(gas.c());
        search.search(gas.c());
        assertThat(waiting).hasSize(1);
        assertThat(search.searching()).isTrue();
        gas.size(Optional.of("15"));
        search.search(gas.c());
        assertThat(waiting).hasSize(2);
        waiting.forEach(Runnable::run);
        assertThat(told[0]).isEqualTo(1);
        assertThat(search.found()).isPresent();
    }
}
