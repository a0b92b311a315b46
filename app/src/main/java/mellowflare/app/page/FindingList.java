package mellowflare.app.page;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.There;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.State;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.UnitSystem;

/**
 * The checks of a line: those that failed, worst first, each with its mark, sentence, remedy and reason; then what is still needed, by where it is told. Passed ones are counted and can be
 * shown. A press on a check or on a need leads to where it is answered; from the keyboard the list is one stop, with arrows from row to row.
 */
public final class FindingList extends VBox {
    private final Map<Key, Row> rows = new HashMap<>();
    private final Map<Subject, Label> places = new EnumMap<>(Subject.class);
    private final Button toggle = new Button();
    private final Label neededHeading = Text.of(Say.it("finding-list.still-needed"), "small-heading");
    private final Leads leads;
    private boolean all;
    private List<Finding> findings = List.of();
    private UnitSystem units = UnitSystem.METRIC;

    public FindingList(Leads leads) {
        super(7);
        this.leads = leads;
        setId("findings");
        neededHeading.setId("still-needed");
        toggle.getStyleClass().setAll("quiet-action");
        toggle.setOnAction(e -> {
            all = !all;
            list();
        });
    }

    /** What stays of a row when only its figures change. */
    private record Key(Object what, State state, int again) {}

    /** One check or need; its texts follow its figures, so that a key press makes no nodes anew. */
    private static final class Row extends HBox {
        private final List<Label> texts;

        Row(Mark mark, List<Label> texts, Runnable press) {
            super(9);
            this.texts = texts;
            VBox all = new VBox(1);
            all.getChildren().setAll(texts);
            getChildren().setAll(mark.node(), all);
            getStyleClass().add("finding");
            setAccessibleRole(AccessibleRole.BUTTON);
            setOnMouseClicked(e -> press.run());
            setOnKeyPressed(e -> {
                switch (e.getCode()) {
                    case ENTER, SPACE -> press.run();
                    case DOWN -> step(1);
                    case UP -> step(-1);
                    default -> {
                        return;
                    }
                }
                e.consume();
            });
        }

        /** The focus goes to the next check above or below. */
        private void step(int by) {
            List<Row> rows = ((FindingList) getParent()).rowsShown();
            int at = rows.indexOf(this) + by;
            if (at >= 0 && at < rows.size()) {
                rows.get(at).requestFocus();
            }
        }

        void say(List<String> words) {
            for (int i = 0; i < texts.size(); i++) {
                texts.get(i).setText(words.get(i));
            }
            setAccessibleText(words.get(0));
        }
    }

    public void show(List<Finding> now, UnitSystem system) {
        if (!now.equals(findings) || system != units || getChildren().isEmpty()) {
            findings = now;
            units = system;
            list();
        }
    }

    private void list() {
        Map<Key, Row> kept = new HashMap<>();
        List<Node> shown = new ArrayList<>();
        findings.stream()
                .filter(f -> f.state() == State.FAIL)
                .distinct()
                .forEach(f -> shown.add(row(
                        kept,
                        f,
                        List.of("finding-says", "finding-remedy", "soft"),
                        List.of(f.says(units), f.remedy(units), f.because(units)))));
        needed(kept, shown);
        List<Finding> passed =
                findings.stream().filter(f -> f.state() == State.PASS).toList();
        // A press that would show nothing is none.
        There.show(!passed.isEmpty(), toggle);
        toggle.setText(Say.it("finding-list.checks-passed", "size", passed.size(), "shown", all ? "yes" : "no"));
        shown.add(toggle);
        if (all) {
            passed.stream()
                    .distinct()
                    .forEach(f -> shown.add(row(kept, f, List.of("finding-brief"), List.of(f.says(units)))));
        }
        rows.clear();
        rows.putAll(kept);
        if (!getChildren().equals(shown)) {
            getChildren().setAll(shown);
        }
        List<Row> now = rowsShown();
        now.forEach(r -> r.setFocusTraversable(r == now.get(0)));
    }

    private List<Row> rowsShown() {
        return getChildren().stream()
                .filter(Row.class::isInstance)
                .map(Row.class::cast)
                .toList();
    }

    private void needed(Map<Key, Row> kept, List<Node> shown) {
        StillNeeded needed = StillNeeded.of(findings);
        if (needed.places().isEmpty()) {
            return;
        }
        shown.add(neededHeading);
        for (StillNeeded.At at : needed.places()) {
            shown.add(places.computeIfAbsent(at.part(), part -> Text.of(part.word(), "soft")));
            for (StillNeeded.Asked asked : at.needs()) {
                Need need = asked.need();
                shown.add(row(
                        kept,
                        new Key(need, State.NOT_CHECKED, 0),
                        Mark.OPEN,
                        List.of("finding-brief"),
                        List.of(need.asks()),
                        () -> leads.to(need)));
            }
        }
    }

    private Node row(Map<Key, Row> kept, Finding f, List<String> styles, List<String> words) {
        record Of(String rule, Object about) {}
        int again = 0;
        Key key = new Key(new Of(f.rule().id(), f.about()), f.state(), again);
        while (kept.containsKey(key)) {
            key = new Key(key.what(), f.state(), ++again);
        }
        return row(kept, key, Mark.of(f), styles, words, () -> leads.to(f.about()));
    }

    /** The row that said the same before, with its words as they are now; or a new one. */
    private Row row(Map<Key, Row> kept, Key key, Mark mark, List<String> styles, List<String> words, Runnable press) {
        Row row = rows.get(key);
        if (row == null) {
            row = new Row(mark, styles.stream().map(s -> Text.of("", s)).toList(), press);
        }
        row.say(words);
        kept.put(key, row);
        return row;
    }
}
