package mellowflare.app.tube;

import java.io.File;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Focus;
import mellowflare.app.entry.Text;
import mellowflare.core.tube.form.LegTo;

/** The way as it is read off the job: a column of numbered rows beside the drawing that grows with them. */
final class MeasurePane extends VBox {
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final MeasureModel model;
    private final Runnable chosen;
    private final ChoiceRow<By> by;
    private final ChoiceRow<LegTo> to;
    private final Label[] heads = {Text.of("", "soft"), Text.of("", "soft"), Text.of("", "soft")};
    private final HBox head = new HBox(4);
    private final VBox rows = new VBox(1);
    private final ScrollPane scroll = new ScrollPane(rows);
    private final Map<MeasureModel.Line, RowNode> nodes = new HashMap<>();
    private final EntryRow template;
    private final Label hint = Text.of("", "soft");
    private final FlowPane tools;

    /**
     * @param chosen called when another row is worked on
     */
    MeasurePane(MeasureModel model, Runnable chosen) {
        super(6);
        this.model = model;
        this.chosen = chosen;
        getStyleClass().addAll("measure", "narrow", "tight");
        setId("measure");
        by = new ChoiceRow<>("", Arrays.asList(By.values()), By::word, b -> null, false, b -> {
            b.ifPresent(model::by);
            refresh();
        });
        to = new ChoiceRow<>(
                Say.it("measure-pane.laid"), Arrays.asList(LegTo.values()), LegTo::word, t -> null, false, t -> {
                    t.ifPresent(model::to);
                    refresh();
                });
        Label number = Text.of("", "soft");
        number.getStyleClass().add("row-number");
        head.getChildren().add(number);
        for (Label h : heads) {
            h.getStyleClass().add("row-head");
            head.getChildren().add(h);
        }
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip-inner");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        template = new EntryRow(
                Say.it("measure-pane.developed"), Say.it("measure-pane.soft-wire-laid-along"), model.template());
        template.field().setId("template");
        EntryRow check = new EntryRow(Say.it("measure-pane.end-end"), Say.it("measure-pane.by-itself"), model.check());
        check.field().setId("end-to-end");
        check.setTooltipText(Say.it("measure-pane.the-straight-distance-between"));
        Button insert = quiet(
                Say.it("measure-pane.row-above"),
                () -> model.insert(model.chosenProperty().get().orElse(0)));
        Button remove = quiet(
                Say.it("measure-pane.remove-row"),
                () -> model.chosenProperty().get().ifPresent(model::remove));
        Button table = quiet(Say.it("measure-pane.table-csv"), this::table);
        tools = new FlowPane(2, 2, insert, remove, table);
        getChildren().setAll(by, hint, to, head, scroll, template, tools, check);
        model.linesProperty().addListener((o, was, now) -> lay());
        lay();
        refresh();
    }

    private Button quiet(String word, Runnable action) {
        Button b = new Button(word);
        b.getStyleClass().setAll("quiet-action");
        b.setMinWidth(USE_PREF_SIZE);
        b.setOnAction(e -> action.run());
        return b;
    }

    private void table() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Say.it("measure-pane.table-straights-bends-or"));
        chooser.getExtensionFilters().setAll(new FileChooser.ExtensionFilter(Say.it("measure-pane.table"), "*.csv"));
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            model.takeTable(file.toPath());
        }
    }

    /** One row: its number, three cells, and what is wrong with it. */
    private final class RowNode extends VBox {
        private final Label number = Text.of("", "row-number");
        private final List<TextField> fields = new ArrayList<>();
        private final Label said = Text.of("", "entry-refusal");
        private final MeasureModel.Line line;
        private int at;

        RowNode(MeasureModel.Line line) {
            this.line = line;
            HBox cells = new HBox(4, number);
            cells.setAlignment(Pos.CENTER_LEFT);
            for (int i = 0; i < 3; i++) {
                cells.getChildren().add(field(line.cell(i)));
            }
            said.managedProperty().bind(said.textProperty().isNotEmpty());
            getChildren().setAll(cells, said);
            getStyleClass().add("measure-row");
        }

        private TextField field(FieldState<Double> state) {
            TextField f = new TextField();
            f.getStyleClass().addAll("entry-field", "row-cell");
            f.textProperty().bindBidirectional(state.textProperty());
            state.refusalProperty().addListener((o, was, now) -> {
                f.pseudoClassStateChanged(REFUSED, !now.isEmpty());
                say();
            });
            f.focusedProperty().addListener((o, was, now) -> {
                if (now) {
                    model.chosenProperty().set(Optional.of(at));
                    mark();
                    chosen.run();
                }
            });
            f.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
            fields.add(f);
            return f;
        }

        private void key(KeyEvent e) {
            if (e.getCode() == KeyCode.ENTER && !e.isShortcutDown()) {
                Focus.next((TextField) e.getSource());
                e.consume();
            } else if (e.isShortcutDown() && e.getCode() == KeyCode.I) {
                model.insert(at);
                e.consume();
            } else if (e.isShortcutDown() && e.getCode() == KeyCode.DELETE) {
                model.remove(at);
                e.consume();
            }
        }

        void at(int i, int count) {
            at = i;
            number.setText(Integer.toString(i + 1));
            for (int c = 0; c < 3; c++) {
                fields.get(c).setId("cell-" + i + "-" + c);
                fields.get(c)
                        .setAccessibleText(
                                Say.it("measure-pane.row", "column", model.by().column(c), "value", i + 1));
                // Of the last leg or straight only its length counts, of the first row no turn.
                boolean idle = model.by() != By.POINTS && (c == 1 && i == 0);
                fields.get(c)
                        .setPromptText(idle ? "–" : i == count - 1 ? model.by().column(c) : "0");
            }
        }

        /** A refused cell is told first, then what keeps the way from being a tube. */
        void say() {
            String refused = "";
            for (int i = 0; i < 3 && refused.isEmpty(); i++) {
                refused = line.cell(i).refusalProperty().get();
            }
            said.setText(
                    refused.isEmpty()
                            ? model.trouble()
                                    .filter(t -> t.row() == at)
                                    .map(MeasureModel.Said::sentence)
                                    .orElse("")
                            : refused);
        }

        void mark() {
            nodes.values().forEach(n -> n.pseudoClassStateChanged(CHOSEN, n == this));
        }
    }

    /** Rows come and go; those that stay keep their fields, so that typing is not disturbed. */
    private void lay() {
        List<MeasureModel.Line> lines = model.linesProperty().get();
        nodes.keySet().retainAll(lines);
        List<Node> all = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            RowNode n = nodes.computeIfAbsent(lines.get(i), RowNode::new);
            n.at(i, lines.size());
            all.add(n);
        }
        if (!rows.getChildren().equals(all)) {
            rows.getChildren().setAll(all);
        }
    }

    void refresh() {
        By now = model.by();
        by.show(Optional.of(now));
        to.show(Optional.of(model.to()));
        visible(to, now == By.LEGS);
        visible(template, now == By.TEMPLATE);
        for (Node n : List.of(head, scroll)) {
            visible(n, now != By.TEMPLATE);
        }
        for (int i = 0; i < 3; i++) {
            heads[i].setText(now.column(i));
        }
        hint.setText(
                switch (now) {
                    case POINTS -> Say.it("measure-pane.corners-centre-line-from");
                    case LEGS -> Say.it("measure-pane.corner-corner-turn-plane");
                    case ROWS -> Say.it("measure-pane.straight-before-each-bend");
                    case TEMPLATE -> Say.it("measure-pane.a-soft-wire-or");
                });
        nodes.values().forEach(RowNode::say);
    }

    private static void visible(Node n, boolean is) {
        n.setVisible(is);
        n.setManaged(is);
    }

    /** Gives the focus to the first cell, or the template's field. */
    void takeFocus() {
        if (model.by() == By.TEMPLATE) {
            template.field().requestFocus();
        } else if (!rows.getChildren().isEmpty()) {
            ((RowNode) rows.getChildren().get(0)).fields.get(0).requestFocus();
        }
    }
}
