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
import mellowflare.core.advice.Figure;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.Side;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.measure.Length;
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
        return new TagFacts(
                e.job().id(),
                e.job().title(),
                e.job().machine(),
                c.hose().map(h -> h.part()).orElse(""),
                part(c.a()),
                part(c.b()),
                c.finished().map(f -> f.value().mm()),
                e.cut().map(Length::mm),
                c.clockAngle().filter(a -> c.twoElbows()).map(a -> a.degrees()),
                c.service().working().map(p -> p.bar()),
                c.fluid().map(f -> f.id()).orElse(""),
                TagFacts.proofed(e, "proof"),
                TagFacts.made(e));
    }

    private static String part(Side side) {
        return side.part().map(p -> p.part()).orElse("");
    }

    @Override
    public List<String> tagLines(Evaluation e, HosePlan plan, TagFacts facts) {
        HoseCase c = plan.c();
        List<String> lines = new ArrayList<>();
        lines.add("A " + facts.endA());
        lines.add("B " + facts.endB());
        lines.add("overall "
                + facts.overallMm()
                        .map(mm -> LengthFormat.both(Length.ofMm(mm), c.units()))
                        .orElse("open"));
        facts.clock().ifPresent(a -> lines.add("clock " + LengthFormat.decimal(a, 1, 0) + "° from A, clockwise"));
        c.service()
                .working()
                .ifPresent(p -> lines.add("works at " + Figure.of(p).text(c.units())
                        + c.fluid().map(f -> ", " + f.name()).orElse("")));
        return lines;
    }

    @Override
    public List<Paper<HosePlan>> papers() {
        return List.of(
                Paper.ofText(
                        "parts",
                        "Parts list",
                        "need, shelf, what is missing and cost, as CSV",
                        "-parts.csv",
                        (e, plan, now) -> HosePartsCsv.of(plan)),
                new Paper<>(
                        "hand-over",
                        "Hand-over sheet",
                        "what a crimp shop needs, clock angle pictured, as PDF",
                        "-hand-over.pdf",
                        (e, plan, now) -> HandOverSheet.pdf(e, plan)),
                Paper.ofText(
                        "drawing",
                        "Drawing",
                        "the line with its seals, as SVG",
                        ".svg",
                        (e, plan, now) ->
                                DrawingSvg.of(plan.largeStrip(), e.job().title())));
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return HoseDemo.jobs(data, now);
    }
}
