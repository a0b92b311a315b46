package mellowflare.app.line;

import java.util.Optional;
import javafx.scene.layout.StackPane;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.core.job.Kinds;
import mellowflare.core.line.Kind;

/** What the line is made of. Ports and what it must do stay; what was said of the other kind is kept. */
public final class KindChoice extends StackPane {
    public KindChoice(LineModel model) {
        ChoiceRow<Kind<?, ?>> row = new ChoiceRow<>(
                Say.it("kind-choice.made"), Kinds.ALL, Kind::word, k -> null, false, k -> k.ifPresent(model::kind));
        row.setId("made-of");
        row.show(Optional.of(model.kind()));
        model.currentProperty().addListener((o, was, now) -> row.show(Optional.of(model.kind())));
        getChildren().setAll(row);
    }
}
