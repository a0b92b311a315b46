package mellowflare.app.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.app.OpenBook;
import mellowflare.app.entry.FieldState;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.Papers;
import mellowflare.core.advice.State;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.OwnFind;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Tool;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareFault;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.StickOutTable;
import mellowflare.core.tube.form.LegTo;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.Redo;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.stock.TubeSize;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The leaves of a tube line without a window. */
class TubeModelsTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private TubeModels m;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-tube-fuel");
        open.settle();
        m = TubeModels.of(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private TubeLine line() {
        return open.desk().job().line(TubeLineKind.TUBE);
    }

    private List<MeasureModel.Line> rows() {
        return m.measure().linesProperty().get();
    }

    private void type(int row, int column, String text) {
        rows().get(row).cell(column).textProperty().set(text);
    }

    private boolean fails(String rule) {
        return open.desk().current().findings().stream()
                .anyMatch(f -> f.rule().id().startsWith(rule) && f.state() == State.FAIL);
    }

    @Test
    void testRowsStandAsMeasuredWithAnEmptyOneWaiting() {
        assertThat(m.measure().by()).isEqualTo(By.POINTS);
        assertThat(rows()).hasSize(7);
        assertThat(rows().get(4).cell(1).textProperty().get()).isEqualTo("260");
        assertThat(rows().get(6).blank()).isTrue();
    }

    @Test
    void testTypingGoesOnGrowingTheTube() {
        double before = m.tube().c().shape().developed().orElseThrow().mm();
        type(6, 0, "700");
        type(6, 1, "260");
        type(6, 2, "300");
        assertThat(rows()).hasSize(8);
        assertThat(((Measured.Points) line().measured()).corners()).hasSize(7);
        assertThat(m.tube().c().shape().developed().orElseThrow().mm()).isGreaterThan(before + 100);
        open.desk().undo();
        open.settle();
        open.desk().undo();
        open.settle();
        assertThat(rows().size()).isLessThanOrEqualTo(8);
    }

    @Test
    void testNonsenseInACellIsSaidThereAndLosesNothing() {
        Measured before = line().measured();
        for (String nonsense : List.of("x", "12 bar", "1/0", "99999999", "--3")) {
            type(2, 1, nonsense);
            assertThat(rows().get(2).cell(1).refusalProperty().get())
                    .as(nonsense)
                    .isNotBlank();
            assertThat(line().measured()).as(nonsense).isEqualTo(before);
        }
        type(2, 1, "150");
        assertThat(((Measured.Points) line().measured()).corners().get(2).y()).isEqualTo(150);
    }

    @Test
    void testTroubleIsSaidAtItsRowAndTheTextsStay() {
        type(2, 1, "0");
        assertThat(m.measure().trouble().orElseThrow().row()).isEqualTo(1);
        assertThat(m.measure().trouble().orElseThrow().sentence()).contains("Points 2 and 3 are in the same place");
        assertThat(fails("shape.holds")).isTrue();
        assertThat(rows().get(5).cell(0).textProperty().get()).isEqualTo("560");
        type(2, 1, "20");
        assertThat(m.measure().trouble().orElseThrow().sentence()).contains("bends overlap");
        assertThat(m.tube().shape(Optional.empty(), mellowflare.core.tube.draw.ShapeDrawing.Layout.TALL))
                .isPresent();
    }

    @Test
    void testRowsComeAndGo() {
        m.measure().insert(1);
        assertThat(rows()).hasSize(8);
        assertThat(rows().get(1).blank()).isTrue();
        type(1, 0, "90");
        assertThat(((Measured.Points) line().measured()).corners().get(1)).isEqualTo(new Vector(90, 0, 0));
        // A corner straight on is no bend.
        assertThat(m.tube().c().shape().passed()).contains(1);
        m.measure().remove(1);
        assertThat(rows()).hasSize(7);
        assertThat(((Measured.Points) line().measured()).corners()).hasSize(6);
        m.measure().remove(6);
        assertThat(rows()).hasSize(7);
    }

    @Test
    void testTheSameTubeByEveryWayOfMeasuring() {
        // Listeners of the toolkit hand what they throw to the thread's handler: nothing may come there.
        List<Throwable> thrown = new java.util.ArrayList<>();
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> thrown.add(e));
        double developed = m.tube().c().shape().developed().orElseThrow().mm();
        for (By by : List.of(By.ROWS, By.LEGS, By.POINTS)) {
            m.measure().by(by);
            assertThat(m.measure().by()).isEqualTo(by);
            assertThat(m.tube().c().shape().developed().orElseThrow().mm())
                    .as(by.word())
                    .isCloseTo(developed, within(1e-6));
        }
        m.measure().by(By.TEMPLATE);
        assertThat(line().measured()).isInstanceOf(Measured.Template.class);
        assertThat(m.tube().c().shape().developed().orElseThrow().mm()).isCloseTo(developed, within(1e-6));
        m.measure().template().textProperty().set("900 m");
        assertThat(m.measure().template().refusalProperty().get()).contains("A template can be up to 200000 mm.");
        m.measure().template().textProperty().set("640");
        assertThat(line().measured()).isEqualTo(new Measured.Template(Length.ofMm(640)));
        Thread.currentThread().setUncaughtExceptionHandler(null);
        assertThat(thrown).isEmpty();
    }

    @Test
    void testLegsAreTakenToWhereTheRuleWasLaid() {
        m.measure().by(By.LEGS);
        double centre = m.tube().c().shape().developed().orElseThrow().mm();
        m.measure().to(LegTo.OUTSIDE);
        assertThat(m.tube().c().shape().developed().orElseThrow().mm()).isLessThan(centre);
        type(0, 0, "0");
        assertThat(rows().get(0).cell(0).refusalProperty().get()).contains("A leg must be longer than zero.");
        type(0, 2, "180");
        assertThat(rows().get(0).cell(2).refusalProperty().get()).contains("between 0 and 179");
    }

    @Test
    void testATableIsTakenInAndADamagedOneRefused() throws Exception {
        Path good = folder.resolve("tube.csv");
        Files.writeString(good, "x_mm,y_mm,z_mm\n0,0,0\n300,0,0\n300,200,0\n");
        m.measure().takeTable(good);
        open.settle();
        assertThat(rows()).hasSize(4);
        Path bad = folder.resolve("bad.csv");
        Files.writeString(bad, "x_mm,y_mm,z_mm\n0,0,zero\n");
        m.measure().takeTable(bad);
        open.settle();
        assertThat(open.desk().newsProperty().get())
                .contains("Line 2, column z_mm: “zero” is not a number.")
                .contains("z_mm");
        assertThat(rows()).hasSize(4);
    }

    @Test
    void testTheSecondReadingShowsASlip() {
        assertThat(fails("shape.second-reading")).isFalse();
        m.measure().check().textProperty().set("600");
        assertThat(fails("shape.second-reading")).isTrue();
        m.measure().check().textProperty().set("-4");
        assertThat(m.measure().check().refusalProperty().get()).isNotBlank();
        assertThat(line().reading().check()).contains(Length.ofMm(600));
    }

    @Test
    void testOneNameForTwoTubesIsAskedAbout() {
        assertThat(m.tube().choice().asks("1/2").orElseThrow())
                .contains("two tubes")
                .contains("12.7 mm")
                .contains("15.88 mm");
        assertThat(m.tube().choice().asks("")).isEmpty();
        assertThat(m.tube().choice().asks("5/16")).isEmpty();
        assertThat(m.tube().choice().asks("rope").orElseThrow()).contains("measure it");
        assertThat(m.tube().choice().sizes("10 mm"))
                .extracting(TubeSize::called)
                .containsOnly("10 mm");
        assertThat(m.tube().choice().sizes("1 1/8")).isNotEmpty();
        assertThat(m.tube().choice().sizes("")).hasSizeGreaterThan(100);
    }

    @Test
    void testATubeMeasuredWithACaliper() {
        var before = line().tube();
        m.tube().choice().outside().textProperty().set("9.5");
        m.tube().choice().wall().textProperty().set("4.75");
        m.tube().choice().ownMaterial(m.tube().choice().materials().get(0));
        assertThat(m.tube().choice().ownRefusal()).contains("less than half");
        assertThat(line().tube()).isEqualTo(before);
        m.tube().choice().wall().textProperty().set("1");
        assertThat(m.tube().c().tube().orElseThrow().outside()).isEqualTo(Length.ofMm(9.5));
        assertThat(m.tube().choice().tubeFacts()).contains("measured on the tube");
    }

    @Test
    void testEndsFollowThePortAndBringTheirTool() {
        assertThat(m.tube().kinds(LineEnd.A)).containsExactly(TubeEndKind.SINGLE37, TubeEndKind.SWAGE);
        m.tube().pick(LineEnd.A, new EndId(EndCode.SAE45, "3/8", Gender.MALE));
        assertThat(m.tube().kinds(LineEnd.A)).contains(TubeEndKind.SINGLE45, TubeEndKind.DOUBLE45);
        assertThat(fails("tube-end.mates")).isTrue();
        m.tube().kind(LineEnd.A, Optional.of(TubeEndKind.DOUBLE45));
        assertThat(line().a().tool()).isPresent();
        assertThat(fails("tube-end.mates")).isFalse();
        m.tube().reach(LineEnd.A).textProperty().set("12");
        assertThat(line().a().reach()).isEqualTo(Length.ofMm(12));
        m.tube().stickOut(LineEnd.A).textProperty().set("9");
        assertThat(fails("flare.band")).isTrue();
        m.tube().stickOut(LineEnd.A).textProperty().set("");
        assertThat(line().a().stickOut()).isEmpty();
    }

    private void scrap(int i, String out, String across) {
        m.bench().own().flares().get(i).stickOut().textProperty().set(out);
        m.bench().own().flares().get(i).diameter().textProperty().set(across);
    }

    @Test
    void testThreeScrapFlaresMakeTheShopsOwnTool() {
        OwnToolModel own = m.bench().own();
        Length house = own.tool().orElseThrow().sink();
        assertThat(own.eitherSide()).isEmpty();
        scrap(0, "1", "12.1");
        scrap(1, "1", "9");
        scrap(2, "1", "12.2");
        assertThat(own.noFlare()).contains(Length.ofMm(9));
        assertThat(own.told()).isEmpty();
        scrap(1, "1", "14");
        assertThat(own.finding().orElseThrow().state()).isEqualTo(State.FAIL);
        own.keep();
        open.settle();
        assertThat(own.tool().orElseThrow().sink()).isEqualTo(house);
        scrap(1, "1", "12.15");
        assertThat(own.finding().orElseThrow().says(UnitSystem.METRIC))
                .contains("3 scrap flares show a sink of 1.18 mm for the tool, ± 0.08 mm.");
        double middle = m.bench().side().stickOut().orElseThrow().mm();
        own.keep();
        open.settle();
        FlareTool kept = own.tool().orElseThrow();
        // From 9.525 to 12.15 mm at 37 degrees is 2.181 mm on the cone; 1 mm stood out.
        assertThat(kept.sink().mm()).isCloseTo(1.181, within(0.001));
        assertThat(kept.source().text()).contains("three scrap flares");
        assertThat(own.eitherSide()).isPresent();
        assertThat(own.told()).as("the fields are empty again").isEmpty();
        assertThat(m.bench().side().stickOut().orElseThrow().mm())
                .isCloseTo(middle - (kept.sink().mm() - house.mm()), within(1e-9));
        StickOutTable table = own.table().orElseThrow();
        assertThat(table.rows())
                .anySatisfy(r -> assertThat(r.outside()).isEqualTo(own.outside().orElseThrow()));
    }

    @Test
    void testBenderAndTrialBends() {
        assertThat(m.tube().benders()).allMatch(b -> b.takes(Length.ofMm(9.525)));
        m.tube().bender(Optional.empty());
        assertThat(m.tube().c().radius()).isEmpty();
        assertThat(m.tube().c().cut()).isEmpty();
        m.tube().radius().textProperty().set("80");
        assertThat(m.tube().c().radius()).contains(Length.ofMm(80));
        m.tube().trials().kept(0).textProperty().set("95");
        assertThat(m.tube().trials().refusal()).contains("keeps more than half");
        m.tube().trials().kept(0).textProperty().set("87");
        assertThat(m.tube().trials().refusal()).isEmpty();
        assertThat(line().spring().first().orElseThrow().measured().degrees()).isEqualTo(87);
        m.tube().trials().lever(1).textProperty().set("45");
        assertThat(line().spring().second()).isEmpty();
        m.tube().trials().kept(1).textProperty().set("43");
        assertThat(line().spring().second()).isPresent();
        m.tube().factor().textProperty().set("1");
        assertThat(m.tube().factor().refusalProperty().get()).contains("1.5 and 10");
        m.tube().factor().textProperty().set("5");
        assertThat(line().factor()).isEqualTo(5);
    }

    @Test
    void testTheFlareBenchTriesAndTakesTheMiddle() {
        BenchModel b = m.bench();
        assertThat(b.lacks()).isEmpty();
        assertThat(b.made().orElseThrow().good()).isTrue();
        assertThat(b.drawing()).isPresent();
        TubeLine before = line();
        b.stickOut().textProperty().set("3");
        assertThat(b.made().orElseThrow().faults()).contains(FlareFault.WIDE);
        assertThat(line()).isEqualTo(before);
        b.closing(Closing.SHORT);
        assertThat(b.made().orElseThrow().faults()).contains(FlareFault.OPEN);
        b.cone(Cone.WORN_OUT);
        b.slips(true);
        b.unreamed(true);
        b.dry(true);
        assertThat(b.made().orElseThrow().faults()).contains(FlareFault.SCORED);
        assertThat(b.suspects()).isEmpty();
        b.press(FlareFault.LOPSIDED);
        assertThat(b.suspects().get(0).cause().id()).isIn("off-centre", "crooked");
        b.press(FlareFault.LOPSIDED);
        assertThat(b.seen()).isEmpty();
        b.clear();
        assertThat(b.made().orElseThrow().good()).isTrue();
        b.takeMiddle();
        assertThat(line().a().stickOut()).isPresent();
        assertThat(fails("flare.band")).isFalse();
        b.which(LineEnd.B);
        m.tube().kind(LineEnd.B, Optional.of(TubeEndKind.COMPRESSION));
        assertThat(b.lacks()).contains("End B is not a flare: compression sleeve.");
        m.tube().kind(LineEnd.B, Optional.empty());
        assertThat(b.lacks()).contains("Choose how tube end B is made, under Ends.");
    }

    @Test
    void testACutOffFlareIsWeighed() {
        FitModel f = m.fit();
        assertThat(f.fit()).isPresent();
        assertThat(f.roundingSays())
                .matches("Rounding the marks and angles moves the far end by .* mm \\(.* out of line\\).");
        assertThat(f.redo()).isEmpty();
        f.off().textProperty().set("110");
        assertThat(f.redo().orElseThrow().serves()).isEqualTo(Redo.Serves.NEW_PIECE);
        f.spare().textProperty().set("110");
        assertThat(f.redo().orElseThrow().serves()).isEqualTo(Redo.Serves.AS_IT_IS);
        f.which(LineEnd.B);
        f.bent(false);
        assertThat(f.redo().orElseThrow().which()).isEqualTo(LineEnd.B);
    }

    @Test
    void testRoomAndToolsAreSaid() {
        TubeHereModel h = m.here();
        Tool cutter = h.tools().stream()
                .filter(t -> t.id().equals("tube-cutter"))
                .findFirst()
                .orElseThrow();
        assertThat(h.has(cutter)).contains(true);
        h.press(cutter);
        assertThat(h.has(cutter)).contains(false);
        assertThat(fails("here.tool")).isTrue();
        Tool bender = h.tools().stream()
                .filter(t -> t.id().equals("bender"))
                .findFirst()
                .orElseThrow();
        assertThat(h.has(bender)).isEmpty();
        h.press(bender);
        assertThat(h.has(bender)).contains(true);
        for (FieldState<Length> f : List.of(h.cutter(), h.bar(), h.bender(), h.room(LineEnd.A), h.room(LineEnd.B))) {
            f.textProperty().set("5");
        }
        assertThat(line().room().bar()).contains(Length.ofMm(5));
        assertThat(fails("here.room")).isTrue();
        m.tube().buried(true);
        assertThat(fails("law.buried")).isTrue();
    }

    @Test
    void testPapersAreWrittenBesideTheBook() throws Exception {
        PapersModel p = m.papers();
        open.desk()
                .change(
                        "may be found",
                        "",
                        j -> j.withBag(BagAsk.NONE.with(new OwnFind("old sleeve", 10, List.of("sleeve puller")))));
        assertThat(p.tables())
                .anyMatch(t -> t.rows().stream().anyMatch(r -> r.cells().get(0).contains("sleeve")));
        for (Papers.Offer paper : p.papers()) {
            p.write(paper);
            open.settle();
            assertThat(open.desk().newsProperty().get()).contains(" written to ");
        }
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            assertThat(files).hasSize(13);
        }
    }

    @Test
    void testTheKindIsTurnedAndNothingIsLost() {
        TubeLine tube = line();
        open.desk().change("hose", "", j -> j.withKind(HoseLineKind.HOSE));
        assertThat(open.desk().current().plan(TubeLineKind.TUBE)).isEmpty();
        open.desk().change("tube", "", j -> j.withKind(TubeLineKind.TUBE));
        assertThat(line()).isEqualTo(tube);
        assertThat(rows()).hasSize(7);
    }

    @Test
    void testInchesAreTypedAndShownInAnInchJob() {
        open.desk().change("units", "", j -> j.withUnits(mellowflare.core.measure.UnitSystem.INCH));
        assertThat(rows().get(1).cell(0).textProperty().get()).isEqualTo("7.087");
        type(1, 0, "7 1/4");
        assertThat(((Measured.Points) line().measured()).corners().get(1).x()).isCloseTo(184.15, within(1e-9));
    }
}
