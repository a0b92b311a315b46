package mellowflare.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import mellowflare.app.page.Place;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.job.Kinds;
import mellowflare.core.line.Kind;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What is still needed leads to the field in which it is told. */
class LeadsTest extends DrivenWindow {
    @Start
    void start(Stage first) throws Exception {
        begin(first);
    }

    private List<Need> needs() {
        List<Finding> findings = desk.current().plan().findings();
        return StillNeeded.of(findings).needs().stream()
                .map(StillNeeded.Asked::need)
                .toList();
    }

    /** Whether what has the focus is the field of a need, or lies in it. */
    private boolean reached(Need need) {
        for (Node n = shell.getScene().getFocusOwner(); n != null; n = n.getParent()) {
            if (need.entry().equals(n.getId())) {
                return true;
            }
        }
        return false;
    }

    @Test
    void testEveryNeedOfAnEmptyLineLeadsToItsField(FxRobot robot) {
        List<String> astray = new ArrayList<>();
        for (Kind<?, ?> kind : Kinds.ALL) {
            robot.interact(() -> desk.change("kind", "", j -> j.withKind(kind)));
            assertThat(needs()).isNotEmpty();
            for (Need need : needs()) {
                robot.interact(() -> shell.to(need));
                if (!reached(need)) {
                    astray.add(kind.word() + " " + need.id() + " at " + need.at() + ", in " + shell.open() + " on "
                            + shell.getScene().getFocusOwner());
                }
            }
        }
        assertThat(new TreeSet<>(astray)).isEmpty();
    }

    @Test
    void testTheChecksAreWalkedAndFollowedFromTheKeyboard(FxRobot robot) {
        robot.interact(() -> {
            desk.change("kind", "", j -> j.withKind(Kinds.usual()));
            shell.go(Place.LINE);
        });
        List<Node> rows = robot.lookup("#findings .finding").queryAll().stream()
                .filter(n -> n.getScene() == shell.getScene() && n.isVisible())
                .toList();
        assertThat(rows).hasSizeGreaterThan(1);
        assertThat(rows).filteredOn(Node::isFocusTraversable).containsExactly(rows.get(0));
        Need second = needs().get(1);
        robot.interact(rows.get(0)::requestFocus);
        robot.type(KeyCode.DOWN);
        assertThat(shell.getScene().getFocusOwner()).isSameAs(rows.get(1));
        robot.type(KeyCode.ENTER);
        assertThat(reached(second)).as(second.asks()).isTrue();
    }
}
