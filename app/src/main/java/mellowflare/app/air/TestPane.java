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
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.FreeAir;
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
                        "Minutes since it was shut, what the gauge shows, how warm the air in the pipe is. Enter takes it.",
                        "soft"));
        how.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {36, 26, 38},
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
        lines.add(
                switch (r.get().verdict()) {
                    case TIGHT -> "It holds.";
                    case LEAKS -> "It leaks.";
                    case NOT_SETTLED -> "It does not tell yet: wait longer.";
                });
        lines.add("Leak " + Figure.of(r.get().leak()).text(model.units()) + ", give or take "
                + Figure.of(FreeAir.ofLitresPerMinute(r.get().plusMinus())).text(model.units())
                + " (19 in 20). The gauge alone, without temperature, would have said "
                + LengthFormat.decimal(r.get().atRest(), 1, 0) + " L/min.");
        lines.add("Sure by " + new Figure.OfShare(r.get().confidence()).text(model.units()) + ".");
        model.c()
                .yearly(r.get().leak())
                .ifPresent(y -> lines.add("A year of it under pressure day and night costs about "
                        + LengthFormat.decimal(y, 0, 0) + " in the catalogue's money."));
        return lines;
    }
}
