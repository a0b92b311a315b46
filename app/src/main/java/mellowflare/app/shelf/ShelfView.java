package mellowflare.app.shelf;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.PathField;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.parts.ShelfStrip;

/** The page of the shelf: what lies there as a picture, counting beside it. */
public final class ShelfView implements Page {
    private static final double ROW = 53;
    private static final double STRIP = 250;
    private static final double AMOUNT = 150;

    private final ShelfModel model;
    private final BorderPane page = new BorderPane();
    private final TextField search = new TextField();
    private final ListView<ShelfModel.Row> list = new ListView<>();
    private final ChoiceRow<ShelfModel.Which> which;
    private final Label name = Text.of("", "finding-says");
    private final Label now = Text.of("", "finding-remedy");
    private final EntryRow count;
    private final TextField person = new TextField();
    private final VBox story = new VBox(3);
    private final VBox leftOut = new VBox(3);
    private final Button back;
    private final FigureBox kept = new FigureBox();
    private final FigureBox lacking = new FigureBox();
    private final FigureBox beyond = new FigureBox();
    private boolean showing;

    public ShelfView(ShelfModel model, Look look) {
        this.model = model;
        which = new ChoiceRow<>(
                Say.it("shelf-view.which"),
                List.of(ShelfModel.Which.values()),
                ShelfModel.Which::word,
                w -> null,
                false,
                w -> model.show(w.orElse(ShelfModel.Which.ALL)));
        count = new EntryRow(Say.it("shelf-view.count-pieces"), "", model.count());
        count.field().setId("shelf-count");
        count.onEnter(model::keep);
        back = Press.quiet(Say.it("shelf-view.back"), model::back);
        page.setCenter(left(look));
        page.setRight(slip());
        HBox bar = new HBox(44, kept, lacking, beyond);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.rowsProperty().addListener((o, was, rows) -> refresh());
        model.files().leftOutProperty().addListener((o, was, rows) -> Text.fill(leftOut, rows, "finding-remedy"));
        refresh();
    }

    private Node left(Look look) {
        search.setPromptText(Say.it("shelf-view.search"));
        search.setAccessibleText(Say.it("shelf-view.search-spoken"));
        search.setId("shelf-search");
        search.getStyleClass().add("search");
        search.textProperty().bindBidirectional(model.searchProperty());
        list.setId("shelf");
        list.setAccessibleText(Say.it("shelf-view.parts"));
        list.setPlaceholder(Text.of(Say.it("shelf-view.none"), "soft"));
        list.fixedCellSizeProperty().bind(look.scale().multiply(ROW));
        list.setCellFactory(v -> new PartCell(look));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, row) -> {
            if (!showing && row != null) {
                model.choose(row);
                chosen();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox box = new VBox(12, search, which, list);
        box.getStyleClass().add("book-page");
        return box;
    }

    private Node slip() {
        person.setId("shelf-person");
        person.setPrefColumnCount(8);
        person.setAccessibleText(Say.it("shelf-view.by"));
        person.textProperty().bindBidirectional(model.personProperty());
        HBox who = new HBox(8, Text.of(Say.it("shelf-view.by"), "entry-word-short"), person);
        who.setAlignment(Pos.CENTER_LEFT);
        Button keep = new Button(Say.it("shelf-view.keep"));
        keep.getStyleClass().add("main-action");
        keep.setId("shelf-keep");
        keep.setOnAction(e -> model.keep());
        PathField file = new PathField(
                Say.it("shelf-view.file-hint"),
                Say.it("shelf-view.file-spoken"),
                Say.it("shelf-view.take"),
                model.files()::take,
                model::tell);
        return Slip.steady(new VBox(
                7,
                Text.of(Say.it("shelf-view.chosen"), "slip-heading"),
                name,
                now,
                count,
                who,
                keep,
                back,
                Text.of(Say.it("shelf-view.story"), "slip-heading"),
                story,
                Text.of(Say.it("shelf-view.files"), "slip-heading"),
                Press.quiet(Say.it("shelf-view.sheet"), model.files()::writeSheet),
                file,
                leftOut));
    }

    private void refresh() {
        showing = true;
        List<ShelfModel.Row> rows = model.rowsProperty().get();
        if (!rows.equals(list.getItems())) {
            list.getItems().setAll(rows);
        }
        which.show(Optional.of(model.which()));
        model.chosen().ifPresentOrElse(list.getSelectionModel()::select, list.getSelectionModel()::clearSelection);
        kept.words(Say.it("shelf-view.kept"), Integer.toString(rows.size()), Say.it("shelf-view.of-list"));
        lacking.words(Say.it("shelf-view.short"), Long.toString(model.lacking()), Say.it("shelf-view.for-work"));
        beyond.words(Say.it("shelf-view.beyond"), Long.toString(model.toCount()), Say.it("shelf-view.taken-beyond"));
        chosen();
        showing = false;
    }

    private void chosen() {
        Optional<ShelfModel.Row> row = model.chosen();
        name.setText(row.map(r -> r.part().name()).orElse(Say.it("shelf-view.choose-one")));
        now.setText(row.map(this::standing).orElse(""));
        boolean metres = row.map(r -> r.part().metres()).orElse(false);
        count.field().setPromptText(metres ? Say.it("shelf-view.hint-lengths") : Say.it("shelf-view.hint-pieces"));
        back.setVisible(model.counted());
        Text.fill(story, model.story(), "finding-remedy");
    }

    private String standing(ShelfModel.Row r) {
        if (!r.kept()) {
            return Say.it("shelf-view.not-kept");
        }
        return r.part().held().wantsCounting()
                ? Say.it(
                        "shelf-view.over",
                        "amount",
                        model.amount(r.part().held().over(), r.part().metres()))
                : "";
    }

    /** A part as a picture: what lies there, what it is, how much. */
    private final class PartCell extends ListCell<ShelfModel.Row> {
        private final DrawingPane strip = new DrawingPane(new Insets(4), 10);
        private final Label title = new Label();
        private final Label number = new Label();
        private final Label amount = Text.figure("", "job-title");
        private final Label wanted = new Label();
        private final HBox row;

        PartCell(Look look) {
            strip.inkProperty().bind(look.ink());
            strip.textScaleProperty().bind(look.scale());
            strip.setMinWidth(STRIP);
            strip.setPrefWidth(STRIP);
            strip.setMouseTransparent(true);
            title.getStyleClass().add("finding-says");
            number.getStyleClass().add("soft");
            VBox words = new VBox(1, title, number);
            words.setAlignment(Pos.CENTER_LEFT);
            words.setMinWidth(0);
            HBox.setHgrow(words, Priority.ALWAYS);
            VBox figures = new VBox(1, amount, wanted);
            figures.setAlignment(Pos.CENTER_RIGHT);
            figures.setMinWidth(AMOUNT);
            row = new HBox(10, words, strip, figures);
            row.setAlignment(Pos.CENTER_LEFT);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(ShelfModel.Row item, boolean empty) {
            super.updateItem(item, empty);
            if (empty || item == null) {
                setGraphic(null);
                setAccessibleText("");
                return;
            }
            strip.drawingProperty().set(ShelfStrip.of(item.part(), model.most(), model.units()));
            title.setText(item.part().name());
            number.setText(
                    item.part().key().equals(item.part().name())
                            ? ""
                            : item.part().key());
            String there = model.amount(item.part().held().amount(), item.part().metres());
            amount.setText(item.kept() ? there : "–");
            boolean over = item.part().held().wantsCounting();
            String spoken = item.spokenFor() > 0
                    ? Say.it(
                            "shelf-view.spoken",
                            "amount",
                            model.amount(item.spokenFor(), item.part().metres()))
                    : "";
            wanted.setText(over ? Say.it("shelf-view.wants-count") : spoken);
            wanted.getStyleClass().setAll("label", over || item.lacks() ? "job-half" : "soft");
            setAccessibleText(Say.it(
                    "shelf-view.row",
                    "name",
                    item.part().name(),
                    "number",
                    item.part().key(),
                    "amount",
                    there,
                    "over",
                    over ? "yes" : "no",
                    "spoken",
                    spoken.isEmpty() ? "none" : spoken));
            setGraphic(row);
        }
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        model.opened();
        refresh();
        search.requestFocus();
    }

    @Override
    public void act() {
        model.keep();
    }
}
