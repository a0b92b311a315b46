package mellowflare.app.water;

import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.PaperPresses;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.FindingList;
import mellowflare.app.page.Leads;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.LeafRow;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.bag.BagPlot;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.water.WaterPlan;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.draw.WaterDrawing;
import mellowflare.core.water.work.WaterCase;

/** The page of a water point: the set of parts with its seals, what is worked on, and what was judged. */
public final class WaterView implements Page {
    private final WaterModel model;
    private final LeafPage page;
    private final DrawingPane picture = new DrawingPane(new Insets(50, 30, 14, 30), 12);
    private final WaterPipePane pipe;
    private final SetsPane sets;
    private final SealsPane seals;
    private final BagPane bag;
    private final WaterSitePane site;
    private final VBox papers;
    private final FindingList findings;
    private final FigureBox nipple = new FigureBox();
    private final FigureBox connector = new FigureBox();
    private final FigureBox packed = new FigureBox();
    private final FigureBox cost = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private WaterLeaf leaf = WaterLeaf.PIPE;

    WaterView(WaterModel model, LineModel line, Look look, Leads leads) {
        this.model = model;
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(WaterLeaf.values()).map(l -> "WATER-" + l.name()).toList(),
                Arrays.stream(WaterLeaf.values()).map(WaterLeaf::word).toList(),
                i -> turnTo(WaterLeaf.values()[i])));
        this.findings = new FindingList(leads);
        this.pipe = new WaterPipePane(model);
        this.sets = new SetsPane(model);
        this.seals = new SealsPane(model);
        this.bag = new BagPane(model);
        this.site = new WaterSitePane(model);
        this.papers = Text.under(Say.it("water-view.papers"), new PaperPresses(model.papers(), model::write));
        LeafPage.dress(picture, look, "water-picture", Say.it("water-view.the-set-of-parts"));
        nipple.setId("water-nipple");
        page.frame(Slip.of(line, findings), nipple, connector, packed, cost, judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && model.isWater()) {
                refresh();
            }
        });
        turnTo(WaterLeaf.PIPE);
    }

    /** Turns to a leaf: what is drawn, and what stands under it. */
    void turnTo(WaterLeaf to) {
        leaf = to;
        switch (to) {
            case PIPE -> page.under(to.ordinal(), pipe);
            case PARTS -> page.under(to.ordinal(), sets);
            case SEALS -> page.under(to.ordinal(), seals);
            case BAG -> page.under(to.ordinal(), bag);
            case SITE -> page.under(to.ordinal(), site);
            case PAPERS -> page.under(to.ordinal(), papers);
        }
        refresh();
        page.keepFocus();
    }

    private void refresh() {
        if (!model.isWater()) {
            return;
        }
        WaterPlan plan = model.plan();
        switch (leaf) {
            case PIPE -> pipe.refresh();
            case PARTS -> sets.refresh();
            case SEALS -> seals.refresh();
            case BAG -> bag.refresh();
            case SITE -> site.refresh();
            case PAPERS -> {}
        }
        picture.drawingProperty()
                .set(
                        leaf == WaterLeaf.BAG
                                ? BagPlot.of(plan.c().packed(), model.units())
                                : WaterDrawing.page(plan.c(), plan.findings()));
        page.show(picture);
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        figures(plan.c());
        Slip.stops(judged, plan.findings());
    }

    private void figures(WaterCase c) {
        Optional<NippleFit.Neighbour> stock =
                c.nipple().filter(n -> c.line().hidden()).flatMap(NippleFit::stock);
        nipple.words(
                Say.it("water-view.nipple"),
                stock.map(s -> LengthFormat.shop(s.length(), UnitSystem.INCH)).orElse("–"),
                stock.map(s -> Say.it(
                                "water-view.leaves",
                                "mm",
                                LengthFormat.decimal(s.length().mm(), 1, 0),
                                "gap",
                                Figure.of(Length.ofMm(s.gap())).text(model.units())))
                        .orElse(Say.it("water-view.in-wall-only")));
        Optional<WaterSet> set = c.set();
        connector.words(
                Say.it("water-view.link"),
                set.flatMap(WaterSet::connector)
                        .map(l -> LengthFormat.shop(l, UnitSystem.INCH))
                        .orElse("–"),
                set.map(s -> s.link().name()).orElse(Say.it("water-view.no-set")));
        packed.words(
                Say.it("water-view.bag"),
                c.bag().map(b -> Integer.toString(b.parts().size())).orElse("–"),
                c.bag()
                        .map(b -> Say.it(
                                "water-view.finishes",
                                "chance",
                                new Figure.OfShare(c.packed().chance(b)).text(model.units())))
                        .orElse(Say.it("water-view.nothing-hidden")));
        cost.words(
                Say.it("water-view.costs"),
                set.map(s -> LengthFormat.decimal(s.price(), 0, 0)).orElse("–"),
                set.map(s -> Say.it("water-view.minutes", "minutes", LengthFormat.decimal(s.minutes(), 0, 0)))
                        .orElse(""));
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        WaterLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
    }
}
