package mellowflare.app.pipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.State;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Rigid pipe without a window. */
class PipeModelsTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private PipeModel pipe;
    private OffsetModel offset;
    private RunModel run;
    private PiecesModel pieces;
    private PartsModel parts;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open("demo-pipe-wash");
        pipe = new PipeModel(open.desk());
        offset = new OffsetModel(pipe);
        run = new RunModel(pipe);
        pieces = new PiecesModel(pipe);
        parts = new PartsModel(pipe);
    }

    private void open(String id) {
        open.desk().open(id);
        open.settle();
    }

    @AfterEach
    void close() {
        open.close();
    }

    private PipeLine line() {
        return open.desk().job().line(PipeLineKind.PIPE);
    }

    private List<String> stops() {
        return open.desk().current().findings().stream()
                .filter(f -> f.stops())
                .map(f -> f.rule().id())
                .toList();
    }

    private static double shop(Optional<mellowflare.core.pipe.offset.OffsetCut> cut) {
        return cut.orElseThrow().shop().mm();
    }

    @Test
    void testAFigureIsWrittenReadTwiceCalledAndSignedInItsCells() {
        offset.light(OffsetFigure.OVERALL);
        offset.written(OffsetFigure.OVERALL).textProperty().set("1300");
        Taken w = line().offset().figure(OffsetFigure.OVERALL).orElseThrow();
        assertThat(w.value().mm()).isEqualTo(1300);
        assertThat(w.called())
                .as("what was called of the old figure falls away")
                .isEmpty();
        assertThat(w.written().second()).isEmpty();
        assertThat(shop(pipe.c().sum().orElseThrow().cutA())).isEqualTo(429);
        offset.second(OffsetFigure.OVERALL).textProperty().set("1301");
        offset.called(OffsetFigure.OVERALL).textProperty().set("1030");
        offset.calledBy().textProperty().set("Ilse");
        offset.writtenBy().textProperty().set("Tobbe");
        w = line().offset().figure(OffsetFigure.OVERALL).orElseThrow();
        assertThat(w.written().calledBy()).isEqualTo("Ilse");
        assertThat(w.written().writtenBy()).isEqualTo("Tobbe");
        assertThat(stops()).containsExactly("pipe.called-written");
        offset.called(OffsetFigure.OVERALL).textProperty().set("");
        offset.readBack();
        assertThat(line().offset().figure(OffsetFigure.OVERALL).orElseThrow().called())
                .isPresent();
        assertThat(stops()).isEmpty();
    }

    @Test
    void testNonsenseInACellIsRefusedAndTheLastFigureStays() {
        offset.written(OffsetFigure.OVERALL).textProperty().set("12 feet tall");
        assertThat(offset.written(OffsetFigure.OVERALL).refusalProperty().get()).isNotEmpty();
        assertThat(line().offset()
                        .figure(OffsetFigure.OVERALL)
                        .orElseThrow()
                        .value()
                        .mm())
                .isEqualTo(1290);
        offset.angle().textProperty().set("120");
        assertThat(offset.angle().refusalProperty().get()).contains("up to 90 degrees");
        offset.pipes().textProperty().set("99");
        assertThat(offset.pipes().refusalProperty().get()).contains("1 to 20");
    }

    @Test
    void testWayAngleLegsEndsAndSetAreTaken() {
        offset.way(OffsetWay.ROLLING);
        assertThat(offset.asked()).containsExactly(OffsetFigure.RISE, OffsetFigure.ROLL, OffsetFigure.OVERALL);
        offset.way(OffsetWay.READINGS);
        offset.angle(Angle.ofDegrees(30));
        assertThat(offset.degrees()).isEqualTo(30);
        offset.angle(Angle.ofDegrees(45));
        offset.shift().textProperty().set("-40");
        assertThat(line().offset().legs()).isEqualTo(new Legs.Shifted(Length.ofMm(-40)));
        offset.legA().textProperty().set("300");
        assertThat(line().offset().legs()).isEqualTo(new Legs.GivenA(Length.ofMm(300)));
        offset.makeEqual();
        assertThat(offset.equal()).isTrue();
        offset.end(true, EndKind.WELD_NECK);
        assertThat(offset.end(true)).isEqualTo(EndKind.WELD_NECK);
        offset.setBack(false).textProperty().set("8");
        assertThat(line().offset().c().setBack()).contains(Length.ofMm(8));
        offset.pipes().textProperty().set("3");
        offset.spread().textProperty().set("150");
        assertThat(pipe.c().sum().orElseThrow().parallel()).hasSize(3);
    }

    @Test
    void testWhatIsInTheWayIsEnteredAndClearedByAShift() {
        assertThat(offset.canClear()).isFalse();
        offset.inTheWay().of(ObstructionFields.Side.ALONG).textProperty().set("560");
        offset.inTheWay().of(ObstructionFields.Side.LENGTH).textProperty().set("160");
        offset.inTheWay().of(ObstructionFields.Side.FROM).textProperty().set("60");
        offset.inTheWay().of(ObstructionFields.Side.WIDTH).textProperty().set("150");
        assertThat(stops()).contains("pipe.hits");
        assertThat(offset.canClear()).isTrue();
        assertThat(offset.clearIt()).isTrue();
        assertThat(stops()).isEmpty();
    }

    @Test
    void testCellsAreInTheUnitsOfTheJobWithoutTheUnit() {
        assertThat(offset.written(OffsetFigure.READING_2).textProperty().get()).isEqualTo("1436");
        open("demo-pipe-cooling");
        assertThat(open.desk().job().units()).isEqualTo(UnitSystem.INCH);
        assertThat(offset.written(OffsetFigure.OVERALL).textProperty().get()).isEqualTo("51 3/8");
        assertThat(offset.written(OffsetFigure.OFFSET).textProperty().get()).isEqualTo("16 9/16");
    }

    @Test
    void testFittingsBringThePipeThatGoesWithThem() {
        pipe.system(pipe.systems().stream()
                .filter(s -> s.id().equals("en10242"))
                .findFirst()
                .orElseThrow());
        assertThat(line().grade()).contains("en10255-m");
        pipe.system(pipe.systems().stream()
                .filter(s -> s.id().equals("forged3000"))
                .findFirst()
                .orElseThrow());
        assertThat(line().grade()).contains("steel-160");
        pipe.size(Optional.of("2"));
        assertThat(pipe.c().wall()).isPresent();
    }

    @Test
    void testAPieceStandsInThePictureWhileItIsTypedAndEnterTakesIt() {
        open("demo-pipe-run");
        int before = run.pieces().size();
        run.choose("lower");
        run.draft().textProperty().set("extra: union");
        assertThat(run.shown().laid().orElseThrow().at("extra")).isPresent();
        assertThat(run.pieces()).hasSize(before);
        assertThat(run.take()).isTrue();
        assertThat(run.pieces()).hasSize(before + 1);
        run.change();
        assertThat(run.draft().textProperty().get()).isEqualTo("extra: union");
        run.draft().textProperty().set("extra: coupling");
        run.take();
        assertThat(run.words(run.chosenPiece().orElseThrow())).isEqualTo("extra: coupling");
        run.remove();
        assertThat(run.pieces()).hasSize(before);
        open.desk().undo();
        open.settle();
        assertThat(run.pieces()).hasSize(before + 1);
        run.draft().textProperty().set("sideways 4 m");
        assertThat(run.draft().refusalProperty().get()).contains("is no piece of a run");
    }

    @Test
    void testTheEndIsMeasuredASecondWayAndASlipStops() {
        open("demo-pipe-run");
        assertThat(stops()).isEmpty();
        assertThat(run.place()).contains("tank");
        run.check(RunModel.Measured.AHEAD).textProperty().set("3950");
        assertThat(stops()).containsExactly("pipe.arrives");
        assertThat(run.places()).contains("tank", "5");
    }

    @Test
    void testABoxIsTypedAndTakenAndRemoved() {
        open("demo-pipe-run");
        run.box().textProperty().set("wall: -400 -900 -100 to -30 900 3000");
        run.takeBox();
        assertThat(run.boxes()).hasSize(2);
        assertThat(open.desk().current().findings()).anyMatch(f -> f.rule().id().equals("pipe.swing"));
        run.remove(run.boxes().get(1));
        assertThat(run.boxes()).hasSize(1);
        run.box().textProperty().set("wall: 1 2 to 3");
        assertThat(run.box().refusalProperty().get()).contains("two corners");
    }

    @Test
    void testAUnionIsPutWhereItIsProposedAndAnOffsetBecomesARun() {
        open("demo-pipe-rolling");
        assertThat(stops()).containsExactly("pipe.union");
        run.put(pipe.c().assembly().unions().get(0));
        assertThat(line().shape()).isEqualTo(PipeShape.RUN);
        assertThat(stops()).isEmpty();
        assertThat(pipe.takeOut("fitting at A")).isPresent();
    }

    @Test
    void testPiecesGoThroughTheirStagesAndAreMarked() {
        pieces.next("A");
        pieces.next("A");
        assertThat(pieces.state("A").done()).isEqualTo(PieceState.Done.THREADED);
        pieces.marked("B").textProperty().set("383");
        assertThat(stops()).containsExactly("pipe.offset-for-travel");
        pieces.marked("B").textProperty().set("551");
        assertThat(stops()).isEmpty();
    }

    @Test
    void testBarsAtHandAreTypedUsedAndWhatIsLeftGoesBack() {
        pieces.oldBar().textProperty().set("2 x 900");
        pieces.takeOldBar();
        assertThat(pieces.old()).hasSize(2);
        PipeWork work = new PipeWork(Runnable::run, Runnable::run);
        work.pack(pieces.lines());
        assertThat(work.plans()).hasSize(1);
        assertThat(work.plans().values().iterator().next().bought()).isZero();
        pieces.cut(work.plans());
        assertThat(pieces.pieces())
                .allSatisfy(p -> assertThat(pieces.state(p.name()).done()).isEqualTo(PieceState.Done.CUT));
        work.pack(pieces.lines());
        assertThat(work.plans()).as("what is cut is not cut again").isEmpty();
        double left = pieces.old().stream()
                .mapToDouble(o -> o.length().mm() * o.count())
                .sum();
        assertThat(left).isLessThan(1620 + 1800 - 551 - 2 * 424);
        pieces.remove(pieces.old().get(0));
        pieces.oldBar().textProperty().set("many");
        assertThat(pieces.oldBar().refusalProperty().get()).contains("2 x 3250");
        pieces.bar().textProperty().set("6000");
        pieces.kerf().textProperty().set("2");
        pieces.trim(true);
        pieces.step().textProperty().set("5");
        assertThat(line().making().bar().mm()).isEqualTo(6000);
        assertThat(shop(pipe.c().sum().orElseThrow().cutB())).isEqualTo(550);
    }

    @Test
    void testPiecesOfTwoJobsAreCutTogetherAndBothJobsKnowIt() {
        assertThat(pieces.together().offered()).as("looked up when asked for").isEmpty();
        pieces.together().look();
        open.settle();
        Together.Other tank = pieces.together().offered().stream()
                .filter(o -> o.job().id().equals("demo-pipe-run"))
                .findFirst()
                .orElseThrow();
        assertThat(pieces.together().offered())
                .extracting(o -> o.job().id())
                .as("itself is no other job, one whose figures are held has nothing to cut")
                .doesNotContain("demo-pipe-wash", "demo-pipe-slip");
        pieces.together().press(tank);
        PipeWork work = new PipeWork(Runnable::run, Runnable::run);
        work.pack(pieces.lines());
        assertThat(work.plans()).as("one kind of pipe").hasSize(1);
        CutPlan plan = work.plans().values().iterator().next();
        assertThat(plan.bars().stream().flatMap(b -> b.pieces().stream()).map(p -> p.name()))
                .hasSize(3 + 9)
                .contains("1: B", tank.number() + ": riser");
        assertThat(plan.bars().stream()
                        .anyMatch(b -> b.pieces().stream()
                                        .anyMatch(p -> p.name().startsWith("1: "))
                                && b.pieces().stream().anyMatch(p -> p.name().startsWith(tank.number() + ": "))))
                .as("pieces of both come out of one bar")
                .isTrue();
        pieces.together().write(pieces.lines(), work.plans());
        open.settle();
        assertThat(folder.resolve("out").resolve("cuts-together.csv"))
                .content()
                .contains("1: B", tank.number() + ": riser");
        pieces.cut(work.plans());
        open.settle();
        assertThat(pieces.state("B").done()).isEqualTo(PieceState.Done.CUT);
        assertThat(pieces.together().asked()).isFalse();
        open("demo-pipe-run");
        assertThat(pieces.state("riser").done()).isEqualTo(PieceState.Done.CUT);
        assertThat(pieces.old()).as("its own rack was not used").hasSize(1);
        open.desk().undo();
        open.settle();
        assertThat(pieces.state("riser").done()).isEqualTo(PieceState.Done.TO_CUT);
    }

    @Test
    void testAnotherJobThatWasChangedInBetweenIsNotOverwritten() throws BookTrouble {
        pieces.together().look();
        open.settle();
        Together.Other tank = pieces.together().offered().stream()
                .filter(o -> o.job().id().equals("demo-pipe-run"))
                .findFirst()
                .orElseThrow();
        pieces.together().press(tank);
        PipeWork work = new PipeWork(Runnable::run, Runnable::run);
        work.pack(pieces.lines());
        open.keeper().book().save(tank.job().withTitle("By somebody else"), "", "title", "", OpenBook.NOW);
        pieces.cut(work.plans());
        open.settle();
        assertThat(open.desk().newsProperty().get()).contains("was changed since");
        open("demo-pipe-run");
        assertThat(open.desk().job().title()).isEqualTo("By somebody else");
        assertThat(pieces.state("riser").done()).isEqualTo(PieceState.Done.TO_CUT);
    }

    @Test
    void testFacesCountOnceAllFourAreReadAndGoWithTheJob() {
        assertThat(line().offset().faces()).hasSize(4);
        assertThat(offset.faces().get(1).textProperty().get()).isEqualTo("1290.5");
        offset.faces().get(2).textProperty().set("");
        assertThat(line().offset().faces()).isEmpty();
        offset.faces().get(2).textProperty().set("1293");
        assertThat(line().offset().faces()).hasSize(4);
        assertThat(open.desk().current().findings())
                .anyMatch(f -> f.rule().id().equals("pipe.faces-parallel") && f.state() == State.FAIL);
        open.settle();
        open("demo-pipe-rolling");
        assertThat(offset.faces())
                .allSatisfy(f -> assertThat(f.textProperty().get()).isEmpty());
        assertThat(offset.inTheWay().name().textProperty().get())
                .as("what is in the way of one job is not in the way of the next")
                .isEmpty();
        assertThat(offset.inTheWay().of(ObstructionFields.Side.WIDTH).value()).isEmpty();
    }

    @Test
    void testWhileAFigureIsHeldThereIsNothingToMarkAndNothingToCut() {
        open("demo-pipe-slip");
        assertThat(pieces.pieces()).hasSize(3).allSatisfy(p -> {
            assertThat(p.exact()).isPresent();
            assertThat(p.shop()).isEmpty();
        });
        assertThat(pipe.c().sheet()).allSatisfy(l -> assertThat(l.shop()).isEmpty());
        PipeWork work = new PipeWork(Runnable::run, Runnable::run);
        work.pack(pieces.lines());
        assertThat(work.plans()).isEmpty();
        assertThat(stops()).contains("pipe.called-written", "pipe.offset-for-travel");
    }

    @Test
    void testAFieldIsWrittenAnewInTheUnitsOfTheNextJob() {
        assertThat(pieces.bar().textProperty().get()).isEqualTo("6400 mm");
        open("demo-pipe-cooling");
        assertThat(pieces.bar().textProperty().get()).contains("in");
        assertThat(pieces.marked("A").textProperty().get()).isEqualTo("16 13/16");
    }

    @Test
    void testAPartMeasuredOverrulesAndTheJoinerIsChosenByAnswers() {
        PartKey elbow = parts.used().stream()
                .filter(p -> p.name().startsWith("45"))
                .findFirst()
                .orElseThrow();
        parts.measured(elbow).textProperty().set("30");
        assertThat(line().measured()).containsEntry(elbow, Length.ofMm(30));
        parts.sample().textProperty().set("17");
        assertThat(pipe.c()
                        .sum()
                        .orElseThrow()
                        .given()
                        .takeOff()
                        .orElseThrow()
                        .length()
                        .mm())
                .isEqualTo(13);
        assertThat(parts.joiner()).isEmpty();
        parts.join(a -> new JoinAnswers(
                Optional.of(JoinAnswers.Opened.OFTEN),
                Optional.of(true),
                Optional.of(false),
                Optional.of(true),
                Optional.of(JoinAnswers.Gap.TOUCHING)));
        assertThat(parts.joiner().orElseThrow().id()).isEqualTo("union");
        pipe.method(pipe.methods(MethodTopic.PIPE_MAKE_UP).get(1));
        assertThat(pipe.method(MethodTopic.PIPE_MAKE_UP).id()).isEqualTo("shop");
    }
}
