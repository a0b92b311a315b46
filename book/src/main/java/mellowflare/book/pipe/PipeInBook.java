package mellowflare.book.pipe;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.DrawingSvg;
import mellowflare.book.json.Fields;
import mellowflare.book.line.KindInBook;
import mellowflare.book.line.Paper;
import mellowflare.book.line.SheetPart;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.draw.OffsetDrawing;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.reference.ReferenceData;

/** Rigid pipe in the book. */
public final class PipeInBook implements KindInBook<PipeLine, PipePlan> {
    @Override
    public Kind<PipeLine, PipePlan> kind() {
        return PipeLineKind.PIPE;
    }

    @Override
    public ObjectNode write(PipeLine line) {
        return PipeJson.write(line);
    }

    @Override
    public PipeLine read(Fields fields) throws BookTrouble {
        return PipeJson.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, PipePlan plan) {
        return new PipeSheetPart(plan);
    }

    @Override
    public TagFacts tag(Evaluation e, PipePlan plan) {
        PipeCase c = plan.c();
        return TagFacts.about(e, Say.it("pipe-in-book.test-step"))
                .hose(c.grade().map(g -> g.name()).orElse(""))
                .endA(c.system().map(s -> s.name()).orElse(""))
                .endB(c.line().size().orElse(""))
                .overallMm(Optional.of(plan.length().mm()).filter(l -> l > 0))
                .workingBar(c.service().working().map(p -> p.bar()))
                .fluid(c.fluid().map(f -> f.id()).orElse(""))
                .build();
    }

    @Override
    public List<String> tagLines(Evaluation e, PipePlan plan, TagFacts facts) {
        List<String> lines = new ArrayList<>(List.of(
                Say.it("pipe-in-book.tag-pipe", "size", facts.endB()),
                facts.endA(),
                facts.reach(Say.it("pipe-in-book.tag-length"), plan.c().units())));
        lines.addAll(facts.worksAt(plan.c().units(), plan.c().fluid().map(f -> f.name())));
        return lines;
    }

    @Override
    public List<Paper<PipePlan>> papers() {
        return List.of(
                new Paper<>(
                        "sum",
                        Say.it("pipe-in-book.sum-sheet"),
                        Say.it("pipe-in-book.readings-sum-pieces"),
                        "-sum.pdf",
                        (e, plan, now) -> new SumSheetPdf(plan).bytes(e)),
                new Paper<>(
                        "isometric",
                        Say.it("pipe-in-book.isometric"),
                        Say.it("pipe-in-book.isometric-order"),
                        "-isometric.pdf",
                        (e, plan, now) -> IsometricPdf.bytes(e, plan)),
                Paper.ofText(
                        "cuts",
                        Say.it("pipe-in-book.cut-list"),
                        Say.it("pipe-in-book.piece-by-piece"),
                        "-cuts.csv",
                        (e, plan, now) -> PipeFiles.cutsCsv(plan.c())),
                Paper.ofText(
                        "parts",
                        Say.it("pipe-in-book.parts-list"),
                        Say.it("pipe-in-book.pipe-fittings-prices"),
                        "-parts.csv",
                        (e, plan, now) -> PipeFiles.partsCsv(plan.c())),
                Paper.ofText(
                        "dxf",
                        Say.it("pipe-in-book.lines"),
                        Say.it("pipe-in-book.centre-lines-dxf"),
                        ".dxf",
                        (e, plan, now) -> PipeFiles.dxf(plan.c())),
                Paper.ofText(
                        "drawing",
                        Say.it("pipe-in-book.drawing"),
                        Say.it("pipe-in-book.offset-or-isometric"),
                        ".svg",
                        (e, plan, now) -> DrawingSvg.of(drawing(plan), e.job().title())));
    }

    private static Drawing drawing(PipePlan plan) {
        return plan.c().isOffset()
                ? OffsetDrawing.page(plan.c(), plan.findings(), Optional.empty())
                : RunDrawing.page(
                        plan.c(),
                        plan.findings(),
                        RunDrawing.FIRST_TURN,
                        RunDrawing.FIRST_TILT,
                        Optional.empty(),
                        RunDrawing.Layout.WIDE);
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return PipeDemo.jobs();
    }
}
