package mellowflare.app.pipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
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
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.offset.OffsetCut;

/** The page of Line for rigid pipe. */
public final class PipeView implements Page {
    private final PipeModel model;
    private final OffsetModel offset;
    private final RunModel run;
    private final LeafPage page;
    private final DrawingPane flat = new DrawingPane(new Insets(48, 24, 6, 24), 13);
    private final DrawingPane space = new DrawingPane(new Insets(46, 24, 14, 24), 12);
    private final DrawingPane strips = new DrawingPane(new Insets(50, 20, 8, 20), 12);
    private final ReadingsPane readings;
    private final SumPane sum;
    private final LegsPane legs;
    private final RunPane runPane;
    private final AssemblyPane assembly;
    private final PiecesPane pieces;
    private final PartsPane parts;
    private final SitePane site;
    private final PapersPane papers;
    private final PipeEntries entries;
    private final ServiceEntries service;
    private final FindingList findings;
    private final List<FigureBox> boxes = List.of(new FigureBox(), new FigureBox(), new FigureBox());
    private final FigureBox closes = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private PipeLeaf leaf = PipeLeaf.OFFSET;
    private PipeShape shape = PipeShape.OFFSET;

    /**
     * @param line what the line must do
     * @param leads leads to where a part of the line is worked on
     */
    public PipeView(
            PipeModel model,
            OffsetModel offset,
            RunModel run,
            PiecesModel made,
            PipeWork work,
            LineModel line,
            Look look,
            Leads leads) {
        this.model = model;
        this.offset = offset;
        this.run = run;
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(PipeLeaf.values()).map(l -> "PIPE-" + l.name()).toList(),
                Arrays.stream(PipeLeaf.values()).map(PipeLeaf::word).toList(),
                i -> turnTo(PipeLeaf.values()[i])));
        this.readings = new ReadingsPane(offset, this::drawn);
        this.sum = new SumPane(model);
        this.legs = new LegsPane(offset);
        this.runPane = new RunPane(run, this::drawn);
        this.assembly = new AssemblyPane(model, run);
        this.pieces = new PiecesPane(model, made, work);
        this.parts = new PartsPane(model, new PartsModel(model));
        this.site = new SitePane(model, line);
        this.papers = new PapersPane(model);
        this.entries = new PipeEntries(model);
        this.service = new ServiceEntries(line);
        this.findings = new FindingList(leads);
        LeafPage.dress(flat, look, "pipe-flat", Say.it("pipe-view.the-offset"));
        LeafPage.dress(strips, look, "pipe-bars", Say.it("pipe-view.the-bars"));
        LeafPage.dress(space, look, "pipe-space", Say.it("pipe-view.the-run"));
        space.tells(part -> model.plan().figuresOf(part));
        TurnByHand.on(space, (right, down) -> {
            model.turn(right, down);
            drawn();
        });
        run.onDraft(() -> {
            // A line of text is also left because a job of another kind was opened.
            if (model.isPipe()) {
                runPane.refresh();
                drawn();
            }
        });
        Runnable bars = () -> {
            if (model.isPipe() && leaf == PipeLeaf.PIECES) {
                pieces.refresh();
                drawn();
            }
        };
        work.onChange(bars);
        made.together().onChange(bars);
        boxes.get(0).setId("cut-figure");
        page.frame(
                Slip.of(line, Say.it("pipe-view.pipe"), entries, service, findings),
                boxes.get(0),
                boxes.get(1),
                boxes.get(2),
                closes,
                judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && model.isPipe()) {
                refresh();
            }
        });
        turnTo(PipeLeaf.OFFSET);
    }

    /** Turns to a tab: what is drawn, and what stands beside or under it. */
    void turnTo(PipeLeaf to) {
        leaf = to;
        switch (to) {
            case OFFSET -> page.underAndBeside(to.ordinal(), readings, sum);
            case LEGS -> page.under(to.ordinal(), legs);
            case RUN -> page.underAndBeside(to.ordinal(), runPane.check(), runPane.walk());
            case ASSEMBLY -> page.underAndBeside(to.ordinal(), assembly, assembly.order());
            case PIECES -> page.underAndBeside(to.ordinal(), pieces.from(), pieces.table());
            case PARTS -> page.alone(to.ordinal(), parts);
            case HERE -> page.under(to.ordinal(), site);
            case PAPERS -> page.under(to.ordinal(), papers);
        }
        refresh();
        page.keepFocus();
    }

    /** Only the open tab is kept up to date; the others are when they are turned to. */
    private void leaf() {
        switch (leaf) {
            case OFFSET -> {
                readings.refresh();
                sum.refresh();
            }
            case LEGS -> legs.refresh();
            case RUN -> runPane.refresh();
            case ASSEMBLY -> assembly.refresh();
            case PIECES -> pieces.refresh();
            case PARTS -> parts.refresh();
            case HERE -> site.refresh();
            case PAPERS -> papers.refresh();
        }
    }

    private void drawn() {
        if (!model.isPipe()) {
            return;
        }
        if (leaf == PipeLeaf.PIECES) {
            strips.drawingProperty().set(pieces.bars());
            page.show(strips);
            return;
        }
        boolean plane = model.c().isOffset() && leaf != PipeLeaf.RUN;
        DrawingPane pane = plane ? flat : space;
        Drawing drawing = plane
                ? model.offset(offset.litProperty().get())
                : leaf == PipeLeaf.RUN
                        ? model.run(run.shown(), run.pointed(), RunDrawing.Layout.TALL)
                        : model.run(model.c(), run.chosenPiece().map(p -> p.name()), RunDrawing.Layout.WIDE);
        pane.drawingProperty().set(drawing);
        page.show(pane);
    }

    private void refresh() {
        if (!model.isPipe()) {
            return;
        }
        PipePlan plan = model.plan();
        PipeCase c = plan.c();
        if (c.line().shape() != shape) {
            shape = c.line().shape();
            if (leaf == PipeLeaf.OFFSET || leaf == PipeLeaf.LEGS || leaf == PipeLeaf.RUN) {
                turnTo(shape == PipeShape.OFFSET ? PipeLeaf.OFFSET : PipeLeaf.RUN);
                return;
            }
        }
        leaf();
        drawn();
        entries.refresh();
        service.refresh();
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        if (c.isOffset()) {
            cuts(c);
        } else {
            run(plan, c);
        }
        closes.words(
                Say.it("pipe-view.closes"),
                c.closing()
                        .map(k -> new Figure.OfShare(k.chance()).text(model.units()))
                        .orElse("–"),
                c.closing()
                        .map(k -> Say.it(
                                "pipe-view.within",
                                "allowed",
                                Figure.of(k.allowed()).text(model.units())))
                        .orElse(Say.it("pipe-view.no-fixed-end")));
        Slip.stops(judged, plan.findings());
    }

    /** The three cuts that an offset comes to; held while a called figure is not the written one. */
    private void cuts(PipeCase c) {
        List<Optional<OffsetCut>> all = c.sum()
                .map(s -> List.of(s.cutA(), s.cutB(), s.cutC()))
                .orElse(List.of(Optional.empty(), Optional.empty(), Optional.empty()));
        List<String> names = List.of(Say.it("pipe-view.cut-a"), Say.it("pipe-view.cut-b"), Say.it("pipe-view.cut-c"));
        for (int i = 0; i < boxes.size(); i++) {
            if (c.held()) {
                boxes.get(i).words(names.get(i), "–", Say.it("pipe-view.held"));
            } else {
                boxes.get(i)
                        .length(names.get(i), all.get(i).map(OffsetCut::shop).filter(l -> l.mm() > 0), model.units());
            }
        }
    }

    private void run(PipePlan plan, PipeCase c) {
        boxes.get(0)
                .words(
                        Say.it("pipe-view.pieces"),
                        Integer.toString(c.pieces().size()),
                        Say.it(
                                "pipe-view.of-them-bought",
                                "bought",
                                c.pieces().stream().filter(PieceCut::bought).count()));
        Length length = plan.length();
        boxes.get(1)
                .words(
                        Say.it("pipe-view.pipe-together"),
                        length.mm() > 0 ? new Figure.OfReach(length).text(model.units()) : "–",
                        Say.it("pipe-view.as-marked"));
        boxes.get(2)
                .words(
                        Say.it("pipe-view.unions"),
                        Integer.toString(c.assembly().unions().size()),
                        Say.it("pipe-view.still-to-put-in"));
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        PipeLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
        if (model.isPipe()) {
            if (leaf == PipeLeaf.OFFSET) {
                readings.takeFocus();
            } else if (leaf == PipeLeaf.RUN) {
                runPane.takeFocus();
            }
        }
    }
}
