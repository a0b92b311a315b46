package mellowflare.app.hose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.Papers;
import mellowflare.book.parts.OwnCatalogue;
import mellowflare.core.advice.State;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.hose.FromShelf;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.Repair;
import mellowflare.core.hose.route.Toward;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.PartFile;
import mellowflare.core.parts.Tool;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The leaves of Line without a window: way, length, place and tools, parts. */
class HoseLeavesTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private RouteModel way;
    private LengthModel length;
    private HereModel here;
    private PartsModel parts;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        way = new RouteModel(open.desk());
        length = new LengthModel(open.desk());
        here = new HereModel(open.desk());
        parts = new PartsModel(open.desk(), Runnable::run, Runnable::run);
    }

    @AfterEach
    void close() {
        open.close();
    }

    private boolean fails(String rule) {
        return open.desk().current().plan().findings().stream()
                .anyMatch(f -> f.rule().id().equals(rule) && f.state() == State.FAIL);
    }

    @Test
    void testTypedPlaceChangesTheWayAndItsFigure() {
        double before = way.length().orElseThrow().mm();
        way.forward().textProperty().set("1400");
        assertThat(way.length().orElseThrow().mm()).isGreaterThan(before + 300);
        assertThat(fails("length.reaches")).isTrue();
        assertThat(way.says()).startsWith("make ");
        way.forward().textProperty().set("nowhere");
        assertThat(way.forward().refusalProperty().get()).isNotEmpty();
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .route()
                        .orElseThrow()
                        .b()
                        .at()
                        .x())
                .isEqualTo(1400);
        open.desk().undo();
        open.settle();
        assertThat(way.forward().textProperty().get()).isEqualTo("910");
        assertThat(way.length().orElseThrow().mm()).isCloseTo(before, within(1e-9));
    }

    @Test
    void testClampsKeepOutsAndMovementAreTypedAsPlaces() {
        way.clamps().textProperty().set("450 300 250; 700, 320, 240");
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .route()
                        .orElseThrow()
                        .clamps())
                .hasSize(2);
        way.clamps().textProperty().set("450 300");
        assertThat(way.clamps().refusalProperty().get())
                .contains("“450 300” is not a position: enter forward, left and up, such as 300 -50 120.");
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .route()
                        .orElseThrow()
                        .clamps())
                .hasSize(2);
        way.clamps().textProperty().set("");
        way.keepOuts().textProperty().set("pipe 100 0 0 to 100 50 50");
        assertThat(way.keepOuts().refusalProperty().get()).contains("is flat");
        way.keepOuts().textProperty().set("");
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .route()
                        .orElseThrow()
                        .keepOuts())
                .isEmpty();
        way.motion().textProperty().set("0 0 -60");
        assertThat(way.plan().orElseThrow().positions()).hasSize(2);
    }

    @Test
    void testDirectionsAndElbowsArePressed() {
        assertThat(way.out(LineEnd.A)).isEqualTo(Toward.FORWARD);
        assertThat(way.elbow(LineEnd.A)).isFalse();
        assertThat(way.elbow(LineEnd.B)).isTrue();
        assertThat(way.leaves(LineEnd.B)).contains(Toward.BACK);
        double back = way.length().orElseThrow().mm();
        way.leaves(LineEnd.B, Optional.of(Toward.FORWARD));
        assertThat(way.length().orElseThrow().mm()).isGreaterThan(back);
        way.out(LineEnd.A, Toward.UP);
        assertThat(way.out(LineEnd.A)).isEqualTo(Toward.UP);
    }

    @Test
    void testPictureTurnsAndShowsItsSeals() {
        Drawing before = way.drawing().orElseThrow();
        assertThat(before.glows()).as("two ports in three views").hasSize(6);
        way.turn(25, 0);
        assertThat(way.drawing().orElseThrow()).isNotEqualTo(before);
        way.turn(0, 500);
        assertThat(way.tiltProperty().get()).isEqualTo(90);
        way.forget();
        assertThat(way.drawing()).isEmpty();
        assertThat(way.says()).isNotBlank();
        way.begin();
        assertThat(way.measured()).isTrue();
        assertThat(way.drawing()).isPresent();
    }

    @Test
    void testThreeSchoolsSayHowLongAndOneIsTaken() {
        List<LengthModel.ByWay> ways = length.ways();
        assertThat(ways.get(0).length().orElseThrow().mm()).isBetween(1079.0, 1081.0);
        assertThat(ways.get(1).length()).contains(Length.ofMm(1140));
        assertThat(ways.get(2).length()).isEmpty();
        length.old().textProperty().set("1100");
        assertThat(length.ways().get(2).length())
                .as("two in a hundred are added")
                .contains(Length.ofMm(1122));
        length.allowance().textProperty().set("10");
        assertThat(length.ways().get(2).length()).contains(Length.ofMm(1110));
        length.take(length.ways().get(2));
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .finished()
                        .orElseThrow()
                        .value())
                .isEqualTo(Length.ofMm(1110));
        assertThat(length.method()).isEqualTo("old-hose");
        assertThat(fails("length.school")).isTrue();
        assertThat(length.takes(length.ways().get(2))).isFalse();
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .finished()
                        .orElseThrow()
                        .signed())
                .as("a new figure wants its names again")
                .isFalse();
    }

    @Test
    void testRepairSaysWhatToCutOut() {
        assertThat(length.repairs()).isEmpty();
        length.damaged().textProperty().set("50");
        List<Repair> repairs = length.repairs();
        assertThat(repairs).isNotEmpty();
        Repair first = repairs.get(0);
        assertThat(first.cut().takeOut().mm())
                .isCloseTo(
                        Math.max(
                                50,
                                first.one().cutOff().mm()
                                        + first.other().cutOff().mm()),
                        within(1e-9));
        assertThat(length.budget().orElseThrow().chance()).isGreaterThan(0.9);
    }

    @Test
    void testToolsArePressedThroughTheirStates() {
        Tool flush = here.tools().stream()
                .filter(t -> t.id().equals("flush"))
                .findFirst()
                .orElseThrow();
        assertThat(here.has(flush)).isEmpty();
        here.press(flush);
        assertThat(here.has(flush)).contains(true);
        here.press(flush);
        assertThat(here.has(flush)).contains(false);
        assertThat(fails("here.tool-note")).isTrue();
        here.press(flush);
        assertThat(here.has(flush)).as("nobody has said").isEmpty();
        String size = here.wrenches().get(0);
        here.pressWrench(size);
        assertThat(here.hasWrench(size)).isFalse();
        assertThat(fails("here.tool-warn")).isTrue();
        here.pressWrench(size);
        assertThat(here.hasWrench(size)).isTrue();
    }

    @Test
    void testRoomAndHoleAreJudged() {
        here.room(LineEnd.A).textProperty().set("20");
        assertThat(fails("here.room")).isTrue();
        here.room(LineEnd.A).textProperty().set("0");
        assertThat(here.room(LineEnd.A).refusalProperty().get()).contains("above zero");
        here.hole().textProperty().set("25");
        assertThat(fails("here.panel-edge")).isTrue();
        here.guarded(true);
        assertThat(here.guarded()).isTrue();
        assertThat(fails("here.panel-edge")).isFalse();
        assertThat(here.ways()).hasSize(3);
    }

    @Test
    void testShelfIsLookedThroughAndABuildTaken() {
        parts.lookThroughShelf();
        List<FromShelf.Build> builds = parts.buildsProperty().get();
        assertThat(builds).isNotEmpty();
        assertThat(parts.searchingProperty().get()).isEqualTo("Can be built now:");
        FromShelf.Build last = builds.get(builds.size() - 1);
        parts.take(last);
        assertThat(open.desk().job().line(HoseLineKind.HOSE).hose())
                .contains(last.hose().part());
        assertThat(parts.plan().missingParts()).isEmpty();
        parts.stop();
        assertThat(parts.searchingProperty().get()).isEmpty();
    }

    @Test
    void testPapersAreWrittenAndATagIsReadBack() throws Exception {
        assertThat(parts.papers())
                .extracting(Papers.Offer::id)
                .containsExactly(
                        "sheet",
                        "card",
                        "tag",
                        "export",
                        "tests",
                        "handed-over",
                        "bag",
                        "bag-list",
                        "parts",
                        "hand-over",
                        "drawing");
        parts.papers().forEach(parts::write);
        parts.lists().writeOut();
        open.settle();
        List<Path> out;
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            out = files.toList();
        }
        // Nine papers, as nothing of this hose is unseen; and every list that has rows: of corrugated tube for gas,
        // and where parts are bought, none ship.
        assertThat(out).hasSize(9 + OwnCatalogue.kinds().size() - 2);
        Path tag = out.stream()
                .filter(f -> f.toString().endsWith("-tag.pdf"))
                .findFirst()
                .orElseThrow();
        Path picture = folder.resolve("tag.png");
        try (var pdf = Loader.loadPDF(tag.toFile())) {
            BufferedImage image = new PDFRenderer(pdf).renderImageWithDPI(0, 200);
            ImageIO.write(image, "png", picture.toFile());
        }
        open.desk().open("demo-winch");
        open.settle();
        parts.readTag(picture);
        open.settle();
        assertThat(open.desk().job().id()).isEqualTo("demo-slew-hose");
        parts.readTag(folder.resolve("none.png"));
        open.settle();
        assertThat(open.desk().newsProperty().get()).contains("There is no file");
    }

    @Test
    void testCatalogueFileTakenInCountsAtOnce() throws Exception {
        Path mine = Files.writeString(
                folder.resolve("mine.csv"),
                String.join(",", PartFile.SEALS.columns())
                        + "\nKS-O08N,own ring,ring,ORB,-8,NBR,0,5.5,mine,typical\nbad,x,ring,ORB,-8,NBR,?,1,mine,typical\n");
        parts.lists().take(mine);
        open.settle();
        assertThat(parts.plan().missingParts()).extracting(p -> p.part()).contains("KS-O08N");
        assertThat(parts.lists().leftOutProperty().get())
                .singleElement()
                .satisfies(t -> assertThat(t).contains("line 3"));
        assertThat(open.desk().newsProperty().get())
                .isEqualTo("1 row imported, 1 left out: the reasons stand beside the button.");
        parts.lists().take(folder.resolve("none.csv"));
        open.settle();
        assertThat(open.desk().newsProperty().get()).contains("There is no file");
    }
}
