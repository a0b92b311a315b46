package mellowflare.book.tee;

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
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tee.TeeInKind;
import mellowflare.core.tee.TeePlan;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;

/** Tees into standing lines in the book. */
public final class TeeInBook implements KindInBook<TeeLine, TeePlan> {
    @Override
    public Kind<TeeLine, TeePlan> kind() {
        return TeeInKind.TEE;
    }

    @Override
    public ObjectNode write(TeeLine line) {
        return TeeJson.write(line);
    }

    @Override
    public TeeLine read(Fields fields) throws BookTrouble {
        return TeeJson.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, TeePlan plan) {
        return new TeeSheetPart(plan);
    }

    @Override
    public TagFacts tag(Evaluation e, TeePlan plan) {
        TeeCase c = plan.c();
        return TagFacts.about(e, Say.it("tee-in-book.test-step"))
                .hose(c.method().map(TeeMethod::name).orElse(""))
                .endA(c.line().fluid().map(TeeFluid::word).orElse(""))
                .endB("")
                .overallMm(c.cutOut().filter(x -> x > 0))
                .workingBar(Optional.empty())
                .fluid(plan.fluid().map(f -> f.id()).orElse(""))
                .build();
    }

    @Override
    public List<String> tagLines(Evaluation e, TeePlan plan, TagFacts facts) {
        return List.of(
                Say.it("tee-in-book.tag-joint", "joint", facts.hose()),
                Say.it("tee-in-book.tag-carries", "fluid", facts.endA()),
                facts.length(Say.it("tee-in-book.tag-length"), plan.c().units()));
    }

    @Override
    public List<Paper<TeePlan>> papers() {
        return List.of(Paper.ofText(
                "drawing",
                Say.it("tee-in-book.drawing"),
                Say.it("tee-in-book.line-and-tee"),
                ".svg",
                (e, plan, now) -> DrawingSvg.of(
                        TeeDrawing.page(plan.c(), plan.findings()), e.job().title())));
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return List.of(heater(), filter());
    }

    /** The heater of the mess room, on gas tube that is still whole. */
    private static Job heater() {
        TeeLine line = TeeLine.NEW
                .with()
                .fluid(Optional.of(TeeFluid.GAS))
                .method(Optional.of(TeeMethod.Id.FLARE))
                .tube(Optional.of(Length.ofMm(12)))
                .across(Optional.of(Length.ofMm(62)))
                .goesIn(Optional.of(Length.ofMm(3.5)))
                .slackA(Optional.of(Length.ofMm(6)))
                .straightA(Optional.of(Length.ofMm(140)))
                .straightB(Optional.of(Length.ofMm(64)))
                .isolated(Optional.of(true))
                .plugged(Optional.of(true))
                .room(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
        return job("demo-heater-tee", "Tee for the mess room heater", "Mess room", UnitSystem.METRIC, line)
                .withNote("Flare tried on scrap first: it takes 3.5 mm of the tube.");
    }

    /** A fuel line that somebody cut before anybody measured. */
    private static Job filter() {
        TeeLine line = TeeLine.NEW
                .with()
                .fluid(Optional.of(TeeFluid.FUEL))
                .method(Optional.of(TeeMethod.Id.FLARE))
                .tube(Optional.of(Length.ofInches(0.375)))
                .across(Optional.of(Length.ofInches(2.25)))
                .goesIn(Optional.of(Length.ofInches(0.125)))
                .gap(Optional.of(Length.ofInches(6)))
                .slackA(Optional.of(Length.ofInches(0.25)))
                .slackB(Optional.of(Length.ofInches(0.5)))
                .straightA(Optional.of(Length.ofInches(4)))
                .straightB(Optional.of(Length.ofInches(3)))
                .unionAcross(Optional.of(Length.ofInches(1.25)))
                .isolated(Optional.of(true))
                .plugged(Optional.of(true))
                .room(Optional.of(true))
                .build();
        return job("demo-fuel-tee", "Tee for the second fuel filter", "Day tank", UnitSystem.INCH, line)
                .withNote("The tube was cut before anybody measured the tee.");
    }

    private static Job job(String id, String title, String machine, UnitSystem units, TeeLine line) {
        return Job.open(id, title, machine, units).withKind(TeeInKind.TEE).with(TeeInKind.TEE, line);
    }
}
