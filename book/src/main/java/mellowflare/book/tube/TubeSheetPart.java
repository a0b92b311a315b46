package mellowflare.book.tube;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.FlareDrawing;
import mellowflare.core.tube.draw.MarkStrip;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** What the sheet of a tube line shows of it. */
final class TubeSheetPart implements SheetPart {
    private static final double TURN = 30;
    private static final double TILT = 24;
    /** Name, drawing and figures of an end stand on one page (pt). */
    private static final float FLARE_WIDE = 230;

    private final TubePlan plan;
    private final TubeCase c;
    private final UnitSystem units;

    TubeSheetPart(TubePlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    @Override
    public String measuredName() {
        return Say.it("tube-sheet-part.way-tube");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(plan.largeStrip(), 34);
        Optional<Drawing> shape = ShapeDrawing.page(c, TURN, TILT, Optional.empty());
        if (shape.isPresent()) {
            page.drawing(shape.get().marked(plan.marks()), 10);
        }
        page.figures(List.of(
                column(Say.it("tube-sheet-part.cut-tube-at"), c.cut().map(x -> x.shop(units))),
                column(
                        Say.it("tube-sheet-part.developed-point-point"),
                        c.shape().developed()),
                new String[] {
                    Say.it("tube-sheet-part.weight-contents"),
                    c.tube()
                            .flatMap(t -> c.cut()
                                    .map(x -> Say.it(
                                            "tube-sheet-part.kg",
                                            "kilograms",
                                            LengthFormat.decimal(x.kilograms(t), 2, 0))))
                            .orElse(Say.it("tube-sheet-part.open")),
                    c.tube()
                            .flatMap(t -> c.cut()
                                    .map(x -> Say.it(
                                            "tube-sheet-part.l-inside",
                                            "litres",
                                            LengthFormat.decimal(x.litres(t), 3, 0))))
                            .orElse("")
                }));
        Optional<Drawing> marks = MarkStrip.of(c, LineEnd.A);
        if (marks.isPresent()) {
            page.drawing(marks.get().marked(plan.marks()), 36);
        }
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse(Say.it("tube-sheet-part.open")),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }

    @Override
    public void figures(SheetPage page) throws IOException {
        ends(page);
    }

    private void ends(SheetPage page) throws IOException {
        page.columns(
                Say.it("tube-sheet-part.ends-sealing"),
                c.sides().stream()
                        .map(s -> (SheetPage.Words) () -> end(page, s))
                        .toList());
    }

    private void end(SheetPage page, TubeSide s) throws IOException {
        page.text(
                Say.it(
                        "tube-sheet-part.end",
                        "which",
                        s.which(),
                        "place",
                        s.port().place(),
                        "port",
                        s.port()
                                .port()
                                .map(p -> p.title() + " " + p.gender().word())
                                .orElse("none"),
                        "traits",
                        s.traits().map(t -> t.name()).orElse("none")),
                10,
                0,
                true,
                0.13f);
        if (s.made().isPresent()) {
            page.narrow(
                    FlareDrawing.of(
                            s.bench().orElseThrow(),
                            s.setting().orElseThrow(),
                            s.made().get(),
                            s.band(),
                            units),
                    FLARE_WIDE);
            page.gap(16);
            page.text(
                    Say.it(
                            "tube-sheet-part.stick-out-flare-across",
                            "tool",
                            s.tool().orElseThrow().name(),
                            "stickOut",
                            LengthFormat.figure(s.stickOut().orElseThrow(), units),
                            "diameter",
                            LengthFormat.figure(s.made().get().diameter(), units),
                            "low",
                            s.band()
                                    .map(b -> LengthFormat.figure(b.low(), units))
                                    .orElse("none"),
                            "high",
                            s.band()
                                    .map(b -> LengthFormat.figure(b.high(), units))
                                    .orElse("none"),
                            "source",
                            s.band().map(b -> b.source().shown()).orElse("none")),
                    8.5f,
                    8,
                    false,
                    0.13f);
        }
        Optional<SealAdvice> seal = plan.seal(s.which());
        if (seal.isPresent()) {
            SealAdvice a = seal.get();
            page.text(
                    Say.it(
                            "tube-sheet-part.re-use",
                            "saysPutOn",
                            a.saysPutOn(),
                            "saysNever",
                            a.saysNever(),
                            "saysTighten",
                            a.saysTighten(),
                            "reuse",
                            a.reuse(),
                            "source",
                            a.source().shown()),
                    8.5f,
                    8,
                    false,
                    0.13f);
        }
    }
}
