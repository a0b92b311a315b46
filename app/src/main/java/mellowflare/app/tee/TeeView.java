package mellowflare.app.tee;

import java.util.Arrays;
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
import mellowflare.core.measure.Length;
import mellowflare.core.tee.TeePlan;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;

/** The page of a tee-in: the standing line over the tee, what was measured, and what was judged. */
public final class TeeView implements Page {
    private final TeeModel model;
    private final LeafPage page;
    private final DrawingPane picture = new DrawingPane(new Insets(60, 30, 26, 30), 12);
    private final TeeMeasurePane measure;
    private final TeeSitePane site;
    private final VBox papers;
    private final FindingList findings;
    private final FigureBox cut = new FigureBox();
    private final FigureBox piece = new FigureBox();
    private final FigureBox takesIn = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private TeeLeaf leaf = TeeLeaf.MEASURE;

    TeeView(TeeModel model, LineModel line, Look look, Leads leads) {
        this.model = model;
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(TeeLeaf.values()).map(l -> "TEE-" + l.name()).toList(),
                Arrays.stream(TeeLeaf.values()).map(TeeLeaf::word).toList(),
                i -> turnTo(TeeLeaf.values()[i])));
        this.findings = new FindingList(leads);
        this.measure = new TeeMeasurePane(model);
        this.site = new TeeSitePane(model);
        this.papers = Text.under(Say.it("tee-view.papers"), new PaperPresses(model.papers(), model::write));
        LeafPage.dress(picture, look, "tee-picture", Say.it("tee-view.line-and-tee"));
        cut.setId("tee-cut");
        page.frame(Slip.of(line, findings), cut, piece, takesIn, judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && model.isTee()) {
                refresh();
            }
        });
        turnTo(TeeLeaf.MEASURE);
    }

    /** Turns to a leaf: what stands under the drawing. */
    void turnTo(TeeLeaf to) {
        leaf = to;
        switch (to) {
            case MEASURE -> page.under(to.ordinal(), measure);
            case SITE -> page.under(to.ordinal(), site);
            case PAPERS -> page.under(to.ordinal(), papers);
        }
        refresh();
        page.keepFocus();
    }

    private void refresh() {
        if (!model.isTee()) {
            return;
        }
        TeePlan plan = model.plan();
        switch (leaf) {
            case MEASURE -> measure.refresh();
            case SITE -> site.refresh();
            case PAPERS -> {}
        }
        picture.drawingProperty().set(TeeDrawing.page(plan.c(), plan.findings()));
        page.show(picture);
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        figures(plan.c());
        Slip.stops(judged, plan.findings());
    }

    private void figures(TeeCase c) {
        cut.words(
                Say.it("tee-view.cut-out"),
                c.cutOut().filter(x -> x > 0).map(x -> text(Length.ofMm(x))).orElse("–"),
                c.method().map(TeeMethod::name).orElse(Say.it("tee-view.no-method")));
        piece.words(
                Say.it("tee-view.piece"),
                c.piece().map(this::text).orElse("–"),
                c.piece().map(p -> Say.it("tee-view.with-union")).orElse(Say.it("tee-view.no-piece")));
        takesIn.words(
                Say.it("tee-view.takes-in"),
                c.goesIn().map(this::text).orElse("–"),
                c.line().goesIn().isPresent() ? Say.it("tee-view.as-measured") : Say.it("tee-view.to-start-with"));
    }

    private String text(Length length) {
        return Figure.of(length).text(model.units());
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        TeeLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
    }
}
