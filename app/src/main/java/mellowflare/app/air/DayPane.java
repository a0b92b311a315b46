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
                Press.quiet(Say.it("day-pane.run-day"), () -> work.day(seed)),
                Press.quiet(Say.it("day-pane.run-another-day"), () -> work.day(++seed)),
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
            return List.of(Say.it("day-pane.a-working-day-second"));
        }
        DayRun d = run.get();
        List<String> lines = new ArrayList<>();
        int rated = model.c().compressor().map(Compressor::startsAnHour).orElse(0);
        lines.add(Say.it(
                "day-pane.the-compressor-starts-times",
                "startsAnHour",
                LengthFormat.decimal(d.startsAnHour(), 1, 0),
                "rated",
                rated > 0 ? rated : "none",
                "loaded",
                new Figure.OfShare(d.loaded()).text(model.units()),
                "kilowattHours",
                LengthFormat.decimal(d.kilowattHours(), 0, 0),
                "used",
                LengthFormat.decimal(d.used(), 0, 0)));
        lines.add(Say.it(
                "day-pane.the-receiver-goes-down",
                "lowest",
                Figure.of(d.lowest()).text(model.units())));
        lines.add(
                d.lacking().isEmpty()
                        ? Say.it("day-pane.nobody-short-air")
                        : Say.it(
                                "day-pane.short-air",
                                "stream",
                                d.lacking().stream()
                                        .map(l -> Say.it(
                                                "day-pane.for-min",
                                                "outlet",
                                                l.outlet(),
                                                "minutes",
                                                LengthFormat.decimal(l.minutes(), 1, 0)))
                                        .collect(Collectors.joining(", "))));
        if (work.dayOld()) {
            lines.add(Say.it("day-pane.the-main-has-changed"));
        }
        return lines;
    }
}
