package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.makeup.SetBacks;
import mellowflare.core.pipe.makeup.ThreadMakeUp;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.OwnPipeHouse;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeHouse;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.pipe.stock.PipeWall;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.table.FigureTable;
import mellowflare.core.thread.ThreadSeries;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.thread.ThreadTable;
import org.junit.jupiter.api.Test;

/** Tables of rigid pipe against the formulas and against each other. */
class PipeTablesTest {
    private static final PipeStock STOCK = RunWalkTest.DATA.get(PipeStock.KEY);
    private static final double POUND_PER_FOOT = 1.48816;

    private static PartsInUse parts(String system, MakeUps.By by) {
        return new PartsInUse(
                STOCK.system(system), Optional.empty(), Map.of(), Map.of(), by, SetBacks.By.FIXED, RunWalkTest.DATA);
    }

    /** Weights that the standard prints (lb/ft) against those from outside diameter and wall. */
    @Test
    void testWallsGiveTheWeightsThatTheStandardPrints() {
        for (CsvTable.Row r : CsvTable.beside(PipeStock.class, "schedules.csv").rows()) {
            for (String schedule : List.of("40", "80")) {
                PipeWall w = STOCK.wall(STOCK.grade("steel-" + schedule).orElseThrow(), r.need("size"))
                        .orElseThrow();
                double pounds = w.kilogramsPerMetre() / POUND_PER_FOOT;
                assertThat(pounds)
                        .as(r.need("size") + " " + schedule)
                        .isCloseTo(r.number("lb_ft_" + schedule), within(0.012));
            }
        }
    }

    /** L3 is 3 threads to size 2 and 2 above, and L1 + L3 is printed beside. */
    @Test
    void testNptMakeUpIsHandTightAndWrenchThreads() {
        for (CsvTable.Row r : CsvTable.beside(MakeUps.class, "npt.csv").rows()) {
            ThreadSize t = RunWalkTest.DATA
                    .get(ThreadTable.KEY)
                    .find(ThreadSeries.NPT, r.need("size"))
                    .orElseThrow();
            boolean small = t.major().inches() <= 2.4;
            assertThat(r.number("wrench_threads")).as(t.size()).isEqualTo(small ? 3 : 2);
            ThreadMakeUp m =
                    parts("malleable150", MakeUps.By.STANDARD).makeUp(t.size()).orElseThrow();
            assertThat(m.length().inches()).as(t.size()).isCloseTo(r.number("l1_l3_in"), within(2e-4));
            double l4 = t.useful().orElseThrow().inches()
                    + 3.47 * t.pitch().length().inches();
            assertThat(r.number("l4_in")).as(t.size()).isCloseTo(l4, within(2e-3));
        }
    }

    /** ISO 7-1 by hand, 1/2: gauge length 8.2 and wrenching allowance 5.0. */
    @Test
    void testRMakeUpIsGaugeLengthAndWrenchingAllowance() {
        ThreadMakeUp m = parts("en10242", MakeUps.By.STANDARD).makeUp("1/2").orElseThrow();
        assertThat(m.handTight().orElseThrow().mm()).isEqualTo(8.2);
        assertThat(m.wrench().orElseThrow().mm()).isCloseTo(5.0, within(0.02));
        assertThat(m.length().mm()).isCloseTo(13.2, within(0.02));
        assertThat(parts("en10242", MakeUps.By.SHOP)
                        .makeUp("1/2")
                        .orElseThrow()
                        .length()
                        .mm())
                .isEqualTo(13);
    }

    /** What trade charts print as take-out of the 90 of 1/2 to 2: 5/8, 3/4, 13/16, 1 1/16, 1 1/4, 1 1/2. */
    @Test
    void testShopTakeOffsAreThoseOfTradeCharts() {
        Map<String, Double> chart =
                Map.of("1/2", 0.625, "3/4", 0.75, "1", 0.8125, "1-1/4", 1.0625, "1-1/2", 1.25, "2", 1.5);
        PartsInUse shop = parts("malleable150", MakeUps.By.SHOP);
        chart.forEach((size, inches) -> assertThat(shop.takeOff(PartKey.elbow(Angle.ofDegrees(90), size))
                        .orElseThrow()
                        .length()
                        .inches())
                .as(size)
                .isCloseTo(inches, within(0.006)));
        assertThat(shop.takeOff(PartKey.elbow(Angle.ofDegrees(45), "3/4"))
                        .orElseThrow()
                        .length()
                        .inches())
                .isCloseTo(0.42, within(0.003));
    }

    /** A forged class takes the next body size of the class below: 3000 of a size is 2000 of the next. */
    @Test
    void testForgedClassesStepByOneBody() {
        List<String> sizes = List.of("1/4", "3/8", "1/2", "3/4", "1", "1-1/4");
        FittingSystem c2000 = STOCK.system("forged2000").orElseThrow();
        FittingSystem c3000 = STOCK.system("forged3000").orElseThrow();
        FittingSystem c6000 = STOCK.system("forged6000").orElseThrow();
        for (int i = 0; i + 1 < sizes.size(); i++) {
            FittingSize two = STOCK.fitting(c2000, sizes.get(i + 1)).orElseThrow();
            FittingSize three = STOCK.fitting(c3000, sizes.get(i)).orElseThrow();
            assertThat(three.centre90()).as(sizes.get(i)).isEqualTo(two.centre90());
            FittingSize next = STOCK.fitting(c3000, sizes.get(i + 1)).orElseThrow();
            assertThat(STOCK.fitting(c6000, sizes.get(i)).orElseThrow().centre90())
                    .as(sizes.get(i))
                    .isEqualTo(next.centre90());
        }
    }

    @Test
    void testFittingsGrowWithTheirSizeAndLeaveRoomForTheThread() {
        for (FittingSystem s : STOCK.systems()) {
            double before = 0;
            for (FittingSize f : STOCK.fittings(s)) {
                assertThat(f.centre90().mm()).as(s.id() + " " + f.size()).isGreaterThanOrEqualTo(before);
                f.centre45().ifPresent(c -> assertThat(c).as(s.id() + f.size()).isLessThan(f.centre90()));
                before = f.centre90().mm();
            }
        }
        ThreadMakeUp half = parts("en10242", MakeUps.By.STANDARD).makeUp("1/2").orElseThrow();
        assertThat(STOCK.fitting(STOCK.system("en10242").orElseThrow(), "1/2")
                        .orElseThrow()
                        .centre90())
                .isGreaterThan(half.length());
    }

    /** By hand, ASME B16.3 class 150: 300 psi to 150 F, 265 at 200 F; between them the line is straight. */
    @Test
    void testRatingsFallWithTemperatureAndEnd() {
        assertThat(STOCK.allowed("malleable150", Temperature.ofCelsius(20))
                        .orElseThrow()
                        .pressure()
                        .bar())
                .isEqualTo(20.7);
        assertThat(STOCK.allowed("malleable150", Temperature.ofCelsius(79.5))
                        .orElseThrow()
                        .pressure()
                        .bar())
                .isCloseTo(19.5, within(0.01));
        assertThat(STOCK.allowed("malleable150", Temperature.ofCelsius(180))).isEmpty();
        assertThat(STOCK.allowed("en10242", Temperature.ofCelsius(210))
                        .orElseThrow()
                        .pressure()
                        .bar())
                .isCloseTo(22.5, within(0.01));
    }

    /** By hand: 1 in schedule 80 seamless, wall 4.547 less 12.5 %, less 0.8 x 2.209: 2.211 mm; p = 2 x 138 x 2.211 / (33.401 - 0.8 x 2.211). */
    @Test
    void testAThreadTakesItsDepthFromTheWall() {
        PipeWall w = STOCK.wall(STOCK.grade("steel-80").orElseThrow(), "1").orElseThrow();
        GaugePressure threaded = w.allowed(Length.ofMm(25.4 / 11.5));
        assertThat(threaded.bar()).isCloseTo(192.9, within(0.3));
        assertThat(w.allowed(Length.ZERO).bar()).isGreaterThan(threaded.bar() * 1.5);
        assertThat(w.allowed(Length.ofMm(10)).bar()).isZero();
    }

    @Test
    void testEveryGradeHasWallsAndGoesWithSomeFittings() {
        for (PipeGrade g : STOCK.grades()) {
            assertThat(STOCK.walls(g)).as(g.id()).isNotEmpty();
            assertThat(STOCK.systems())
                    .as(g.id())
                    .anyMatch(s -> s.thread() == g.thread() && s.goesWith().contains(g.walls()));
        }
        for (FittingSystem s : STOCK.systems()) {
            assertThat(STOCK.grades())
                    .as(s.id())
                    .anyMatch(g -> g.thread() == s.thread() && s.goesWith().contains(g.walls()));
            s.rating()
                    .ifPresent(r -> assertThat(STOCK.allowed(r, Temperature.ofCelsius(20)))
                            .as(s.id())
                            .isPresent());
        }
    }

    @Test
    void testAMeasuredPartAndAMeasuredJointOverruleTheTables() {
        PartKey elbow = PartKey.elbow(Angle.ofDegrees(60), "1");
        PartsInUse none = parts("malleable150", MakeUps.By.STANDARD);
        assertThat(none.takeOff(elbow)).isEmpty();
        PartsInUse own = new PartsInUse(
                none.system(),
                none.grade(),
                Map.of(elbow, Length.ofMm(31), PartKey.of(PartKind.UNION, "1"), Length.ofMm(60)),
                Map.of("1", Length.ofMm(17)),
                MakeUps.By.SHOP,
                SetBacks.By.FIXED,
                RunWalkTest.DATA);
        assertThat(own.takeOff(elbow).orElseThrow().length().mm()).isCloseTo(14, within(1e-9));
        assertThat(own.takeOff(PartKey.of(PartKind.UNION, "1"))
                        .orElseThrow()
                        .length()
                        .mm())
                .isCloseTo(13, within(1e-9));
        assertThat(own.makeUp("1").orElseThrow().scatter())
                .isLessThan(none.makeUp("1").orElseThrow().scatter());
    }

    /** By hand: threaded flange 1 in, hub 0.69 in less make-up 0.6609 in; weld neck 2.19 in and a gap of 3 mm. */
    @Test
    void testSetBacksByKindOfEnd() {
        PipeStock stock = STOCK;
        PartsInUse p = new PartsInUse(
                stock.system("malleable150"),
                stock.grade("steel-40"),
                Map.of(),
                Map.of(),
                MakeUps.By.STANDARD,
                SetBacks.By.WALL,
                RunWalkTest.DATA);
        assertThat(p.setBack(PipeEnd.of(EndKind.SLIP_ON), "1")
                        .orElseThrow()
                        .length()
                        .mm())
                .isCloseTo(3.378, within(0.001));
        assertThat(p.setBack(PipeEnd.of(EndKind.SLIP_ON), "4")
                        .orElseThrow()
                        .length()
                        .mm())
                .isEqualTo(6);
        assertThat(p.setBack(PipeEnd.of(EndKind.THREADED_FLANGE), "1")
                        .orElseThrow()
                        .length()
                        .inches())
                .isCloseTo(0.69 - 0.6609, within(1e-4));
        assertThat(p.setBack(PipeEnd.of(EndKind.WELD_NECK), "1")
                        .orElseThrow()
                        .length()
                        .mm())
                .isCloseTo(2.19 * 25.4 + 3, within(1e-6));
        assertThat(p.setBack(PipeEnd.of(EndKind.PORT), "1")
                        .orElseThrow()
                        .length()
                        .inches())
                .isCloseTo(-0.6609, within(1e-4));
        assertThat(p.setBack(PipeEnd.OPEN, "1").orElseThrow().length()).isEqualTo(Length.ZERO);
        assertThat(p.setBack(PipeEnd.of(EndKind.SLIP_ON).withSetBack(Optional.of(Length.ofMm(9))), "1")
                        .orElseThrow()
                        .length()
                        .mm())
                .isEqualTo(9);
    }

    @Test
    void testAShopLaysItsOwnPricesOverTheHouseList() {
        OwnPipeHouse own = OwnPipeHouse.LISTS;
        String csv = own.csv(own.files().get(0), own.of(RunWalkTest.DATA));
        OwnLists.Read<OwnPipeHouse.Rows> read = own.read(
                own.files().get(0), CsvTable.fromText("pipehouse.csv", csv).rows(), RunWalkTest.DATA);
        assertThat(read.troubles()).isEmpty();
        assertThat(read.rows()).isEqualTo(own.of(RunWalkTest.DATA));
        String dearer = csv.replaceFirst("(?m)^1,6.9,", "1,9.5,");
        OwnLists.Read<OwnPipeHouse.Rows> other = own.read(
                own.files().get(0), CsvTable.fromText("pipehouse.csv", dearer).rows(), RunWalkTest.DATA);
        assertThat(own.over(other.rows(), RunWalkTest.DATA)
                        .get(PipeHouse.KEY)
                        .of("1")
                        .orElseThrow()
                        .price(HouseSize.Item.METRE))
                .isEqualTo(9.5);
        String bad = csv.replaceFirst("(?m)^1,6.9,", "7,6.9,").replaceFirst("(?m)^2,14.1,", "2,-1,");
        OwnLists.Read<OwnPipeHouse.Rows> spoiled = own.read(
                own.files().get(0), CsvTable.fromText("pipehouse.csv", bad).rows(), RunWalkTest.DATA);
        assertThat(spoiled.troubles()).hasSize(2);
        assertThat(own.count(spoiled.rows())).isEqualTo(own.count(read.rows()) - 2);
    }

    /** What is told of a piece is what is cut from its bar. */
    @Test
    void testThePieceUnderTheMouseSaysTheCutOfItsBar() {
        PipePlan plan = PipeSamples.plan(PipeSamples.run("p: up 1 m", "q: ahead 800", "to port"));
        FigureTable bars = plan.table(FigureTable.What.BARS).orElseThrow();
        for (FigureTable.Row row : bars.rows()) {
            assertThat(plan.figuresOf(row.cells().get(3)))
                    .hasSize(1)
                    .first()
                    .asString()
                    .contains("cut at " + row.cells().get(4));
        }
        assertThat(plan.figuresOf("no such piece")).isEmpty();
    }
}
