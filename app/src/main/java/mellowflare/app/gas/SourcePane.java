package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.fuel.AppliancePressure;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.stock.Cylinder;
import mellowflare.core.gas.stock.Drawn;
import mellowflare.core.gas.stock.GasCode;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.Boiling;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.measure.UnitSystem;

/** Which gas, what feeds it, through which regulator, and which code rules. */
final class SourcePane extends VBox {
    private final GasModel model;
    private final ComboBox<FuelGas> gas = new ComboBox<>();
    private final ComboBox<AppliancePressure> pressure = new ComboBox<>();
    private final ComboBox<Cylinder> cylinder = new ComboBox<>();
    private final ComboBox<Regulator> regulator = new ComboBox<>();
    private final ChoiceRow<GasCode> code;
    private final ChoiceRow<GasSource.Feed> feed;
    private final ChoiceRow<GasSource.Stands> stands;
    private final ChoiceRow<Drawn> drawn;
    private final VBox cylinders;
    private final VBox meter;
    private final VBox says = new VBox(2);
    private boolean showing;

    SourcePane(GasModel model) {
        this.model = model;
        setId("gas-source-pane");
        GasStock stock = model.c().stock();
        combo(gas, "gas-gas", Say.it("source-pane.which-gas"), FuelGas::name, model::gas);
        combo(pressure, "gas-pressure", Say.it("source-pane.made-for"), AppliancePressure::name, model::pressure);
        combo(
                cylinder,
                "gas-cylinder",
                Say.it("source-pane.which-cylinder"),
                Cylinder::name,
                c -> model.source(Say.it("source-pane.cylinder"), s -> s.withCylinder(Optional.of(c.id()))));
        combo(
                regulator,
                "gas-regulator",
                Say.it("source-pane.which-regulator"),
                Regulator::name,
                r -> model.source(Say.it("source-pane.regulator"), s -> s.withRegulator(Optional.of(r.id()))));
        gas.getItems().setAll(model.gases());
        cylinder.getItems().setAll(stock.cylinders());
        code = choice(
                "gas-code",
                Say.it("source-pane.code"),
                stock.codes(),
                GasCode::name,
                c -> model.code(c.map(GasCode::id)));
        feed = choice(
                "gas-source",
                Say.it("source-pane.fed-by"),
                List.of(GasSource.Feed.CYLINDER, GasSource.Feed.METER),
                GasSource.Feed::word,
                f -> model.source(Say.it("source-pane.source"), s -> s.withFeed(f.orElse(GasSource.Feed.UNSAID))));
        stands = choice(
                "gas-stands",
                Say.it("source-pane.stands"),
                List.of(
                        GasSource.Stands.OUTSIDE,
                        GasSource.Stands.LOCKER,
                        GasSource.Stands.INDOORS,
                        GasSource.Stands.BELOW),
                SourcePane::place,
                p -> model.source(Say.it("source-pane.place"), s -> s.withStands(p.orElse(GasSource.Stands.UNSAID))));
        drawn = choice(
                "gas-drawn",
                Say.it("source-pane.drawn"),
                List.of(Drawn.values()),
                d -> d == Drawn.STEADY ? Say.it("source-pane.drawn-steady") : Say.it("source-pane.drawn-spells"),
                d -> model.source(
                        Say.it("source-pane.how-drawn"), s -> s.withDrawn(d.orElse(GasSource.UNSAID.drawn()))));
        GasFields f = model.fields();
        cylinders = new VBox(
                4,
                cylinder,
                row("gas-count", Say.it("source-pane.count"), "1", f.count()),
                row("gas-fill", Say.it("source-pane.fill"), "%", f.fill()),
                stands,
                drawn);
        meter = new VBox(
                4,
                row("gas-feed", Say.it("source-pane.feed"), Say.it("source-pane.behind-meter"), f.pressure()),
                row("gas-capacity", Say.it("source-pane.passes"), Say.it("source-pane.its-plate"), f.capacity()));
        VBox what = Text.under(
                Say.it("source-pane.gas"),
                gas,
                pressure,
                code,
                row("gas-heating", Say.it("source-pane.heating"), Say.it("source-pane.tables-own"), f.heating()),
                row("gas-altitude", Say.it("source-pane.altitude"), "0", f.altitude()));
        VBox fed = Text.under(
                Say.it("source-pane.source"),
                feed,
                cylinders,
                meter,
                regulator,
                row("gas-coldest", Say.it("source-pane.coldest"), "0", f.coldest()));
        what.getStyleClass().add("tight");
        fed.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {32, 36, 32}, what, fed, Text.under(Say.it("source-pane.follows"), says)));
    }

    private <T> void combo(ComboBox<T> box, String id, String hint, Function<T, String> name, Consumer<T> taken) {
        box.setId(id);
        box.setMaxWidth(Double.MAX_VALUE);
        WordCell.dress(box, name, hint);
        box.setAccessibleText(hint);
        box.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                taken.accept(now);
            }
        });
    }

    private static <T> ChoiceRow<T> choice(
            String id, String word, List<T> values, Function<T, String> name, Consumer<Optional<T>> told) {
        ChoiceRow<T> row = new ChoiceRow<>(word, values, name, v -> null, true, told);
        row.setId(id);
        return row;
    }

    private static String place(GasSource.Stands stands) {
        return switch (stands) {
            case UNSAID -> "";
            case OUTSIDE -> Say.it("source-pane.stands-outside");
            case LOCKER -> Say.it("source-pane.stands-locker");
            case INDOORS -> Say.it("source-pane.stands-indoors");
            case BELOW -> Say.it("source-pane.stands-below");
        };
    }

    private static EntryRow row(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    void refresh() {
        showing = true;
        GasCase c = model.c();
        GasSource s = model.line().source();
        gas.setValue(model.gas().orElse(null));
        if (!pressure.getItems().equals(model.pressures())) {
            pressure.getItems().setAll(model.pressures());
        }
        pressure.setValue(c.appliancePressure().orElse(null));
        if (!regulator.getItems().equals(model.regulators())) {
            regulator.getItems().setAll(model.regulators());
        }
        regulator.setValue(c.sourceRegulator().orElse(null));
        cylinder.setValue(c.cylinder().orElse(null));
        code.show(c.code());
        feed.show(Optional.of(s.feed()).filter(x -> x != GasSource.Feed.UNSAID));
        stands.show(Optional.of(s.stands()).filter(x -> x != GasSource.Stands.UNSAID));
        drawn.show(Optional.of(s.drawn()));
        shown(cylinders, s.feed() == GasSource.Feed.CYLINDER);
        shown(meter, s.feed() == GasSource.Feed.METER);
        shown(regulator, s.feed() != GasSource.Feed.UNSAID);
        Text.fill(says, says(c), "finding-remedy");
        showing = false;
    }

    private static void shown(Node node, boolean is) {
        node.setVisible(is);
        node.setManaged(is);
    }

    private List<String> says(GasCase c) {
        UnitSystem u = model.units();
        List<String> lines = new ArrayList<>();
        c.feed()
                .ifPresent(p ->
                        lines.add(Say.it("source-pane.line-gets", "pressure", new Figure.OfGasPressure(p).text(u))));
        c.sourceRegulator()
                .ifPresent(r -> lines.add(Say.it(
                        "source-pane.regulator-facts",
                        "lockup",
                        new Figure.OfGasPressure(r.lockUp()).text(u),
                        "capacity",
                        Figure.of(r.capacity()).text(u),
                        "guard",
                        r.guard().word())));
        c.appliancePressure()
                .ifPresent(p -> lines.add(
                        p.least().isPresent() && p.greatest().isPresent()
                                ? Say.it(
                                        "source-pane.appliances-need",
                                        "least",
                                        new Figure.OfGasPressure(p.least().get()).text(u),
                                        "greatest",
                                        new Figure.OfGasPressure(p.greatest().get()).text(u))
                                : Say.it("source-pane.plates-say")));
        c.boiling().map(b -> boils(b, u)).ifPresent(lines::add);
        c.gas().ifPresent(g -> lines.add(g.sinks() ? Say.it("source-pane.sinks") : Say.it("source-pane.rises")));
        if (lines.isEmpty()) {
            lines.add(Say.it("source-pane.nothing-yet"));
        }
        return lines;
    }

    private static String boils(Boiling b, UnitSystem u) {
        return Say.it(
                "source-pane.boils",
                "gives",
                Figure.of(b.gives()).text(u),
                "liquid",
                Figure.of(b.liquid()).text(u));
    }
}
