package mellowflare.app.line;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.Port;
import mellowflare.core.material.Metal;

/** The port at one end: its name, a way to Gauge, and what it is, picked from the tables. */
public final class PortPick extends VBox {
    private final LineModel model;
    private final LineEnd which;
    private final TextField place = new TextField();
    private final Label port = Text.of("", "port");
    private final ComboBox<EndCode> family = new ComboBox<>();
    private final ComboBox<String> size = new ComboBox<>();
    private final ComboBox<Gender> gender = new ComboBox<>();
    private final ComboBox<Metal> metal = new ComboBox<>();
    private boolean showing;

    /**
     * @param measure opens Gauge for an end
     */
    public PortPick(LineModel model, LineEnd which, Consumer<LineEnd> measure) {
        super(6);
        this.model = model;
        this.which = which;
        place.getStyleClass().add("quiet-field");
        place.setAccessibleText(Say.it("port-pick.name-end", "which", which));
        place.setId("place-" + which);
        place.textProperty().addListener((o, was, now) -> {
            if (!showing) {
                model.place(which, now);
            }
        });
        Button gauge = new Button(Say.it("port-pick.measure"));
        gauge.getStyleClass().setAll("quiet-action");
        gauge.setMinWidth(USE_PREF_SIZE);
        gauge.setOnAction(e -> measure.accept(which));
        HBox head = new HBox(6, Text.of(Say.it("port-pick.end", "which", which), "column-heading"), place, gauge);
        head.setAlignment(Pos.BASELINE_LEFT);
        HBox.setHgrow(place, Priority.ALWAYS);
        family.getItems().setAll(EndCode.values());
        gender.getItems().setAll(Gender.values());
        WordCell.dress(family, EndCode::name, Say.it("port-pick.family"));
        WordCell.dress(size, s -> s, Say.it("port-pick.size"));
        WordCell.dress(gender, Gender::word, Say.it("port-pick.gender"));
        family.setAccessibleText(Say.it("port-pick.family-port"));
        size.setAccessibleText(Say.it("port-pick.size-port"));
        gender.setAccessibleText(Say.it("port-pick.gender-port"));
        family.valueProperty().addListener((o, was, now) -> sizes());
        size.valueProperty().addListener((o, was, now) -> pick());
        gender.valueProperty().addListener((o, was, now) -> pick());
        metal.getItems().setAll(Metal.values());
        WordCell.dress(metal, Metal::word, Say.it("port-pick.metal"));
        metal.setAccessibleText(Say.it("port-pick.what-port-made"));
        metal.setId("metal-" + which.end());
        metal.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.metal(which, now);
            }
        });
        family.getStyleClass().addAll("port-pick", "port-family");
        size.getStyleClass().addAll("port-pick", "port-size");
        gender.getStyleClass().addAll("port-pick", "port-gender");
        metal.getStyleClass().addAll("port-pick", "port-metal");
        FlowPane pickers = new FlowPane(5, 4, family, size, gender, metal);
        getChildren().setAll(head, port, pickers);
        refresh();
    }

    private void sizes() {
        if (!showing && family.getValue() != null) {
            size.getItems().setAll(model.sizes(family.getValue()));
            size.setValue(null);
        }
    }

    private void pick() {
        if (!showing && family.getValue() != null && size.getValue() != null && gender.getValue() != null) {
            model.pick(which, new EndId(family.getValue(), size.getValue(), gender.getValue()));
        }
    }

    public void refresh() {
        showing = true;
        Port end = model.port(which);
        if (!place.getText().strip().equals(end.place().strip())) {
            place.setText(end.place());
        }
        port.setText(portText(end));
        end.end().ifPresent(p -> {
            family.setValue(p.code());
            List<String> offered = model.sizes(p.code());
            if (!offered.equals(size.getItems())) {
                size.getItems().setAll(offered);
            }
            size.setValue(p.size());
            gender.setValue(p.gender());
        });
        if (end.end().isEmpty()) {
            family.setValue(null);
            size.setValue(null);
            gender.setValue(null);
        }
        metal.setValue(end.metal().orElse(null));
        showing = false;
    }

    private String portText(Port end) {
        if (end.end().isEmpty()) {
            return Say.it("port-pick.port-not-known-measure");
        }
        EndId p = end.end().get();
        return p.code() + " " + p.size() + ", " + p.gender().word() + "   "
                + end.certainty()
                        .map(c -> Say.it("port-pick.measured-sure", "text", new Figure.OfShare(c).text(model.units())))
                        .orElse(Say.it("port-pick.picked-not-measured"));
    }
}
