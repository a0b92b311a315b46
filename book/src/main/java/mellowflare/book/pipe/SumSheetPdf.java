package mellowflare.book.pipe;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.draw.OffsetDrawing;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.offset.Taken;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The sum sheet of a line of rigid pipe: one fixed layout, so that whoever takes over finds every figure in its place and sees how far each piece is made. */
final class SumSheetPdf {
    private static final float[] READINGS = {0, -0.34f, -0.46f, -0.58f, 0.61f, 0.76f, 0.9f};
    private static final float[] SUM = {0, 0.42f, -0.8f, -1f};
    private static final float[] PIECES = {0, -0.4f, -0.55f, -0.7f, 0.74f};
    private final PipePlan plan;
    private final PipeCase c;
    private final UnitSystem units;

    SumSheetPdf(PipePlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = plan.c().units();
    }

    /** @throws BookTrouble while neither a figure nor a piece of the run is known */
    byte[] bytes(Evaluation e) throws IOException, BookTrouble {
        if (c.taken().isEmpty() && c.laid().isEmpty()) {
            throw new BookTrouble(plan.stillNeeded());
        }
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation()
                    .setTitle(Say.it("sum-sheet-pdf.title", "job", e.job().title()));
            try (SheetPage page = new SheetPage(document, e.job().title() + "  ·  " + Version.stamp(e.data()))) {
                page.heading(Say.it("sum-sheet-pdf.title", "job", e.job().title()), 15);
                page.text(parts(), 9.5f, 0, false, 0.37f);
                write(page);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** The same blocks on any sheet. */
    void write(SheetPage page) throws IOException {
        readings(page);
        picture(page);
        sum(page);
        pieces(page);
        stops(page);
    }

    private String parts() {
        return Say.it(
                "sum-sheet-pdf.parts",
                "fittings",
                c.system().map(s -> s.name()).orElse("–"),
                "pipe",
                c.grade().map(g -> g.name()).orElse("–"),
                "size",
                c.line().size().orElse("–"));
    }

    private void picture(SheetPage page) throws IOException {
        page.gap(6);
        if (c.isOffset()) {
            page.drawing(OffsetDrawing.page(c, plan.findings(), Optional.empty()), 6);
        } else {
            page.drawing(
                    RunDrawing.page(
                            c,
                            plan.findings(),
                            RunDrawing.FIRST_TURN,
                            RunDrawing.FIRST_TILT,
                            Optional.empty(),
                            RunDrawing.Layout.WIDE),
                    6);
        }
    }

    private void readings(SheetPage page) throws IOException {
        if (!c.isOffset()) {
            return;
        }
        page.heading(Say.it("sum-sheet-pdf.readings"), 11);
        page.row(
                READINGS,
                List.of(
                        Say.it("sum-sheet-pdf.figure"),
                        Say.it("sum-sheet-pdf.written"),
                        Say.it("sum-sheet-pdf.called"),
                        Say.it("sum-sheet-pdf.second"),
                        Say.it("sum-sheet-pdf.called-by"),
                        Say.it("sum-sheet-pdf.written-by"),
                        Say.it("sum-sheet-pdf.from")),
                8.5f,
                false);
        for (OffsetFigure f : c.line().offset().asked()) {
            Optional<Taken> t = c.line().offset().figure(f);
            page.row(
                    READINGS,
                    List.of(
                            Say.it("sum-sheet-pdf.named", "symbol", f.symbol(), "word", f.word()),
                            t.map(x -> text(x.value())).orElse("–"),
                            t.flatMap(Taken::called).map(this::text).orElse("–"),
                            t.flatMap(x -> x.written().second()).map(this::text).orElse("–"),
                            t.map(x -> x.written().calledBy()).orElse(""),
                            t.map(x -> x.written().writtenBy()).orElse(""),
                            t.map(Taken::reference).orElse("")),
                    9.5f,
                    false);
        }
    }

    private String text(Length l) {
        return Figure.of(l).text(units);
    }

    private void sum(SheetPage page) throws IOException {
        if (!c.isOffset()) {
            return;
        }
        page.heading(Say.it("sum-sheet-pdf.sum"), 11);
        page.row(
                SUM,
                List.of(
                        "",
                        "",
                        Say.it("sum-sheet-pdf.exact", "unit", units == UnitSystem.METRIC ? "mm" : "in"),
                        Say.it("sum-sheet-pdf.shop", "unit", units == UnitSystem.METRIC ? "mm" : "in")),
                8.5f,
                false);
        for (SumLine line : c.sheet()) {
            if (line.row().begins()) {
                page.rule();
            }
            page.row(
                    SUM,
                    List.of(line.says(), line.worked(), line.exactText(units), line.shopText(units)),
                    line.row().cut() ? 11.5f : 9.5f,
                    line.row().cut());
        }
    }

    /** What is cut, threaded and made up. */
    private void pieces(SheetPage page) throws IOException {
        if (c.pieces().isEmpty()) {
            return;
        }
        page.heading(Say.it("sum-sheet-pdf.pieces"), 11);
        page.row(
                PIECES,
                List.of(
                        Say.it("sum-sheet-pdf.piece"),
                        Say.it("sum-sheet-pdf.exact", "unit", units == UnitSystem.METRIC ? "mm" : "in"),
                        Say.it("sum-sheet-pdf.shop", "unit", units == UnitSystem.METRIC ? "mm" : "in"),
                        Say.it("sum-sheet-pdf.marked"),
                        Say.it("sum-sheet-pdf.how-far")),
                8.5f,
                false);
        for (PieceCut p : c.pieces()) {
            PieceState state = c.line().state(p.name());
            List<String> cells = new ArrayList<>();
            cells.add(Say.it(
                    "sum-sheet-pdf.piece-of",
                    "piece",
                    p.name(),
                    "size",
                    p.size(),
                    "ends",
                    p.endsWord().isEmpty() ? "none" : p.endsWord()));
            cells.add(p.exact()
                    .map(l -> LengthFormat.decimal(
                            units == UnitSystem.METRIC ? l.mm() : l.inches(), units == UnitSystem.METRIC ? 2 : 3, 0))
                    .orElse("–"));
            cells.add(p.shop().map(l -> SumLine.marked(l, units)).orElse("–"));
            cells.add(state.marked().map(l -> SumLine.marked(l, units)).orElse("–"));
            cells.add(p.bought() ? Say.it("sum-sheet-pdf.bought") : state.done().word());
            page.row(PIECES, cells, 9.5f, false);
        }
    }

    private void stops(SheetPage page) throws IOException {
        for (Finding f : plan.findings()) {
            if (f.state() == State.FAIL && f.severity() != Severity.NOTE) {
                page.text(
                        Say.it(
                                "sum-sheet-pdf.finding",
                                "severity",
                                f.severity().name(),
                                "says",
                                f.says(units),
                                "remedy",
                                f.remedy(units)),
                        9.5f,
                        0,
                        f.stops(),
                        0.13f);
            }
        }
    }
}
