package mellowflare.app.line;

import java.util.List;
import javafx.scene.Node;
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
final class FindingList extends VBox {
    private boolean all;
    private List<Finding> findings = List.of();
    private UnitSystem units = UnitSystem.METRIC;

    FindingList() {
        super(7);
        setId("findings");
    }

    void show(List<Finding> now, UnitSystem system) {
        if (!now.equals(findings) || system != units || getChildren().isEmpty()) {
            findings = now;
            units = system;
            list();
        }
    }

    private void list() {
        getChildren().clear();
        findings.stream()
                .filter(f -> f.state() == State.FAIL)
                .forEach(f -> getChildren().add(full(f)));
        List<Finding> open =
                findings.stream().filter(f -> f.state() == State.NOT_CHECKED).toList();
        if (!open.isEmpty()) {
            getChildren().add(Text.of("Not checked yet", "small-heading"));
            open.forEach(f -> getChildren().add(brief(f, f.about().word() + ": needs " + f.needs())));
        }
        List<Finding> passed =
                findings.stream().filter(f -> f.state() == State.PASS).toList();
        javafx.scene.control.Button toggle =
                new javafx.scene.control.Button(passed.size() + " checks passed" + (all ? "" : ": show"));
        toggle.getStyleClass().setAll("quiet-action");
        toggle.setOnAction(e -> {
            all = !all;
            list();
        });
        getChildren().add(toggle);
        if (all) {
            passed.forEach(f -> getChildren().add(brief(f, f.says(units))));
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
