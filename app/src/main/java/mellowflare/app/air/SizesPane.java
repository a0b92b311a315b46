package mellowflare.app.air;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.size.Delivery;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Sized;

/** The cheapest sizes in every kind of pipe beside each other, what must never be used and why, and what one size larger gives. */
final class SizesPane extends VBox {
    private static final int SHOWN = 6;
    /** Columns of the table that hold figures, which never break. */
    private static final int FIRST_FIGURE = 2;

    private static final int LAST_FIGURE = 6;
    /** Parts of a hundred of the width, column by column. */
    private static final double[] SHARES = {18, 22, 15, 15, 7, 8, 8, 7};

    private final AirModel model;
    private final AirWork work;
    private final GridPane table = new GridPane();
    private final VBox up = new VBox(2);
    private final VBox refused = new VBox(2);
    private final ChoiceRow<Method> way;

    SizesPane(AirModel model, AirWork work) {
        super(8);
        this.model = model;
        this.work = work;
        setId("air-sizes");
        table.setHgap(8);
        for (double share : SHARES) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(share);
            table.getColumnConstraints().add(column);
        }
        table.setVgap(3);
        way = new ChoiceRow<>(
                "sizes",
                model.methods(MethodTopic.AIR_SIZES),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        HBox head = new HBox(12, way, Press.quiet("size it in every kind of pipe", work::size), new Progress(work));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox left = Text.under("One size larger here gives the tightest tool", up);
        VBox right = Text.under("Never for compressed air", refused);
        getChildren().setAll(head, table, new Columns(new double[] {54, 46}, left, right));
        List<String> never = model.systems().stream()
                .filter(s -> !s.rated())
                .map(s -> s.name() + ": " + s.refused().orElse(""))
                .toList();
        Text.fill(refused, never, "soft");
    }

    private void row(int at, List<String> words, String style) {
        for (int i = 0; i < words.size(); i++) {
            Label l = Text.of(words.get(i), style);
            if (i >= FIRST_FIGURE && i <= LAST_FIGURE) {
                l.setWrapText(false);
                l.setMinWidth(USE_PREF_SIZE);
            }
            table.add(l, i, at);
        }
    }

    private void table() {
        table.getChildren().clear();
        if (work.sizings().isEmpty()) {
            table.add(
                    Text.of(
                            "Not sized yet: the search tries every size of every stretch against all that may run together.",
                            "soft"),
                    0,
                    0);
            return;
        }
        row(0, List.of("pipe", "sizes, bore", "by truck", "by parcel", "weighs", "to spare", "lasts"), "small-heading");
        int at = 1;
        for (Sizing s : work.sizings()) {
            PipeSystem p = s.system();
            row(
                    at,
                    List.of(
                            p.name().replaceAll(" (with|that|rated) .*", ""),
                            s.possible() ? sizes(s) : "largest is too small",
                            s.possible() ? brought(s.byTruck(), !s.parcelCheaper()) : "–",
                            s.possible() ? brought(s.byParcel(), s.parcelCheaper()) : "–",
                            LengthFormat.decimal(s.work().kilograms(), 0, 0) + " kg",
                            LengthFormat.decimal(s.margin().bar(), 2, 0) + " bar",
                            p.years() + " years"),
                    "finding-remedy");
            if (s.possible()) {
                Node take = Press.quiet("take it", () -> work.take(s));
                table.add(take, 7, at);
            }
            Label note = Text.of("It " + p.corrosion() + ". Needs " + String.join(", ", p.tools()) + ".", "soft");
            note.getStyleClass().add("size-note");
            table.add(note, 0, at + 1, SHARES.length, 1);
            at += 2;
        }
        Label money =
                Text.of("Pipe by the metre, fittings and freight, in the catalogue's money: house figures.", "soft");
        table.add(money, 0, at++, SHARES.length, 1);
        if (work.sizingsOld()) {
            table.add(Text.of("The main has changed since: size it again.", "entry-refusal"), 0, at, SHARES.length, 1);
        }
    }

    /** What it costs that way, and how many joints seal; the cheaper way is ticked. */
    private static String brought(Delivery d, boolean cheaper) {
        return LengthFormat.decimal(d.price(), 0, 0) + (cheaper ? " ✓" : "") + ", "
                + d.work().joints() + " joints";
    }

    private String sizes(Sizing s) {
        List<PipeSize> used = s.used();
        return used.stream().map(PipeSize::size).collect(Collectors.joining(", "))
                + "; bore "
                + used.stream()
                        .findFirst()
                        .map(z -> LengthFormat.figure(z.bore(), model.units()))
                        .orElse("");
    }

    void refresh() {
        AirCase c = model.c();
        way.show(Optional.of(model.method(MethodTopic.AIR_SIZES)));
        table();
        List<String> lines = c.heaviest(SHOWN).stream().map(p -> words(c, p)).toList();
        Text.fill(up, lines.isEmpty() ? List.of("Nothing flows yet.") : lines, "finding-remedy");
    }

    private String words(AirCase c, NetworkFlow.InPipe p) {
        String size = c.sized().stream()
                .filter(s -> s.name().equals(p.pipe().name()))
                .findFirst()
                .flatMap(Sized::size)
                .map(PipeSize::name)
                .orElse("");
        return p.pipe().name() + " (" + size + "): loses "
                + Figure.of(p.drop()).text(model.units()) + " at "
                + Figure.of(FreeAir.of(p.flow(), AirReference.ISO1217)).text(model.units()) + ", "
                + new Figure.OfSpeed(p.metresPerSecond()).text(model.units()) + "; one size larger "
                + c.oneSizeUp(p.pipe().name())
                        .map(d -> d.bar() < 0.0005
                                ? "gives nothing"
                                : "gives " + Figure.of(d).text(model.units()))
                        .orElse("is not to be had");
    }
}
