package mellowflare.app.page;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;

/** The leaves of a page as words along its top, the open one underlined in ink. The keys Control 1 to 9 turn to them. */
public final class LeafRow extends HBox {
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private final List<Button> buttons = new ArrayList<>();
    private final IntConsumer turn;
    private int open;

    /**
     * @param names stable names of the leaves, for looking them up
     * @param words as shown, in the order of work
     * @param turn called with the place of the leaf to turn to, counted from 0
     */
    public LeafRow(List<String> names, List<String> words, IntConsumer turn) {
        super(4);
        this.turn = turn;
        setId("line-leaves");
        getStyleClass().add("leaves");
        setPickOnBounds(false);
        for (int i = 0; i < words.size(); i++) {
            int at = i;
            Button b = new Button(words.get(i));
            b.getStyleClass().setAll("leaf");
            b.setId("leaf-" + names.get(i));
            b.setMinWidth(USE_PREF_SIZE);
            b.setAccessibleText(Say.it("leaf-row.tab-control", "words", words.get(i), "number", i + 1));
            b.setOnAction(e -> turn.accept(at));
            buttons.add(b);
            getChildren().add(b);
        }
    }

    /** Gives the focus to the open leaf's word. */
    public void takeFocus() {
        buttons.get(open).requestFocus();
    }

    public void show(int now) {
        open = now;
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).pseudoClassStateChanged(OPEN, i == open);
        }
    }

    /** Turns to the leaf of a key pressed with Control. */
    public void key(KeyEvent e) {
        int at = e.isShortcutDown() && !e.getText().isEmpty() ? e.getText().charAt(0) - '1' : -1;
        if (at >= 0 && at < buttons.size()) {
            turn.accept(at);
            e.consume();
        }
    }
}
