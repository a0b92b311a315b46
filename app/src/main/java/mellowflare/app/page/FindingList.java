package mellowflare.app.page;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.UnitSystem;

/** Findings, worst first, each with its mark, sentence, reason and remedy. Passed ones are counted and can be shown. */
public final class FindingList extends VBox {
    private final Map<Key, Row> rows = new HashMap<>();
    private final Button toggle = new Button();
    private final Label openHeading = Text.of("Not checked yet", "small-heading");
    private boolean all;
    private List<Finding> findings = List.of();
    private UnitSystem units = UnitSystem.METRIC;

    public FindingList() {
        super(7);
        setId("findings");
        toggle.getStyleClass().setAll("quiet-action");
        toggle.setOnAction(e -> {
            all = !all;
            list();
        });
    }

    /** What stays of a finding when only its figures change. */
    private record Key(String rule, Subject about, State state, List<String> missing, int again) {}

    /** One finding; its texts follow its figures, so that a key press makes no nodes anew. */
    private static final class Row extends HBox {
        private final List<Label> texts;

        Row(Finding f, List<Label> texts) {
            super(9);
            this.texts = texts;
            VBox all = new VBox(1);
            all.getChildren().setAll(texts);
            getChildren().setAll(mark(f), all);
            getStyleClass().add("finding");
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
        List<Finding> open =
                findings.stream().filter(f -> f.state() == State.NOT_CHECKED).toList();
        if (!open.isEmpty()) {
            shown.add(openHeading);
            // What several rules wait for is asked for once.
            Set<String> asked = new HashSet<>();
            for (Finding f : open) {
                String words = f.about().word() + ": needs " + f.needs();
                if (asked.add(words)) {
                    shown.add(brief(kept, f, words));
                }
            }
        }
        List<Finding> passed =
                findings.stream().filter(f -> f.state() == State.PASS).toList();
        toggle.setText(passed.size() + " checks passed" + (all ? "" : ": show"));
        shown.add(toggle);
        if (all) {
            passed.stream().distinct().forEach(f -> shown.add(brief(kept, f, f.says(units))));
        }
        rows.clear();
        rows.putAll(kept);
        if (!getChildren().equals(shown)) {
            getChildren().setAll(shown);
        }
    }

    private Node brief(Map<Key, Row> kept, Finding f, String text) {
        return row(kept, f, List.of("finding-brief"), List.of(text));
    }

    /** The row that said the same before, with its words as they are now; or a new one. */
    private Row row(Map<Key, Row> kept, Finding f, List<String> styles, List<String> words) {
        int again = 0;
        Key key = new Key(f.rule().id(), f.about(), f.state(), f.missing(), again);
        while (kept.containsKey(key)) {
            key = new Key(f.rule().id(), f.about(), f.state(), f.missing(), ++again);
        }
        Row row = rows.get(key);
        if (row == null) {
            row = new Row(f, styles.stream().map(s -> Text.of("", s)).toList());
        }
        row.say(words);
        kept.put(key, row);
        return row;
    }

    /** Octagon stops, diamond warns, square notes, tick passed, hollow circle was not checked. */
    private static Node mark(Finding f) {
        SVGPath path = new SVGPath();
        String style = switch (f.state()) {
            case PASS -> "pass";
            case NOT_CHECKED -> "open";
            case FAIL -> f.severity().name().toLowerCase(java.util.Locale.ROOT);
        };
        path.setContent(
                switch (style) {
                    case "stop" -> "M5 1 H11 L15 5 V11 L11 15 H5 L1 11 V5 Z M8 4 V9 M8 11.4 V12";
                    case "warn" -> "M8 0.5 L15.5 8 L8 15.5 L0.5 8 Z M8 4.5 V9 M8 11 V11.4";
                    case "note" -> "M2 2 H14 V14 H2 Z M8 7.5 V11.4 M8 4.8 V5";
                    case "pass" -> "M1.5 8.5 L6 13 L14.5 3";
                    default -> "M8 2 a6 6 0 1 0 0.1 0 Z";
                });
        path.getStyleClass().addAll("mark", "mark-" + style);
        StackPane box = new StackPane(path);
        box.setMinSize(18, 18);
        box.setMaxSize(18, 18);
        return box;
    }
}
