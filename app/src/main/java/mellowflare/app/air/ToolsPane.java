package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.Together;
import mellowflare.core.measure.LengthFormat;

/** Who runs what at which outlet, what that needs, and the compressor where it stands. */
final class ToolsPane extends VBox {
    private final AirModel model;
    private final WalkModel walk;
    private final VBox outlets = new VBox(4);
    private final VBox needs = new VBox(2);
    private final ComboBox<Compressor> compressor = new ComboBox<>();
    private final ChoiceRow<Method> method;
    private final ChoiceRow<Plant.Place> place;
    private final ChoiceRow<Boolean> fresh;
    private final ChoiceRow<Boolean> drain;
    private List<Piece.Drop> shown = List.of();
    private boolean showing;

    ToolsPane(AirModel model, WalkModel walk, AirWork work) {
        this.model = model;
        this.walk = walk;
        setId("air-tools");
        WordCell.dress(compressor, this::facts, Say.it("tools-pane.compressor-not-chosen"));
        compressor.setButtonCell(new WordCell<>(Compressor::name, Say.it("tools-pane.compressor-not-chosen")));
        compressor.setId("compressor");
        compressor.setMaxWidth(Double.MAX_VALUE);
        compressor.setAccessibleText(Say.it("tools-pane.compressor"));
        compressor.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.compressor(now);
            }
        });
        method = new ChoiceRow<>(
                Say.it("tools-pane.by"),
                model.methods(MethodTopic.AIR_DEMAND),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        place = new ChoiceRow<>(
                Say.it("tools-pane.stands"),
                List.of(Plant.Place.SHOP, Plant.Place.CLOSET, Plant.Place.OUTSIDE),
                Plant.Place::word,
                p -> null,
                true,
                p -> model.place(p.orElse(Plant.Place.UNSAID)));
        place.setId("compressor-place");
        EntryRow ears = new EntryRow(
                Say.it("tools-pane.ears"),
                Say.it("tools-pane.nearest-work"),
                model.fields().toEars());
        ears.field().setId("ears");
        fresh = yesNo(Say.it("tools-pane.airy"), model::freshAir);
        drain = yesNo(Say.it("tools-pane.drain"), model::drain);
        fresh.setId("fresh-air");
        drain.setId("drain");
        outlets.setId("tools");
        ScrollPane each = new ScrollPane(outlets);
        each.setFitToWidth(true);
        each.getStyleClass().add("slip-inner");
        each.setPrefHeight(470);
        each.setMinHeight(200);
        VBox who = Text.under(Say.it("tools-pane.at-each-outlet-who"), each);
        VBox air = Text.under(
                Say.it("tools-pane.what-that-needs"),
                method,
                needs,
                Press.quiet(Say.it("tools-pane.look-at-all-that"), work::allCases),
                new EntryRow(Say.it("tools-pane.leaks"), "%", model.fields().leak()),
                new EntryRow(Say.it("tools-pane.growth"), "%", model.fields().growth()),
                new EntryRow(Say.it("tools-pane.hours-day"), "8", model.fields().hours()),
                new EntryRow(
                        Say.it("tools-pane.days-year"), "230", model.fields().days()));
        VBox plant = Text.under(
                Say.it("tools-pane.the-compressor"),
                compressor,
                new EntryRow(
                        Say.it("tools-pane.filters-take"),
                        Say.it("tools-pane.bar-they-take"),
                        model.fields().lost()),
                place,
                ears,
                fresh,
                drain);
        air.getStyleClass().add("tight");
        plant.getStyleClass().add("tight");
        getChildren().setAll(new Columns(new double[] {42, 28, 30}, who, air, plant));
    }

    private static ChoiceRow<Boolean> yesNo(String word, Consumer<Optional<Boolean>> told) {
        return new ChoiceRow<>(
                word,
                List.of(true, false),
                b -> b ? Say.it("tools-pane.yes") : Say.it("tools-pane.no"),
                b -> null,
                true,
                told);
    }

    private String facts(Compressor c) {
        return Say.it(
                "tools-pane.text",
                "name",
                c.name(),
                "delivers",
                Figure.of(c.delivers()).text(model.units()),
                "cutIn",
                Figure.of(c.cutIn()).text(model.units()),
                "cutOut",
                Figure.of(c.cutOut()).text(model.units()));
    }

    /** One outlet: its name, who uses it, its tools to press away, and one more to choose. */
    private Node row(Piece.Drop d) {
        Outlet o = d.outlet();
        TextField who = new TextField(o.who().orElse(""));
        who.setPromptText(Say.it("tools-pane.who"));
        who.getStyleClass().addAll("entry-field", "row-cell");
        who.setPrefColumnCount(7);
        who.setAccessibleText(Say.it("tools-pane.who-uses", "name", d.name()));
        who.textProperty()
                .addListener((x, was, now) -> walk.outlet(
                        d.name(), now(d).withWho(Optional.of(now.strip()).filter(t -> !t.isEmpty()))));
        FlowPane tools = new FlowPane(2, 2);
        for (String id : o.tools()) {
            String word = model.tools().stream()
                    .filter(t -> t.id().equals(id))
                    .findFirst()
                    .map(AirTool::name)
                    .orElse(Say.it("tools-pane.not-list", "id", id));
            tools.getChildren().add(Press.quiet(word + "  ×", () -> {
                List<String> less = new ArrayList<>(now(d).tools());
                less.remove(id);
                walk.outlet(d.name(), now(d).withTools(less));
            }));
        }
        ComboBox<AirTool> more = new ComboBox<>();
        more.getItems().setAll(model.tools());
        WordCell.dress(
                more,
                t -> t.name() + ", " + Figure.of(t.flow()).text(model.units()) + ", "
                        + t.kind().word(),
                Say.it("tools-pane.add-tool"));
        more.setAccessibleText(Say.it("tools-pane.one-more-tool-at", "name", d.name()));
        more.setPrefWidth(118);
        more.valueProperty().addListener((x, was, t) -> {
            if (t != null && !now(d).tools().contains(t.id())) {
                List<String> all = new ArrayList<>(now(d).tools());
                all.add(t.id());
                walk.outlet(d.name(), now(d).withTools(all));
            }
        });
        HBox head = new HBox(6, Text.of(d.name(), "finding-says"), Text.spring(), who, more);
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(1, head, tools);
    }

    /** The outlet as it is now. */
    private Outlet now(Piece.Drop d) {
        return walk.drops().stream()
                .filter(x -> x.name().equals(d.name()))
                .findFirst()
                .map(Piece.Drop::outlet)
                .orElse(d.outlet());
    }

    void refresh() {
        if (!compressor.getItems().equals(model.compressors())) {
            compressor.getItems().setAll(model.compressors());
        }
        showing = true;
        AirCase c = model.c();
        List<Piece.Drop> drops = walk.drops();
        // While a name is typed the rows stay, so that the focus does.
        boolean same = drops.size() == shown.size();
        for (int i = 0; same && i < drops.size(); i++) {
            same = drops.get(i).name().equals(shown.get(i).name())
                    && drops.get(i)
                            .outlet()
                            .tools()
                            .equals(shown.get(i).outlet().tools());
        }
        if (!same || outlets.getChildren().isEmpty()) {
            outlets.getChildren().setAll(drops.stream().map(this::row).toList());
            if (drops.isEmpty()) {
                outlets.getChildren().add(Text.of(Say.it("tools-pane.no-drop-yet-call"), "soft"));
            }
        }
        shown = drops;
        Together t = c.together();
        Text.fill(
                needs,
                List.of(
                        Say.it(
                                "tools-pane.by-duty-tools-together",
                                "mean",
                                Figure.of(c.need().mean()).text(model.units()),
                                "tools",
                                c.need().tools(),
                                "flow",
                                LengthFormat.decimal(c.need().share() * 100, 0, 0),
                                "needed",
                                Figure.of(c.need().needed()).text(model.units())),
                        Say.it(
                                "tools-pane.at-once-at-most",
                                "peak",
                                Figure.of(c.need().peak()).text(model.units())),
                        Say.it("tools-pane.counted-as-free-air"),
                        Say.it(
                                "tools-pane.worst-ways-run-together",
                                "cases",
                                t.cases(),
                                "checked",
                                Math.min(t.tried(), t.cases()),
                                "tight",
                                t.tight()
                                        .map(x -> Say.it(
                                                "tools-pane.has-bar-spare",
                                                "x",
                                                x,
                                                "margin",
                                                LengthFormat.decimal(t.margin().bar(), 2, 0)))
                                        .orElse(Say.it("tools-pane.nothing-runs")))),
                "finding-remedy");
        compressor.setValue(c.compressor().orElse(null));
        method.show(Optional.of(model.method(MethodTopic.AIR_DEMAND)));
        Plant p = model.line().plant();
        place.show(p.place() == Plant.Place.UNSAID ? Optional.empty() : Optional.of(p.place()));
        fresh.show(p.freshAir());
        drain.show(p.drain());
        showing = false;
    }
}
