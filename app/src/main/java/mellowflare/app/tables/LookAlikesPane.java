package mellowflare.app.tables;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.lookalike.LookAlikeKind;
import mellowflare.core.lookalike.LookAlikePair;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;

/** All pairs that can be taken for each other, by what comes of it; a press holds the two beside each other. */
final class LookAlikesPane extends VBox {
    private final TablesModel model;
    private final Label count = Text.of("", "soft");
    private final ListView<Line> list = new ListView<>();

    /** A heading or a pair. */
    private sealed interface Line {
        record Heading(LookAlikeKind kind, int pairs) implements Line {}

        /** Pairs of the same two families and gender. */
        record Families(EndCode one, EndCode other, Gender gender, List<LookAlikePair> pairs) implements Line {
            double share() {
                return pairs.stream()
                        .mapToDouble(p ->
                                Math.min(p.one().share(), p.lookAlike().other().share()))
                        .sum();
            }
        }
    }

    LookAlikesPane(TablesModel model) {
        this.model = model;
        list.setId("look-alikes");
        list.setAccessibleText(Say.it("look-alikes-pane.pairs-ends-that-can"));
        list.getStyleClass().add("look-alikes");
        list.setCellFactory(v -> new Cell());
        VBox.setVgrow(list, Priority.ALWAYS);
        getStyleClass().add("page-pad");
        setSpacing(6);
        getChildren().setAll(count, list);
    }

    void refresh() {
        List<LookAlikePair> pairs = model.lookAlikes();
        count.setText(Say.it("look-alikes-pane.pairs-ends-that-can-2", "size", pairs.size()));
        List<Line> lines = new ArrayList<>();
        for (LookAlikeKind kind : LookAlikeKind.values()) {
            List<LookAlikePair> of =
                    pairs.stream().filter(p -> p.lookAlike().kind() == kind).toList();
            if (!of.isEmpty()) {
                lines.add(new Line.Heading(kind, of.size()));
                lines.addAll(byFamilies(of));
            }
        }
        if (!lines.equals(list.getItems())) {
            list.getItems().setAll(lines);
        }
    }

    /** Gathered by family and gender, the commonest first. */
    private static List<Line.Families> byFamilies(List<LookAlikePair> pairs) {
        Map<List<Object>, List<LookAlikePair>> gathered = new LinkedHashMap<>();
        for (LookAlikePair p : pairs) {
            gathered.computeIfAbsent(
                            List.of(
                                    p.one().id().code(),
                                    p.lookAlike().other().id().code(),
                                    p.one().gender()),
                            k -> new ArrayList<>())
                    .add(p);
        }
        return gathered.values().stream()
                .map(of -> new Line.Families(
                        of.get(0).one().id().code(),
                        of.get(0).lookAlike().other().id().code(),
                        of.get(0).one().gender(),
                        of))
                .sorted(Comparator.comparingDouble(Line.Families::share).reversed())
                .toList();
    }

    private final class Cell extends ListCell<Line> {
        @Override
        protected void updateItem(Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            setGraphic(null);
            if (empty || line == null) {
                return;
            }
            if (line instanceof Line.Heading h) {
                Label words = Text.of(h.kind().ifForced() + " " + h.kind().tellBy(), "soft");
                Label title = Text.of(capital(h.kind().alike()) + " (" + h.pairs() + ")", "small-heading");
                VBox box = new VBox(2, title, words);
                box.setMaxWidth(list.getWidth() - 40);
                box.setPrefWidth(list.getWidth() - 40);
                setGraphic(box);
            } else if (line instanceof Line.Families f) {
                Label families = new Label(Say.it(
                        "look-alikes-pane.pair",
                        "one",
                        f.one(),
                        "other",
                        f.other(),
                        "gender",
                        f.gender().word()));
                families.setMinWidth(210);
                families.setPrefWidth(210);
                FlowPane sizes = new FlowPane(2, 0);
                f.pairs().forEach(p -> sizes.getChildren().add(press(p)));
                sizes.setPrefWrapLength(Math.max(200, list.getWidth() - 270));
                HBox row = new HBox(6, families, sizes);
                row.setAlignment(Pos.TOP_LEFT);
                setGraphic(row);
            }
        }
    }

    private Button press(LookAlikePair p) {
        String one = p.one().id().size();
        String other = p.lookAlike().other().id().size();
        Button press = new Button(one.equals(other) ? one : one + " : " + other);
        press.getStyleClass().setAll("pair");
        press.setAccessibleText(named(p));
        press.setTooltip(new Tooltip(named(p)));
        press.setOnAction(e -> model.beside(p.one(), p.lookAlike().other()));
        return press;
    }

    private String named(LookAlikePair p) {
        Length gap = p.lookAlike().crestGap();
        String apart = gap.mm() < 0.005
                ? Say.it("look-alikes-pane.bands-overlap")
                : Say.it("look-alikes-pane.apart", "gap", LengthFormat.figure(gap, model.units()));
        return Say.it(
                "look-alikes-pane.pair-apart",
                "one",
                p.one().brief(),
                "other",
                p.lookAlike().other().brief(),
                "gender",
                p.one().gender().word(),
                "apart",
                apart);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
