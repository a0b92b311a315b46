package mellowflare.app.trouble;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablePane;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.There;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.fault.FaultFound;

/** The page of pressures: what gauges showed where, and which stretch is choked or leaks. */
public final class PressuresView implements Page {
    /** Room for the bars (dots). */
    private static final double PLOT = 250;

    private final PressuresModel model;
    private final Label danger = Text.of("", "caution");
    private final BorderPane page = new BorderPane();
    private final DrawingPane plot = new DrawingPane(new Insets(14, 24, 10, 24), 14);
    private final VBox says = new VBox(6);
    private final TablePane table = new TablePane();
    private final StackPane ground = new StackPane(plot);
    private final Label working = Text.of("", "soft");
    private final Button cancel;
    private final VBox runs = new VBox(3);
    private final ComboBox<String> place = new ComboBox<>();
    private final EntryRow pressure;
    private final VBox read = new VBox(2);
    private final FigureBox choked = new FigureBox();
    private final FigureBox leaks = new FigureBox();
    private final FigureBox planned = new FigureBox();
    private boolean showing;

    public PressuresView(PressuresModel model, Look look) {
        this.model = model;
        LeafPage.dress(plot, look, "pressures-plot", Say.it("pressures-view.plot"));
        says.setId("pressures-says");
        working.textProperty().bind(model.workingProperty());
        cancel = Press.quiet(Say.it("pressures-view.cancel"), model::cancel);
        cancel.visibleProperty().bind(model.workingProperty().isNotEmpty());
        pressure = new EntryRow(Say.it("pressures-view.shows"), "", model.pressure());
        pressure.field().setId("gauge-shows");
        pressure.onEnter(this::keep);
        WordCell.dress(place, p -> p, Say.it("pressures-view.place"));
        place.setId("gauge-place");
        place.setMaxWidth(Double.MAX_VALUE);
        place.setAccessibleText(Say.it("pressures-view.place"));
        place.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                model.place(Optional.ofNullable(now));
            }
        });
        page.setCenter(middle());
        page.setRight(slip());
        HBox bar = new HBox(34, choked, leaks, planned);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.foundProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private Node middle() {
        ground.getStyleClass().addAll("drawing-ground", "tube-ground");
        HBox at = new HBox(12, working, cancel);
        at.setAlignment(Pos.CENTER_LEFT);
        at.setMinHeight(Region.USE_PREF_SIZE);
        at.managedProperty().bind(working.textProperty().isNotEmpty());
        ground.setMinHeight(PLOT);
        ground.setPrefHeight(PLOT);
        table.setId("pressures-table");
        danger.setMinHeight(Region.USE_PREF_SIZE);
        VBox words = new VBox(8, danger, at, says, table);
        words.getStyleClass().add("under-drawing");
        words.setMinHeight(Region.USE_PREF_SIZE);
        ScrollPane scroll = new ScrollPane(new VBox(ground, words));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        return scroll;
    }

    private Node slip() {
        Button keep = new Button(Say.it("pressures-view.keep"));
        keep.setId("gauge-keep");
        keep.getStyleClass().add("main-action");
        keep.setOnAction(e -> keep());
        return Slip.steady(new VBox(
                7,
                Text.of(Say.it("pressures-view.read"), "slip-heading"),
                Text.of(Say.it("pressures-view.how"), "soft"),
                place,
                pressure,
                keep,
                read,
                Text.of(Say.it("pressures-view.runs"), "slip-heading"),
                runs));
    }

    private void keep() {
        model.keep();
        refresh();
        pressure.field().requestFocus();
    }

    private void refresh() {
        showing = true;
        List<String> places = model.places();
        if (!place.getItems().equals(places)) {
            place.getItems().setAll(places);
        }
        place.setValue(model.place().orElse(null));
        read.getChildren().clear();
        model.read()
                .forEach((at, value) -> read.getChildren()
                        .add(Press.quiet(Say.it("pressures-view.reading", "at", at, "value", value), () -> drop(at))));
        runs.getChildren().setAll(model.consumers().stream().map(this::consumer).toList());
        danger.setText(model.offered() ? model.dangers() : "");
        Optional<FaultFound> f = model.foundProperty().get();
        plot.drawingProperty().set(model.bars().orElse(null));
        There.show(f.isPresent(), ground);
        model.table().ifPresent(table::show);
        table.setVisible(model.offered());
        Text.fill(says, model.offered() ? model.says() : List.of(Say.it("pressures-view.no-network")), "finding-says");
        choked.words(Say.it("pressures-view.choked"), share(f.map(FaultFound::choked)), Say.it("pressures-view.some"));
        leaks.words(Say.it("pressures-view.leaks"), share(f.map(FaultFound::leaks)), Say.it("pressures-view.some"));
        planned.words(
                Say.it("pressures-view.planned"),
                share(f.map(FaultFound::asPlanned)),
                Say.it("pressures-view.nothing"));
        showing = false;
    }

    private void drop(String at) {
        model.drop(at);
        refresh();
    }

    private Node consumer(String name) {
        CheckBox box = new CheckBox(name);
        box.setSelected(model.runs(name));
        box.setWrapText(true);
        box.setMinHeight(Region.USE_PREF_SIZE);
        box.selectedProperty().addListener((o, was, now) -> {
            model.run(name);
            refresh();
        });
        return box;
    }

    private String share(Optional<Double> of) {
        return of.map(s -> new Figure.OfShare(s).text(model.units())).orElse("–");
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        place.requestFocus();
    }

    @Override
    public void act() {
        keep();
    }
}
