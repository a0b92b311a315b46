package mellowflare.app.tube;

import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.ServiceEntries;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.FindingList;
import mellowflare.app.page.Leads;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.LeafRow;
import mellowflare.app.page.Page;
import mellowflare.app.page.TurnByHand;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeRating;

/** The page of Line for a line of tube. */
public final class TubeView implements Page {
    private final TubeModels models;
    private final TubeModel model;
    private final LeafPage page;
    private final DrawingPane shape = new DrawingPane(new Insets(52, 24, 22, 22), 13);
    private final DrawingPane flat = new DrawingPane(new Insets(72, 30, 30, 30), 14);
    private final DrawingPane flare = new DrawingPane(new Insets(48, 30, 36, 30), 14);
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
    private final FindingList findings;
    private final FigureBox cut = new FigureBox();
    private final FigureBox developed = new FigureBox();
    private final FigureBox third = new FigureBox();
    private final FigureBox rated = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private TubeLeaf leaf = TubeLeaf.WAY;

    /**
     * @param line ports and what the line must do
     * @param leads leads to where a part of the line is worked on
     */
    public TubeView(TubeModels models, LineModel line, Look look, Leads leads) {
        this.models = models;
        this.model = models.tube();
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(TubeLeaf.values()).map(TubeLeaf::name).toList(),
                Arrays.stream(TubeLeaf.values()).map(TubeLeaf::word).toList(),
                i -> turnTo(TubeLeaf.values()[i])));
        this.measure = new MeasurePane(models.measure(), this::drawn);
        this.a = new TubeEndPane(model, line, LineEnd.A, which -> leads.to(which.end()));
        this.b = new TubeEndPane(model, line, LineEnd.B, which -> leads.to(which.end()));
        this.ends = new Columns(new double[] {50, 50}, a, b);
        this.bench = new BenchPane(models.bench());
        this.bends = new BendsPane(model, this::drawn);
        this.fit = new FitPane(models.fit());
        this.here = new TubeHerePane(models.here(), model, line);
        this.papers = new PapersPane(models.papers());
        this.entries = new TubeEntries(model);
        this.findings = new FindingList(leads);
        this.service = new ServiceEntries(line);
        LeafPage.dress(shape, look, "tube-shape", Say.it("tube-view.the-shape-tube-drag"));
        shape.tells(part -> model.plan().figuresOf(part));
        LeafPage.dress(flat, look, "tube-flat", Say.it("tube-view.the-line-or-its"));
        flat.tells(part -> model.plan().figuresOf(part));
        LeafPage.dress(flare, look, "tube-flare", Say.it("tube-view.the-tube-bar-flare"));
        TurnByHand.on(shape, (right, down) -> {
            model.turn(right, down);
            drawn();
        });
        models.bench().onChange(() -> {
            bench.refresh();
            drawn();
        });
        models.fit().onChange(fit::refresh);
        cut.setId("cut-figure");
        page.frame(
                Slip.of(line, Say.it("tube-view.tube"), entries, service, findings),
                cut,
                developed,
                third,
                rated,
                judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && now.job().is(TubeLineKind.TUBE)) {
                refresh();
            }
        });
        turnTo(TubeLeaf.WAY);
    }

    /** Turns to a leaf: what is drawn, and what stands beside or under it. */
    void turnTo(TubeLeaf to) {
        leaf = to;
        switch (to) {
            case WAY -> page.beside(to.ordinal(), measure);
            case ENDS -> page.under(to.ordinal(), ends);
            case FLARE -> page.under(to.ordinal(), bench);
            case BENDS -> page.under(to.ordinal(), bends);
            case FIT -> page.under(to.ordinal(), fit);
            case HERE -> page.under(to.ordinal(), here);
            case PAPERS -> page.under(to.ordinal(), papers);
        }
        refresh();
        page.keepFocus();
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
            case BENDS -> model.marks(bends.from());
            case FLARE -> models.bench().drawing();
            case ENDS, HERE, PAPERS -> Optional.empty();
        };
        boolean turns = (leaf == TubeLeaf.WAY || leaf == TubeLeaf.FIT) && drawing.isPresent();
        DrawingPane pane = turns ? shape : leaf == TubeLeaf.FLARE && drawing.isPresent() ? flare : flat;
        pane.drawingProperty().set(drawing.orElseGet(() -> model.plan().largeStrip()));
        page.show(pane);
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
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        cut.length(
                Say.it("tube-view.cut-tube-at"),
                c.cut().map(x -> x.shop(model.units())),
                model.units(),
                c.cut().map(x -> x.rounding(model.units())).orElse(""));
        developed.length(Say.it("tube-view.developed"), c.shape().developed(), model.units());
        third(c);
        rated.words(
                Say.it("tube-view.tube-rated"),
                TubeRating.of(c)
                        .map(p -> Figure.of(p.rated()).text(model.units()))
                        .orElse("–"),
                TubeRating.of(c)
                        .map(p -> Say.it(
                                "tube-view.factor",
                                "rated",
                                Figure.of(p.rated()).text(model.units().other()),
                                "factor",
                                LengthFormat.decimal(p.factor(), 1, 0)))
                        .orElse(Say.it("tube-view.say-which-tube")));
        Slip.stops(judged, plan.findings());
    }

    /** The figure that the open leaf is about. */
    private void third(TubeCase c) {
        Optional<BendMark> first = c.marks(LineEnd.A).stream().findFirst();
        switch (leaf) {
            case FLARE ->
                third.words(
                        Say.it("tube-view.stick-out-for-middle"),
                        models.bench()
                                .middle()
                                .map(l -> LengthFormat.figure(l, model.units()))
                                .orElse("–"),
                        models.bench()
                                .middle()
                                .map(l -> Say.it(
                                        "tube-view.out-bar",
                                        "l",
                                        LengthFormat.figure(l, model.units().other())))
                                .orElse(Say.it("tube-view.say-tube-kind-tool")));
            case FIT ->
                third.words(
                        Say.it("tube-view.drops"),
                        c.fit()
                                .map(f -> new Figure.OfShare(f.chance()).text(model.units()))
                                .orElse("–"),
                        Say.it("tube-view.without-easing-bend"));
            default ->
                third.words(
                        first.isPresent() ? Say.it("tube-view.first-mark") : "weighs",
                        first.map(m -> LengthFormat.shop(m.at(c.markWanted()), model.units()))
                                .orElseGet(() -> weight(c)),
                        first.isPresent()
                                ? Say.it("tube-view.from-end-a-squared")
                                : c.cut().isPresent()
                                        ? Say.it("tube-view.cut-tube")
                                        : Say.it("tube-view.say-way-tube-bender"));
        }
    }

    private static String weight(TubeCase c) {
        return c.tube()
                .flatMap(t -> c.cut()
                        .map(x -> Say.it("tube-view.kg", "kilograms", LengthFormat.decimal(x.kilograms(t), 2, 0))))
                .orElse("–");
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        TubeLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
        if (leaf == TubeLeaf.WAY) {
            measure.takeFocus();
        }
    }
}
