package mellowflare.app.hose;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.line.AmbientEntries;
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
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.measure.LengthFormat;

/** The page of Line. */
public final class HoseView implements Page {
    private final HoseModel model;
    private final LeafPage page;
    private final DrawingPane drawing = new DrawingPane(new Insets(162, 24, 4, 24), 14);
    private final DrawingPane picture = new DrawingPane(new Insets(50, 24, 22, 24), 13);
    private final HBox ends;
    private final RoutePane way;
    private final LengthPane length;
    private final HerePane here;
    private final PartsPane parts;
    private final RouteModel wayModel;
    private HoseLeaf leaf = HoseLeaf.ENDS;
    private final EndColumn a;
    private final EndColumn b;
    private final HoseEntries hose;
    private final ServiceEntries service;
    private final FindingList findings;
    private final FigureBox cut = new FigureBox();
    private final FigureBox overall = new FigureBox();
    private final FigureBox tolerance = new FigureBox();
    private final FigureBox weakest = new FigureBox();
    private final FigureBox judged = new FigureBox();
    /**
     * @param leads leads to where a part of the line is worked on
     */
    public HoseView(HoseModel model, HoseModels models, Look look, Leads leads) {
        this.model = model;
        this.wayModel = models.way();
        this.page = new LeafPage(
                new LeafRow(
                        Arrays.stream(HoseLeaf.values()).map(HoseLeaf::name).toList(),
                        Arrays.stream(HoseLeaf.values()).map(HoseLeaf::word).toList(),
                        i -> turnTo(HoseLeaf.values()[i])),
                "line-ground");
        this.way = new RoutePane(models.way());
        this.length = new LengthPane(models.length());
        this.here = new HerePane(models.here(), new AmbientEntries(model.line()));
        this.parts = new PartsPane(models.parts());
        this.service = new ServiceEntries(model.line());
        this.a = new EndColumn(model, LineEnd.A, which -> leads.to(which.end()));
        this.b = new EndColumn(model, LineEnd.B, which -> leads.to(which.end()));
        this.hose = new HoseEntries(model);
        this.findings = new FindingList(leads);
        LeafPage.dress(drawing, look, "line-strip", Say.it("hose-view.the-line-as-strip"));
        drawing.tells(part -> model.plan().figuresOf(part));
        drawing.growMargin();
        LeafPage.dress(picture, look, "way-picture", Say.it("hose-view.the-way-hose-drag"));
        TurnByHand.on(picture, this::turnPicture);
        this.ends = new HBox(24, a, b);
        for (VBox column : List.of(a, b)) {
            HBox.setHgrow(column, Priority.ALWAYS);
            column.setPrefWidth(10);
            column.setMinWidth(0);
        }
        cut.setId("cut-figure");
        page.frame(
                Slip.of(model.line(), Say.it("hose-view.hose"), hose, service, findings),
                cut,
                overall,
                tolerance,
                weakest,
                judged);
        model.currentProperty().addListener((o, was, now) -> refreshIfOpen());
        turnTo(HoseLeaf.ENDS);
    }

    /** Turns to a leaf: what is drawn and what stands under it. */
    void turnTo(HoseLeaf to) {
        leaf = to;
        page.under(
                to.ordinal(),
                switch (to) {
                    case ENDS -> ends;
                    case WAY -> way;
                    case LENGTH -> length;
                    case HERE -> here;
                    case PARTS -> parts;
                });
        refresh();
        page.keepFocus();
    }

    /** Only the open leaf is kept up to date; the others are when they are turned to. */
    private void refreshLeaf() {
        page.show(leaf == HoseLeaf.WAY && wayModel.measured() ? picture : drawing);
        switch (leaf) {
            case ENDS -> {
                a.refresh();
                b.refresh();
            }
            case WAY -> {
                way.refresh();
                picture.drawingProperty().set(wayModel.drawing().orElse(null));
            }
            case LENGTH -> length.refresh();
            case HERE -> here.refresh();
            case PARTS -> parts.refresh();
        }
    }

    private void turnPicture(double right, double down) {
        wayModel.turn(right, down);
        picture.drawingProperty().set(wayModel.drawing().orElse(null));
    }

    private void refresh() {
        HosePlan plan = model.plan();
        drawing.drawingProperty().set(plan.largeStrip());
        refreshLeaf();
        hose.refresh();
        service.refresh();
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        Optional<CutLength> length = plan.cut().filter(CutLength::possible);
        if (plan.c().whole()) {
            cut.length(Say.it("hose-view.take-hose"), plan.c().wholeLength(), model.units());
        } else {
            cut.length(Say.it("hose-view.cut-hose-at"), length.map(c -> c.shop(model.units())), model.units());
        }
        overall.length(Say.it("hose-view.overall"), plan.c().finished().map(f -> f.value()), model.units());
        if (leaf == HoseLeaf.WAY && wayModel.measured()) {
            wayFigure();
        } else {
            toleranceFigure(length);
        }
        weakest.words(
                Say.it("hose-view.weakest-part-rated"),
                plan.weakest()
                        .map(w -> Figure.of(w.limit()).text(model.units()))
                        .orElse("–"),
                plan.weakest()
                        .map(w -> w.part() + ", "
                                + Figure.of(w.limit()).text(model.units().other()))
                        .orElse(Say.it("hose-view.choose-hose-both-ends")));
        Slip.stops(judged, plan.findings());
    }

    private void toleranceFigure(Optional<CutLength> length) {
        tolerance.words(
                Say.it("hose-view.tolerance"),
                length.map(c -> LengthFormat.figure(c.tolerance(), model.units()))
                        .orElse("–"),
                length.map(c -> Say.it(
                                "hose-view.exact-cut-rounded-by",
                                "exact",
                                LengthFormat.figure(c.exact(), model.units()),
                                "roundingError",
                                LengthFormat.figure(c.roundingError(model.units()), model.units())))
                        .orElse("SAE J517"));
    }

    /** On the leaf of the way its length stands in the bar, and what to make of it. */
    private void wayFigure() {
        tolerance.words(
                Say.it("hose-view.route-length"),
                wayModel.length().map(l -> LengthFormat.shop(l, model.units())).orElse(Say.it("hose-view.no-route")),
                wayModel.says());
    }

    @Override
    public Node node() {
        return page.node();
    }

    private void refreshIfOpen() {
        if (isOpen() && model.isHose()) {
            refresh();
        }
    }

    @Override
    public void lead(Subject part) {
        HoseLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
        hose.finished().field().requestFocus();
    }
}
