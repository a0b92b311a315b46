package mellowflare.app.tube;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.tube.stock.TubeMaterial;
import mellowflare.core.tube.stock.TubeSize;

/** Which tube: by what it is called, asking where one name means two tubes; or measured with a caliper. */
final class TubeEntries extends VBox {
    private final TubeModel model;
    private final TextField called = new TextField();
    private final ComboBox<TubeSize> size = new ComboBox<>();
    private final Label asks = Text.of("", "finding-brief");
    private final Label facts = Text.of("", "soft");
    private final ComboBox<TubeMaterial> material = new ComboBox<>();
    private final VBox own;
    private final Button measure = new Button();
    private final Label refused = Text.of("", "entry-refusal");
    private boolean showing;
    private boolean ownOpen;

    TubeEntries(TubeModel model) {
        super(5);
        this.model = model;
        called.setPromptText(Say.it("tube-entries.called-3-8-1-2-10-mm"));
        called.setId("tube-called");
        called.setPrefColumnCount(9);
        called.setAccessibleText(Say.it("tube-entries.what-tube-called"));
        called.textProperty().addListener((o, was, now) -> offer());
        size.setId("tube-size");
        size.setAccessibleText(Say.it("tube-entries.which-tube"));
        size.setMaxWidth(Double.MAX_VALUE);
        size.setVisibleRowCount(14);
        WordCell.dress(size, s -> s.tube().name(), Say.it("tube-entries.which-tube-label"));
        size.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.choice().size(now);
            }
        });
        HBox.setHgrow(size, Priority.ALWAYS);
        called.setMinWidth(USE_PREF_SIZE);
        size.setPrefWidth(10);
        material.getItems().setAll(model.choice().materials());
        WordCell.dress(material, TubeMaterial::name, Say.it("tube-entries.made"));
        material.setMaxWidth(Double.MAX_VALUE);
        material.setAccessibleText(Say.it("tube-entries.what-measured-tube-made"));
        material.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.choice().ownMaterial(now);
                refresh();
            }
        });
        EntryRow outside = new EntryRow(
                Say.it("tube-entries.outside"), "caliper", model.choice().outside());
        outside.field().setId("own-outside");
        EntryRow wall = new EntryRow(
                Say.it("tube-entries.wall"),
                Say.it("tube-entries.at-mouth"),
                model.choice().wall());
        wall.field().setId("own-wall");
        own = new VBox(4, outside, wall, material, refused);
        model.choice().outside().valueProperty().addListener((o, was, now) -> refuse());
        model.choice().wall().valueProperty().addListener((o, was, now) -> refuse());
        refused.managedProperty().bind(refused.textProperty().isNotEmpty());
        measure.getStyleClass().setAll("quiet-action");
        measure.setOnAction(e -> {
            ownOpen = !ownOpen;
            refresh();
        });
        asks.managedProperty().bind(asks.textProperty().isNotEmpty());
        getChildren().setAll(new HBox(6, called, size), asks, facts, measure, own);
        refresh();
        offer();
    }

    private void refuse() {
        refused.setText(model.choice().ownRefusal());
    }

    private void offer() {
        List<TubeSize> found = model.choice().sizes(called.getText());
        showing = true;
        if (!found.equals(size.getItems())) {
            size.getItems().setAll(found);
        }
        size.setValue(model.choice().size().filter(found::contains).orElse(null));
        showing = false;
        asks.setText(model.choice().asks(called.getText()).orElse(""));
    }

    void refresh() {
        showing = true;
        Optional<TubeSize> now = model.choice().size();
        if (now.isPresent() && size.getItems().contains(now.get())) {
            size.setValue(now.get());
        } else if (now.isEmpty()) {
            size.setValue(null);
        }
        material.setValue(model.choice().ownMaterial().orElse(null));
        showing = false;
        facts.setText(model.choice().tubeFacts());
        boolean open = ownOpen || model.choice().outside().value().isPresent();
        own.setVisible(open);
        own.setManaged(open);
        measure.setText(
                open
                        ? Say.it("tube-entries.take-from-tables-instead")
                        : Say.it("tube-entries.measured-with-caliper-instead"));
        refuse();
    }
}
