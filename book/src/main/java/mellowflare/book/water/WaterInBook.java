package mellowflare.book.water;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.water.WaterPlan;
import mellowflare.core.water.WaterPointKind;
import mellowflare.core.water.draw.WaterDrawing;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.work.WaterCase;

/** Water points in the book. */
public final class WaterInBook implements KindInBook<WaterLine, WaterPlan> {
    @Override
    public Kind<WaterLine, WaterPlan> kind() {
        return WaterPointKind.WATER;
    }

    @Override
    public ObjectNode write(WaterLine line) {
        return WaterJson.write(line);
    }

    @Override
    public WaterLine read(Fields fields) throws BookTrouble {
        return WaterJson.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, WaterPlan plan) {
        return new WaterSheetPart(plan);
    }

    @Override
    public TagFacts tag(Evaluation e, WaterPlan plan) {
        WaterCase c = plan.c();
        return TagFacts.about(e, Say.it("water-in-book.test-step"))
                .hose(c.pipe().map(p -> p.name()).orElse(""))
                .endA(c.set().map(s -> s.method().name()).orElse(""))
                .endB(c.equipment().map(t -> t.name()).orElse(""))
                .overallMm(c.set().flatMap(s -> s.connector()).map(Length::mm))
                .workingBar(c.line().pressure().map(GaugePressure::bar))
                .fluid("potable-water")
                .build();
    }

    @Override
    public List<String> tagLines(Evaluation e, WaterPlan plan, TagFacts facts) {
        List<String> lines = new ArrayList<>(List.of(
                Say.it("water-in-book.tag-pipe", "pipe", facts.hose()),
                Say.it("water-in-book.tag-equipment", "equipment", facts.endB()),
                facts.length(Say.it("water-in-book.tag-length"), plan.c().units())));
        lines.addAll(facts.worksAt(plan.c().units(), Optional.of(Say.it("water-in-book.water"))));
        return lines;
    }

    @Override
    public List<Paper<WaterPlan>> papers() {
        return List.of(Paper.ofText(
                "drawing",
                Say.it("water-in-book.drawing"),
                Say.it("water-in-book.set-of-parts"),
                ".svg",
                (e, plan, now) -> DrawingSvg.of(
                        WaterDrawing.page(plan.c(), plan.findings()), e.job().title())));
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return List.of(wash(), machine());
    }

    /** The wash-place valve: what is behind the wall nobody has seen. */
    private static Job wash() {
        WaterLine line = WaterLine.NEW
                .with()
                .equipment(Optional.of("faucet"))
                .material(Optional.of(HouseMaterial.GALVANISED))
                .outside(Optional.of(Length.ofMm(21.3)))
                .seen(Optional.of(false))
                .distance(Optional.of(Length.ofMm(340)))
                .offset(Optional.of(Length.ofMm(45)))
                .wallDepth(Optional.of(Length.ofMm(34)))
                .plate(Optional.of(Length.ofMm(2)))
                .pressure(Optional.of(GaugePressure.ofBar(4)))
                .warmest(Optional.of(Temperature.ofCelsius(15)))
                .mainHolds(Optional.of(true))
                .branchFirm(Optional.of(true))
                .flameAllowed(Optional.of(false))
                .approved(Optional.of(true))
                .licensed(Optional.of(true))
                .age(Optional.of(HouseAge.OLD))
                .elsewhere(Set.of(HouseMaterial.GALVANISED, HouseMaterial.COPPER))
                .build();
        return job("demo-wash-valve", "Stop valve behind the wall", "Wash place", UnitSystem.METRIC, line)
                .withNote("The old valve drips shut. Nobody knows what the nipple sits in.");
    }

    /** The washing machine of the yard, on copper that is seen, in inches. */
    private static Job machine() {
        WaterLine line = WaterLine.NEW
                .with()
                .equipment(Optional.of("toilet"))
                .material(Optional.of(HouseMaterial.COPPER))
                .outside(Optional.of(Length.ofInches(0.625)))
                .seen(Optional.of(true))
                .straight(Optional.of(Length.ofInches(0.75)))
                .distance(Optional.of(Length.ofInches(11)))
                .offset(Optional.of(Length.ofInches(2)))
                .pressure(Optional.of(GaugePressure.ofBar(4.1)))
                .mainHolds(Optional.of(true))
                .flameAllowed(Optional.of(true))
                .approved(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
        return job("demo-cistern", "Cistern in the yard office", "Yard office", UnitSystem.INCH, line)
                .withNote("The stub was cut short once already.");
    }

    private static Job job(String id, String title, String machine, UnitSystem units, WaterLine line) {
        return Job.open(id, title, machine, units)
                .withKind(WaterPointKind.WATER)
                .with(WaterPointKind.WATER, line);
    }
}
