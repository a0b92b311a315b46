package mellowflare.app.pipe;

import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.app.line.AmbientEntries;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.ToolPresses;

/** Before the first cut: tools at hand, and where the pipe lies. */
final class SitePane extends VBox {
    private final ToolPresses tools;
    private final AmbientEntries ambient;

    SitePane(PipeModel model, LineModel line) {
        tools = new ToolPresses(model::tools, model::has, model::press);
        ambient = new AmbientEntries(line);
        getChildren()
                .setAll(new Columns(
                        new double[] {55, 45},
                        Text.under(Say.it("site-pane.tools"), tools),
                        Text.under(Say.it("site-pane.where-it-lies"), ambient)));
    }

    void refresh() {
        tools.refresh();
        ambient.refresh();
    }
}
