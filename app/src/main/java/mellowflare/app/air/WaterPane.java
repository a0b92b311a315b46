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
                "hung",
                model.methods(MethodTopic.AIR_FALL),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        VBox room = Text.under(
                "The room's air",
                new EntryRow("air", "C or F", model.fields().roomAir()),
                new EntryRow("humidity", "%", model.fields().humidity()),
                new EntryRow("barometer", "mbar", model.fields().barometer()),
                new EntryRow("fall", "mm on a metre", model.fields().fall()),
                new EntryRow("drain every", "days", model.fields().drained()));
        room.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {28, 34, 38},
                        room,
                        new VBox(
                                8,
                                Text.under("What falls out on a working day", brought),
                                Text.under("Heights over the floor, run by run", heights)),
                        Text.under("Where it comes to", way, gathers)));
    }

    void refresh() {
        way.show(Optional.of(model.method(MethodTopic.AIR_FALL)));
        String hung = model.c().fall().sections(model.c().walked()).stream()
                .map(this::words)
                .collect(Collectors.joining("; "));
        heights.setText(
                hung.isEmpty() ? "No level run yet." : hung + (model.units() == UnitSystem.METRIC ? " mm" : ""));
        Optional<Water> water = model.c().water();
        if (water.isEmpty()) {
            Text.fill(brought, List.of("Say which compressor, and put tools at the outlets."), "soft");
            Text.fill(gathers, List.of(), "soft");
            return;
        }
        Water w = water.get();
        List<String> lines = new ArrayList<>();
        lines.add("The air brings " + litres(w.drawn()) + "; " + litres(w.inReceiver()) + " stay in the receiver, "
                + litres(w.inPipes()) + " fall out in the pipes.");
        w.wettest(WETTEST)
                .forEach(f -> lines.add(f.run() + ": " + litres(f.litres()) + ", from "
                        + Figure.of(f.in()).text(model.units()) + " to "
                        + Figure.of(f.out()).text(model.units())));
        Text.fill(brought, lines, "finding-remedy");
        List<String> where = w.gathered().stream().map(this::words).toList();
        Text.fill(gathers, where.isEmpty() ? List.of("Nothing falls out in the pipes.") : where, "finding-remedy");
    }

    private String words(Fall.Section s) {
        return s.run().name() + ": "
                + LengthFormat.shop(s.first(), model.units()).replace(" mm", "") + " to "
                + LengthFormat.shop(s.second(), model.units()).replace(" mm", "");
    }

    private String words(Water.Gathered g) {
        return g.place() + ": " + litres(g.litres()) + " a day"
                + g.leg()
                        .map(l -> "; the leg holds " + litres(l.volume().litres())
                                + l.daysToFull()
                                        .map(d -> ", full in "
                                                + (d < 1 ? "under a day" : LengthFormat.decimal(d, 1, 0) + " days"))
                                        .orElse(""))
                        .orElse("; no leg there");
    }

    private String litres(double l) {
        return new Figure.OfLitres(l).text(model.units());
    }
}
