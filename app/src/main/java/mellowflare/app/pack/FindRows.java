package mellowflare.app.pack;

import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.Packed;

/** What may be found, the likeliest first: how likely, whether the bag finishes it, and what was seen of it. */
final class FindRows extends GridPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final PackModel model;

    FindRows(PackModel model) {
        this.model = model;
        setId("pack-finds");
        setHgap(14);
        setVgap(3);
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        name.setMinWidth(0);
        ColumnConstraints right = new ColumnConstraints();
        right.setHalignment(HPos.RIGHT);
        getColumnConstraints().setAll(name, right, new ColumnConstraints(), new ColumnConstraints());
    }

    void refresh() {
        Packed packed = model.packed();
        Set<String> covers = packed.bag().map(b -> Set.copyOf(b.covers())).orElse(Set.of());
        getChildren().clear();
        int row = 0;
        if (!packed.finds().isEmpty()) {
            addRow(
                    row++,
                    Text.of(Say.it("find-rows.may-be"), "small-heading"),
                    heading(Say.it("find-rows.likely")),
                    heading(Say.it("find-rows.bag")),
                    heading(Say.it("find-rows.known")));
        }
        for (Find f : packed.likeliest()) {
            boolean covered = covers.contains(f.id());
            Label name = Text.of(f.name(), "sum-says");
            Label finished = Text.of(
                    f.weight() == 0
                            ? Say.it("find-rows.not-here")
                            : covered ? Say.it("find-rows.finishes") : Say.it("find-rows.second-trip"),
                    covered ? "sum-says" : "finding-brief");
            finished.setMinWidth(Region.USE_PREF_SIZE);
            addRow(row++, name, Text.figure(model.share(packed.share(f))), finished, known(f));
        }
    }

    private static Label heading(String word) {
        Label l = Text.of(word, "small-heading");
        l.setMinWidth(Region.USE_PREF_SIZE);
        return l;
    }

    private Node known(Find f) {
        HBox box = new HBox(
                4,
                sight(f, BagAsk.Sight.LIKELIER, Say.it("find-rows.likelier")),
                sight(f, BagAsk.Sight.RULED_OUT, Say.it("find-rows.ruled-out")));
        model.own(f).ifPresent(own -> {
            Button out = Press.quiet(Say.it("find-rows.take-out"), () -> model.remove(own));
            out.setMinWidth(Region.USE_PREF_SIZE);
            out.setAccessibleText(Say.it("find-rows.take-out-of", "find", f.name()));
            box.getChildren().add(out);
        });
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private Button sight(Find f, BagAsk.Sight sight, String word) {
        Button b = new Button(word);
        b.getStyleClass().setAll("choice");
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.setAccessibleText(Say.it("find-rows.of-find", "word", word, "find", f.name()));
        b.pseudoClassStateChanged(CHOSEN, model.sight(f).filter(sight::equals).isPresent());
        b.setOnAction(e -> model.sight(f, sight));
        return b;
    }
}
