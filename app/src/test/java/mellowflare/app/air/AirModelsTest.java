package mellowflare.app.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.LineModel;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.lists.AirList;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.flow.hold.ReadingText;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Air without a window. */
class AirModelsTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private AirModel air;
    private WalkModel walk;
    private AirWork work;
    private HeldModel held;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-shed-air");
        open.settle();
        air = new AirModel(open.desk());
        walk = new WalkModel(air);
        work = new AirWork(open.desk(), Runnable::run, Runnable::run);
        held = new HeldModel(air);
    }

    @AfterEach
    void close() {
        open.close();
    }

    private AirMain main() {
        return open.desk().job().line(AirMainKind.AIR);
    }

    private void call(String text) {
        walk.draft().textProperty().set(text);
    }

    @Test
    void testAPieceStandsInThePictureWhileItIsTypedAndEnterTakesIt() {
        int before = main().pieces().size();
        walk.choose("vice");
        call("side: drop 2 m with stapler by guest");
        assertThat(walk.shown().walked().spots()).containsKey("side");
        assertThat(main().pieces()).hasSize(before);
        assertThat(walk.pointed()).contains("side");
        assertThat(walk.take()).isTrue();
        assertThat(main().pieces()).hasSize(before + 1);
        assertThat(walk.chosenPiece().orElseThrow().name()).isEqualTo("side");
        assertThat(walk.draft().textProperty().get()).isEmpty();
        assertThat(air.c().choices()).containsKey("guest");
        open.desk().undo();
        open.settle();
        assertThat(main().pieces()).hasSize(before);
    }

    @Test
    void testNonsenseIsRefusedAndTakesNothing() {
        int before = main().pieces().size();
        for (String text :
                List.of("fly 3 m", "up 3", "up", "drop 2 m by", "close nowhere with x", "::::", "up 1/0 m")) {
            call(text);
            assertThat(walk.draft().refusalProperty().get()).as(text).isNotBlank();
            assertThat(walk.take()).as(text).isFalse();
        }
        assertThat(main().pieces()).hasSize(before);
    }

    @Test
    void testAChosenPieceIsCalledOutAnewMovedAndTakenOut() {
        walk.choose("north 2");
        walk.change();
        assertThat(walk.draft().textProperty().get()).isEqualTo("north 2: ahead 5 m");
        call("north 2: ahead 4.5 m");
        walk.take();
        assertThat(((Piece.Pipe) walk.chosenPiece().orElseThrow()).length()).isEqualTo(Length.ofMm(4500));
        int at = walk.chosenProperty().get();
        walk.move(1);
        assertThat(main().pieces().get(at + 1).name()).isEqualTo("north 2");
        walk.remove();
        assertThat(main().taken("north 2")).isFalse();
    }

    @Test
    void testBeginningWithAWordReadsTheRest() {
        walk.begin("left");
        call("left 2 m");
        assertThat(walk.draft().value()).isPresent();
        walk.stop();
        assertThat(walk.draft().value()).isEmpty();
    }

    @Test
    void testToolsAndPersonsAreChangedAtTheOutlet() {
        Outlet o = walk.drops().get(0).outlet();
        walk.outlet("bench", o.withTools(List.of("blow-gun")).withWho(Optional.empty()));
        assertThat(air.c().choices()).containsKey("outlet bench");
    }

    @Test
    void testAnotherSystemBringsItsOwnSizes() {
        air.system(air.systems().stream()
                .filter(s -> s.id().equals("copper"))
                .findFirst()
                .orElseThrow());
        assertThat(main().size()).isPresent();
        assertThat(air.sizes()).allMatch(z -> z.system().equals("copper"));
        assertThat(air.c().work()).isPresent();
        air.system(air.systems().stream()
                .filter(s -> s.id().equals("abs"))
                .findFirst()
                .orElseThrow());
        assertThat(air.plan().stops()).isTrue();
    }

    @Test
    void testSizingFindsEveryRatedSystemCheapestFirstAndIsTaken() {
        work.size();
        List<Sizing> all = work.sizings();
        assertThat(all).hasSize(8);
        List<Double> prices =
                all.stream().filter(Sizing::possible).map(Sizing::price).toList();
        assertThat(prices).isSorted();
        work.take(all.get(0));
        assertThat(main().system()).contains(all.get(0).system().id());
        assertThat(work.sizingsOld()).isFalse();
        air.method(air.methods(MethodTopic.AIR_SIZES).get(1));
        air.fields().fall().textProperty().set("5");
        assertThat(work.sizingsOld()).isTrue();
    }

    @Test
    void testADayRunsAndIsOldAfterAChange() {
        work.day(3);
        assertThat(work.day()).isPresent();
        assertThat(work.dayOld()).isFalse();
        air.fields().leak().textProperty().set("25");
        assertThat(work.dayOld()).isTrue();
    }

    /** Whatever the job was said to carry as a hose, a main carries air, and its joints are sealed for that. */
    @Test
    void testAMainIsSealedForAir() {
        open.desk().change("fluid", "", j -> j.withService(j.service().withFluid(Optional.of("mineral-oil"))));
        assertThat(open.desk().current().fluid().orElseThrow().id()).isEqualTo("compressed-air");
        open.desk().change("kind", "", j -> j.withKind(HoseLineKind.HOSE));
        assertThat(open.desk().current().fluid().orElseThrow().id()).isEqualTo("mineral-oil");
    }

    @Test
    void testWorkThatTakesTooLongIsGivenUpAndSaid() {
        AirWork slow = new AirWork(open.desk(), Runnable::run, Runnable::run, Duration.ofNanos(1));
        slow.size();
        assertThat(slow.sizings()).isEmpty();
        assertThat(slow.doingProperty().get()).contains("took too long and was stopped");
        assertThat(slow.progressProperty().get()).isNegative();
        slow.stop();
        assertThat(slow.doingProperty().get()).isEmpty();
    }

    @Test
    void testBarsArePackedForTheMainAsItIs() {
        work.pack();
        assertThat(work.bars()).containsKeys("50", "25");
        air.parcel(true);
        assertThat(work.bars()).isEmpty();
        work.pack();
        assertThat(work.bars().get("50").bars().stream().filter(b -> b.stock().price() > 0))
                .allMatch(b -> b.stock().length().mm() == 2900);
        air.old(List.of());
        air.hung(Making.Hung.CEILING);
        assertThat(air.c().work().orElseThrow().parts()).anyMatch(p -> p.name().startsWith("threaded rod"));
    }

    @Test
    void testAnOwnListCountsAtOnceAndTheJobStays() throws Exception {
        FilesModel files = new FilesModel(open.desk());
        Path mine = Files.writeString(
                folder.resolve("mine.csv"),
                String.join(",", AirList.COMPRESSORS.kind().columns())
                        + "\nold-one,the old one,300,7,9,90,2.2,88,60,15,,type plate,sure\nworse,x,0,7,9,90,2.2,88,60,15,,type plate,sure\n");
        AirMain before = main();
        int known = air.compressors().size();
        files.lists().take(mine);
        open.settle();
        assertThat(air.compressors()).hasSize(known + 1);
        assertThat(main()).isEqualTo(before);
        assertThat(files.lists().leftOutProperty().get())
                .singleElement()
                .satisfies(t -> assertThat(t).contains("line 3", "above zero"));
        air.compressor(air.compressors().get(known));
        assertThat(air.c().compressor().orElseThrow().name()).isEqualTo("the old one");
        files.lists().writeOut();
        open.settle();
        assertThat(Files.readString(folder.resolve("out/compressors.csv"))).contains("the old one", "24 L on wheels");
    }

    @Test
    void testAllThatMayRunTogetherIsLookedAt() {
        work.allCases();
        assertThat(air.c().together().all()).isTrue();
        assertThat(work.doingProperty().get()).isEmpty();
        assertThat(work.progressProperty().get()).isNegative();
    }

    @Test
    void testReadingsOfAHoldTestAreTakenInOrderOfTime() {
        held.reading().textProperty().set("2 h 7.9 bar 18 C");
        held.take();
        held.reading().textProperty().set("0 8 18");
        held.take();
        assertThat(main().held().readings()).extracting(r -> r.seconds()).containsExactly(0.0, 7200.0);
        assertThat(air.c().heldResult()).isPresent();
        held.reading().textProperty().set("3 h 7.8 bar");
        held.take();
        assertThat(main().held().readings()).hasSize(2);
        assertThat(held.reading().refusalProperty().get()).contains("temperature");
        held.remove(main().held().readings().get(0));
        assertThat(air.c().heldResult()).isEmpty();
        held.reading().textProperty().set("soon");
        assertThat(held.reading().refusalProperty().get()).contains("such as");
    }

    @Test
    void testNonsenseInAnyFieldIsRefusedOrTakenAndLosesNothing() {
        Map<String, FieldState<?>> fields = new LinkedHashMap<>();
        fields.put("long wall", air.fields().roomLength());
        fields.put("across", air.fields().roomWidth());
        fields.put("height", air.fields().roomHeight());
        fields.put("air", air.fields().roomAir());
        fields.put("humidity", air.fields().humidity());
        fields.put("barometer", air.fields().barometer());
        fields.put("lost", air.fields().lost());
        fields.put("ears", air.fields().toEars());
        fields.put("fall", air.fields().fall());
        fields.put("leak", air.fields().leak());
        fields.put("growth", air.fields().growth());
        fields.put("hours", air.fields().hours());
        fields.put("days", air.fields().days());
        fields.put("price", air.fields().kilowattHour());
        fields.put("drained", air.fields().drained());
        fields.put("kerf", air.fields().kerf());
        fields.put("rod", air.fields().rod());
        fields.put("allowed", held.allowed());
        fields.put("step", held.step());
        for (String text :
                List.of("x", "--3", "1e5", "NaN", "99999999", "-5", "0", "0.0001", "12 bar", "1/0", "½½", "1000 m")) {
            fields.forEach((name, field) -> {
                AirMain before = main();
                field.textProperty().set(text);
                if (!field.refusalProperty().get().isEmpty()) {
                    assertThat(main()).as(name + " " + text).isEqualTo(before);
                    assertThat(field.refusalProperty().get()).endsWith(".");
                }
                assertThat(air.plan().findings()).isNotEmpty();
            });
        }
        assertThat(main().pieces()).hasSize(20);
        assertThat(air.c().pipeLength().mm()).isCloseTo(62_100, within(100.0));
    }

    @Test
    void testALineBecomesAMainAndIsKept() {
        open.desk().open("demo-slew-hose");
        open.settle();
        assertThat(air.isAir()).isFalse();
        new LineModel(open.desk()).kind(AirMainKind.AIR);
        assertThat(air.isAir()).isTrue();
        assertThat(open.desk().job().line(HoseLineKind.HOSE).hose()).isPresent();
        assertThat(walk.pieces()).isEmpty();
        call("hose 0.6 m");
        assertThat(walk.take()).isTrue();
        assertThat(walk.pieces().get(0).name()).isEqualTo("1");
    }

    @Test
    void testAReadingBeyondReasonIsRefusedWhereItIsTyped() {
        assertThat(ReadingText.read("99999999999 min 7.9 bar 17 C", UnitSystem.METRIC, "bar")
                        .refusal()
                        .orElseThrow())
                .contains("hundred days");
        assertThat(ReadingText.read("60 min 7.9 bar 17 C", UnitSystem.METRIC, "bar")
                        .value())
                .isPresent();
        assertThat(ReadingText.read("60 min 7.9 bar 17 C 1009 hPa", UnitSystem.METRIC, "bar")
                        .value()
                        .flatMap(HoldTest.Reading::barometer))
                .hasValue(AbsolutePressure.ofBar(1.009));
        assertThat(ReadingText.read("60 7.9 29.9 inHg", UnitSystem.METRIC, "bar")
                        .value()
                        .flatMap(HoldTest.Reading::barometer)
                        .orElseThrow()
                        .bar())
                .isCloseTo(1.0125, within(1e-4));
        assertThat(ReadingText.read("60 7.9 17 300 hPa", UnitSystem.METRIC, "bar")
                        .refusal()
                        .orElseThrow())
                .contains("barometer between");
    }
}
