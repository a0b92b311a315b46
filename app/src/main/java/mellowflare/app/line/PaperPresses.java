package mellowflare.app.line;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import mellowflare.app.entry.Press;
import mellowflare.book.job.Papers;

/** The papers of a line, each with a press that writes it. */
public final class PaperPresses extends FlowPane {
    /**
     * @param papers as they are offered
     * @param write writes one
     */
    public PaperPresses(List<Papers.Offer> papers, Consumer<Papers.Offer> write) {
        super(4, 2);
        for (Papers.Offer p : papers) {
            Button b = Press.quiet(p.title(), () -> write.accept(p));
            b.setId("paper-" + p.id());
            b.setTooltip(new Tooltip(p.about()));
            b.setAccessibleText(p.title() + ": " + p.about());
            getChildren().add(b);
        }
    }
}
