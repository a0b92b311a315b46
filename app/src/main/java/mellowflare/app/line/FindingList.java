package mellowflare.app.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
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
import mellowflare.core.measure.UnitSystem;

/** Findings, worst first, each with its mark, sentence, reason and remedy. Passed ones are counted and can be shown. */
public final class FindingList extends VBox {
    private final Map<Finding, Node> rows = new HashMap<>();
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

    public void show(List<Finding> now, UnitSystem system) {
        if (!now.equals(findings) || system != units || getChildren().isEmpty()) {
            if (system != units) {
                rows.clear();
            }
            findings = now;
            units = system;
            list();
        }
    }

    /** Rows of findings that stay the same from key to key are not made anew. */
    private Node row(Finding f, Function<Finding, Node> made) {
        return rows.computeIfAbsent(f, made);
    }

    private void list() {
        rows.keySet().retainAll(findings);
        List<Node> shown = new ArrayList<>();
        findings.stream().filter(f -> f.state() == State.FAIL).distinct().forEach(f -> shown.add(row(f, this::full)));
        List<Finding> open =
                findings.stream().filter(f -> f.state() == State.NOT_CHECKED).toList();
        if (!open.isEmpty()) {
            shown.add(openHeading);
            open.stream()
                    .distinct()
                    .forEach(f -> shown.add(row(f, x -> brief(x, x.about().word() + ": needs " + x.needs()))));
        }
        List<Finding> passed =
                findings.stream().filter(f -> f.state() == State.PASS).toList();
        toggle.setText(passed.size() + " checks passed" + (all ? "" : ": show"));
        shown.add(toggle);
        if (all) {
            passed.stream().distinct().forEach(f -> shown.add(row(f, x -> brief(x, x.says(units)))));
        }
        if (!getChildren().equals(shown)) {
            getChildren().setAll(shown);
        }
    }

    private Node full(Finding f) {
        Label says = Text.of(f.says(units), "finding-says");
        Label because = Text.of(f.because(units), "soft");
        Label remedy = Text.of(f.remedy(units), "finding-remedy");
        VBox texts = new VBox(1, says, remedy, because);
        HBox row = new HBox(9, mark(f), texts);
        row.getStyleClass().addAll("finding", "finding-" + f.severity().name().toLowerCase(java.util.Locale.ROOT));
        row.setAccessibleText(f.severity() + ": " + f.says(units));
        return row;
    }

    private Node brief(Finding f, String text) {
        HBox row = new HBox(9, mark(f), Text.of(text, "finding-brief"));
        row.getStyleClass().add("finding");
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
