package mellowflare.book.hose;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.JointPlan;
import mellowflare.core.hose.PartLine;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.route.PlaceText;
import mellowflare.core.hose.route.RouteDrawing;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.ObservationWords;
import mellowflare.core.line.Port;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;

/** What the sheet of a hose line shows of it. */
final class HoseSheetPart implements SheetPart {
    /** How the picture of the way is turned and looked down on (degrees). */
    private static final double TURN = 30;

    private static final double TILT = 24;
    private final HosePlan plan;
    private final UnitSystem units;

    HoseSheetPart(HosePlan plan) {
        this.plan = plan;
        this.units = plan.c().units();
    }

    @Override
    public String measuredName() {
        return "Finished length";
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(plan.largeStrip(), 62);
        way(page);
        lengths(page);
    }

    @Override
    public void figures(SheetPage page) throws IOException {
        parts(page);
        joints(page);
    }

    /** The way in space, where it was measured. */
    private void way(SheetPage page) throws IOException {
        HoseCase c = plan.c();
        Optional<RouteSketch> sketch = c.line().route();
        if (sketch.isEmpty() || c.hose().isEmpty()) {
            return;
        }
        page.drawing(
                RouteDrawing.of(
                        sketch.get(),
                        c.route(),
                        c.hose().get().outside(),
                        TURN,
                        TILT,
                        units,
                        c.a().place(),
                        c.b().place()),
                8);
        page.text(
                "The way: "
                        + c.route()
                                .flatMap(RoutePlan::length)
                                .map(l -> LengthFormat.shop(l, units)
                                        + ", the shortest found that keeps the bend radius; port B lies at "
                                        + PlaceText.text(
                                                List.of(sketch.get().b().at()), units)
                                        + " (forward, left, up from port A)")
                                .orElse("none was found that keeps the bend radius")
                        + ".",
                9,
                0,
                false,
                0.37f);
    }

    private void lengths(SheetPage page) throws IOException {
        Optional<CutLength> cut = plan.cut().filter(CutLength::possible);
        page.figures(List.of(
                plan.c().whole()
                        ? column("take the hose of", plan.c().wholeLength())
                        : column("cut the hose at", cut.map(c -> c.shop(units))),
                column(
                        "overall, sealing point to sealing point",
                        plan.c().finished().map(CalledFigure::value)),
                new String[] {
                    "overall length, tolerance ±",
                    cut.map(c -> LengthFormat.figure(c.tolerance(), units)).orElse("open"),
                    cut.map(c -> LengthFormat.figure(c.tolerance(), units.other()))
                            .orElse("")
                }));
        cut.ifPresent(c -> {
            try {
                page.text(
                        "Exact cut " + LengthFormat.figure(c.exact(), units) + "; rounding adds "
                                + LengthFormat.figure(c.roundingError(units), units)
                                + ". Under pressure the line may lie between "
                                + LengthFormat.shop(c.underPressure().low(), units) + " and "
                                + LengthFormat.shop(c.underPressure().high(), units) + ".",
                        9,
                        0,
                        false,
                        0.37f);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse("open"),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }

    private void parts(SheetPage page) throws IOException {
        page.heading("Parts", 12);
        for (PartLine p : plan.parts()) {
            page.text(
                    p.part() + ": " + p.name() + ", " + p.amount()
                            + (p.lacks() > 0 ? " (lacks " + LengthFormat.decimal(p.lacks(), 3, 0) + ")" : ""),
                    9.5f,
                    0,
                    false,
                    0.13f);
        }
    }

    private void joints(SheetPage page) throws IOException {
        page.heading("Sealing", 12);
        for (JointPlan joint : plan.joints()) {
            String head = "End " + joint.side().which() + ", " + joint.side().place()
                    + joint.side()
                            .port()
                            .map(p -> ", " + p.title() + " " + p.gender().word())
                            .orElse(", port not settled");
            page.text(head, 10, 0, true, 0.13f);
            Port on = plan.c().setting().ports().of(joint.side().which());
            if (on.end().isPresent()) {
                page.text(named(on), 9, 10, false, 0.37f);
            }
            for (JointPlan.AdapterJoint a : joint.adapters()) {
                page.text(
                        "Adapter " + a.adapter().part().part() + ": "
                                + a.advice()
                                        .map(x -> x.saysPutOn() + " " + x.saysNever() + " " + x.saysTighten())
                                        .orElse("does not go on what stands before it."),
                        9,
                        10,
                        false,
                        0.13f);
            }
            if (joint.advice().isPresent()) {
                SealAdvice a = joint.advice().get();
                page.text(
                        a.saysPutOn() + " " + a.saysNever() + " Lubricant: " + a.lubricant()
                                + ". " + a.saysTighten() + " Re-use: " + a.reuse() + ". Look for: "
                                + a.inspect() + ". (" + a.source().shown() + ")",
                        9,
                        10,
                        false,
                        0.13f);
            }
        }
    }

    /** How the port was named: by what readings and how surely, or not by measuring at all. */
    private String named(Port on) {
        if (on.certainty().isEmpty() || on.seen().isEmpty()) {
            return "Picked from the tables, not measured.";
        }
        Observation seen = on.seen().get();
        List<String> words = new ArrayList<>(ObservationWords.readings(seen, units));
        words.addAll(ObservationWords.looks(seen));
        return "Named at " + new Figure.OfShare(on.certainty().get()).text(units) + " from: " + String.join(", ", words)
                + ".";
    }
}
