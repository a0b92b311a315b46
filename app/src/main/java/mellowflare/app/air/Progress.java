package mellowflare.app.air;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;

/** A line that says what is being worked out, how far it is, and lets it be given up; nothing while nothing is. */
final class Progress extends HBox {
    Progress(AirWork work) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        var doing = Text.of("", "soft");
        doing.textProperty().bind(work.doingProperty());
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(work.progressProperty());
        bar.setPrefWidth(140);
        Button stop = Press.quiet(Say.it("progress.give-up"), work::stop);
        getChildren().setAll(doing, bar, stop);
        managedProperty().bind(work.doingProperty().isNotEmpty());
        visibleProperty().bind(work.doingProperty().isNotEmpty());
    }
}
