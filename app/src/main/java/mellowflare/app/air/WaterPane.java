package mellowflare.app.air;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.water.Water;
import mellowflare.core.table.FigureTable;

/** The water: how much the air brings, where it falls out, where it runs to, and how often that is drained. */
final class WaterPane extends VBox {
    private final AirModel model;
    private final VBox brought = new VBox(2);
    private final TablesPane falls = new TablesPane();
    private final TablesPane gathers = new TablesPane();
    private final TablesPane heights = new TablesPane();
    private final Label none = Text.of(Say.it("water-pane.no-level-run-yet"), "soft");
    private final Label dry = Text.of(Say.it("water-pane.nothing-falls-out-pipes"), "soft");
    private final ChoiceRow<Method> way;

    WaterPane(AirModel model) {
        this.model = model;
        setId("air-water");
        way = new ChoiceRow<>(
                Say.it("water-pane.hung"),
                model.methods(MethodTopic.AIR_FALL),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        VBox room = Text.under(
                Say.it("water-pane.the-room-s-air"),
                new EntryRow(
                        Say.it("water-pane.air"),
                        Say.it("water-pane.c-or-f"),
                        model.fields().roomAir()),
                new EntryRow(Say.it("water-pane.humidity"), "%", model.fields().humidity()),
                new EntryRow(
                        Say.it("water-pane.barometer"), "mbar", model.fields().barometer()),
                new EntryRow(
                        Say.it("water-pane.fall"),
                        Say.it("water-pane.mm-on-metre"),
                        model.fields().fall()),
                new EntryRow(
                        Say.it("water-pane.drain-every"),
                        Say.it("water-pane.days"),
                        model.fields().drained()));
        room.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {32, 34, 34},
                        room,
                        new VBox(8, Text.under(Say.it("water-pane.what-falls-out-on"), brought), falls, none, heights),
                        new VBox(8, way, dry, gathers)));
    }

    void refresh() {
        way.show(Optional.of(model.method(MethodTopic.AIR_FALL)));
        boolean level = model.plan().table(FigureTable.What.HEIGHTS).isEmpty();
        none.setVisible(level);
        none.setManaged(level);
        heights.show(tables(FigureTable.What.HEIGHTS));
        Optional<Water> water = model.c().water();
        Text.fill(
                brought,
                List.of(
                        water.isEmpty()
                                ? Say.it("water-pane.say-which-compressor-put")
                                : Say.it(
                                        "water-pane.the-air-brings-stay",
                                        "litres",
                                        litres(water.get().drawn()),
                                        "litresB",
                                        litres(water.get().inReceiver()),
                                        "litresC",
                                        litres(water.get().inPipes()))),
                water.isEmpty() ? "soft" : "finding-remedy");
        falls.show(tables(FigureTable.What.FALLS));
        gathers.show(tables(FigureTable.What.WATER));
        dry.setVisible(water.isPresent() && water.get().gathered().isEmpty());
        dry.setManaged(dry.isVisible());
    }

    private List<FigureTable> tables(FigureTable.What what) {
        return model.plan().table(what).stream().toList();
    }

    private String litres(double l) {
        return new Figure.OfLitres(l).text(model.units());
    }
}
