package mellowflare.app.pack;

import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.line.PaperPresses;
import mellowflare.app.look.Look;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.BagPlot;
import mellowflare.core.bag.Packed;

/** The page of Pack: what may be found, the chance over the number of parts, and the bag. */
public final class PackView implements Page {
    private final PackModel model;
    private final BorderPane page = new BorderPane();
    private final DrawingPane plot = new DrawingPane(new Insets(18, 24, 10, 24), 12);
    private final FindRows finds;
    private final Label empty = Text.of(Say.it("pack-view.nothing-unseen"), "finding-remedy");
    private final EntryRow entry;
    private final EntryRow chance;
    private final ChoiceRow<BagAsk.By> by;
    private final GridPane parts = new GridPane();
    private final VBox papers = new VBox(4);
    private final FigureBox packs = new FigureBox();
    private final FigureBox finishes = new FigureBox();
    private final FigureBox costs = new FigureBox();
    private final FigureBox left = new FigureBox();

    public PackView(PackModel model, Look look) {
        this.model = model;
        LeafPage.dress(plot, look, "pack-plot", Say.it("pack-view.the-curve"));
        this.finds = new FindRows(model);
        this.entry = new EntryRow(Say.it("pack-view.may-be"), Say.it("pack-view.example"), model.find());
        entry.field().setId("pack-find");
        entry.onEnter(model::take);
        this.chance = new EntryRow(Say.it("pack-view.chance"), model.usualChance(), model.chance());
        chance.field().setId("pack-chance");
        this.by = new ChoiceRow<>(
                Say.it("pack-view.by"),
                List.of(BagAsk.By.values()),
                b -> b == BagAsk.By.CHANCE ? Say.it("pack-view.by-chance") : Say.it("pack-view.by-cost"),
                b -> null,
                false,
                b -> model.by(b.orElseThrow()));
        by.setId("pack-by");
        page.setCenter(middle());
        page.setRight(slip());
        HBox bar = new HBox(34, packs, finishes, costs, left);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen()) {
                refresh();
            }
        });
    }

    private Node middle() {
        StackPane ground = new StackPane(plot);
        ground.getStyleClass().addAll("drawing-ground", "tube-ground");
        VBox under = new VBox(8, entry, empty, finds);
        under.getStyleClass().add("under-drawing");
        return Text.page(new VBox(ground, under));
    }

    private Node slip() {
        parts.setId("pack-parts");
        parts.setHgap(12);
        parts.setVgap(2);
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        name.setMinWidth(0);
        ColumnConstraints price = new ColumnConstraints();
        price.setHalignment(HPos.RIGHT);
        parts.getColumnConstraints().setAll(name, price);
        VBox content = new VBox(
                6,
                Text.of(Say.it("pack-view.wanted"), "slip-heading"),
                chance,
                by,
                Text.of(Say.it("pack-view.the-bag"), "slip-heading"),
                parts,
                papers);
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip");
        return scroll;
    }

    private void refresh() {
        Packed packed = model.packed();
        plot.drawingProperty().set(BagPlot.of(packed, model.units()));
        empty.setVisible(!packed.open());
        empty.setManaged(!packed.open());
        chance.field().setPromptText(model.usualChance());
        finds.refresh();
        by.show(Optional.of(packed.by()));
        Optional<Bag> bag = packed.bag();
        parts(bag.map(packed::parts).orElse(List.of()));
        papers.getChildren().setAll(new PaperPresses(model.papers(), model::write));
        papers.setVisible(packed.open());
        packs.words(
                Say.it("pack-view.parts"),
                bag.map(b -> Integer.toString(b.parts().size())).orElse("–"),
                bag.map(b -> Say.it("pack-view.of", "most", packed.parts().size()))
                        .orElse(""));
        finishes.words(
                Say.it("pack-view.finishes"),
                bag.map(b -> model.share(packed.chance(b))).orElse("–"),
                bag.map(b -> packed.reaches(b) ? Say.it("pack-view.reaches") : Say.it("pack-view.less"))
                        .orElse(""));
        costs.words(
                Say.it("pack-view.costs"),
                bag.flatMap(packed::price).map(PackModel::money).orElse("–"),
                Say.it("pack-view.prices"));
        left.words(
                Say.it("pack-view.second-trips"),
                bag.map(b -> PackModel.money(packed.loss(b))).orElse("–"),
                Say.it("pack-view.on-average"));
    }

    private void parts(List<BagPart> all) {
        parts.getChildren().clear();
        int row = 0;
        for (BagPart p : all) {
            parts.addRow(
                    row++,
                    Text.of(p.name(), p.always() ? "finding-says" : "finding-remedy"),
                    Text.figure(PackModel.price(p)));
        }
        if (all.isEmpty()) {
            parts.addRow(0, Text.of(Say.it("pack-view.no-bag"), "finding-remedy"));
        }
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        entry.field().requestFocus();
    }
}
