package mellowflare.app.line;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.app.shell.Page;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.hose.CutLength;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.LineStrip;
import mellowflare.core.hose.Which;
import mellowflare.core.measure.LengthFormat;

/** The page of Line. */
public final class LineView implements Page {
    private final LineModel model;
    private final BorderPane page = new BorderPane();
    private final DrawingPane drawing = new DrawingPane(new Insets(122, 24, 4, 24), 14);
    private final EndColumn a;
    private final EndColumn b;
    private final HoseEntries hose;
    private final ChoiceRow<Duty> duty;
    private final ComboBox<Fluid> fluid = new ComboBox<>();
    private final FindingList findings = new FindingList();
    private final FigureBox cut = new FigureBox();
    private final FigureBox overall = new FigureBox();
    private final FigureBox tolerance = new FigureBox();
    private final FigureBox weakest = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private boolean showing;

    /**
     * @param measure opens Gauge for an end
     */
    public LineView(LineModel model, Look look, Consumer<Which> measure) {
        this.model = model;
        this.duty = new ChoiceRow<>(
                "it is a", List.of(Duty.values()), Duty::word, d -> null, false, d -> d.ifPresent(model::duty));
        this.a = new EndColumn(model, Which.A, measure);
        this.b = new EndColumn(model, Which.B, measure);
        this.hose = new HoseEntries(model);
        drawing.setId("line-strip");
        drawing.inkProperty().bind(look.ink());
        drawing.textScaleProperty().bind(look.scale());
        drawing.setAccessibleText("The line as a strip with its seals");
        page.setCenter(left());
        page.setRight(slip());
        page.setBottom(figures());
        model.currentProperty().addListener((o, was, now) -> refreshIfOpen());
        refresh();
    }

    private Node left() {
        StackPane ground = new StackPane(drawing);
        ground.getStyleClass().add("drawing-ground");
        ground.setPrefHeight(305);
        ground.setMinHeight(236);
        HBox columns = new HBox(24, a, b);
        columns.getStyleClass().add("under-drawing");
        for (Node n : columns.getChildren()) {
            HBox.setHgrow(n, Priority.ALWAYS);
            ((VBox) n).setPrefWidth(10);
            ((VBox) n).setMinWidth(0);
        }
        VBox.setVgrow(ground, Priority.ALWAYS);
        return Text.page(new VBox(ground, columns));
    }

    private Node slip() {
        fluid.getItems().setAll(model.fluids());
        WordCell.dress(fluid, Fluid::name, "fluid not said");
        fluid.setAccessibleText("Fluid in the line");
        fluid.setMaxWidth(Double.MAX_VALUE);
        fluid.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.fluid(now);
            }
        });
        EntryRow working = new EntryRow("working pressure", "bar or psi", model.working());
        working.field().setId("working");
        VBox content = new VBox(
                4,
                Text.of("Hose", "slip-heading"),
                hose,
                Text.of("What it must do", "slip-heading"),
                fluid,
                duty,
                working,
                new EntryRow("highest surge", "bar or psi", model.peak()),
                new EntryRow("hottest fluid", "C or F", model.temperature()),
                new EntryRow("flow", "L/min", model.flow()),
                Text.of("What was judged", "slip-heading"),
                findings);
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip");
        return scroll;
    }

    private Node figures() {
        cut.setId("cut-figure");
        HBox bar = new HBox(40, cut, overall, tolerance, weakest, judged);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void refresh() {
        showing = true;
        HosePlan plan = model.plan();
        drawing.drawingProperty().set(LineStrip.page(plan));
        a.refresh();
        b.refresh();
        hose.refresh();
        fluid.setValue(model.fluid().orElse(null));
        duty.show(Optional.of(model.duty()));
        findings.show(plan.findings(), model.units());
        Optional<CutLength> length = plan.cut().filter(CutLength::possible);
        cut.length("cut the hose at", length.map(c -> c.shop(model.units())), model.units());
        overall.length("overall", plan.c().finished().map(f -> f.value()), model.units());
        tolerance.words(
                "give or take",
                length.map(c -> LengthFormat.figure(c.tolerance(), model.units()))
                        .orElse("–"),
                length.map(c -> "exact cut " + LengthFormat.figure(c.exact(), model.units()) + ", rounded by "
                                + LengthFormat.figure(c.roundingError(model.units()), model.units()))
                        .orElse("SAE J517"));
        weakest.words(
                "weakest part bears",
                plan.weakest()
                        .map(w -> Figure.of(w.limit()).text(model.units()))
                        .orElse("–"),
                plan.weakest()
                        .map(w -> w.part() + ", "
                                + Figure.of(w.limit()).text(model.units().other()))
                        .orElse("choose hose and both ends"));
        List<Finding> stops = plan.findings().stream().filter(Finding::stops).toList();
        judged.words(
                "stops",
                stops.isEmpty() ? "none" : Integer.toString(stops.size()),
                stops.isEmpty()
                        ? "nothing stands in the way"
                        : stops.get(0).about().word() + ": see what was judged");
        showing = false;
    }

    @Override
    public Node node() {
        return page;
    }

    private void refreshIfOpen() {
        if (isOpen()) {
            refresh();
        }
    }

    @Override
    public void opened() {
        refresh();
        hose.finished().field().requestFocus();
    }
}
