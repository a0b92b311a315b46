package mellowflare.app.water;

import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.water.stock.EquipmentThread;
import mellowflare.core.water.stock.HouseMaterial;

/** The house pipe, the wall it comes out of, and the equipment. */
final class WaterPipePane extends VBox {
    private final WaterModel model;
    private final ComboBox<EquipmentThread> equipment = new ComboBox<>();
    private final ChoiceRow<HouseMaterial> material;
    private final ChoiceRow<Boolean> plastic;
    private final ChoiceRow<Boolean> seen;
    private final VBox wall;
    private boolean showing;

    WaterPipePane(WaterModel model) {
        this.model = model;
        setId("water-pipe");
        material = new ChoiceRow<>(
                Say.it("water-pipe-pane.material"),
                List.of(
                        HouseMaterial.COPPER,
                        HouseMaterial.PEX,
                        HouseMaterial.CPVC,
                        HouseMaterial.PVC,
                        HouseMaterial.GALVANISED,
                        HouseMaterial.BRASS),
                HouseMaterial::word,
                m -> null,
                true,
                model::material);
        material.setId("water-material");
        seen = new ChoiceRow<>(
                Say.it("water-pipe-pane.it-is"),
                List.of(true, false),
                s -> s ? Say.it("water-pipe-pane.seen") : Say.it("water-pipe-pane.in-the-wall"),
                s -> null,
                true,
                s -> model.change(Say.it("water-pipe-pane.seen-or-not"), l -> l.withSeen(s)));
        seen.setId("water-seen");
        equipment.setId("water-equipment");
        equipment.setMaxWidth(Double.MAX_VALUE);
        WordCell.dress(
                equipment,
                t -> Say.it("water-pipe-pane.equipment", "name", t.name(), "thread", t.thread()),
                Say.it("water-pipe-pane.which-equipment"));
        equipment.setAccessibleText(Say.it("water-pipe-pane.which-equipment"));
        equipment.getItems().setAll(model.threads());
        equipment.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.equipment(now);
            }
        });
        plastic = new ChoiceRow<>(
                Say.it("water-pipe-pane.thread-of"),
                List.of(false, true),
                p -> p ? Say.it("water-pipe-pane.plastic") : Say.it("water-pipe-pane.metal"),
                p -> null,
                true,
                p -> model.change(Say.it("water-pipe-pane.plastic-or-metal"), l -> l.withPlastic(p)));
        VBox pipe = Text.under(
                Say.it("water-pipe-pane.house-pipe"),
                material,
                row("water-outside", Say.it("water-pipe-pane.outside"), "15.9", model.outside()),
                seen,
                row(
                        "water-straight",
                        Say.it("water-pipe-pane.straight"),
                        Say.it("water-pipe-pane.sound-tube"),
                        model.straight()));
        wall = Text.under(
                Say.it("water-pipe-pane.wall"),
                row(
                        "water-depth",
                        Say.it("water-pipe-pane.depth"),
                        Say.it("water-pipe-pane.fitting-to-wall"),
                        model.depth()),
                row("water-plate", Say.it("water-pipe-pane.plate"), "2", model.plate()),
                row("water-gap", Say.it("water-pipe-pane.gap"), "3", model.gap()));
        VBox to = Text.under(
                Say.it("water-pipe-pane.equipment-heading"),
                equipment,
                plastic,
                row(
                        "water-distance",
                        Say.it("water-pipe-pane.distance"),
                        Say.it("water-pipe-pane.valve-to-it"),
                        model.distance()),
                row(
                        "water-offset",
                        Say.it("water-pipe-pane.offset"),
                        Say.it("water-pipe-pane.height-sideways"),
                        model.offset()));
        for (VBox box : List.of(pipe, wall, to)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {36, 31, 33}, pipe, wall, to));
    }

    private static EntryRow row(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        showing = true;
        equipment.setValue(model.c().equipment().orElse(null));
        material.show(model.line().material());
        seen.show(model.line().seen());
        plastic.show(model.line()
                .plastic()
                .or(() -> model.c().equipment().map(EquipmentThread::plastic))
                .filter(p -> model.c().equipment().isPresent()));
        wall.setVisible(model.line().hidden());
        showing = false;
    }
}
