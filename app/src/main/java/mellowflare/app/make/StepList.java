package mellowflare.app.make;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import mellowflare.app.entry.Text;
import mellowflare.core.procedure.Bench;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;

/** All steps of the line with who ticked them and when; the one that is due stands out. */
final class StepList extends VBox {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM HH:mm").withZone(ZoneId.systemDefault());

    StepList() {
        super(2);
        setId("steps");
    }

    void show(Bench bench) {
        getChildren().clear();
        Optional<Step> due = bench.next();
        int number = 1;
        for (Step step : bench.steps()) {
            Optional<StepEntry> entry = bench.log().entry(step.id());
            boolean now = due.filter(step::equals).isPresent();
            Label title = Text.of(
                    number + "  " + step.title(), now ? "step-due" : entry.isPresent() ? "step-done" : "step-open");
            VBox texts = new VBox(title);
            entry.ifPresent(e -> texts.getChildren().add(Text.of(said(e), "step-said")));
            HBox row = new HBox(8, mark(step, entry), texts);
            row.getStyleClass().add(now ? "step-row-due" : "step-row");
            getChildren().add(row);
            number++;
        }
    }

    private static String said(StepEntry e) {
        return Say.it(
                "step-list.done",
                "by",
                e.by(),
                "at",
                MOMENT.format(e.at()),
                "reason",
                e.outcome() == StepEntry.Outcome.PASSED_OVER ? e.reason() : "none",
                "figures",
                e.figures().isEmpty() ? "none" : String.join(", ", e.figures().values()));
    }

    private static StackPane mark(Step step, Optional<StepEntry> entry) {
        SVGPath path = new SVGPath();
        boolean done = entry.filter(e -> e.outcome() == StepEntry.Outcome.DONE).isPresent();
        path.setContent(
                entry.isEmpty()
                        ? (step.hold().isPresent()
                                ? "M2 2 H12 V12 H2 Z M5 4.5 V9.5 M9 4.5 V9.5"
                                : "M7 1 a6 6 0 1 0 0.1 0 Z")
                        : done ? "M1.5 7.5 L5 11.5 L12.5 2" : "M2 7 H12 M8 3 L12 7 L8 11");
        path.getStyleClass().addAll("mark", entry.isEmpty() ? "mark-open" : done ? "mark-pass" : "mark-warn");
        StackPane box = new StackPane(path);
        box.setMinSize(16, 18);
        box.setMaxSize(16, 18);
        return box;
    }
}
