package mellowflare.book.tube;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
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
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubeParts;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.stock.Tube;

/** Tube lines in the book. */
public final class TubeInBook implements KindInBook<TubeLine, TubePlan> {
    private static final TubeJson JSON = new TubeJson(JsonNodeFactory.instance);

    /** How the picture of a tube is turned and looked down on (degrees). */
    private static final double TURN = 30;

    private static final double TILT = 24;

    @Override
    public Kind<TubeLine, TubePlan> kind() {
        return TubeLineKind.TUBE;
    }

    @Override
    public ObjectNode write(TubeLine line) {
        return JSON.write(line);
    }

    @Override
    public TubeLine read(Fields fields) throws BookTrouble {
        return JSON.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, TubePlan plan) {
        return new TubeSheetPart(plan);
    }

    @Override
    public TagFacts tag(Evaluation e, TubePlan plan) {
        TubeCase c = plan.c();
        return TagFacts.about(e, "test")
                .hose(c.tube().map(Tube::name).orElse(""))
                .endA(kindOf(c.a()))
                .endB(kindOf(c.b()))
                .overallMm(c.shape().developed().map(Length::mm))
                .workingBar(c.service().working().map(p -> p.bar()))
                .fluid(c.fluid().map(f -> f.id()).orElse(""))
                .build();
    }

    private static String kindOf(TubeSide side) {
        return side.traits().map(t -> t.name()).orElse("");
    }

    @Override
    public List<String> tagLines(Evaluation e, TubePlan plan, TagFacts facts) {
        List<String> lines = new ArrayList<>(List.of(
                "A " + facts.endA(),
                "B " + facts.endB(),
                facts.length("developed", plan.c().units())));
        lines.addAll(facts.worksAt(plan.c().units(), plan.c().fluid().map(f -> f.name())));
        return lines;
    }

    @Override
    public List<Paper<TubePlan>> papers() {
        return List.of(
                new Paper<>(
                        "template",
                        Say.it("tube-in-book.bending-template"),
                        Say.it("tube-in-book.at-true-size-with"),
                        "-template.pdf",
                        (e, plan, now) -> TemplateSheet.pdf(e, plan.c())),
                Paper.ofText(
                        "lra",
                        Say.it("tube-in-book.bend-table"),
                        Say.it("tube-in-book.straights-rotations-bends-with"),
                        "-lra.csv",
                        (e, plan, now) -> LraCsv.of(plan.c())),
                Paper.ofText(
                        "dxf",
                        Say.it("tube-in-book.centre-line"),
                        Say.it("tube-in-book.centre-line-flat-stretches"),
                        ".dxf",
                        (e, plan, now) -> TubeDxf.of(plan.c())),
                Paper.ofText(
                        "drawing",
                        Say.it("tube-in-book.drawing"),
                        Say.it("tube-in-book.tube-as-bent-as"),
                        ".svg",
                        (e, plan, now) -> DrawingSvg.of(drawing(plan), e.job().title())),
                Paper.ofText(
                        "parts",
                        Say.it("tube-in-book.parts-list"),
                        Say.it("tube-in-book.tube-nuts-sleeves-clamps"),
                        "-parts.csv",
                        (e, plan, now) -> TubePartsCsv.of(TubeParts.of(plan.c()))));
    }

    private static Drawing drawing(TubePlan plan) {
        return ShapeDrawing.page(plan.c(), TURN, TILT, Optional.empty()).orElseGet(() -> plan.largeStrip());
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return TubeDemo.jobs();
    }
}
