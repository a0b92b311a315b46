package mellowflare.app.hose;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.line.ListsPane;
import mellowflare.app.line.PaperPresses;
import mellowflare.core.hose.FromShelf;
import mellowflare.core.hose.PartLine;
import mellowflare.core.measure.LengthFormat;

/** The parts of the line with what lies on the shelf, what can be built from it now, and the papers that go along. */
final class PartsPane extends VBox {
    private final PartsModel model;
    private final GridPane list = new GridPane();
    private final VBox builds = new VBox(3);
    private final Label searching = Text.of("", "soft");

    PartsPane(PartsModel model) {
        this.model = model;
        list.setHgap(12);
        list.setVgap(2);
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
        VBox parts = Text.under(Say.it("parts-pane.parts-shelf"), list);
        getChildren()
                .setAll(new Columns(
                        new double[] {42, 31, 27},
                        parts,
                        Text.under(Say.it("parts-pane.from-shelf"), look, searching, builds),
                        Text.under(
                                Say.it("parts-pane.papers"),
                                papers,
                                Text.of(Say.it("parts-pane.catalogue"), "small-heading"),
                                new ListsPane(model.lists(), Say.it("parts-pane.catalogue-file")))));
        refresh();
    }

    void refresh() {
        list.getChildren().clear();
        List<PartLine> parts = model.plan().parts();
        int row = 0;
        for (PartLine p : parts) {
            list.addRow(
                    row++,
                    one(p.part(), "finding-says"),
                    one(p.amount(), "finding-remedy"),
                    p.lacks() > 0
                            ? one(
                                    Say.it("parts-pane.lacks", "lacks", LengthFormat.decimal(p.lacks(), 3, 0)),
                                    "reason-against")
                            : one(Say.it("parts-pane.shelf"), "soft"),
                    one(p.price() > 0 ? PartsModel.money(p.cost()) : "", "answer-share-small"));
        }
        if (parts.isEmpty()) {
            list.addRow(row, Text.of(Say.it("parts-pane.choose-hose-ends-first"), "soft"));
        } else {
            list.addRow(
                    row,
                    Text.of(Say.it("parts-pane.all"), "soft"),
                    new Region(),
                    new Region(),
                    Text.of(PartsModel.money(model.plan().partsCost()), "answer-share-small"));
        }
        builds();
    }

    /** A word that stands on one line. */
    private static Label one(String text, String style) {
        Label l = new Label(text);
        l.getStyleClass().add(style);
        l.setMinWidth(Region.USE_PREF_SIZE);
        return l;
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
