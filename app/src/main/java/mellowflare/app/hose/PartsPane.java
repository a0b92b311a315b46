package mellowflare.app.hose;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.app.line.ListsPane;
import mellowflare.app.line.PaperPresses;
import mellowflare.core.hose.FromShelf;
import mellowflare.core.table.FigureTable;

/** The parts of the line with what lies on the shelf, what can be built from it now, and the papers that go along. */
final class PartsPane extends VBox {
    private final PartsModel model;
    private final TablesPane list = new TablesPane();
    private final Label none = Text.of(Say.it("parts-pane.choose-hose-ends-first"), "soft");
    private final VBox builds = new VBox(3);
    private final Label searching = Text.of("", "soft");

    PartsPane(PartsModel model) {
        this.model = model;
        Button look = Press.quiet(Say.it("parts-pane.what-can-be-built"), model::lookThroughShelf);
        look.setId("look-shelf");
        searching.textProperty().bind(model.searchingProperty());
        model.buildsProperty().addListener((o, was, now) -> builds());
        Button read = Press.quiet(
                Say.it("parts-pane.read-tag-from-picture"),
                () -> ListsPane.choose(this, Say.it("parts-pane.picture-tag"), "*.png", "*.jpg", "*.jpeg")
                        .ifPresent(model::readTag));
        PaperPresses papers = new PaperPresses(model.papers(), model::write);
        papers.getChildren().add(read);
        VBox parts = new VBox(5, none, list);
        getChildren()
                .setAll(new Columns(
                        new double[] {60, 40},
                        parts,
                        new VBox(
                                10,
                                Text.under(Say.it("parts-pane.from-shelf"), look, searching, builds),
                                Text.under(
                                        Say.it("parts-pane.papers"),
                                        papers,
                                        Text.of(Say.it("parts-pane.catalogue"), "small-heading"),
                                        new ListsPane(model.lists(), Say.it("parts-pane.catalogue-file"))))));
        refresh();
    }

    void refresh() {
        list.show(model.plan().table(FigureTable.What.PARTS).stream().toList());
        none.setManaged(model.plan().parts().isEmpty());
        none.setVisible(none.isManaged());
        builds();
    }

    private void builds() {
        builds.getChildren()
                .setAll(model.buildsProperty().get().stream()
                        .limit(6)
                        .map(this::build)
                        .toList());
    }

    private Node build(FromShelf.Build b) {
        Button take = Press.quiet(Say.it("parts-pane.take"), () -> model.take(b));
        String words = b.hose().part() + ", " + b.a().part() + ", " + b.b().part()
                + (b.adapters().isEmpty() ? "" : ", " + String.join(", ", b.adapters()));
        String cost = Say.it("parts-pane.cost", "money", PartsModel.money(b.cost()), "warnings", b.warnings());
        HBox row =
                new HBox(6, new VBox(0, Text.of(words, "finding-brief"), Text.of(cost, "soft")), Text.spring(), take);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
