package mellowflare.app.hose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.PortPick;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.line.Port;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.sealing.SealAdvice;

/** One end of the line: its port, the hose end that goes on it, and how the joint is sealed. */
final class EndColumn extends VBox {
    private final HoseModel model;
    private final LineEnd which;
    private final PortPick port;
    private final VBox adapters = new VBox(2);
    private final Label nothing = Text.of("", "soft");
    private final ListView<HoseEndPart> parts = new ListView<>();
    private final Label seal = Text.of("", "seal-text");
    private final Label sealNever = Text.of("", "soft");
    private final ChoiceRow<Boolean> byHand;
    private final ChoiceRow<Boolean> ring;
    private final EntryRow mouth;
    private boolean showing;

    EndColumn(HoseModel model, LineEnd which, Consumer<LineEnd> measure) {
        super(6);
        this.model = model;
        this.which = which;
        getStyleClass().add("line-column");
        port = new PortPick(model.line(), which, measure);
        // The one thing that tells a port without its ring housing.
        byHand = new ChoiceRow<>(
                Say.it("end-column.by-hand"),
                List.of(false, true),
                all -> all ? Say.it("end-column.all-way-home") : Say.it("end-column.ring-no-further"),
                all -> null,
                true,
                does -> model.line().homeByHand(which, does));
        byHand.setId("home-by-hand-" + which);
        ring = new ChoiceRow<>(
                Say.it("end-column.ring"),
                List.of(false, true),
                out -> out ? Say.it("end-column.peeps-out-when-tight") : Say.it("end-column.not-be-seen"),
                out -> null,
                true,
                shows -> model.line().ringShows(which, shows));
        ring.setId("ring-shows-" + which);
        mouth = new EntryRow(
                Say.it("end-column.mouth"),
                Say.it("end-column.across-face"),
                model.line().mouth(which));
        mouth.field().setId("mouth-" + which);
        for (Node n : List.of(ring, mouth)) {
            n.managedProperty().bind(n.visibleProperty());
        }
        byHand.managedProperty().bind(byHand.visibleProperty());
        parts.setCellFactory(v -> WordCell.wrapping(p -> p.part() + "   " + p.name()));
        nothing.setPadding(new Insets(4, 10, 4, 10));
        parts.setPlaceholder(nothing);
        parts.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.hoseEnd(which, now);
            }
        });
        parts.setId("parts-" + which);
        parts.setAccessibleText(Say.it("end-column.hose-ends-for-end", "which", which));
        parts.setMinHeight(62);
        parts.setPrefHeight(98);
        seal.setMinHeight(USE_PREF_SIZE);
        sealNever.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(port, byHand, ring, mouth, adapters, parts, seal, sealNever);
        refresh();
    }

    void refresh() {
        showing = true;
        Port on = model.line().port(which);
        HoseEndPick end = model.end(which);
        port.refresh();
        byHand.setVisible(model.line().ringPort(which));
        byHand.show(on.tried().homeByHand());
        // A port that proved sound by hand is not asked about again.
        boolean more = model.line().ringPort(which) && !model.line().provedSound(which);
        ring.setVisible(more);
        mouth.setVisible(more);
        ring.show(on.tried().ringShows());
        var offers = model.hoseEnds(which);
        if (!offers.equals(parts.getItems())) {
            parts.getItems().setAll(offers);
        }
        Optional<HoseEndPart> chosen = offers.stream()
                .filter(p -> end.part().filter(p.part()::equals).isPresent())
                .findFirst();
        if (chosen.isPresent()) {
            if (!chosen.get().equals(parts.getSelectionModel().getSelectedItem())) {
                parts.getSelectionModel().select(chosen.get());
                parts.scrollTo(chosen.get());
            }
        } else {
            parts.getSelectionModel().clearSelection();
        }
        nothing.setText(
                on.end().isEmpty()
                        ? Say.it("end-column.name-port-first-ends")
                        : Say.it("end-column.no-hose-end-catalogue"));
        adapters(end);
        Optional<SealAdvice> advice = model.plan().joint(which).advice();
        seal.setText(advice.map(SealAdvice::saysPutOn).orElse(Say.it("end-column.the-joint-not-settled")));
        sealNever.setText(advice.map(a ->
                        a.saysNever() + " " + a.saysTighten() + " " + a.source().shown())
                .orElse(""));
        showing = false;
    }

    /** Adapters that stand in the line, or such as would join the port where no hose end mates with it. */
    private void adapters(HoseEndPick end) {
        List<Node> rows = new ArrayList<>();
        if (!end.adapters().isEmpty()) {
            rows.add(action(
                    Say.it("end-column.by-adapter-take-out", "adapters", String.join(" + ", end.adapters())),
                    () -> model.adapters(which, List.of())));
        }
        for (AdapterHints.Hint hint : model.adapterHints(which)) {
            rows.add(action(Say.it("end-column.put", "hint", hint.words()), () -> model.adapters(which, hint.parts())));
        }
        if (end.part().isEmpty()) {
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
}
