package mellowflare.book.broken;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.DrawingSvg;
import mellowflare.book.json.Fields;
import mellowflare.book.line.KindInBook;
import mellowflare.book.line.Paper;
import mellowflare.book.line.SheetPart;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.broken.BrokenPlan;
import mellowflare.core.broken.draw.LadderPlot;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** Stuck and broken parts in the book. */
public final class BrokenInBook implements KindInBook<BrokenLine, BrokenPlan> {
    @Override
    public Kind<BrokenLine, BrokenPlan> kind() {
        return BrokenPartKind.BROKEN;
    }

    @Override
    public ObjectNode write(BrokenLine line) {
        return BrokenJson.write(line);
    }

    @Override
    public BrokenLine read(Fields fields) throws BookTrouble {
        return BrokenJson.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, BrokenPlan plan) {
        return new BrokenSheetPart(plan);
    }

    @Override
    public TagFacts tag(Evaluation e, BrokenPlan plan) {
        BrokenCase c = plan.c();
        return TagFacts.about(e, Say.it("broken-in-book.test-step"))
                .hose(c.material().map(StuckMaterial::name).orElse(""))
                .endA(c.line().size().orElse(""))
                .endB(c.fluid().map(StuckFluid::name).orElse(""))
                .overallMm(Optional.empty())
                .workingBar(Optional.empty())
                .fluid(c.fluid().map(StuckFluid::fluid).orElse(""))
                .build();
    }

    @Override
    public List<String> tagLines(Evaluation e, BrokenPlan plan, TagFacts facts) {
        return List.of(
                Say.it("broken-in-book.tag-part", "material", facts.hose(), "size", facts.endA()),
                Say.it("broken-in-book.tag-fluid", "fluid", facts.endB()));
    }

    @Override
    public List<Paper<BrokenPlan>> papers() {
        return List.of(Paper.ofText(
                "drawing",
                Say.it("broken-in-book.drawing"),
                Say.it("broken-in-book.the-ladder"),
                ".svg",
                (e, plan, now) -> DrawingSvg.of(
                        LadderPlot.page(plan.c(), plan.findings()), e.job().title())));
    }

    /** The nipple that broke off flush in the wash place's wall fitting. */
    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        BrokenLine line = BrokenLine.NEW
                .with()
                .state(Optional.of(StuckState.FLUSH))
                .size(Optional.of("1/2"))
                .material(Optional.of(StuckMaterial.Id.OLD_BRASS))
                .fluid(Optional.of(StuckFluid.Id.DRINKING_WATER))
                .set(Optional.of("yard set"))
                .isolated(Optional.of(true))
                .branchFirm(Optional.of(true))
                .filled(Optional.of(false))
                .near(Optional.of(true))
                .room(Optional.of(true))
                .power(Optional.of(true))
                .hour(Optional.of(48.0))
                .build();
        return List.of(Job.open("demo-broken-nipple", "Nipple broken off in the wall", "Wash place", UnitSystem.METRIC)
                .withKind(BrokenPartKind.BROKEN)
                .with(BrokenPartKind.BROKEN, line)
                .withNote("It snapped at the first pull. The timber behind the tiles is near."));
    }
}
