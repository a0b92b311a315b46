package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.measure.LengthFormat;

/** A day run through: what the compressor did, and who lacked air. */
final class DayPane extends VBox {
    private final AirModel model;
    private final AirWork work;
    private final VBox words = new VBox(2);
    private long seed = 1;

    DayPane(AirModel model, AirWork work) {
        super(6);
        this.model = model;
        this.work = work;
        setId("air-day");
        HBox head = new HBox(
                12,
                Press.quiet("run the day", () -> work.day(seed)),
                Press.quiet("run another day", () -> work.day(++seed)),
                new Progress(work));
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(head, words);
    }

    void refresh() {
        Text.fill(words, lines(), "finding-remedy");
    }

    private List<String> lines() {
        Optional<DayRun> run = work.day();
        if (run.isEmpty()) {
            return List.of(
                    "A working day second by second: tools by their duty in bursts, compressors between cut-in and cut-out, the receiver's pressure from what comes and goes. The bursts are drawn from a number, so that the same day comes again.");
        }
        DayRun d = run.get();
        List<String> lines = new ArrayList<>();
        int bears = model.c().compressor().map(Compressor::startsAnHour).orElse(0);
        lines.add("The compressor starts " + LengthFormat.decimal(d.startsAnHour(), 1, 0) + " times an hour"
                + (bears > 0 ? " (it bears " + bears + ")" : "") + ", runs "
                + new Figure.OfShare(d.loaded()).text(model.units()) + " of the time, takes "
                + LengthFormat.decimal(d.kilowattHours(), 0, 0) + " kWh for "
                + LengthFormat.decimal(d.used(), 0, 0) + " m³ of free air.");
        lines.add("The receiver goes down to " + Figure.of(d.lowest()).text(model.units()) + ".");
        lines.add(
                d.lacking().isEmpty()
                        ? "Nobody is short of air."
                        : "Short of air: "
                                + d.lacking().stream()
                                        .map(l ->
                                                l.outlet() + " for " + LengthFormat.decimal(l.minutes(), 1, 0) + " min")
                                        .collect(Collectors.joining(", "))
                                + ".");
        if (work.dayOld()) {
            lines.add("The main has changed since: run the day again.");
        }
        return lines;
    }
}
