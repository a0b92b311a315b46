package mellowflare.app.line;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;

/** The leaves of Line as words along the top of the page, the open one underlined in ink. The keys Control 1 to 5 turn to them. */
final class LeafRow extends HBox {
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private final Map<Leaf, Button> words = new EnumMap<>(Leaf.class);

    LeafRow(Consumer<Leaf> turn) {
        super(4);
        setId("line-leaves");
        getStyleClass().add("leaves");
        setPickOnBounds(false);
        for (Leaf leaf : Leaf.values()) {
            Button b = new Button(leaf.word());
            b.getStyleClass().setAll("leaf");
            b.setId("leaf-" + leaf);
            b.setMinWidth(USE_PREF_SIZE);
            b.setAccessibleText("Leaf: " + leaf.word() + ", Control " + (leaf.ordinal() + 1));
            b.setOnAction(e -> turn.accept(leaf));
            words.put(leaf, b);
            getChildren().add(b);
        }
    }

    void show(Leaf open) {
        words.forEach((leaf, b) -> b.pseudoClassStateChanged(OPEN, leaf == open));
    }
}
