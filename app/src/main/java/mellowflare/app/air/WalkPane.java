package mellowflare.app.air;

import java.util.List;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.air.layout.Piece;

/** The walk as it is called out: a line to type in, and under it the pieces in their order. */
final class WalkPane extends VBox {
    private static final List<String> WORDS = List.of(
            "up", "down", "left", "right", "ahead", "back", "drop", "drain", "hose", "valve", "tank", "close", "from",
            "cap");

    private final WalkModel model;
    private final ListView<Piece> list = new ListView<>();
    private final EntryRow entry;
    private boolean showing;

    /**
     * @param redraw called when another piece is chosen
     */
    WalkPane(WalkModel model, Runnable redraw) {
        super(6);
        this.model = model;
        getStyleClass().addAll("measure", "narrow", "tight");
        setId("walk");
        entry = new EntryRow(Say.it("walk-pane.next"), "up 2.6 m", model.draft());
        entry.field().setId("walk-line");
        entry.setTooltipText(Say.it("walk-pane.the-next-piece-as"));
        entry.field().addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        FlowPane words = new FlowPane(2, 2);
        WORDS.forEach(w -> words.getChildren().add(Press.quiet(w, () -> begin(w))));
        list.setId("walk-list");
        list.setAccessibleText(Say.it("walk-pane.the-pieces-walk-their"));
        list.getStyleClass().add("walk-list");
        list.setCellFactory(v -> WordCell.wrapping(model::words));
        list.setPlaceholder(Text.of(Say.it("walk-pane.stand-at-compressor-call"), "soft"));
        list.getSelectionModel().selectedIndexProperty().addListener((o, was, now) -> {
            if (!showing) {
                model.chosenProperty().set(now.intValue());
                redraw.run();
            }
        });
        list.addEventHandler(KeyEvent.KEY_PRESSED, this::listKey);
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                change();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        FlowPane tools = new FlowPane(
                2,
                2,
                Press.quiet(Say.it("walk-pane.call-out-anew"), this::change),
                Press.quiet(Say.it("walk-pane.earlier"), () -> model.move(-1)),
                Press.quiet(Say.it("walk-pane.later"), () -> model.move(1)),
                Press.quiet(Say.it("walk-pane.take-out"), model::remove));
        getChildren().setAll(words, entry, list, tools);
        model.chosenProperty().addListener((o, was, now) -> {
            if (!model.editing()) {
                refresh();
                redraw.run();
            }
        });
        refresh();
    }

    private void begin(String word) {
        model.begin(word);
        takeFocus();
    }

    private void change() {
        model.change();
        takeFocus();
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case ENTER -> {
                if (!e.isShortcutDown()) {
                    if (model.take()) {
                        takeFocus();
                    }
                    e.consume();
                }
            }
            case ESCAPE -> {
                model.stop();
                e.consume();
            }
            case UP, DOWN -> {
                if (entry.field().getText().isEmpty()) {
                    int to = model.chosenProperty().get() + (e.getCode() == KeyCode.UP ? -1 : 1);
                    model.chosenProperty()
                            .set(Math.max(-1, Math.min(to, model.pieces().size() - 1)));
                    e.consume();
                }
            }
            default -> {}
        }
    }

    private void listKey(KeyEvent e) {
        boolean used = true;
        if (e.getCode() == KeyCode.DELETE) {
            model.remove();
        } else if (e.getCode() == KeyCode.F2 || e.getCode() == KeyCode.ENTER && !e.isShortcutDown()) {
            change();
        } else if (e.isAltDown() && e.getCode() == KeyCode.UP) {
            model.move(-1);
        } else if (e.isAltDown() && e.getCode() == KeyCode.DOWN) {
            model.move(1);
        } else {
            used = false;
        }
        if (used) {
            e.consume();
        }
    }

    void refresh() {
        showing = true;
        entry.setWord(model.changing() ? Say.it("walk-pane.anew") : Say.it("walk-pane.next"));
        change(list.getItems(), model.pieces());
        int at = model.chosenProperty().get();
        if (at < 0) {
            list.getSelectionModel().clearSelection();
        } else if (list.getSelectionModel().getSelectedIndex() != at) {
            list.getSelectionModel().clearAndSelect(at);
            list.scrollTo(Math.max(0, at - 3));
        }
        showing = false;
    }

    /** Of a long walk only the rows that differ are shown anew. */
    private static void change(List<Piece> shown, List<Piece> now) {
        int least = Math.min(shown.size(), now.size());
        int head = 0;
        while (head < least && shown.get(head) == now.get(head)) {
            head++;
        }
        int tail = 0;
        while (tail < least - head && shown.get(shown.size() - 1 - tail) == now.get(now.size() - 1 - tail)) {
            tail++;
        }
        if (shown.size() == now.size()) {
            for (int i = head; i < now.size() - tail; i++) {
                shown.set(i, now.get(i));
            }
        } else {
            shown.subList(head, shown.size() - tail).clear();
            shown.addAll(head, now.subList(head, now.size() - tail));
        }
    }

    void takeFocus() {
        TextField f = entry.field();
        f.requestFocus();
        f.end();
    }
}
