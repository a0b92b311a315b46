package mellowflare.app.language;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.gauge.CaliperModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Place;
import mellowflare.app.shell.Shell;
import mellowflare.book.job.JobJson;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.text.Language;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Every screen in a language that brackets and lengthens each text. It runs in a process of its own, for a process has one language. */
@ExtendWith(ApplicationExtension.class)
class OtherLanguageTest {
    /** What people name themselves. */
    private static final Set<String> NAMED = Set.of(
            "title",
            "machine",
            "note",
            "place",
            "name",
            "by",
            "calledBy",
            "writtenBy",
            "secondBy",
            "user",
            "to",
            "from",
            "reason",
            "text");

    private final Look look = new Look();
    private final List<String> data = new ArrayList<>();
    private Desk desk;
    private Shell shell;

    @Start
    void start(Stage stage) throws Exception {
        Path folder = Files.createTempDirectory("book");
        Book book = OpenBook.demoBook(folder);
        for (JobHead head : book.jobs("")) {
            Job job = book.job(head.id()).orElseThrow();
            job.line(AirMainKind.AIR).pieces().forEach(p -> data.add(WalkText.write(p, job.units())));
            collect(new ObjectMapper().readTree(JobJson.write(job)));
        }
        desk = new Desk(
                new Keeper(book, Platform::runLater),
                OpenBook.DATA,
                Evaluation.of(book.job("demo-slew-hose").orElseThrow(), OpenBook.DATA),
                Clock.systemUTC());
        shell = new Shell(desk, look, CaliperModel.none());
        Scene scene = new Scene(shell, 1280, 800);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
    }

    private void collect(JsonNode node) {
        node.properties().forEach(f -> {
            if (NAMED.contains(f.getKey()) && f.getValue().isTextual()) {
                data.add(f.getValue().asText());
            }
        });
        node.forEach(this::collect);
    }

    @AfterEach
    void close() {
        desk.keeper().close();
    }

    /** On the interface thread: nothing changes or is laid out anew while it is looked at. */
    private void look(FxRobot robot, Shown shown, String where) {
        robot.interact(() -> {
            shell.applyCss();
            shell.layout();
            shown.look(where, shell);
        });
    }

    @Test
    void testNoTextOnAnyScreenIsMissingCutOrHidden(FxRobot robot) {
        assertThat(Language.chosen().isEnglish())
                .as("run with -Dmellowflare.language=pseudo")
                .isFalse();
        Shown shown = new Shown(data);
        for (String id : List.of("demo-slew-hose", "demo-tractor", "demo-tube-brake", "demo-shed-air")) {
            robot.interact(() -> desk.open(id));
            WaitForAsyncUtils.waitForFxEvents();
            for (Place place : Place.values()) {
                robot.interact(() -> shell.go(place));
                WaitForAsyncUtils.waitForFxEvents();
                look(robot, shown, place + " of " + id);
                for (Button leaf : robot.lookup(".leaf").queryAllAs(Button.class)) {
                    robot.interact(leaf::fire);
                    WaitForAsyncUtils.waitForFxEvents();
                    look(robot, shown, place + " " + leaf.getText() + " of " + id);
                }
            }
        }
        shown.undeclared().forEach((t, w) -> System.err.println("UNDECLARED " + w + " :: " + t));
        shown.cut().forEach((t, w) -> System.err.println("CUT " + w + " :: " + t));
        shown.overlapping().forEach((t, w) -> System.err.println("OVER " + w + " :: " + t));
        assertThat(shown.undeclared()).isEmpty();
        assertThat(shown.cut()).isEmpty();
        assertThat(shown.overlapping()).isEmpty();
    }
}
