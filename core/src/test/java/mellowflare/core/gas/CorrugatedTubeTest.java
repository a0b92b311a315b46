package mellowflare.core.gas;

import static mellowflare.core.gas.GasLines.DATA;
import static mellowflare.core.gas.GasLines.fails;
import static mellowflare.core.gas.GasLines.line;
import static mellowflare.core.gas.GasLines.of;
import static mellowflare.core.gas.GasLines.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.net.SizingEquation;
import mellowflare.core.gas.stock.CorrugatedTube;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.stock.OwnGasTubes;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;

/** Corrugated tube by a maker's table; the table here is made up. */
class CorrugatedTubeTest {
    private static final String TABLE =
            "size,outside_mm,gas,flow_m3_h,drop_mbar,over_m,metre,fitting,hanger_mm,source,confidence\n"
                    + "15,22,g31,0.9,1,10,6,9,1200,made up,unconfirmed\n"
                    + "25,34,g31,4,1,10,11,15,1800,made up,unconfirmed\n";

    private static OwnLists.Read<List<CorrugatedTube>> read(String text) {
        return OwnGasTubes.LISTS.read(
                OwnGasTubes.KIND, CsvTable.fromText("own.csv", text).rows(), DATA);
    }

    static ReferenceData data() {
        return OwnGasTubes.LISTS.over(read(TABLE).rows(), DATA);
    }

    private static GasLine corrugated() {
        return line("a: right 6 m size 25", "ring: appliance 7 kW inlet regulated vented")
                .ofSystem(Optional.of(CorrugatedTube.SYSTEM))
                .withSize(Optional.of("25"));
    }

    @Test
    void testWhatTheTableListsComesOutAgain() {
        GasSize size =
                data().get(GasStock.KEY).size(CorrugatedTube.SYSTEM, "25").orElseThrow();
        double flow = SizingEquation.capacity(
                        Resistance.of(DATA.get(GasTable.KEY).find("g31").orElseThrow()),
                        PressureDifference.ofMillibar(1),
                        Length.ofMm(10_000),
                        size.bore())
                .cubicMetresPerHour();
        assertThat(flow).isCloseTo(4, within(1e-6));
        // By hand: 4 m3/h = 141.26 ft3/h, 0.40146 inWC, 32.808 ft, Cr 1.2817 of G31: D = 6.5963 / (19.17 x 0.38535).
        assertThat(size.bore().mm()).isBetween(22.0, 23.5);
        assertThat(data().get(GasStock.KEY).sizes(CorrugatedTube.SYSTEM)).hasSize(2);
    }

    @Test
    void testWithoutItsTableNothingIsCounted() {
        assertThat(fails(plan(corrugated()), "gas.tube-table")).isTrue();
        assertThat(of(plan(corrugated()), "gas.tube-near")).isEmpty();
        assertThat(plan(corrugated()).c().runs()).allMatch(r -> r.bore().isEmpty());
    }

    @Test
    void testWithItsTableTheLineIsWorkedOutAndSaidToBeNear() {
        GasPlan p = plan(corrugated(), data());
        assertThat(fails(p, "gas.tube-table")).isFalse();
        assertThat(of(p, "gas.tube-near")).hasSize(1);
        assertThat(p.c().runs()).anyMatch(r -> r.bore().isPresent());
        assertThat(plan(line("a: right 6 m size 22", "x: appliance 7 kW"), data())
                        .findings())
                .noneMatch(f -> f.rule().id().startsWith("gas.tube"));
    }

    @Test
    void testItsJointsAreItsMakers() {
        GasLine flared = corrugated();
        GasLine wrong = flared.withSite(flared.site().withJoint(Optional.of(GasSystem.Joint.PRESS)));
        GasLine right = flared.withSite(flared.site().withJoint(Optional.of(GasSystem.Joint.MAKER)));
        assertThat(fails(plan(wrong, data()), "gas.joint")).isTrue();
        assertThat(fails(plan(right, data()), "gas.joint")).isFalse();
    }

    @Test
    void testABrokenRowCostsThatRowOnly() {
        OwnLists.Read<List<CorrugatedTube>> odd = read(TABLE
                + "32,40,helium,9,1,10,1,1,0,made up,unconfirmed\n"
                + "40,48,g31,0,1,10,1,1,0,made up,unconfirmed\n"
                + "50,55,g31,900,1,10,1,1,0,made up,unconfirmed\n"
                + "60,65,g31,30,500,10,1,1,0,made up,unconfirmed\n");
        assertThat(odd.rows()).hasSize(2);
        assertThat(odd.troubles()).hasSize(4);
        assertThat(String.join(" ", odd.troubles()))
                .contains("no gas of the list")
                .contains("above zero")
                .contains("more than the tube can let through")
                .contains("low pressure");
    }

    @Test
    void testWhatIsWrittenIsRead() {
        List<CorrugatedTube> rows = read(TABLE).rows();
        List<CorrugatedTube> again =
                read(OwnGasTubes.LISTS.csv(OwnGasTubes.KIND, rows)).rows();
        assertThat(again).hasSameSizeAs(rows);
        for (int i = 0; i < rows.size(); i++) {
            assertThat(again.get(i).bore().mm()).isCloseTo(rows.get(i).bore().mm(), within(1e-4));
            assertThat(again.get(i).size()).isEqualTo(rows.get(i).size());
        }
        assertThat(OwnGasTubes.LISTS.plus(rows, List.of(rows.get(0)))).hasSize(2);
        assertThat(OwnGasTubes.LISTS.count(OwnGasTubes.LISTS.none())).isZero();
    }

    /** What a shop brought in is what it is asked for: the tubes, how many, and by bore, smallest first. */
    @Test
    void testTubesThatWereBroughtInAreThere() {
        List<CorrugatedTube> rows = read(TABLE).rows();
        GasStock stock = data().get(GasStock.KEY);
        assertThat(stock.tubes()).isEqualTo(rows).isNotEmpty();
        assertThat(OwnGasTubes.LISTS.of(data())).isEqualTo(rows);
        assertThat(OwnGasTubes.LISTS.count(rows)).isEqualTo(rows.size());
        assertThat(OwnGasTubes.LISTS.files()).containsExactly(OwnGasTubes.KIND);
        assertThat(stock.sizes(CorrugatedTube.SYSTEM))
                .hasSameSizeAs(rows)
                .isSortedAccordingTo(Comparator.comparing(GasSize::bore));
        assertThat(DATA.get(GasStock.KEY).tubes()).isEmpty();
    }
}
