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
        EntryRow reading = new EntryRow(Say.it("test-pane.reading"), "60 min 7.9 bar 17 C", held.reading());
        reading.field().setId("held-reading");
        reading.onEnter(held::take);
        receiver = new ChoiceRow<>(
                Say.it("test-pane.shut"),
                List.of(false, true),
                r -> r ? Say.it("test-pane.with-receiver") : Say.it("test-pane.pipes-alone"),
                r -> null,
                false,
                r -> r.ifPresent(held::receiver));
        VBox how = Text.under(
                Say.it("test-pane.pumped-up-shut-off"),
                receiver,
                new EntryRow(Say.it("test-pane.allowed"), "L/min", held.allowed()),
                new EntryRow(Say.it("test-pane.gauge-step"), "bar", held.step()),
                reading,
                Text.of(Say.it("test-pane.minutes-since-was-shut"), "soft"));
        how.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {34, 31, 35},
                        how,
                        Text.under(Say.it("test-pane.readings"), readings),
                        Text.under(Say.it("test-pane.what-they-say"), result)));
    }

    void refresh() {
        receiver.show(Optional.of(model.line().held().receiver()));
        readings.getChildren().clear();
        List<HoldTest.Reading> all = model.line().held().readings();
        for (HoldTest.Reading r : all) {
            readings.getChildren()
                    .add(Press.quiet(
                            Say.it(
                                    "test-pane.min-bar",
                                    "minutes",
                                    LengthFormat.decimal(r.minutes(), 1, 0),
                                    "gauge",
                                    LengthFormat.decimal(r.gauge().bar(), 3, 0),
                                    "air",
                                    r.air()
                                            .map(t -> ", " + LengthFormat.decimal(t.celsius(), 1, 0) + " °C")
                                            .orElse(""),
                                    "value",
                                    r.barometer()
                                            .map(b -> String.valueOf(LengthFormat.decimal(b.bar() * 1000, 0, 0)))
                                            .orElse("none")),
                            () -> held.remove(r)));
        }
        if (all.isEmpty()) {
            readings.getChildren().add(Text.of(Say.it("test-pane.none-yet"), "soft"));
        }
        Text.fill(result, lines(), "finding-remedy");
    }

    private List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add(Say.it(
                "test-pane.volume",
                "shutIn",
                new Figure.OfLitres(model.c().shutIn().litres()).text(model.units())));
        Optional<HoldTest.Result> r = model.c().heldResult();
        if (r.isEmpty()) {
            lines.add(Say.it("test-pane.two-readings-at-least"));
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
        lines.add(Say.it(
                "test-pane.the-holds-19-times",
                "confidence",
                new Figure.OfShare(r.get().confidence()).text(model.units()),
                "atRest",
                LengthFormat.decimal(r.get().atRest(), 2, 0)));
        return lines;
    }
}
