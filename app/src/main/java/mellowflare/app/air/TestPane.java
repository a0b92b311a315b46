package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldFindings;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.LengthFormat;

/** The finished main pumped up and watched: readings, the leak and what it costs. */
final class TestPane extends VBox {
    private final AirModel model;
    private final HeldModel held;
    private final VBox readings = new VBox(2);
    private final VBox result = new VBox(2);
    private final ChoiceRow<Boolean> receiver;

    TestPane(AirModel model, HeldModel held) {
        this.model = model;
        this.held = held;
        setId("air-test");
        EntryRow reading = new EntryRow("reading", "60 min 7.9 bar 17 C", held.reading());
        reading.field().setId("held-reading");
        reading.onEnter(held::take);
        receiver = new ChoiceRow<>(
                "shut in",
                List.of(false, true),
                r -> r ? "with the receiver" : "pipes alone",
                r -> null,
                false,
                r -> r.ifPresent(held::receiver));
        VBox how = Text.under(
                "Pumped up, shut off, and read",
                receiver,
                new EntryRow("allowed", "L/min", held.allowed()),
                new EntryRow("gauge step", "bar", held.step()),
                reading,
                Text.of(
                        "Minutes since it was shut, what the gauge shows, how warm the air in the pipe is, and the barometer: 60 min 7.9 bar 17 C 1013 hPa. Enter takes it.",
                        "soft"));
        how.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {34, 31, 35},
                        how,
                        Text.under("Readings", readings),
                        Text.under("What they say", result)));
    }

    void refresh() {
        receiver.show(Optional.of(model.line().held().receiver()));
        readings.getChildren().clear();
        List<HoldTest.Reading> all = model.line().held().readings();
        for (HoldTest.Reading r : all) {
            readings.getChildren()
                    .add(Press.quiet(
                            LengthFormat.decimal(r.minutes(), 1, 0) + " min, "
                                    + LengthFormat.decimal(r.gauge().bar(), 3, 0) + " bar"
                                    + r.air()
                                            .map(t -> ", " + LengthFormat.decimal(t.celsius(), 1, 0) + " °C")
                                            .orElse("")
                                    + r.barometer()
                                            .map(b -> ", " + LengthFormat.decimal(b.bar() * 1000, 0, 0) + " hPa")
                                            .orElse("")
                                    + "  ×",
                            () -> held.remove(r)));
        }
        if (all.isEmpty()) {
            readings.getChildren().add(Text.of("None yet.", "soft"));
        }
        Text.fill(result, lines(), "finding-remedy");
    }

    private List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add("Shut in are " + new Figure.OfLitres(model.c().shutIn().litres()).text(model.units()) + ".");
        Optional<HoldTest.Result> r = model.c().heldResult();
        if (r.isEmpty()) {
            lines.add(
                    "Two readings at least: the first when it has stood for a quarter of an hour and is even in temperature, the last an hour or a night later.");
            return lines;
        }
        List<Finding> said = HoldFindings.of(
                model.c().heldTest().orElseThrow(),
                r.get(),
                model.c().yearly(r.get().leak()));
        for (Finding f : said) {
            lines.add(f.says(model.units()));
            if (!f.remedy(model.units()).isBlank()) {
                lines.add(f.remedy(model.units()));
            }
        }
        lines.add("The ± holds 19 times in 20; "
                + new Figure.OfShare(r.get().confidence()).text(model.units())
                + " sure. The gauge alone, without temperature and barometer, would have said "
                + LengthFormat.decimal(r.get().atRest(), 2, 0) + " L/min.");
        return lines;
    }
}
