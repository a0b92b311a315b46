package mellowflare.book.hose;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.DrawingSvg;
import mellowflare.book.json.Fields;
import mellowflare.book.line.KindInBook;
import mellowflare.book.line.Paper;
import mellowflare.book.line.SheetPart;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.Side;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.ReferenceData;

/** Hose lines in the book. */
public final class HoseInBook implements KindInBook<HoseLine, HosePlan> {
    private static final HoseJson JSON = new HoseJson(JsonNodeFactory.instance);

    @Override
    public Kind<HoseLine, HosePlan> kind() {
        return HoseLineKind.HOSE;
    }

    @Override
    public ObjectNode write(HoseLine line) {
        return JSON.write(line);
    }

    @Override
    public HoseLine read(Fields fields) throws BookTrouble {
        return JSON.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, HosePlan plan) {
        return new HoseSheetPart(plan);
    }

    @Override
    public TagFacts tag(Evaluation e, HosePlan plan) {
        HoseCase c = plan.c();
        return TagFacts.about(e, "proof")
                .hose(c.hose().map(h -> h.part()).orElse(""))
                .endA(part(c.a()))
                .endB(part(c.b()))
                .overallMm(c.finished().map(f -> f.value().mm()))
                .clock(c.clockAngle().filter(a -> c.twoElbows()).map(a -> a.degrees()))
                .workingBar(c.service().working().map(p -> p.bar()))
                .fluid(c.fluid().map(f -> f.id()).orElse(""))
                .build();
    }

    private static String part(Side side) {
        return side.part().map(p -> p.part()).orElse("");
    }

    @Override
    public List<String> tagLines(Evaluation e, HosePlan plan, TagFacts facts) {
        List<String> lines = new ArrayList<>(List.of(
                "A " + facts.endA(),
                "B " + facts.endB(),
                facts.length("overall", plan.c().units())));
        facts.clock()
                .ifPresent(a ->
                        lines.add(Say.it("hose-in-book.clock-from-a-clockwise", "a", LengthFormat.decimal(a, 1, 0))));
        lines.addAll(facts.worksAt(plan.c().units(), plan.c().fluid().map(f -> f.name())));
        return lines;
    }

    @Override
    public List<Paper<HosePlan>> papers() {
        return List.of(
                Paper.ofText(
                        "parts",
                        Say.it("hose-in-book.parts-list"),
                        Say.it("hose-in-book.need-shelf-what-missing"),
                        "-parts.csv",
                        (e, plan, now) -> HosePartsCsv.of(plan)),
                new Paper<>(
                        "hand-over",
                        Say.it("hose-in-book.hand-over-sheet"),
                        Say.it("hose-in-book.what-crimp-shop-needs"),
                        "-hand-over.pdf",
                        (e, plan, now) -> HandOverSheet.pdf(e, plan)),
                Paper.ofText(
                        "drawing",
                        Say.it("hose-in-book.drawing"),
                        Say.it("hose-in-book.line-with-its-seals"),
                        ".svg",
                        (e, plan, now) ->
                                DrawingSvg.of(plan.largeStrip(), e.job().title())));
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return HoseDemo.jobs(data, now);
    }
}
