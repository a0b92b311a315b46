package mellowflare.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.TestJoint;
import org.junit.jupiter.api.Test;

/** Parts and bars as tables: nothing is lost on the way, sums are those of the rows. */
class TablesOfPartsAndBarsTest {
    private static List<String> column(FigureTable t, int at) {
        return t.rows().stream().map(r -> r.cells().get(at)).toList();
    }

    @Test
    void testPartsAddUpAndWhatHasNoPriceIsLeftOutOfTheSum() {
        FigureTable t = PartsTable.of(List.of(
                new PartsTable.Part("elbow 1", 3, false, Optional.of(2.5)),
                new PartsTable.Part("pipe 1", 4.25, true, Optional.of(8.0)),
                new PartsTable.Part("own clip", 6, false, Optional.empty())));
        assertThat(column(t, 1)).containsExactly("3", "4.25 m", "6");
        assertThat(column(t, 2)).containsExactly("2.50", "8.00", FigureTable.OPEN);
        assertThat(column(t, 3)).containsExactly("7.50", "34.00", FigureTable.OPEN);
        assertThat(t.sum().orElseThrow().get(3)).isEqualTo("41.50");
        assertThat(t.what()).isEqualTo(FigureTable.What.PARTS);
    }

    @Test
    void testEveryPieceOfEveryBarHasItsRowAndABarIsNamedOnce() {
        List<CutTask.Piece> pieces = new ArrayList<>();
        for (double mm : new double[] {2163, 2163, 1800, 1200, 900, 465}) {
            pieces.add(new CutTask.Piece("p" + pieces.size(), Length.ofMm(mm), 1));
        }
        CutTask task = new CutTask(
                pieces,
                List.of(new CutTask.Stock("bought", Length.ofMm(5600), 51, Optional.empty())),
                Length.ofMm(2),
                true,
                Length.ofMm(300));
        CutPlan plan = CutPlan.of(task);
        Map<String, CutPlan> bars = new LinkedHashMap<>();
        bars.put("50", plan);
        FigureTable t = BarTable.of(bars, UnitSystem.METRIC);
        assertThat(t.rows()).hasSameSizeAs(pieces);
        assertThat(column(t, 3)).containsExactlyInAnyOrder("p0", "p1", "p2", "p3", "p4", "p5");
        assertThat(column(t, 0)).filteredOn(n -> !n.isEmpty()).hasSameSizeAs(plan.bars());
        assertThat(column(t, 5)).filteredOn(n -> !n.isEmpty()).hasSameSizeAs(plan.bars());
        assertThat(t.columns().get(4).unit()).isEqualTo("mm");
        int row = 0;
        for (CutBar b : plan.bars()) {
            for (CutTask.Piece p : b.pieces()) {
                assertThat(t.rows().get(row).cells().get(4))
                        .isEqualTo(Integer.toString((int) p.length().mm()));
                row++;
            }
            assertThat(t.rows().get(row - 1).cells().get(5))
                    .isEqualTo(Long.toString(Math.round(b.remnant().mm())));
        }
    }

    /** Bars are numbered through, and each is named at its first piece with what is left of it at its last. */
    @Test
    void testBarsOfTwoKindsAreNumberedThrough() {
        CutTask task = new CutTask(
                List.of(new CutTask.Piece("a", Length.ofMm(900), 2), new CutTask.Piece("b", Length.ofMm(500), 1)),
                List.of(new CutTask.Stock("rack", Length.ofMm(1500), 0, Optional.of(2))),
                Length.ofMm(2),
                false,
                Length.ofMm(300));
        Map<String, CutPlan> bars = new LinkedHashMap<>();
        bars.put("1", CutPlan.of(task));
        bars.put("1/2", CutPlan.of(task));
        FigureTable t = BarTable.of(bars, UnitSystem.METRIC);
        assertThat(column(t, 0)).containsExactly("1", "", "2", "3", "", "4");
        assertThat(column(t, 2)).containsExactly("1500", "", "1500", "1500", "", "1500");
        assertThat(column(t, 1)).filteredOn(w -> w.isEmpty()).hasSize(2);
        assertThat(column(t, 1).get(3)).contains("1/2").contains("rack");
        assertThat(column(t, 5)).containsExactly("", "96", "598", "", "96", "598");
    }

    @Test
    void testAListIsNumberedInItsOrder() {
        FigureTable walk = ListTable.walk(List.of("up 2 m", "left 300"));
        assertThat(walk.what()).isEqualTo(FigureTable.What.WALK);
        assertThat(column(walk, 0)).containsExactly("1", "2");
        assertThat(column(walk, 1)).containsExactly("up 2 m", "left 300");
        FigureTable order = ListTable.order(List.of("spool A"));
        assertThat(order.what()).isEqualTo(FigureTable.What.ORDER);
        assertThat(column(order, 1)).containsExactly("spool A");
        assertThat(order.title()).isNotEqualTo(walk.title());
        assertThat(order.columns().get(1).name())
                .isNotEqualTo(walk.columns().get(1).name());
    }

    @Test
    void testJointsStandAtTheirEndFromThePortOn() {
        assertThat(EndJoints.of(LineEnd.B, 2, true).stream().map(TestJoint::id))
                .containsExactly("adapter1@B", "adapter2@B", "joint@B", "socket@B");
        assertThat(EndJoints.of(LineEnd.A, 0, false).stream().map(TestJoint::id))
                .containsExactly("joint@A");
    }
}
