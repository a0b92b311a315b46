package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Answers;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;

/** Every appliance with what it draws and gets, before and after; under it what the plate of the chosen one says. */
final class AppliancesPane extends VBox {
    private static final int FIGURES_FROM = 2;

    private final GasModel model;
    private final AppliancesModel appliances;
    private final GridPane table = new GridPane();
    private final Label whose = Text.of("", "slip-heading");
    private final ChoiceRow<Marking> marking;
    private final ChoiceRow<Boolean> vented;
    private final ChoiceRow<Boolean> added;
    private final ChoiceRow<String> gas;
    private final Columns plate;
    private final Label none = Text.of(Say.it("appliances-pane.none"), "soft");

    AppliancesPane(GasModel model, AppliancesModel appliances) {
        super(8);
        this.model = model;
        this.appliances = appliances;
        setId("gas-appliances");
        table.getStyleClass().add("readings");
        table.setHgap(14);
        table.setVgap(1);
        for (int i = 0; i < 7; i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHgrow(i == 1 ? Priority.ALWAYS : Priority.NEVER);
            c.setMinWidth(Region.USE_PREF_SIZE);
            if (i >= FIGURES_FROM) {
                c.setHalignment(HPos.RIGHT);
            }
            table.getColumnConstraints().add(c);
        }
        marking = new ChoiceRow<>(
                Say.it("appliances-pane.inlet"),
                List.of(Marking.REGULATED, Marking.OWN_REGULATOR, Marking.UNKNOWN),
                AppliancesPane::inlet,
                m -> null,
                false,
                m -> m.ifPresent(appliances::marking));
        vented = Answers.yesNo("gas-vented", Say.it("appliances-pane.flue"), appliances::vented);
        added = new ChoiceRow<>(
                Say.it("appliances-pane.since"),
                List.of(false, true),
                n -> n ? Say.it("appliances-pane.new") : Say.it("appliances-pane.old"),
                n -> null,
                false,
                n -> n.ifPresent(appliances::added));
        gas = new ChoiceRow<>(
                Say.it("appliances-pane.set-for"),
                List.of("g20", "g31", "g30"),
                AppliancesPane::gasWord,
                g -> null,
                true,
                appliances::gas);
        VBox figures = new VBox(
                4,
                row(
                        "gas-input",
                        Say.it("appliances-pane.input"),
                        Say.it("appliances-pane.highest"),
                        appliances.input()),
                row("gas-least", Say.it("appliances-pane.least"), Say.it("appliances-pane.usual"), appliances.least()),
                row(
                        "gas-greatest",
                        Say.it("appliances-pane.greatest"),
                        Say.it("appliances-pane.usual"),
                        appliances.greatest()));
        VBox answers = new VBox(4, marking, gas, vented, added);
        figures.getStyleClass().add("tight");
        answers.getStyleClass().add("tight");
        plate = new Columns(new double[] {42, 58}, figures, answers);
        getChildren().setAll(none, table, whose, plate);
    }

    private static String inlet(Marking m) {
        return switch (m) {
            case REGULATED -> Say.it("appliances-pane.inlet-regulated");
            case OWN_REGULATOR -> Say.it("appliances-pane.inlet-own");
            case UNKNOWN -> Say.it("appliances-pane.inlet-unknown");
        };
    }

    private static String gasWord(String id) {
        return switch (id) {
            case "g20" -> Say.it("appliances-pane.gas-g20");
            case "g30" -> Say.it("appliances-pane.gas-g30");
            default -> Say.it("appliances-pane.gas-g31");
        };
    }

    private static EntryRow row(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        List<Inlet> inlets = appliances.inlets();
        none.setVisible(inlets.isEmpty());
        none.setManaged(inlets.isEmpty());
        plate.setVisible(!inlets.isEmpty());
        table.getChildren().clear();
        if (!inlets.isEmpty()) {
            List<String> heads = List.of(
                    Say.it("appliances-pane.appliance"),
                    Say.it("appliances-pane.inlet-head"),
                    Say.it("appliances-pane.input-head"),
                    Say.it("appliances-pane.before"),
                    Say.it("appliances-pane.gets"),
                    Say.it("appliances-pane.needs"),
                    Say.it("appliances-pane.rated-to"));
            for (int i = 0; i < heads.size(); i++) {
                table.add(Text.of(heads.get(i), "soft"), i, 0);
            }
        }
        Optional<Piece.Appliance> chosen = appliances.chosen();
        for (int r = 0; r < inlets.size(); r++) {
            lay(inlets.get(r), r + 1, chosen);
        }
        whose.setText(chosen.map(a -> Say.it("appliances-pane.plate-of", "appliance", a.name()))
                .orElse(""));
        marking.show(chosen.map(a -> a.plate().marking()));
        vented.show(chosen.flatMap(Piece.Appliance::vented));
        added.show(chosen.map(Piece.Appliance::added));
        gas.show(chosen.flatMap(a -> a.plate().gas()));
    }

    private void lay(Inlet i, int row, Optional<Piece.Appliance> chosen) {
        UnitSystem u = model.units();
        Button name = Press.quiet(i.name(), () -> {
            appliances.choose(i.name());
            refresh();
        });
        name.getStyleClass().add("row-name");
        if (chosen.filter(a -> a.name().equals(i.name())).isPresent()) {
            name.getStyleClass().add("row-chosen");
        }
        List<String> figures = new ArrayList<>();
        figures.add(i.input().map(p -> Figure.of(p).text(u)).orElse("–"));
        figures.add(pressure(i.before(), u));
        figures.add(pressure(i.pressure(), u));
        figures.add(pressure(i.least(), u));
        figures.add(pressure(i.greatest(), u));
        table.add(name, 0, row);
        table.add(Text.of(inlet(i.appliance().plate().marking()), "sum-says"), 1, row);
        for (int k = 0; k < figures.size(); k++) {
            Label cell = Text.figure(figures.get(k));
            if (k == 2 && i.shortOf()) {
                cell.getStyleClass().add("figure-stop");
            }
            table.add(cell, k + FIGURES_FROM, row);
        }
    }

    private static String pressure(Optional<GaugePressure> p, UnitSystem u) {
        return p.map(x -> new Figure.OfGasPressure(x).text(u)).orElse("–");
    }
}
