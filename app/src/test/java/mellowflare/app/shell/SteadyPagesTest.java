package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.OpenBook;
import mellowflare.app.paint.DrawingPane;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.BookKinds;
import mellowflare.core.job.Job;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Nothing jumps while one types: the field, and the drawings beside it, keep their places from the first letter to the last. */
class SteadyPagesTest extends DrivenWindow {
    @Start
    void start(Stage first) throws BookTrouble, IOException {
        begin(first);
    }

    /** Rounded to whole dots. */
    private static String place(Node n) {
        Bounds b = n.localToScene(n.getLayoutBounds());
        return Math.round(b.getMinX()) + "," + Math.round(b.getMinY()) + " " + Math.round(b.getWidth()) + "x"
                + Math.round(b.getHeight());
    }

    private Map<String, String> places(FxRobot robot, String field) {
        Map<String, String> places = new LinkedHashMap<>();
        places.put(field, place(robot.lookup(field).query()));
        for (DrawingPane d :
                robot.lookup((Node n) -> n instanceof DrawingPane && shown(n)).queryAllAs(DrawingPane.class)) {
            places.put(String.valueOf(d.getId()), place(d));
        }
        return places;
    }

    private static boolean shown(Node n) {
        for (Node at = n; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /** What moved while a text was typed letter by letter. */
    private List<String> moved(FxRobot robot, String field, String text) {
        robot.interact(() -> {
            TextField f = robot.lookup(field).queryAs(TextField.class);
            f.requestFocus();
            f.selectAll();
        });
        WaitForAsyncUtils.waitForFxEvents();
        List<String> moved = new ArrayList<>();
        Map<String, String> before = places(robot, field);
        for (char c : text.toCharArray()) {
            robot.write(c);
            WaitForAsyncUtils.waitForFxEvents();
            Map<String, String> after = places(robot, field);
            before.forEach((id, at) -> {
                if (!at.equals(after.get(id))) {
                    moved.add(field + " at “" + c + "”: " + id + " from " + at + " to " + after.get(id));
                }
            });
            before = after;
        }
        return moved;
    }

    private void open(String id) {
        Job job = BookKinds.ALL.stream()
                .flatMap(k -> k.demo(OpenBook.DATA, OpenBook.NOW).stream())
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow();
        WaitForAsyncUtils.asyncFx(() -> desk.put(job, "demo"));
        until(id, () -> desk.job().id().equals(id));
    }

    private void leaf(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Each kind's page is open when a job of the next kind comes, forwards and back: none looks for a line that the job has not. */
    @Test
    void testJobsOfOtherKindsOpenFromEveryPage(FxRobot robot) {
        List<String> jobs = new ArrayList<>(List.of(
                "demo-winch",
                "demo-tube-fuel",
                "demo-pipe-run",
                "demo-pipe-wash",
                "demo-mess-gas",
                "demo-wash-valve",
                "demo-heater-tee",
                "demo-broken-nipple",
                "demo-shed-air"));
        List<String> back = new ArrayList<>(jobs);
        Collections.reverse(back);
        jobs.addAll(back.subList(1, back.size()));
        for (String id : jobs) {
            open(id);
            alt(robot, id.equals("demo-shed-air") ? KeyCode.A : KeyCode.L);
            assertThat(desk.job().id()).isEqualTo(id);
        }
    }

    @Test
    void testNothingMovesWhileOneTypes(FxRobot robot) {
        List<String> moved = new ArrayList<>();
        moved.addAll(moved(robot, "#diameter", "17.5"));
        moved.addAll(moved(robot, "#pitch", "16"));
        open("demo-winch");
        alt(robot, KeyCode.L);
        moved.addAll(moved(robot, "#finished", "1140"));
        open("demo-pipe-wash");
        alt(robot, KeyCode.L);
        open("demo-mess-gas");
        alt(robot, KeyCode.L);
        leaf(robot, "#leaf-GAS-SIZES");
        moved.addAll(moved(robot, "#gas-drop", "2.5"));
        open("demo-wash-valve");
        alt(robot, KeyCode.P);
        moved.addAll(moved(robot, "#pack-chance", "90"));
        assertThat(moved).isEmpty();
    }
}
