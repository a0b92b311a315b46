package mellowflare.app.mend;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.mend.Mend;

/** Ways to mend the open line over its page: as it is with what stops it, then each way with its picture, cost and the warnings that remain. */
public final class MendView {
    private static final double STRIP_HIGH = 84;
    private static final double STRIP_WIDE = 380;

    private final MendModel model;
    private final Look look;
    private final Runnable leave;
    private final VBox list = new VBox(14);
    private final Label state = Text.of("", "soft");
    private final Button cancel;
    /** Rows stay while the search goes on, so that a press does not meet another one. */
    private final Map<Mend, Node> ways = new IdentityHashMap<>();

    private Evaluation shown;
    private Node asItIs;
    private final ScrollPane page;

    /**
     * @param look day or night
     * @param leave goes back to where the line is worked on
     */
    public MendView(MendModel model, Look look, Runnable leave) {
        this.model = model;
        this.look = look;
        this.leave = leave;
        cancel = Press.quiet(Say.it("mend-view.cancel"), model::cancel);
        cancel.setId("mend-cancel");
        Button back = Press.quiet(Say.it("mend-view.back"), this::back);
        back.setId("mend-back");
        HBox bar = new HBox(12, state, cancel, Text.spring(), back);
        bar.setAlignment(Pos.CENTER_LEFT);
        state.setId("mend-state");
        VBox content = new VBox(14, Text.of(Say.it("mend-view.heading"), "start-heading"), bar, list);
        content.getStyleClass().add("book-page");
        content.setAlignment(Pos.TOP_LEFT);
        page = Text.page(content);
        page.setId("mend-page");
        page.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                back();
                e.consume();
            }
        });
        model.waysProperty().addListener((o, was, now) -> refresh());
        model.searchingProperty().addListener((o, was, now) -> refresh());
    }

    public Node node() {
        return page;
    }

    /** Begins the search and takes the focus. */
    public void opened() {
        model.search();
        refresh();
        cancel.requestFocus();
    }

    private void back() {
        model.cancel();
        leave.run();
    }

    private void refresh() {
        MendModel.Searching s = model.searchingProperty().get();
        boolean none = model.ways().isEmpty();
        state.setText(
                Say.it("mend-view.state", "searching", s, "found", !model.ails() ? "sound" : none ? "none" : "some"));
        cancel.setVisible(s == MendModel.Searching.RUNS);
        if (shown != model.before()) {
            shown = model.before();
            ways.clear();
            asItIs = row(Say.it("mend-view.as-it-is"), shown, stops(shown), List.of());
        }
        List<Node> rows = new ArrayList<>(List.of(asItIs));
        model.ways().forEach(m -> rows.add(ways.computeIfAbsent(m, this::way)));
        if (!list.getChildren().equals(rows)) {
            list.getChildren().setAll(rows);
        }
    }

    private Node way(Mend m) {
        Button take = new Button(Say.it("mend-view.take"));
        take.getStyleClass().add("main-action");
        take.setMinWidth(Region.USE_PREF_SIZE);
        take.setAccessibleText(Say.it("mend-view.take-this", "changes", String.join("; ", m.changes())));
        take.setOnAction(e -> {
            if (model.take(m)) {
                leave.run();
            }
        });
        return row(String.join("; ", m.changes()), m.after(), left(m), List.of(take));
    }

    private Node row(String title, Evaluation line, List<String> says, List<Button> presses) {
        DrawingPane strip = new DrawingPane(new Insets(4, 20, 4, 20), 10);
        strip.inkProperty().bind(look.ink());
        strip.textScaleProperty().bind(look.scale());
        strip.drawingProperty().set(line.plan().strip());
        strip.setMinSize(STRIP_WIDE, STRIP_HIGH);
        strip.setPrefSize(STRIP_WIDE, STRIP_HIGH);
        strip.setMaxHeight(STRIP_HIGH);
        strip.setMouseTransparent(true);
        VBox words = new VBox(2, Text.of(title, "finding-says"));
        says.forEach(t -> words.getChildren().add(Text.of(t, "finding-remedy")));
        words.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(14, strip, words);
        row.getChildren().addAll(presses);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private List<String> stops(Evaluation e) {
        return e.plan().findings().stream()
                .filter(Finding::stops)
                .map(f -> f.says(model.units()))
                .toList();
    }

    /** Cost, what is not on the shelf, and each warning that remains. */
    private List<String> left(Mend m) {
        List<String> all = new ArrayList<>();
        all.add(Say.it("mend-view.costs", "costs", model.costs(m), "lacks", m.lacks()));
        m.left().stream()
                .filter(f -> f.state() == State.FAIL)
                .forEach(f -> all.add(Say.it("mend-view.warning", "says", f.says(model.units()))));
        return all;
    }
}
