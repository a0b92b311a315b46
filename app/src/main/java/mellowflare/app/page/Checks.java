package mellowflare.app.page;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
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
        super(3);
        this.leads = leads;
        setId("checks");
        HBox counts = new HBox(12, stops, warnings, notes, needed);
        counts.setAlignment(Pos.CENTER_LEFT);
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
        say(stops, t.stops(), t.stops() == 1 ? "1 stop" : t.stops() + " stops");
        say(warnings, t.warnings(), t.warnings() == 1 ? "1 warning" : t.warnings() + " warnings");
        say(notes, t.notes(), t.notes() == 1 ? "1 note" : t.notes() + " notes");
        say(needed, still.count(), still.count() + " still needed");
        Optional<Finding> bad = Tally.worst(now);
        worst.setText(bad.map(f -> f.says(units))
                .orElseGet(() -> still.needs().stream()
                        .findFirst()
                        .map(a -> a.need().asks() + " "
                                + (t.waiting() == 1 ? "1 check waits." : t.waiting() + " checks wait."))
                        .orElse("Every check passed.")));
        worst.setAccessibleText(worst.getText());
    }

    private static void say(Button count, int n, String words) {
        count.setText(words);
        count.setAccessibleText(words);
        count.setDisable(n == 0);
    }
}
