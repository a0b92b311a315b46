package mellowflare.app.broken;

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
import mellowflare.core.broken.BrokenPlan;
import mellowflare.core.broken.draw.LadderPlot;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.measure.LengthFormat;

/** The page of a stuck or broken part: the ladder drawn against cutting back, what is worked on, and what was judged. */
public final class BrokenView implements Page {
    private final BrokenModel model;
    private final LeafPage page;
    private final DrawingPane picture = new DrawingPane(new Insets(34, 30, 14, 30), 12);
    private final BrokenPartPane part;
    private final BrokenSitePane site;
    private final LadderPane ladder;
    private final VBox papers;
    private final FindingList findings;
    private final FigureBox chance = new FigureBox();
    private final FigureBox ladderTakes = new FigureBox();
    private final FigureBox cutBack = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private BrokenLeaf leaf = BrokenLeaf.PART;

    BrokenView(BrokenModel model, LineModel line, Look look, Leads leads) {
        this.model = model;
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(BrokenLeaf.values())
                        .map(l -> "BROKEN-" + l.name())
                        .toList(),
                Arrays.stream(BrokenLeaf.values()).map(BrokenLeaf::word).toList(),
                i -> turnTo(BrokenLeaf.values()[i])));
        this.findings = new FindingList(leads);
        this.part = new BrokenPartPane(model);
        this.site = new BrokenSitePane(model);
        this.ladder = new LadderPane(model);
        this.papers = Text.under(Say.it("broken-view.papers"), new PaperPresses(model.papers(), model::write));
        LeafPage.dress(picture, look, "broken-picture", Say.it("broken-view.the-ladder"));
        chance.setId("broken-chance");
        page.frame(Slip.of(line, findings), chance, ladderTakes, cutBack, judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && model.isBroken()) {
                refresh();
            }
        });
        turnTo(BrokenLeaf.PART);
    }

    /** Turns to a leaf: what stands under the drawing. */
    void turnTo(BrokenLeaf to) {
        leaf = to;
        switch (to) {
            case PART -> page.under(to.ordinal(), part);
            case SITE -> page.under(to.ordinal(), site);
            case LADDER -> page.under(to.ordinal(), ladder);
            case PAPERS -> page.under(to.ordinal(), papers);
        }
        refresh();
        page.keepFocus();
    }

    private void refresh() {
        if (!model.isBroken()) {
            return;
        }
        BrokenPlan plan = model.plan();
        switch (leaf) {
            case PART -> part.refresh();
            case SITE -> site.refresh();
            case LADDER -> ladder.refresh();
            case PAPERS -> {}
        }
        picture.drawingProperty().set(LadderPlot.page(plan.c(), plan.findings()));
        page.show(picture);
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        figures(plan.c());
        Slip.stops(judged, plan.findings());
    }

    private void figures(BrokenCase c) {
        boolean known = !c.attempts().isEmpty();
        chance.words(
                Say.it("broken-view.chance"),
                known ? new Figure.OfShare(c.chance()).text(model.units()) : "–",
                Say.it("broken-view.house-guess"));
        ladderTakes.words(
                Say.it("broken-view.ladder"),
                known ? minutes(c.ladderMinutes()) : "–",
                Say.it("broken-view.on-average"));
        cutBack.words(Say.it("broken-view.cut-back"), minutes(c.cutBackMinutes()), Say.it("broken-view.house-guess"));
    }

    private String minutes(double minutes) {
        return Say.it("broken-view.minutes", "minutes", LengthFormat.decimal(minutes, 0, 0));
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        BrokenLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
    }
}
