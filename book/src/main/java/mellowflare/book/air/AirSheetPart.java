package mellowflare.book.air;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.cut.HosePiece;
import mellowflare.core.air.draw.MainDrawing;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutFindings;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.cut.BarStrips;
import mellowflare.core.run.cut.PartLine;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.walk.Fall;

/** What the sheet of a workshop main shows of it. */
final class AirSheetPart implements SheetPart {
    private static final double TURN = 28;
    private static final double TILT = 30;

    private final AirPlan plan;
    private final AirCase c;
    private final UnitSystem units;

    AirSheetPart(AirPlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    @Override
    public String measuredName() {
        return Say.it("air-sheet-part.length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(MainDrawing.page(c, plan.findings(), TURN, TILT, Optional.empty()), 10);
        page.figures(List.of(
                new String[] {
                    Say.it("air-sheet-part.tightest-tool"),
                    c.together()
                            .tight()
                            .flatMap(t -> c.pressure(AirCase.toolAt(t)))
                            .map(p -> Figure.of(p).text(units))
                            .orElse(Say.it("air-sheet-part.open")),
                    c.together().tight().orElse("")
                },
                new String[] {
                    Say.it("air-sheet-part.air-needed"),
                    Figure.of(c.need().needed()).text(units),
                    Say.it(
                            "air-sheet-part.made",
                            "delivered",
                            Figure.of(c.delivered()).text(units))
                },
                new String[] {
                    "pipe",
                    new Figure.OfReach(c.pipeLength()).text(units),
                    c.work()
                            .map(w -> Say.it("air-sheet-part.joints-seal", "joints", w.joints()))
                            .orElse("")
                }));
        page.text(Say.it("air-sheet-part.free-air-by-iso"), 8.5f, 0, false, 0.37f);
    }

    @Override
    public void figures(SheetPage page) throws IOException {
        page.heading(Say.it("air-sheet-part.the-walk"), 12);
        for (var p : c.main().pieces()) {
            page.text(WalkText.write(p, units), 9, 0, false, 0.13f);
        }
        heights(page);
        if (c.work().isEmpty() || c.work().get().stretches().isEmpty()) {
            return;
        }
        CutWork work = c.work().get();
        page.heading(Say.it("air-sheet-part.cut-list"), 12);
        page.text(Say.it("air-sheet-part.bar-by-bar-longest", "inserts", inserts(work)), 9, 0, false, 0.13f);
        Map<String, CutPlan> bars = work.bars(c.main(), c.system().orElseThrow());
        page.drawing(BarStrips.of(bars, units), 10);
        int number = 1;
        for (Map.Entry<String, CutPlan> e : bars.entrySet()) {
            for (CutBar b : e.getValue().bars()) {
                page.text(
                        Say.it(
                                "air-sheet-part.size",
                                "size",
                                number++,
                                "key",
                                e.getKey(),
                                "stock",
                                b.stock().name(),
                                "length",
                                LengthFormat.figure(b.stock().length(), units),
                                "pieces",
                                pieces(b),
                                "remnant",
                                b.remnant().mm() > 0 ? LengthFormat.figure(b.remnant(), units) : "none"),
                        9,
                        0,
                        false,
                        0.13f);
            }
            for (Finding f : CutFindings.of(e.getValue())) {
                if (f.stops()) {
                    page.text(f.says(units), 9, 0, true, 0.13f);
                }
            }
        }
        List<String> nipples = new ArrayList<>();
        for (Stretch s : work.stretches()) {
            List<Rods.Rod> rods = work.rods(s);
            if (!rods.isEmpty()) {
                page.text(
                        Say.it(
                                "air-sheet-part.rods-order",
                                "name",
                                s.name(),
                                "stream",
                                rods.stream()
                                        .map(r -> LengthFormat.shop(r.length(), units))
                                        .collect(Collectors.joining(", "))),
                        9,
                        0,
                        false,
                        0.13f);
            }
            s.nipple().ifPresent(n -> nipples.add(s.name() + " " + LengthFormat.figure(n, UnitSystem.INCH)));
        }
        if (!nipples.isEmpty()) {
            page.text(
                    Say.it("air-sheet-part.bought-nipples", "nipples", String.join(", ", nipples)), 9, 0, false, 0.13f);
        }
        for (HosePiece h : work.hoses()) {
            page.text(
                    Say.it(
                            "air-sheet-part.hose-bore-for-clamp",
                            "bore",
                            LengthFormat.figure(h.bore(), units),
                            "name",
                            h.name(),
                            "shop",
                            LengthFormat.shop(h.length(), units)),
                    9,
                    0,
                    false,
                    0.13f);
        }
        page.heading(Say.it("air-sheet-part.parts"), 12);
        for (PartLine p : work.parts()) {
            page.text(
                    LengthFormat.decimal(p.count(), 1, 0) + (p.metres() ? " m  " : "  ") + p.name(),
                    9.5f,
                    0,
                    false,
                    0.13f);
        }
    }

    /** What the chalk line is snapped by. */
    private void heights(SheetPage page) throws IOException {
        List<Fall.Section> sections = c.fall().sections(c.walked());
        if (sections.isEmpty()) {
            return;
        }
        page.heading(Say.it("air-sheet-part.heights-centre-line-over"), 12);
        for (Fall.Section s : sections) {
            page.text(
                    Say.it(
                            "air-sheet-part.over",
                            "run",
                            s.run().name(),
                            "first",
                            LengthFormat.figure(s.first(), units),
                            "second",
                            LengthFormat.figure(s.second(), units),
                            "length",
                            LengthFormat.figure(s.run().length(), units)),
                    9,
                    0,
                    false,
                    0.13f);
        }
    }

    private String inserts(CutWork work) {
        return work.stretches().stream()
                .map(Stretch::size)
                .distinct()
                .map(z ->
                        Say.it("air-sheet-part.on", "insert", LengthFormat.figure(z.insert(), units), "size", z.size()))
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
    }

    private String pieces(CutBar b) {
        return b.pieces().stream()
                .map(p -> p.name() + " " + LengthFormat.figure(p.length(), units))
                .reduce((x, y) -> x + ";  " + y)
                .orElse("");
    }
}
