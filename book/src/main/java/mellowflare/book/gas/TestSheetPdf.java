package mellowflare.book.gas;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.GasPlan;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.gas.work.SoapJoint;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The test sheet of a gas line: pressure hold with its figures or room for them, soap list to be ticked, what each inlet should show, and who signs. */
final class TestSheetPdf {
    private static final float[] READINGS = {0, 0.2f, 0.4f, 0.62f, 0.84f};
    private static final float[] INLETS = {0, -0.5f, -0.7f, -1f};
    private static final int EMPTY_ROWS = 4;

    private final GasPlan plan;
    private final GasCase c;
    private final UnitSystem units;

    TestSheetPdf(GasPlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    /** @throws BookTrouble while nothing is called out */
    byte[] bytes(Evaluation e) throws IOException, BookTrouble {
        if (c.walk().walked().runs().isEmpty()) {
            throw new BookTrouble(plan.stillNeeded());
        }
        String title = Say.it("test-sheet-pdf.title", "job", e.job().title());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            try (SheetPage page = new SheetPage(document, e.job().title() + "  ·  " + Version.stamp(e.data()))) {
                page.heading(title, 15);
                page.text(Say.it("gas-sheet-part.licence"), 9, 0, true, 0.13f);
                hold(page);
                soap(page);
                inlets(page);
                page.heading(Say.it("test-sheet-pdf.signed"), 12);
                for (String line : List.of(
                        Say.it("test-sheet-pdf.tested-by"),
                        Say.it("test-sheet-pdf.witness"),
                        Say.it("test-sheet-pdf.licence-number"))) {
                    page.text(line, 10, 0, false, 0.13f);
                    page.gap(6);
                    page.rule();
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void hold(SheetPage page) throws IOException {
        page.heading(Say.it("test-sheet-pdf.hold"), 12);
        page.text(
                c.testPressure()
                        .map(p -> Say.it(
                                "test-sheet-pdf.hold-at",
                                "pressure",
                                new Figure.OfGasPressure(p).text(units),
                                "volume",
                                new Figure.OfLitres(c.volume().litres()).text(units)))
                        .orElseGet(() -> Say.it(
                                "test-sheet-pdf.hold-by-code",
                                "volume",
                                new Figure.OfLitres(c.volume().litres()).text(units))),
                10,
                0,
                false,
                0.13f);
        page.row(
                READINGS,
                List.of(
                        Say.it("test-sheet-pdf.number"),
                        Say.it("test-sheet-pdf.time"),
                        Say.it("test-sheet-pdf.pressure"),
                        Say.it("test-sheet-pdf.temperature"),
                        Say.it("test-sheet-pdf.barometer")),
                9,
                true);
        List<HoldTest.Reading> readings = c.line().test().readings();
        for (int i = 0; i < Math.max(EMPTY_ROWS, readings.size()); i++) {
            page.row(READINGS, i < readings.size() ? cells(i, readings.get(i)) : blank(i), 9.5f, false);
            page.rule();
        }
        for (Finding f : plan.findings()) {
            if (f.rule().id().startsWith("hold.")) {
                page.text(f.says(units), 10, 0, true, 0.13f);
            }
        }
    }

    private List<String> cells(int i, HoldTest.Reading r) {
        return List.of(
                Integer.toString(i + 1),
                Say.it("test-sheet-pdf.minutes", "minutes", LengthFormat.decimal(r.minutes(), 1, 0)),
                new Figure.OfGasPressure(r.gauge()).text(units),
                r.air().map(t -> Figure.of(t).text(units)).orElse("–"),
                r.barometer()
                        .map(b -> LengthFormat.decimal(b.bar() * 1000, 1, 0) + " mbar")
                        .orElse("–"));
    }

    private static List<String> blank(int i) {
        return List.of(Integer.toString(i + 1), "", "", "", "");
    }

    private void soap(SheetPage page) throws IOException {
        page.heading(Say.it("test-sheet-pdf.soap"), 12);
        page.text(Say.it("test-sheet-pdf.never-a-flame"), 9, 0, true, 0.13f);
        int number = 1;
        for (SoapJoint j : c.soapList()) {
            page.need(16);
            page.box(c.line().test().soaped().contains(j.id()));
            page.text(Say.it("test-sheet-pdf.joint", "number", number++, "joint", j.what()), 9.5f, 16, false, 0.13f);
        }
    }

    private void inlets(SheetPage page) throws IOException {
        if (c.inlets().isEmpty()) {
            return;
        }
        page.heading(Say.it("test-sheet-pdf.inlets"), 12);
        page.row(
                INLETS,
                List.of(
                        Say.it("gas-sheet-part.appliance"),
                        Say.it("test-sheet-pdf.planned"),
                        Say.it("gas-sheet-part.least"),
                        Say.it("test-sheet-pdf.measured")),
                9,
                true);
        for (Inlet i : c.inlets()) {
            page.row(
                    INLETS,
                    List.of(
                            i.name(),
                            i.pressure()
                                    .map(p -> new Figure.OfGasPressure(p).text(units))
                                    .orElse("–"),
                            i.least()
                                    .map(p -> new Figure.OfGasPressure(p).text(units))
                                    .orElse("–"),
                            "________"),
                    9.5f,
                    false);
        }
    }
}
