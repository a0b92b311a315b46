package mellowflare.app.line.tube;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.line.FindingList;
import mellowflare.app.line.LeafRow;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.ServiceEntries;
import mellowflare.app.line.Slip;
import mellowflare.app.line.TurnByHand;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.app.shell.Page;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.Which;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.TubeBears;
import mellowflare.core.tube.TubeCase;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.MarkStrip;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.draw.TubeStrip;
import mellowflare.core.tube.form.BendMark;

/** The page of Line for a line of tube. */
public final class TubeView implements Page {
    private final TubeModels models;
    private final TubeModel model;
    private final BorderPane page = new BorderPane();
    private final BorderPane body = new BorderPane();
    private final DrawingPane shape = new DrawingPane(new Insets(52, 24, 22, 22), 13);
    private final DrawingPane flat = new DrawingPane(new Insets(72, 30, 30, 30), 14);
    private final DrawingPane flare = new DrawingPane(new Insets(48, 30, 26, 30), 14);
    private final StackPane ground = new StackPane();
    private final StackPane under = new StackPane();
    private final LeafRow leaves;
    private final MeasurePane measure;
    private final TubeEndPane a;
    private final TubeEndPane b;
    private final Columns ends;
    private final BenchPane bench;
    private final BendsPane bends;
    private final FitPane fit;
    private final TubeHerePane here;
    private final PapersPane papers;
    private final TubeEntries entries;
    private final ServiceEntries service;
    private final FindingList findings = new FindingList();
    private final FigureBox cut = new FigureBox();
    private final FigureBox developed = new FigureBox();
    private final FigureBox third = new FigureBox();
    private final FigureBox bears = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private TubeLeaf leaf = TubeLeaf.WAY;

    /**
     * @param line ports and what the line must do
     * @param measurePort opens Gauge for an end
     */
    public TubeView(TubeModels models, LineModel line, Look look, Consumer<Which> measurePort) {
        this.models = models;
        this.model = models.tube();
        this.leaves = new LeafRow(
                Arrays.stream(TubeLeaf.values()).map(TubeLeaf::name).toList(),
                Arrays.stream(TubeLeaf.values()).map(TubeLeaf::word).toList(),
                i -> turnTo(TubeLeaf.values()[i]));
        this.measure = new MeasurePane(models.measure(), this::drawn);
        this.a = new TubeEndPane(model, line, Which.A, measurePort);
        this.b = new TubeEndPane(model, line, Which.B, measurePort);
        this.ends = new Columns(new double[] {50, 50}, a, b);
        this.bench = new BenchPane(models.bench());
        this.bends = new BendsPane(model, this::drawn);
        this.fit = new FitPane(models.fit());
        this.here = new TubeHerePane(models.here(), model, line);
        this.papers = new PapersPane(models.papers());
        this.entries = new TubeEntries(model);
        this.service = new ServiceEntries(line);
        dress(shape, look, "tube-shape", "The shape of the tube: drag or use the arrow keys to turn it");
        dress(flat, look, "tube-flat", "The line, or its marks");
        dress(flare, look, "tube-flare", "The tube in the bar, and the flare on its seat");
        TurnByHand.on(shape, (right, down) -> {
            model.turn(right, down);
            drawn();
        });
        models.bench().onChange(() -> {
            bench.refresh();
            drawn();
        });
        models.fit().onChange(fit::refresh);
        page.setCenter(left());
        page.setRight(Slip.of(line, "Tube", entries, service, findings));
        page.setBottom(figures());
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && now.job().isTube()) {
                refresh();
            }
        });
        turnTo(TubeLeaf.WAY);
    }

    private static void dress(DrawingPane pane, Look look, String id, String words) {
        pane.setId(id);
        pane.inkProperty().bind(look.ink());
        pane.textScaleProperty().bind(look.scale());
        pane.setAccessibleText(words);
    }

    private Node left() {
        ground.getStyleClass().addAll("drawing-ground", "tube-ground");
        under.getStyleClass().add("under-drawing");
        under.setAlignment(Pos.TOP_LEFT);
        body.setCenter(ground);
        StackPane over = new StackPane(body, leaves);
        StackPane.setAlignment(leaves, Pos.TOP_LEFT);
        page.addEventFilter(KeyEvent.KEY_PRESSED, leaves::key);
        return Text.page(over);
    }

    /** Turns to a leaf: what is drawn, and what stands beside or under it. */
    void turnTo(TubeLeaf to) {
        leaf = to;
        leaves.show(to.ordinal());
        if (to == TubeLeaf.WAY) {
            body.setBottom(null);
            body.setRight(measure);
        } else {
            body.setRight(null);
            under.getChildren()
                    .setAll(
                            switch (to) {
                                case WAY -> measure;
                                case ENDS -> ends;
                                case FLARE -> bench;
                                case BENDS -> bends;
                                case FIT -> fit;
                                case HERE -> here;
                                case PAPERS -> papers;
                            });
            body.setBottom(under);
        }
        refresh();
        keepFocus();
    }

    /** What had the focus may have gone with its leaf: the keys must still reach the page. */
    private void keepFocus() {
        if (page.getScene() != null
                && (page.getScene().getFocusOwner() == null
                        || page.getScene().getFocusOwner().getScene() == null
                        || leaves.getChildren().contains(page.getScene().getFocusOwner()))) {
            leaves.takeFocus();
        }
    }

    /** Only the open leaf is kept up to date; the others are when they are turned to. */
    private void leaf() {
        switch (leaf) {
            case WAY -> measure.refresh();
            case ENDS -> {
                a.refresh();
                b.refresh();
            }
            case FLARE -> bench.refresh();
            case BENDS -> bends.refresh();
            case FIT -> fit.refresh();
            case HERE -> here.refresh();
            case PAPERS -> papers.refresh();
        }
    }

    private void drawn() {
        Optional<Drawing> drawing = switch (leaf) {
            case WAY -> model.shape(models.measure().corner(), ShapeDrawing.Layout.TALL);
            case FIT -> model.shape(Optional.empty(), ShapeDrawing.Layout.WIDE);
            case BENDS -> MarkStrip.of(model.c(), bends.from());
            case FLARE -> models.bench().drawing();
            case ENDS, HERE, PAPERS -> Optional.empty();
        };
        boolean turns = (leaf == TubeLeaf.WAY || leaf == TubeLeaf.FIT) && drawing.isPresent();
        DrawingPane pane = turns ? shape : leaf == TubeLeaf.FLARE && drawing.isPresent() ? flare : flat;
        pane.drawingProperty().set(drawing.orElseGet(() -> TubeStrip.page(model.plan())));
        if (!ground.getChildren().equals(List.of(pane))) {
            ground.getChildren().setAll(pane);
        }
    }

    private Node figures() {
        cut.setId("cut-figure");
        HBox bar = new HBox(34, cut, developed, third, bears, judged);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void refresh() {
        if (!model.isTube()) {
            return;
        }
        TubePlan plan = model.plan();
        TubeCase c = plan.c();
        leaf();
        drawn();
        entries.refresh();
        service.refresh();
        findings.show(plan.findings(), model.units());
        cut.length(
                "cut the tube at",
                c.cut().map(x -> x.shop(model.units())),
                model.units(),
                c.cut().map(x -> x.rounding(model.units())).orElse(""));
        developed.length("developed", c.shape().developed(), model.units());
        third(c);
        bears.words(
                "the tube bears",
                TubeBears.of(c)
                        .map(p -> Figure.of(p.bears()).text(model.units()))
                        .orElse("–"),
                TubeBears.of(c)
                        .map(p -> Figure.of(p.bears()).text(model.units().other()) + ", factor "
                                + LengthFormat.decimal(p.factor(), 1, 0))
                        .orElse("say which tube"));
        Slip.stops(judged, plan.findings());
    }

    /** The figure that the open leaf is about. */
    private void third(TubeCase c) {
        Optional<BendMark> first = c.marks(Which.A).stream().findFirst();
        switch (leaf) {
            case FLARE ->
                third.words(
                        "stick-out for the middle",
                        models.bench()
                                .middle()
                                .map(l -> LengthFormat.figure(l, model.units()))
                                .orElse("–"),
                        models.bench()
                                .middle()
                                .map(l -> LengthFormat.figure(l, model.units().other()) + " out of the bar")
                                .orElse("say tube, kind and tool"));
            case FIT ->
                third.words(
                        "drops in",
                        c.fit()
                                .map(f -> new Figure.OfShare(f.chance()).text(model.units()))
                                .orElse("–"),
                        "without easing a bend");
            default ->
                third.words(
                        first.isPresent() ? "first mark" : "weighs",
                        first.map(m -> LengthFormat.shop(m.at(c.markWanted()), model.units()))
                                .orElseGet(() -> weight(c)),
                        first.isPresent()
                                ? "from end A, squared up"
                                : c.cut().isPresent() ? "cut tube" : "say way, tube and bender");
        }
    }

    private static String weight(TubeCase c) {
        return c.tube()
                .flatMap(t -> c.cut().map(x -> LengthFormat.decimal(x.kilograms(t), 2, 0) + " kg"))
                .orElse("–");
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        if (leaf == TubeLeaf.WAY) {
            measure.takeFocus();
        }
    }
}
