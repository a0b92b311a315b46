package mellowflare.app.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
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
import mellowflare.core.connection.Which;
import mellowflare.core.hose.LineEnd;
import mellowflare.core.material.Metal;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.sealing.SealAdvice;

/** One end of the line: its port, the hose end that goes on it, and how the joint is sealed. */
final class EndColumn extends VBox {
    private final LineModel model;
    private final Which which;
    private final TextField place = new TextField();
    private final Label port = Text.of("", "port");
    private final ComboBox<EndCode> family = new ComboBox<>();
    private final ComboBox<String> size = new ComboBox<>();
    private final ComboBox<Gender> gender = new ComboBox<>();
    private final ComboBox<Metal> metal = new ComboBox<>();
    private final VBox adapters = new VBox(2);
    private final Label nothing = Text.of("", "soft");
    private final ListView<HoseEndPart> parts = new ListView<>();
    private final Label seal = Text.of("", "seal-text");
    private final Label sealNever = Text.of("", "soft");
    private boolean showing;

    EndColumn(LineModel model, Which which, Consumer<Which> measure) {
        super(6);
        this.model = model;
        this.which = which;
        getStyleClass().add("line-column");
        place.getStyleClass().add("quiet-field");
        place.setAccessibleText("Name of end " + which);
        place.setId("place-" + which);
        place.textProperty().addListener((o, was, now) -> {
            if (!showing) {
                model.place(which, now);
            }
        });
        Button gauge = new Button("measure it");
        gauge.getStyleClass().setAll("quiet-action");
        gauge.setMinWidth(USE_PREF_SIZE);
        gauge.setOnAction(e -> measure.accept(which));
        HBox head = new HBox(6, Text.of("End " + which, "column-heading"), place, gauge);
        head.setAlignment(Pos.BASELINE_LEFT);
        HBox.setHgrow(place, Priority.ALWAYS);
        family.getItems().setAll(EndCode.values());
        gender.getItems().setAll(Gender.values());
        WordCell.dress(family, EndCode::name, "family");
        WordCell.dress(size, s -> s, "size");
        WordCell.dress(gender, Gender::word, "gender");
        family.setAccessibleText("Family of the port");
        size.setAccessibleText("Size of the port");
        gender.setAccessibleText("Gender of the port");
        family.valueProperty().addListener((o, was, now) -> sizes());
        size.valueProperty().addListener((o, was, now) -> pick());
        gender.valueProperty().addListener((o, was, now) -> pick());
        metal.getItems().setAll(Metal.values());
        WordCell.dress(metal, Metal::word, "metal");
        metal.setAccessibleText("What the port is made of");
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
        parts.setCellFactory(v -> WordCell.wrapping(p -> p.part() + "   " + p.name()));
        nothing.setPadding(new Insets(4, 10, 4, 10));
        parts.setPlaceholder(nothing);
        parts.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.hoseEnd(which, now);
            }
        });
        parts.setId("parts-" + which);
        parts.setAccessibleText("Hose ends for end " + which);
        parts.setMinHeight(62);
        parts.setPrefHeight(98);
        seal.setMinHeight(USE_PREF_SIZE);
        sealNever.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(head, port, pickers, adapters, parts, seal, sealNever);
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

    void refresh() {
        showing = true;
        LineEnd end = model.end(which);
        if (!place.getText().strip().equals(end.place().strip())) {
            place.setText(end.place());
        }
        port.setText(portText(end));
        end.port().ifPresent(p -> {
            family.setValue(p.code());
            List<String> offered = model.sizes(p.code());
            if (!offered.equals(size.getItems())) {
                size.getItems().setAll(offered);
            }
            size.setValue(p.size());
            gender.setValue(p.gender());
        });
        if (end.port().isEmpty()) {
            family.setValue(null);
            size.setValue(null);
            gender.setValue(null);
        }
        var offers = model.hoseEnds(which);
        if (!offers.equals(parts.getItems())) {
            parts.getItems().setAll(offers);
        }
        Optional<HoseEndPart> chosen = offers.stream()
                .filter(p -> end.hoseEnd().filter(p.part()::equals).isPresent())
                .findFirst();
        if (chosen.isPresent()) {
            if (!chosen.get().equals(parts.getSelectionModel().getSelectedItem())) {
                parts.getSelectionModel().select(chosen.get());
                parts.scrollTo(chosen.get());
            }
        } else {
            parts.getSelectionModel().clearSelection();
        }
        metal.setValue(end.metal().orElse(null));
        nothing.setText(
                end.port().isEmpty()
                        ? "Name the port first; ends that mate with it are listed here."
                        : "No hose end of the catalogue mates with this port.");
        adapters(end);
        Optional<SealAdvice> advice = model.plan().joint(which).advice();
        seal.setText(advice.map(SealAdvice::saysPutOn).orElse("The joint is not settled."));
        sealNever.setText(advice.map(a ->
                        a.saysNever() + " " + a.saysTighten() + " " + a.source().shown())
                .orElse(""));
        showing = false;
    }

    /** Adapters that stand in the line, or such as would join the port where no hose end mates with it. */
    private void adapters(LineEnd end) {
        List<Node> rows = new ArrayList<>();
        if (!end.adapters().isEmpty()) {
            rows.add(action(
                    "by adapter " + String.join(" + ", end.adapters()) + ": take it out",
                    () -> model.adapters(which, List.of())));
        }
        for (LineModel.Hint hint : model.adapterHints(which)) {
            rows.add(action("put in " + hint.words(), () -> model.adapters(which, hint.parts())));
        }
        if (end.hoseEnd().isEmpty()) {
            model.getHome(which).ifPresent(words -> rows.add(Text.of(words, "soft")));
        }
        adapters.getChildren().setAll(rows);
    }

    private static Button action(String words, Runnable run) {
        Button b = new Button(words);
        b.getStyleClass().setAll("quiet-action");
        b.setWrapText(true);
        b.setOnAction(e -> run.run());
        return b;
    }

    private String portText(LineEnd end) {
        if (end.port().isEmpty()) {
            return "port not known: measure it, or pick it here";
        }
        EndId p = end.port().get();
        return p.code() + " " + p.size() + ", " + p.gender().word() + "   "
                + end.certainty()
                        .map(c -> "measured, " + new Figure.OfShare(c).text(model.units()) + " sure")
                        .orElse("picked, not measured");
    }
}
