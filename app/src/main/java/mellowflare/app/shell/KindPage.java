package mellowflare.app.shell;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.page.Page;
import mellowflare.app.page.Place;
import mellowflare.core.advice.Subject;

/** A place where lines are worked on: the page of the kind of line that lies open, each made when it is first needed. */
final class KindPage implements Page {
    private final Place place;
    private final LineModel line;
    private final Function<KindInApp, Page> make;
    private final Map<KindInApp, Page> pages = new HashMap<>();
    private final StackPane ground = new StackPane();

    /**
     * @param place where it lies
     * @param line the open line
     * @param make makes the page of a kind
     * @param onward leads to the place of a line that became one of another kind
     */
    KindPage(Place place, LineModel line, Function<KindInApp, Page> make, Consumer<Place> onward) {
        this.place = place;
        this.line = line;
        this.make = make;
        line.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && !was.job().kind().equals(now.job().kind())) {
                if (kind().place() == place) {
                    lay();
                    open();
                } else {
                    onward.accept(kind().place());
                }
            }
        });
        lay();
    }

    private KindInApp kind() {
        return AppKinds.of(line.kind());
    }

    private void lay() {
        Node now = kind().place() == place ? page().node() : elsewhere();
        if (!ground.getChildren().equals(List.of(now))) {
            ground.getChildren().setAll(now);
            // Fields inside a scroll pane only stand in the scene, and can take the focus, once styles were applied.
            ground.applyCss();
            ground.layout();
        }
    }

    private Page page() {
        return pages.computeIfAbsent(kind(), make);
    }

    /** Stands here while a line of another kind is open. */
    private Node elsewhere() {
        VBox box = new VBox(10);
        box.setId("elsewhere");
        box.setAlignment(Pos.CENTER);
        for (KindInApp here : AppKinds.at(place)) {
            KindInApp.Elsewhere words = here.elsewhere();
            box.getChildren()
                    .addAll(
                            Text.of(words.says(), "slip-heading"),
                            Text.of(words.kept(), "soft"),
                            Press.quiet(words.press(), () -> line.kind(here.kind())));
        }
        return box;
    }

    private void open() {
        if (kind().place() == place) {
            page().opened();
        } else {
            // What had the focus went with the other page: the next key must not fall on the band.
            ground.lookup(".quiet-action").requestFocus();
        }
    }

    @Override
    public Node node() {
        return ground;
    }

    @Override
    public void opened() {
        lay();
        open();
    }

    @Override
    public void lead(Subject part) {
        if (kind().place() == place) {
            page().lead(part);
        }
    }

    @Override
    public void act() {
        if (kind().place() == place) {
            page().act();
        }
    }
}
