package mellowflare.book.gas;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.exchange.DrawingSvg;
import mellowflare.book.json.Fields;
import mellowflare.book.line.KindInBook;
import mellowflare.book.line.Paper;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.GasPlan;
import mellowflare.core.gas.draw.GasDrawing;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.reference.ReferenceData;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Gas lines in the book. */
public final class GasInBook implements KindInBook<GasLine, GasPlan> {
    private static final double TURN = 30;
    private static final double TILT = 28;

    @Override
    public Kind<GasLine, GasPlan> kind() {
        return GasLineKind.GAS;
    }

    @Override
    public ObjectNode write(GasLine line) {
        return GasJson.write(line);
    }

    @Override
    public GasLine read(Fields fields) throws BookTrouble {
        return GasJson.read(fields);
    }

    @Override
    public SheetPart sheet(Evaluation result, GasPlan plan) {
        return new GasSheetPart(plan);
    }

    /** What it is made of, its source and its tightest inlet in the place of the ends. */
    @Override
    public TagFacts tag(Evaluation e, GasPlan plan) {
        GasCase c = plan.c();
        return TagFacts.about(e, Say.it("gas-in-book.test-step"))
                .hose(c.system().map(GasSystem::name).orElse(""))
                .endA(c.gas().map(FuelGas::name).orElse(""))
                .endB(c.tightest().map(Inlet::name).orElse(""))
                .overallMm(Optional.of(c.pipeLength().mm()).filter(l -> l > 0))
                .workingBar(c.feed().map(p -> p.bar()))
                .fluid(c.gas().map(FuelGas::id).orElse(""))
                .build();
    }

    @Override
    public List<String> tagLines(Evaluation e, GasPlan plan, TagFacts facts) {
        List<String> lines = new ArrayList<>(List.of(
                Say.it("gas-in-book.tag-gas", "gas", facts.endA()),
                Say.it("gas-in-book.tag-tightest", "appliance", facts.endB()),
                facts.length(Say.it("gas-in-book.tag-length"), plan.c().units())));
        lines.addAll(facts.worksAt(plan.c().units(), Optional.of(facts.endA())));
        return lines;
    }

    @Override
    public List<Paper<GasPlan>> papers() {
        return List.of(
                new Paper<>(
                        "test",
                        Say.it("gas-in-book.test-sheet"),
                        Say.it("gas-in-book.hold-soap-sign"),
                        "-test.pdf",
                        (e, plan, now) -> new TestSheetPdf(plan).bytes(e)),
                Paper.ofText(
                        "loads",
                        Say.it("gas-in-book.loads"),
                        Say.it("gas-in-book.flow-drop-pressure"),
                        "-loads.csv",
                        (e, plan, now) -> GasFiles.loadsCsv(plan.c())),
                Paper.ofText(
                        "soap",
                        Say.it("gas-in-book.soap-list"),
                        Say.it("gas-in-book.every-joint"),
                        "-soap.csv",
                        (e, plan, now) -> GasFiles.soapCsv(plan.c())),
                new Paper<>(
                        "isometric",
                        Say.it("gas-in-book.isometric"),
                        Say.it("gas-in-book.line-in-space"),
                        "-isometric.pdf",
                        (e, plan, now) -> isometric(e, plan)),
                Paper.ofText(
                        "dxf",
                        Say.it("gas-in-book.lines"),
                        Say.it("gas-in-book.centre-lines"),
                        ".dxf",
                        (e, plan, now) -> GasFiles.dxf(plan.c())),
                Paper.ofText(
                        "drawing",
                        Say.it("gas-in-book.drawing"),
                        Say.it("gas-in-book.line-in-space"),
                        ".svg",
                        (e, plan, now) -> DrawingSvg.of(drawing(plan), e.job().title())));
    }

    private static Drawing drawing(GasPlan plan) {
        return GasDrawing.page(plan.c(), plan.findings(), TURN, TILT, Optional.empty());
    }

    private static byte[] isometric(Evaluation e, GasPlan plan) throws IOException, BookTrouble {
        if (plan.c().walk().walked().runs().isEmpty()) {
            throw new BookTrouble(plan.stillNeeded());
        }
        String title = Say.it("gas-in-book.isometric-of", "job", e.job().title());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            try (SheetPage page = new SheetPage(document, e.job().title() + "  ·  " + Version.stamp(e.data()))) {
                page.heading(title, 15);
                page.drawing(drawing(plan), 10);
                new GasSheetPart(plan).figures(page);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    @Override
    public List<Job> demo(ReferenceData data, Instant now) {
        return GasDemo.jobs();
    }
}
