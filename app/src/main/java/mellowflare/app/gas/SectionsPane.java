package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.work.Section;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** Every stretch with its load, what the code's methods let it carry, and what it loses; over it the cheapest sizes that serve. */
final class SectionsPane extends VBox {
    private static final int OVER_COLUMN = 6;

    private final GasModel model;
    private final SizeSearch search;
    private final Figures table;
    private final Label says = Text.of("", "finding-remedy");
    private final Button take;

    SectionsPane(GasModel model, SizeSearch search) {
        super(6);
        this.model = model;
        this.search = search;
        setId("gas-sizes");
        table = new Figures(
                List.of(
                        Say.it("sections-pane.pipe"),
                        Say.it("sections-pane.size"),
                        Say.it("sections-pane.length"),
                        Say.it("sections-pane.fittings"),
                        Say.it("sections-pane.load"),
                        Say.it("sections-pane.flow"),
                        Say.it("sections-pane.longest"),
                        Say.it("sections-pane.branch"),
                        Say.it("sections-pane.equation"),
                        Say.it("sections-pane.darcy"),
                        Say.it("sections-pane.speed")),
                1);
        EntryRow drop = new EntryRow(
                Say.it("sections-pane.drop"),
                Say.it("sections-pane.by-code"),
                model.fields().drop());
        drop.field().setId("gas-drop");
        drop.setMinWidth(290);
        drop.setMaxWidth(290);
        take = Press.quiet(Say.it("sections-pane.take"), () -> search.found().ifPresent(model::take));
        take.setId("gas-take-sizes");
        HBox head = new HBox(12, drop, take, says);
        head.setAlignment(Pos.CENTER_LEFT);
        says.setWrapText(true);
        HBox.setHgrow(says, Priority.ALWAYS);
        getChildren().setAll(head, table, Text.of(Say.it("sections-pane.how"), "soft"));
    }

    void refresh() {
        UnitSystem u = model.units();
        search.search(model.c());
        Optional<CheapestSizes.Found> found = search.found();
        take.setDisable(found.isEmpty() || found.get().sizes().isEmpty());
        says.setText(says(found));
        List<List<String>> rows = new ArrayList<>();
        List<Section> sections = model.c().sections();
        for (Section s : sections) {
            rows.add(List.of(
                    s.name(),
                    s.run()
                                    .size()
                                    .map(GasSize::size)
                                    .orElse(s.run()
                                            .bore()
                                            .map(b -> LengthFormat.figure(b, u))
                                            .orElse("–"))
                            + found.flatMap(f -> Optional.ofNullable(f.sizes().get(s.name())))
                                    .filter(x -> s.run()
                                            .size()
                                            .filter(z -> z.size().equals(x.size()))
                                            .isEmpty())
                                    .map(x -> " → " + x.size())
                                    .orElse(""),
                    new Figure.OfReach(s.run().run().length()).text(u),
                    new Figure.OfReach(s.fittings()).text(u),
                    Figure.of(s.load()).text(u),
                    Figure.of(s.flow()).text(u),
                    flow(s.byLongest(), u),
                    flow(s.byBranch(), u),
                    new Figure.OfGasDrop(s.byEquation()).text(u),
                    new Figure.OfGasDrop(s.byDarcy()).text(u),
                    new Figure.OfSpeed(s.metresPerSecond()).text(u)));
        }
        table.show(rows, (r, column) -> column == OVER_COLUMN && sections.get(r).overLongest());
    }

    private static String flow(Optional<GasFlow> flow, UnitSystem u) {
        return flow.map(f -> Figure.of(f).text(u)).orElse("–");
    }

    private String says(Optional<CheapestSizes.Found> found) {
        if (model.c().net().isEmpty()) {
            return Say.it("sections-pane.nothing-flows");
        }
        if (search.searching()) {
            return Say.it("sections-pane.searching");
        }
        if (found.isEmpty()) {
            return Say.it("sections-pane.none-serves");
        }
        CheapestSizes.Found f = found.get();
        if (f.price() == 0) {
            return Say.it("sections-pane.as-it-is");
        }
        String price = LengthFormat.decimal(f.price(), 0, 0);
        return f.proven()
                ? Say.it("sections-pane.cheapest", "price", price)
                : Say.it("sections-pane.cheap", "price", price);
    }
}
