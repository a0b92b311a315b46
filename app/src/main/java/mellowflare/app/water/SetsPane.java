package mellowflare.app.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.TablePane;
import mellowflare.app.entry.Text;
import mellowflare.core.water.choose.WaterSet;

/** Every set of parts, the best first, each to be taken, and why the others do not serve. */
final class SetsPane extends VBox {
    private final WaterModel model;
    private final TablePane sets;
    private final Label none = Text.of(Say.it("sets-pane.none-yet"), "soft");
    private final VBox words = new VBox(2);

    SetsPane(WaterModel model) {
        this.model = model;
        setId("water-sets");
        sets = new TablePane(new TablePane.RowPress(
                Say.it("sets-pane.take"),
                r -> set(r).possible(),
                r -> model.c().set().filter(set(r)::equals).isPresent(),
                r -> model.take(set(r))));
        getChildren().setAll(Text.under(Say.it("sets-pane.sets"), scrolled(new VBox(6, none, sets, words))));
    }

    private WaterSet set(int row) {
        return model.c().sets().get(row);
    }

    static ScrollPane scrolled(VBox what) {
        ScrollPane all = new ScrollPane(what);
        all.setFitToWidth(true);
        all.getStyleClass().add("slip-inner");
        all.setPrefHeight(240);
        return all;
    }

    void refresh() {
        boolean any = !model.c().sets().isEmpty();
        none.setVisible(!any);
        none.setManaged(!any);
        sets.setVisible(any);
        sets.show(model.plan().sets());
        Text.fill(words, speaks(model.c().set()), "finding-remedy");
    }

    private static List<String> speaks(Optional<WaterSet> set) {
        List<String> lines = new ArrayList<>();
        set.ifPresent(s -> {
            lines.add(Say.it("sets-pane.tools", "tools", String.join(", ", s.tools())));
            lines.addAll(s.goods());
            lines.addAll(s.bads());
        });
        return lines;
    }
}
