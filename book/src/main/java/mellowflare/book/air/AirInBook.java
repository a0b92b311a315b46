package mellowflare.book.air;

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
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.draw.MainDrawing;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.reference.ReferenceData;

/** Air mains in the book. */
public final class AirInBook implements KindInBook<AirMain, AirPlan> {
    private static final AirJson JSON = new AirJson(JsonNodeFactory.instance);

    /** How the picture of a main is turned and looked down on (degrees). */
    private static final double TURN = 30;

    private static final double TILT = 24;

    @Override
    public Kind<AirMain, AirPlan> kind() {
        return AirMainKind.AIR;
    }

    @Override
    public ObjectNode write(AirMain line) {
        return JSON.write(line);
    }

    @Override
    public AirMain read(Fields fields) throws BookTrouble {
        return JSON.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, AirPlan plan) {
        return new AirSheetPart(plan);
    }

    /** What it is made of, its compressor and its tightest outlet in the place of the ends. */
    @Override
    public TagFacts tag(Evaluation e, AirPlan plan) {
        AirCase c = plan.c();
        return TagFacts.about(e, Say.it("air-in-book.pump"))
                .hose(c.system().map(PipeSystem::name).orElse(""))
                .endA(c.compressor().map(Compressor::name).orElse(""))
                .endB(c.together().tight().orElse(""))
                .overallMm(Optional.of(c.pipeLength().mm()).filter(l -> l > 0))
                .workingBar(c.compressor().map(k -> k.cutOut().bar()))
                .fluid("air")
                .build();
    }

    @Override
    public List<String> tagLines(Evaluation e, AirPlan plan, TagFacts facts) {
        List<String> lines = new ArrayList<>(List.of(
                Say.it("air-in-book.from", "endA", facts.endA()),
                Say.it("air-in-book.tightest", "endB", facts.endB()),
                facts.reach("pipe", plan.c().units())));
        lines.addAll(facts.worksAt(plan.c().units(), Optional.of("air")));
        return lines;
    }

    @Override
    public List<Paper<AirPlan>> papers() {
        return List.of(
                Paper.ofText(
                        "cuts",
                        Say.it("air-in-book.cut-list"),
                        Say.it("air-in-book.piece-by-piece-bar"),
                        "-cuts.csv",
                        (e, plan, now) -> AirFiles.cutsCsv(plan.c())),
                Paper.ofText(
                        "parts",
                        Say.it("air-in-book.parts-list"),
                        Say.it("air-in-book.pipe-fittings-valves-hangers"),
                        "-parts.csv",
                        (e, plan, now) -> AirFiles.partsCsv(plan.c())),
                Paper.ofText(
                        "drains",
                        Say.it("air-in-book.drains"),
                        Say.it("air-in-book.when-each-drain-opened"),
                        "-drains.ics",
                        (e, plan, now) ->
                                AirFiles.drains(plan.c(), e.job().id(), e.job().title(), now.toLocalDate())),
                Paper.ofText(
                        "network",
                        Say.it("air-in-book.network"),
                        Say.it("air-in-book.worst-case-as-json"),
                        "-network.json",
                        (e, plan, now) -> AirFiles.networkJson(plan.c())),
                Paper.ofText(
                        "dxf",
                        Say.it("air-in-book.lines"),
                        Say.it("air-in-book.main-space-as-dxf"),
                        ".dxf",
                        (e, plan, now) -> AirFiles.dxf(plan.c())),
                Paper.ofText(
                        "drawing",
                        Say.it("air-in-book.drawing"),
                        Say.it("air-in-book.main-its-room-as"),
                        ".svg",
                        (e, plan, now) -> DrawingSvg.of(
                                MainDrawing.page(plan.c(), plan.findings(), TURN, TILT, Optional.empty()),
                                e.job().title())));
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return AirDemo.jobs();
    }
}
