package mellowflare.book.hose;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.draw.ClockDial;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import org.apache.pdfbox.pdmodel.PDDocument;

/** What a crimp shop needs to make the hose right without the machine in front of it: lengths, clock angle pictured, dies, crimp diameters. */
final class HandOverSheet {
    /** Width of the dial (pt). */
    private static final float DIAL = 130;

    private final HosePlan plan;
    private final HoseCase c;
    private final UnitSystem units;

    private HandOverSheet(HosePlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    static byte[] pdf(Evaluation e, HosePlan plan) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation()
                    .setTitle(Say.it("hand-over-sheet.hand-over", "job", e.job().title()));
            try (SheetPage page = new SheetPage(
                    document, Say.it("hand-over-sheet.the-press-maker-s", "stamp", Version.stamp(e.data())))) {
                new HandOverSheet(plan).write(page, e);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void write(SheetPage page, Evaluation e) throws IOException {
        page.heading(Say.it("hand-over-sheet.to-be-crimped", "job", e.job().title()), 18);
        page.text(e.job().machine(), 10, 0, false, 0.37f);
        page.rule();
        page.drawing(plan.largeStrip(), 62);
        Optional<CutLength> cut = plan.cut().filter(CutLength::possible);
        page.figures(List.of(
                column(Say.it("hand-over-sheet.overall-sealing-point-sealing"), cut.map(CutLength::hoseOverall)),
                column(Say.it("hand-over-sheet.cut-hose-at"), cut.map(x -> x.shop(units))),
                new String[] {
                    Say.it("hand-over-sheet.overall-length-tolerance"),
                    cut.map(x -> LengthFormat.figure(x.tolerance(), units)).orElse(Say.it("hand-over-sheet.open")),
                    cut.map(x -> LengthFormat.figure(x.tolerance(), units.other()))
                            .orElse("")
                }));
        clock(page);
        page.heading(Say.it("hand-over-sheet.hose-ends"), 12);
        page.text(
                c.hose()
                        .map(h -> Say.it(
                                "hand-over-sheet.outside-liner-series",
                                "part",
                                h.part(),
                                "title",
                                h.title(),
                                "outside",
                                LengthFormat.figure(h.outside(), units),
                                "liner",
                                h.liner(),
                                "series",
                                h.series()))
                        .orElse(Say.it("hand-over-sheet.hose-open")),
                10,
                0,
                false,
                0.13f);
        List<FigureTable> tables = new ArrayList<>();
        for (FigureTable.What what : List.of(FigureTable.What.ENDS, FigureTable.What.SUM, FigureTable.What.PARTS)) {
            plan.table(what).ifPresent(tables::add);
        }
        page.tables(() -> {}, tables);
        stops(page);
        page.heading(Say.it("hand-over-sheet.made"), 12);
        page.blanks(Stream.of(
                        Say.it("hand-over-sheet.crimp-a"),
                        Say.it("hand-over-sheet.crimp-b"),
                        Say.it("hand-over-sheet.overall"),
                        Say.it("hand-over-sheet.proof"),
                        Say.it("hand-over-sheet.date"),
                        Say.it("hand-over-sheet.by"))
                .map(l -> new SheetPage.Blank(l, ""))
                .toList());
    }

    private void clock(SheetPage page) throws IOException {
        if (!c.twoElbows()) {
            page.text(Say.it("hand-over-sheet.no-clock-angle-there"), 10, 0, false, 0.13f);
            return;
        }
        page.heading(Say.it("hand-over-sheet.clock-angle"), 12);
        if (c.clockAngle().isEmpty()) {
            page.text(Say.it("hand-over-sheet.not-said-do-not"), 11, 0, true, 0.13f);
            return;
        }
        page.narrow(ClockDial.of(c.clockAngle().get()), DIAL);
        page.text(
                Say.it(
                        "hand-over-sheet.look-from-end-a",
                        "clockAngle",
                        Figure.of(c.clockAngle().get()).text(units)),
                10,
                0,
                false,
                0.13f);
    }

    private void stops(SheetPage page) throws IOException {
        List<Finding> stops = plan.findings().stream().filter(Finding::stops).toList();
        if (stops.isEmpty()) {
            return;
        }
        page.heading(Say.it("hand-over-sheet.stops-settle-these-first"), 12);
        for (Finding f : stops) {
            page.text(
                    Say.it(
                            "hand-over-sheet.stop",
                            "about",
                            f.about().word(),
                            "says",
                            f.says(units),
                            "remedy",
                            f.remedy(units)),
                    9.5f,
                    0,
                    true,
                    0.13f);
        }
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse(Say.it("hand-over-sheet.open")),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }
}
