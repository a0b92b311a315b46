package mellowflare.book.tube;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeParts;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.FlareDrawing;
import mellowflare.core.tube.draw.MarkStrip;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** What the sheet of a tube line shows of it. */
final class TubeSheetPart implements SheetPart {
    private static final double TURN = 30;
    private static final double TILT = 24;
    /** Name, drawing and figures of an end stand on one page (pt). */
    private static final float FLARE_HIGH = 175;

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
        return "Way of the tube";
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(plan.largeStrip(), 34);
        Optional<Drawing> shape = ShapeDrawing.page(c, TURN, TILT, Optional.empty());
        if (shape.isPresent()) {
            page.drawing(shape.get(), 10);
        }
        page.figures(List.of(
                column("cut the tube at", c.cut().map(x -> x.shop(units))),
                column("developed, point to point", c.shape().developed()),
                new String[] {
                    "weight and contents",
                    c.tube()
                            .flatMap(t -> c.cut().map(x -> LengthFormat.decimal(x.kilograms(t), 2, 0) + " kg"))
                            .orElse("open"),
                    c.tube()
                            .flatMap(t -> c.cut().map(x -> LengthFormat.decimal(x.litres(t), 3, 0) + " L inside"))
                            .orElse("")
                }));
        Optional<Drawing> marks = MarkStrip.of(c, LineEnd.A);
        if (marks.isPresent()) {
            page.drawing(marks.get(), 36);
        }
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse("open"),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }

    @Override
    public void figures(SheetPage page) throws IOException {
        if (c.cut().isPresent()) {
            page.text(c.cut().get().sum(units), 9, 0, false, 0.13f);
        }
        bends(page);
        ends(page);
        page.heading("Parts", 12);
        for (TubeParts p : TubeParts.of(c)) {
            page.text(p.name() + ": " + p.amount(), 9.5f, 0, false, 0.13f);
        }
    }

    /** One line for each bend: enough to bend by. */
    private void bends(SheetPage page) throws IOException {
        List<Row> rows = c.shape().rows();
        if (rows.isEmpty()) {
            return;
        }
        page.heading("Straights, rotations, bends", 12);
        List<BendMark> marks = c.marks(LineEnd.A);
        List<BendMark> fromB = c.marks(LineEnd.B);
        List<Angle> levers = c.levers();
        for (int i = 0; i < rows.size(); i++) {
            Row r = rows.get(i);
            List<String> words = new ArrayList<>();
            words.add((i + 1) + ".  straight " + LengthFormat.figure(r.straight(), units));
            if (i < marks.size()) {
                BendMark m = marks.get(i);
                BendMark other = fromB.get(marks.size() - 1 - i);
                words.add("turn " + Figure.of(r.rotation()).text(units) + " (line "
                        + Figure.of(m.ambient()).text(units) + ")");
                words.add("bend " + Figure.of(r.bend()).text(units)
                        + (i < levers.size()
                                ? ", lever " + Figure.of(levers.get(i)).text(units)
                                : ""));
                words.add("begins " + LengthFormat.shop(m.start(), units) + ", middle "
                        + LengthFormat.shop(m.middle(), units) + ", leg mark " + LengthFormat.shop(m.leg(), units)
                        + " from A; begins " + LengthFormat.shop(other.start(), units) + " from B");
            }
            page.text(String.join("; ", words) + ".", 9, 0, false, 0.13f);
        }
        page.text(
                "Marks are counted from the squared-up end, before the flare is made and before end B is trimmed. Begin and leg mark differ by the setback; the bender says which it wants"
                        + c.bender()
                                .map(b -> ": " + b.name() + ", " + b.mark().words())
                                .orElse("")
                        + ".",
                8.5f,
                0,
                false,
                0.37f);
    }

    private void ends(SheetPage page) throws IOException {
        page.need(FLARE_HIGH + 20);
        page.heading("Ends and sealing", 12);
        for (TubeSide s : c.sides()) {
            if (s.made().isPresent()) {
                page.need(FLARE_HIGH);
            }
            page.text(
                    "End " + s.which() + ", " + s.port().place()
                            + s.port()
                                    .port()
                                    .map(p ->
                                            ", " + p.title() + " " + p.gender().word())
                                    .orElse(", port not settled")
                            + s.traits().map(t -> ": " + t.name()).orElse(": end not chosen"),
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
                        260);
                page.gap(16);
                page.text(
                        s.tool().orElseThrow().name() + ", stick-out "
                                + LengthFormat.figure(s.stickOut().orElseThrow(), units) + ", flare "
                                + LengthFormat.figure(s.made().get().diameter(), units) + " across"
                                + s.band()
                                        .map(b -> ", wanted " + LengthFormat.figure(b.low(), units) + " to "
                                                + LengthFormat.figure(b.high(), units) + " ("
                                                + b.source().shown() + ")")
                                        .orElse("")
                                + ". By a model; the first flare on scrap decides.",
                        9,
                        10,
                        false,
                        0.13f);
            }
            plan.seal(s.which()).ifPresent(a -> {
                try {
                    page.text(
                            a.saysPutOn() + " " + a.saysNever() + " " + a.saysTighten() + " Re-use: " + a.reuse()
                                    + ". (" + a.source().shown() + ")",
                            9,
                            10,
                            false,
                            0.13f);
                } catch (IOException e) {
                    throw new java.io.UncheckedIOException(e);
                }
            });
        }
    }
}
