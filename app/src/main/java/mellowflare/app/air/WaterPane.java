package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.water.Water;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Fall;

/** The water: how much the air brings, where it falls out, where it runs to, and how often that is drained. */
final class WaterPane extends VBox {
    private static final int WETTEST = 5;

    private final AirModel model;
    private final VBox brought = new VBox(2);
    private final VBox gathers = new VBox(2);
    private final Label heights = Text.of("", "finding-remedy");
    private final ChoiceRow<Method> way;

    WaterPane(AirModel model) {
        this.model = model;
        setId("air-water");
        way = new ChoiceRow<>(
                Say.it("water-pane.hung"),
                model.methods(MethodTopic.AIR_FALL),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        VBox room = Text.under(
                Say.it("water-pane.the-room-s-air"),
                new EntryRow(
                        Say.it("water-pane.air"),
                        Say.it("water-pane.c-or-f"),
                        model.fields().roomAir()),
                new EntryRow(Say.it("water-pane.humidity"), "%", model.fields().humidity()),
                new EntryRow(
                        Say.it("water-pane.barometer"), "mbar", model.fields().barometer()),
                new EntryRow(
                        Say.it("water-pane.fall"),
                        Say.it("water-pane.mm-on-metre"),
                        model.fields().fall()),
                new EntryRow(
                        Say.it("water-pane.drain-every"),
                        Say.it("water-pane.days"),
                        model.fields().drained()));
        room.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {28, 34, 38},
                        room,
                        new VBox(
                                8,
                                Text.under(Say.it("water-pane.what-falls-out-on"), brought),
                                Text.under(Say.it("water-pane.heights-over-floor-run"), heights)),
                        Text.under(Say.it("water-pane.where-comes"), way, gathers)));
    }

    void refresh() {
        way.show(Optional.of(model.method(MethodTopic.AIR_FALL)));
        String hung = model.c().fall().sections(model.c().walked()).stream()
                .map(this::words)
                .collect(Collectors.joining("; "));
        heights.setText(
                hung.isEmpty()
                        ? Say.it("water-pane.no-level-run-yet")
                        : hung + (model.units() == UnitSystem.METRIC ? " mm" : ""));
        Optional<Water> water = model.c().water();
        if (water.isEmpty()) {
            Text.fill(brought, List.of(Say.it("water-pane.say-which-compressor-put")), "soft");
            Text.fill(gathers, List.of(), "soft");
            return;
        }
        Water w = water.get();
        List<String> lines = new ArrayList<>();
        lines.add(Say.it(
                "water-pane.the-air-brings-stay",
                "litres",
                litres(w.drawn()),
                "litresB",
                litres(w.inReceiver()),
                "litresC",
                litres(w.inPipes())));
        w.wettest(WETTEST)
                .forEach(f -> lines.add(Say.it(
                        "water-pane.from",
                        "run",
                        f.run(),
                        "litres",
                        litres(f.litres()),
                        "in",
                        Figure.of(f.in()).text(model.units()),
                        "out",
                        Figure.of(f.out()).text(model.units()))));
        Text.fill(brought, lines, "finding-remedy");
        List<String> where = w.gathered().stream().map(this::words).toList();
        Text.fill(
                gathers,
                where.isEmpty() ? List.of(Say.it("water-pane.nothing-falls-out-pipes")) : where,
                "finding-remedy");
    }

    private String words(Fall.Section s) {
        return Say.it(
                "water-pane.text",
                "run",
                s.run().name(),
                "replace",
                LengthFormat.shop(s.first(), model.units()).replace(" mm", ""),
                "replaceB",
                LengthFormat.shop(s.second(), model.units()).replace(" mm", ""));
    }

    private String words(Water.Gathered g) {
        return Say.it(
                "water-pane.day",
                "place",
                g.place(),
                "litres",
                litres(g.litres()),
                "leg",
                g.leg().map(l -> litres(l.volume().litres())).orElse("none"),
                "full",
                g.leg()
                        .flatMap(l -> l.daysToFull())
                        .map(d -> d < 1 ? "soon" : LengthFormat.decimal(d, 1, 0))
                        .orElse("never"));
    }

    private String litres(double l) {
        return new Figure.OfLitres(l).text(model.units());
    }
}
