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
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.size.Delivery;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.table.FigureTable;

/** The cheapest sizes in every kind of pipe beside each other, what must never be used and why, and what one size larger gives. */
final class SizesPane extends VBox {
    /** Columns of the table that hold figures, which never break. */
    private static final int FIRST_FIGURE = 2;

    private static final int LAST_FIGURE = 6;
    /** Parts of a hundred of the width, column by column. */
    private static final double[] SHARES = {18, 22, 15, 15, 7, 8, 8, 7};

    private final AirModel model;
    private final AirWork work;
    private final GridPane table = new GridPane();
    private final TablesPane up = new TablesPane();
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
                Say.it("sizes-pane.sizes"),
                model.methods(MethodTopic.AIR_SIZES),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        HBox head = new HBox(
                12, way, Press.quiet(Say.it("sizes-pane.size-every-kind-pipe"), work::size), new Progress(work));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox right = Text.under(Say.it("sizes-pane.never-for-compressed-air"), refused);
        getChildren().setAll(head, table, new Columns(new double[] {60, 40}, up, right));
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
                    Text.of(Say.it("sizes-pane.not-sized-yet-search"), "soft"),
                    0,
                    0,
                    table.getColumnConstraints().size(),
                    1);
            return;
        }
        row(
                0,
                List.of(
                        Say.it("sizes-pane.pipe"),
                        Say.it("sizes-pane.sizes-bore"),
                        Say.it("sizes-pane.by-truck"),
                        Say.it("sizes-pane.by-parcel"),
                        Say.it("sizes-pane.weighs"),
                        Say.it("sizes-pane.spare"),
                        Say.it("sizes-pane.lasts")),
                "small-heading");
        int at = 1;
        for (Sizing s : work.sizings()) {
            PipeSystem p = s.system();
            row(
                    at,
                    List.of(
                            p.name().replaceAll(" (with|that|rated) .*", ""),
                            s.possible() ? sizes(s) : Say.it("sizes-pane.largest-too-small"),
                            s.possible() ? brought(s.byTruck(), !s.parcelCheaper()) : "–",
                            s.possible() ? brought(s.byParcel(), s.parcelCheaper()) : "–",
                            Say.it(
                                    "sizes-pane.kg",
                                    "kilograms",
                                    LengthFormat.decimal(s.work().kilograms(), 0, 0)),
                            Say.it(
                                    "sizes-pane.bar",
                                    "margin",
                                    LengthFormat.decimal(s.margin().bar(), 2, 0)),
                            Say.it("sizes-pane.years", "years", p.years())),
                    "finding-remedy");
            if (s.possible()) {
                Node take = Press.quiet(Say.it("sizes-pane.take"), () -> work.take(s));
                table.add(take, 7, at);
            }
            Label note = Text.of(
                    Say.it("sizes-pane.it-needs", "corrosion", p.corrosion(), "tools", String.join(", ", p.tools())),
                    "soft");
            note.getStyleClass().add("size-note");
            table.add(note, 0, at + 1, SHARES.length, 1);
            at += 2;
        }
        Label money = Text.of(Say.it("sizes-pane.pipe-by-metre-fittings"), "soft");
        table.add(money, 0, at++, SHARES.length, 1);
        if (work.sizingsOld()) {
            table.add(Text.of(Say.it("sizes-pane.the-main-has-changed"), "entry-refusal"), 0, at, SHARES.length, 1);
        }
    }

    /** What it costs that way, and how many joints seal; the cheaper way is ticked. */
    private static String brought(Delivery d, boolean cheaper) {
        return Say.it(
                "sizes-pane.joints",
                "price",
                LengthFormat.decimal(d.price(), 0, 0),
                "part",
                cheaper ? " ✓" : "",
                "joints",
                d.work().joints());
    }

    private String sizes(Sizing s) {
        List<PipeSize> used = s.used();
        return Say.it(
                "sizes-pane.bore",
                "stream",
                used.stream().map(PipeSize::size).collect(Collectors.joining(", ")),
                "findFirst",
                used.stream()
                        .findFirst()
                        .map(z -> LengthFormat.figure(z.bore(), model.units()))
                        .orElse(""));
    }

    void refresh() {
        way.show(Optional.of(model.method(MethodTopic.AIR_SIZES)));
        table();
        up.show(model.plan().table(FigureTable.What.STRETCHES).stream().toList());
    }
}
