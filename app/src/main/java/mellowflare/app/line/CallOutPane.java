package mellowflare.app.line;

import java.util.List;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.run.walk.Called;

/**
 * A walk as it is called out: a line to type in, and under it the pieces in their order.
 *
 * @param <P> pieces of this kind of line
 */
public final class CallOutPane<P extends Called> extends VBox {
    private final CallOutModel<P> model;
    private final ListView<P> list = new ListView<>();
    private final EntryRow entry;
    private boolean showing;

    /**
     * @param id of the panel; its line of text is called so with “-line” behind, its list with “-list”
     * @param words to press, each of which begins a call
     * @param asks what is said of the line of text, and what while nothing is called out
     * @param redraw called when another piece is chosen
     */
    public CallOutPane(CallOutModel<P> model, String id, List<String> words, Asks asks, Runnable redraw) {
        super(6);
        this.model = model;
        getStyleClass().addAll("measure", "narrow", "tight");
        setId(id);
        entry = new EntryRow(Say.it("call-out-pane.next"), asks.example(), model.draft());
        entry.field().setId(id + "-line");
        entry.setTooltipText(asks.next());
        entry.field().addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        FlowPane presses = new FlowPane(2, 2);
        words.forEach(w -> presses.getChildren().add(Press.quiet(w, () -> begin(w))));
        list.setId(id + "-list");
        list.setAccessibleText(Say.it("call-out-pane.the-pieces-walk-their"));
        list.getStyleClass().add("walk-list");
        list.setCellFactory(v -> WordCell.wrapping(model::words));
        list.setPlaceholder(Text.of(asks.begin(), "soft"));
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
                Press.quiet(Say.it("call-out-pane.call-out-anew"), this::change),
                Press.quiet(Say.it("call-out-pane.earlier"), () -> model.move(-1)),
                Press.quiet(Say.it("call-out-pane.later"), () -> model.move(1)),
                Press.quiet(Say.it("call-out-pane.take-out"), model::remove));
        getChildren().setAll(presses, entry, list, tools);
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

    /** Shows the pieces of the open line. */
    public void refresh() {
        showing = true;
        entry.setWord(model.changing() ? Say.it("call-out-pane.anew") : Say.it("call-out-pane.next"));
        change(list.getItems(), model.pieces());
        int at = model.chosenProperty().get();
        if (at < 0) {
            list.getSelectionModel().clearSelection();
        } else if (list.getSelectionModel().getSelectedIndex() != at) {
            list.getSelectionModel().clearAndSelect(at);
            if (!inView(at)) {
                list.scrollTo(Math.max(0, at - 3));
            }
        }
        showing = false;
    }

    /** What is seen whole stays where it is. */
    private boolean inView(int at) {
        return list.lookup(".virtual-flow") instanceof VirtualFlow<?> flow
                && flow.getFirstVisibleCell() != null
                && flow.getFirstVisibleCell().getIndex() < at
                && at < flow.getLastVisibleCell().getIndex();
    }

    /** Of a long walk only the rows that differ are shown anew. */
    private static <P> void change(List<P> shown, List<P> now) {
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

    /** Puts the cursor into the line of text. */
    public void takeFocus() {
        TextField f = entry.field();
        f.requestFocus();
        f.end();
    }

    /**
     * What is said of the line of text.
     *
     * @param example a call, as it stands in the empty line
     * @param next a sentence with examples
     * @param begin what to do while nothing is called out yet
     */
    public record Asks(String example, String next, String begin) {}
}
