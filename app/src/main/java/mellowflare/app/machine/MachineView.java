package mellowflare.app.machine;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablePane;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.There;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.LeafRow;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BarTable;
import mellowflare.core.machine.AsBuilt;
import mellowflare.core.machine.Carried;
import mellowflare.core.machine.Hours;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.machine.MachineTables;

/** The page of a machine: its lines, the parts of all of them, what is cut from what. */
public final class MachineView implements Page {
    private final MachineModel model;
    private final Runnable work;
    private final BorderPane page = new BorderPane();
    private static final int DUE = 3;
    private static final double ROW = 66;
    private static final int ROWS = 7;
    private static final double COUNTS = 96;
    private static final double STRIP = 320;
    private static final double STRIP_LARGE = 220;

    private final ListView<MachineLine> lines = new ListView<>();
    private final TablePane parts = new TablePane();
    private final TablePane bars = new TablePane();
    private final TablePane bag = new TablePane();
    private final VBox unplaced = new VBox(2);
    private final TablePane due;
    private final TablePane history = new TablePane();
    private final TablePane built = new TablePane();
    private final Label builtHead = Text.of(Say.it("machine-view.built"), "small-heading");
    private final Label historyHead = Text.of(Say.it("machine-view.history"), "small-heading");
    private final Label nothingDue = Text.of(Say.it("machine-view.nothing-due"), "finding-remedy");
    private final Label nothingToCarry = Text.of(Say.it("machine-view.nothing-to-carry"), "finding-remedy");
    private final Label ofOpen = Text.of("", "soft");
    private final VBox alike = new VBox(6);
    private final VBox upkeep = new VBox(6);
    private final VBox leaf = new VBox(12);
    private final LeafRow leaves;
    private int open;
    private final Label empty = Text.of(Say.it("machine-view.empty"), "finding-remedy");
    private final Label partsHead = Text.of(Say.it("machine-view.parts"), "small-heading");
    private final Label barsHead = Text.of(Say.it("machine-view.bars"), "small-heading");
    private final Label working = Text.of("", "soft");
    private final Button cancel;
    private final EntryRow name;
    private final VBox copies = new VBox(4);
    private final FigureBox count = new FigureBox();
    private final FigureBox stops = new FigureBox();
    private final FigureBox lacks = new FigureBox();
    private final FigureBox cost = new FigureBox();
    private final FigureBox overdue = new FigureBox();
    private final FigureBox hours = new FigureBox();

    /**
     * @param model what the page does
     * @param look day or night
     * @param work goes to where a line is worked on, once it is open
     */
    public MachineView(MachineModel model, Look look, Runnable work) {
        this.model = model;
        this.work = work;
        lines.setId("machine-lines");
        lines.setAccessibleText(Say.it("machine-view.lines"));
        lines.fixedCellSizeProperty().bind(look.scale().multiply(ROW));
        lines.setCellFactory(v -> new LineCell(look));
        lines.setOnMouseClicked(e -> open());
        lines.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                open();
                e.consume();
            }
        });
        leaves = new LeafRow(
                List.of("lines", "parts", "bag", "due", "history"),
                List.of(
                        Say.it("machine-view.leaf-lines"),
                        Say.it("machine-view.leaf-parts"),
                        Say.it("machine-view.leaf-bag"),
                        Say.it("machine-view.leaf-due"),
                        Say.it("machine-view.leaf-history")),
                this::turn);
        leaves.show(0);
        due = new TablePane(new TablePane.RowPress(
                Say.it("machine-view.done"),
                r -> true,
                r -> false,
                r -> model.upkeep().done(model.upkeep().due().get(r))));
        due.setId("machine-due");
        parts.setId("machine-parts");
        bars.setId("machine-bars");
        built.setId("machine-built");
        bag.setId("machine-bag");
        working.textProperty().bind(model.workingProperty());
        cancel = Press.quiet(Say.it("machine-view.cancel"), model::cancel);
        cancel.visibleProperty().bind(model.workingProperty().isNotEmpty());
        name = new EntryRow(Say.it("machine-view.machine"), "", model.name());
        name.field().setId("machine-name");
        page.setCenter(middle());
        page.setRight(slip());
        HBox bar = new HBox(28, count, stops, lacks, cost, hours, overdue);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.machineProperty().addListener((o, was, now) -> refresh());
        model.plansProperty().addListener((o, was, now) -> refresh());
        model.hoursProperty().addListener((o, was, now) -> refresh());
    }

    private Node middle() {
        HBox at = new HBox(12, working, cancel);
        at.setAlignment(Pos.CENTER_LEFT);
        at.setMinHeight(Region.USE_PREF_SIZE);
        leaf.getStyleClass().add("under-drawing");
        VBox all = new VBox(4, leaves, at, leaf);
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        page.addEventFilter(KeyEvent.KEY_PRESSED, leaves::key);
        return scroll;
    }

    /** Turns to a leaf: lines, parts and cuts, what is due, what was done. */
    private void turn(int to) {
        open = to;
        leaves.show(to);
        refresh();
    }

    private Node slip() {
        VBox papers = new VBox(4);
        for (MachinePaper.Sheet s : MachinePaper.Sheet.values()) {
            papers.getChildren().add(Press.quiet(s.word(), () -> model.write(s)));
        }
        EntryRow number = new EntryRow(Say.it("machine-view.copies"), "1", model.copies());
        number.field().setId("machine-copies");
        alike.getChildren().setAll(Text.of(Say.it("machine-view.alike"), "slip-heading"), number, copies);
        EntryRow found = new EntryRow(
                Say.it("machine-view.found"),
                Say.it("machine-view.found-hint"),
                model.upkeep().found());
        found.field().setId("upkeep-found");
        EntryRow printed = new EntryRow(
                Say.it("machine-view.printed"), "2024-05-01", model.upkeep().printed());
        printed.field().setId("upkeep-printed");
        EntryRow since = new EntryRow(
                Say.it("machine-view.in-service"), "2024-06-15", model.upkeep().inService());
        since.field().setId("upkeep-since");
        upkeep.getChildren()
                .setAll(
                        Text.of(Say.it("machine-view.done-with"), "slip-heading"),
                        found,
                        Text.of(Say.it("machine-view.open-line"), "slip-heading"),
                        ofOpen,
                        since,
                        printed);
        VBox content = new VBox(
                6,
                Text.of(Say.it("machine-view.which"), "slip-heading"),
                name,
                Text.of(Say.it("machine-view.its-parts"), "soft"),
                Text.of(Say.it("machine-view.papers"), "slip-heading"),
                papers,
                alike,
                upkeep);
        return Slip.steady(content);
    }

    private void refresh() {
        Machine m = model.machine();
        List<Node> shown = new ArrayList<>();
        if (m.lines().isEmpty()) {
            shown.add(empty);
        } else {
            shown.addAll(
                    switch (open) {
                        case 0 -> lines(m);
                        case 1 -> partsAndCuts(m);
                        case 2 -> bag();
                        case DUE -> due();
                        default -> history();
                    });
        }
        if (!leaf.getChildren().equals(shown)) {
            leaf.getChildren().setAll(shown);
        }
        There.show(open == 0, alike);
        There.show(open == DUE, upkeep);
        ofOpen.setText(model.upkeep().openTitle());
        copies(m);
        count.words(
                Say.it("machine-view.lines"), Integer.toString(m.lines().size()), Say.it("machine-view.not-put-away"));
        stops.words(Say.it("machine-view.stops"), Long.toString(m.stops()), Say.it("machine-view.in-all"));
        lacks.words(
                Say.it("machine-view.lack"),
                Long.toString(model.lacking()),
                Say.it("machine-view.of-parts", "parts", m.parts().size()));
        cost.words(Say.it("machine-view.cost"), model.cost(), Say.it("machine-view.prices"));
        Hours worked = model.hoursProperty().get();
        hours.words(Say.it("machine-view.hours"), worked.toGo(), worked.says());
        overdue.words(
                Say.it("machine-view.overdue"),
                Long.toString(model.upkeep().overdue()),
                Say.it("machine-view.of-due", "due", model.upkeep().due().size()));
    }

    private List<Node> lines(Machine m) {
        if (!lines.getItems().equals(m.lines())) {
            lines.getItems().setAll(m.lines());
            double high = Math.min(ROWS, m.lines().size()) * lines.getFixedCellSize() + 4;
            lines.setMinHeight(high);
            lines.setPrefHeight(high);
        }
        return List.of(lines);
    }

    private List<Node> partsAndCuts(Machine m) {
        List<Node> all = new ArrayList<>();
        if (!m.parts().isEmpty()) {
            parts.show(MachineTables.parts(m));
            all.addAll(List.of(partsHead, parts));
        }
        if (!model.plansProperty().get().isEmpty()) {
            bars.show(BarTable.of(model.plansProperty().get(), model.units()));
            Text.fill(unplaced, model.unplaced(), "finding-remedy");
            all.addAll(List.of(barsHead, bars, unplaced));
        }
        return all;
    }

    private List<Node> bag() {
        List<Carried> all = model.bag();
        if (all.isEmpty()) {
            return List.of(nothingToCarry);
        }
        bag.show(Carried.table(all));
        return List.of(bag);
    }

    private List<Node> due() {
        if (model.upkeep().due().isEmpty()) {
            return List.of(nothingDue);
        }
        due.show(MachineTables.due(model.upkeep().due(), model.upkeep().today()));
        return List.of(due);
    }

    private List<Node> history() {
        history.show(MachineTables.history(model.upkeep().events()));
        List<AsBuilt> figures = model.upkeep().built();
        if (figures.isEmpty()) {
            return List.of(history);
        }
        built.show(AsBuilt.table(figures));
        return List.of(builtHead, built, historyHead, history);
    }

    private void copies(Machine m) {
        List<Node> rows = new ArrayList<>();
        for (MachineLine l : m.lines()) {
            Button b = Press.quiet(
                    Say.it(
                            "machine-view.like",
                            "mark",
                            l.mark(),
                            "title",
                            l.of().job().title()),
                    () -> model.copy(l));
            b.setWrapText(true);
            b.setMinWidth(0);
            rows.add(b);
        }
        copies.getChildren().setAll(rows);
    }

    private void open() {
        MachineLine line = lines.getSelectionModel().getSelectedItem();
        if (line != null) {
            model.open(line);
            work.run();
        }
    }

    /** A line as a picture: its mark, its strip, what it is called, how it stands. */
    private static final class LineCell extends ListCell<MachineLine> {
        private final Label mark = Text.of("", "slip-heading");
        private final DrawingPane strip = new DrawingPane(new Insets(4, 8, 4, 8), 9);
        private final Label title = Text.of("", "finding-says");
        private final Label stands = Text.of("", "soft");
        private final Label counts = Text.of("", "finding-remedy");
        private final HBox row;
        private final ObservableValue<Boolean> large;

        LineCell(Look look) {
            strip.inkProperty().bind(look.ink());
            strip.textScaleProperty().bind(look.scale());
            // In large type the words need the room, and names in the strip would be cut off.
            strip.minWidthProperty()
                    .bind(Bindings.when(look.largeProperty()).then(STRIP_LARGE).otherwise(STRIP));
            strip.prefWidthProperty().bind(strip.minWidthProperty());
            large = look.largeProperty();
            large.addListener((o, was, now) -> draw());
            strip.setMouseTransparent(true);
            mark.setMinWidth(34);
            VBox words = new VBox(1, title, stands);
            words.setAlignment(Pos.CENTER_LEFT);
            HBox.setHgrow(words, Priority.ALWAYS);
            counts.setMinWidth(COUNTS);
            row = new HBox(10, mark, strip, words, counts);
            row.setAlignment(Pos.CENTER_LEFT);
            setPrefWidth(0);
        }

        private void draw() {
            if (getItem() != null) {
                Drawing of = getItem().of().plan().strip();
                strip.drawingProperty().set(large.getValue() ? of.wordless() : of);
            }
        }

        @Override
        protected void updateItem(MachineLine line, boolean empty) {
            super.updateItem(line, empty);
            if (empty || line == null) {
                setGraphic(null);
                setAccessibleText("");
                return;
            }
            mark.setText(line.mark());
            draw();
            title.setText(line.of().job().title());
            stands.setText(Say.it(
                    "machine-view.stands",
                    "kind",
                    line.of().job().kind().word(),
                    "left",
                    line.of().leftOff().text()));
            counts.setText(Say.it(
                    "machine-view.counts", "stops", line.stops(), "warnings", line.warnings(), "tests", line.tests()));
            setAccessibleText(String.join(", ", line.mark(), title.getText(), stands.getText(), counts.getText()));
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
        name.field().requestFocus();
    }
}
