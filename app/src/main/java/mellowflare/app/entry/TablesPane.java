package mellowflare.app.entry;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.core.table.FigureTable;

/** Tables below each other, each under its title; what is shown stays while only texts change. */
public final class TablesPane extends VBox {
    private final List<TablePane> panes = new ArrayList<>();
    private final List<Label> titles = new ArrayList<>();
    private final List<Label> notes = new ArrayList<>();

    public TablesPane() {
        super(10);
    }

    public void show(List<FigureTable> tables) {
        while (panes.size() < tables.size()) {
            TablePane pane = new TablePane();
            Label title = Text.of("", "small-heading");
            Label note = Text.of("", "soft");
            panes.add(pane);
            titles.add(title);
            notes.add(note);
            getChildren().add(new VBox(4, title, pane, note));
        }
        for (int i = 0; i < panes.size(); i++) {
            boolean used = i < tables.size();
            getChildren().get(i).setVisible(used);
            getChildren().get(i).setManaged(used);
            if (used) {
                FigureTable t = tables.get(i);
                titles.get(i).setText(t.title());
                panes.get(i).show(t);
                notes.get(i).setText(t.note());
                notes.get(i).setManaged(!t.note().isBlank());
            }
        }
    }
}
