package mellowflare.app.page;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.advice.Tally;
import mellowflare.core.measure.UnitSystem;

/** How the checks of the open line stand, for the band: counts by weight, and the worst in its sentence. A press leads to where it is answered. */
public final class Checks extends VBox {
    private final Leads leads;
    private final Button stops = count(Mark.STOP, "stops");
    private final Button warnings = count(Mark.WARN, "warnings");
    private final Button notes = count(Mark.NOTE, "notes");
    private final Button needed = count(Mark.OPEN, "needed");
    private final Button worst = new Button();
    private List<Finding> findings = List.of();
    private StillNeeded still = StillNeeded.of(List.of());

    public Checks(Leads leads) {
        super(1);
        this.leads = leads;
        setId("checks");
        FlowPane counts = new FlowPane(8, 0, stops, warnings, notes, needed);
        worst.setId("worst");
        worst.getStyleClass().setAll("worst-check");
        worst.setWrapText(true);
        worst.setMaxWidth(Double.MAX_VALUE);
        worst.setAlignment(Pos.TOP_LEFT);
        stops.setOnAction(e -> first(Severity.STOP));
        warnings.setOnAction(e -> first(Severity.WARN));
        notes.setOnAction(e -> first(Severity.NOTE));
        needed.setOnAction(e -> need());
        worst.setOnAction(e -> Tally.worst(findings).ifPresentOrElse(f -> leads.to(f.about()), this::need));
        getChildren().setAll(counts, worst);
    }

    private static Button count(Mark mark, String id) {
        Button b = new Button();
        b.setId("count-" + id);
        b.getStyleClass().setAll("check-count");
        b.setGraphic(mark.node());
        return b;
    }

    private void first(Severity severity) {
        findings.stream()
                .filter(f -> f.state() == State.FAIL && f.severity() == severity)
                .findFirst()
                .ifPresent(f -> leads.to(f.about()));
    }

    private void need() {
        still.needs().stream().findFirst().ifPresent(a -> leads.to(a.need()));
    }

    public void show(List<Finding> now, UnitSystem units) {
        findings = now;
        still = StillNeeded.of(now);
        Tally t = Tally.of(now);
        say(stops, t.stops(), Say.it("checks.stops", "stops", t.stops()));
        say(warnings, t.warnings(), Say.it("checks.warnings", "warnings", t.warnings()));
        say(notes, t.notes(), Say.it("checks.notes", "notes", t.notes()));
        say(needed, still.count(), Say.it("checks.still-needed", "count", still.count()));
        Optional<Finding> bad = Tally.worst(now);
        worst.setText(bad.map(f -> f.says(units))
                .orElseGet(() -> still.needs().stream()
                        .findFirst()
                        .map(a -> a.need().asks() + " " + Say.it("checks.checks-wait", "waiting", t.waiting()))
                        .orElse(Say.it("checks.every-check-passed"))));
        worst.setAccessibleText(worst.getText());
    }

    private static void say(Button count, int n, String words) {
        count.setText(words);
        count.setAccessibleText(words);
        count.setDisable(n == 0);
    }
}
