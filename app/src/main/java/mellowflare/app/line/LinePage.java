package mellowflare.app.line;

import java.util.List;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import mellowflare.app.shell.Page;
import mellowflare.core.job.Evaluation;

/** The page of Line: that of the kind of line that lies open. Each is made when it is first needed. */
public final class LinePage implements Page {
    private final ReadOnlyObjectProperty<Evaluation> current;
    private final Supplier<Page> makeHose;
    private final Supplier<Page> makeTube;
    private final StackPane ground = new StackPane();
    private Page hose;
    private Page tube;

    /**
     * @param hose makes the page of a hose line
     * @param tube makes the page of a tube line
     * @param toMain leads to the place of air mains, for a line that became one
     */
    public LinePage(
            ReadOnlyObjectProperty<Evaluation> current, Supplier<Page> hose, Supplier<Page> tube, Runnable toMain) {
        this.current = current;
        this.makeHose = hose;
        this.makeTube = tube;
        current.addListener((o, was, now) -> {
            if (isOpen() && now.job().isAir()) {
                toMain.run();
            } else if (isOpen() && was.job().kind() != now.job().kind()) {
                lay();
                page().opened();
            }
        });
        lay();
    }

    private Page page() {
        if (current.get().job().isTube()) {
            tube = tube == null ? makeTube.get() : tube;
            return tube;
        }
        hose = hose == null ? makeHose.get() : hose;
        return hose;
    }

    private void lay() {
        if (!ground.getChildren().equals(List.of(page().node()))) {
            ground.getChildren().setAll(page().node());
            // Fields inside a scroll pane only stand in the scene, and can take the focus, once styles were applied.
            ground.applyCss();
            ground.layout();
        }
    }

    @Override
    public Node node() {
        return ground;
    }

    @Override
    public void opened() {
        lay();
        page().opened();
    }

    @Override
    public void act() {
        page().act();
    }
}
