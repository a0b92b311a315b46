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
    /** The route, so that figures and checks stand on the same page (pt). */
    private static final float ROUTE_WIDE = 300;

    private final HosePlan plan;
    private final UnitSystem units;

    HoseSheetPart(HosePlan plan) {
        this.plan = plan;
        this.units = plan.c().units();
    }

    @Override
    public String measuredName() {
        return Say.it("hose-sheet-part.finished-length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(plan.largeStrip(), 62);
        way(page);
        lengths(page);
    }

    @Override
    public void figures(SheetPage page) throws IOException {
        joints(page);
    }

    /** The way in space, where it was measured. */
    private void way(SheetPage page) throws IOException {
        HoseCase c = plan.c();
        Optional<RouteSketch> sketch = c.line().route();
        if (sketch.isEmpty() || c.hose().isEmpty()) {
            return;
        }
        page.narrow(
                RouteDrawing.of(
                                sketch.get(),
                                c.route(),
                                c.hose().get().outside(),
                                TURN,
                                TILT,
                                units,
                                c.a().place(),
                                c.b().place())
                        .marked(plan.marks()),
                ROUTE_WIDE);
        page.gap(16);
        page.text(
                Say.it(
                        "hose-sheet-part.the-way",
                        "route",
                        c.route()
                                .flatMap(RoutePlan::length)
                                .map(l -> Say.it(
                                        "hose-sheet-part.shortest-found-that-keeps",
                                        "shop",
                                        LengthFormat.shop(l, units),
                                        "text",
                                        PlaceText.text(List.of(sketch.get().b().at()), units)))
                                .orElse(Say.it("hose-sheet-part.none-was-found-that"))),
                9,
                0,
                false,
                0.37f);
    }

    private void lengths(SheetPage page) throws IOException {
        Optional<CutLength> cut = plan.cut().filter(CutLength::possible);
        page.figures(List.of(
                plan.c().whole()
                        ? column(Say.it("hose-sheet-part.take-hose"), plan.c().wholeLength())
                        : column(Say.it("hose-sheet-part.cut-hose-at"), cut.map(c -> c.shop(units))),
                column(
                        Say.it("hose-sheet-part.overall-sealing-point-sealing"),
                        plan.c().finished().map(CalledFigure::value)),
                new String[] {
                    Say.it("hose-sheet-part.overall-length-tolerance"),
                    cut.map(c -> LengthFormat.figure(c.tolerance(), units)).orElse(Say.it("hose-sheet-part.open")),
                    cut.map(c -> LengthFormat.figure(c.tolerance(), units.other()))
                            .orElse("")
                }));
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse(Say.it("hose-sheet-part.open")),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }

    private void joints(SheetPage page) throws IOException {
        page.columns(
                Say.it("hose-sheet-part.sealing"),
                plan.joints().stream()
                        .map(j -> (SheetPage.Words) () -> joint(page, j))
                        .toList());
    }

    private void joint(SheetPage page, JointPlan joint) throws IOException {
        String head = Say.it(
                "hose-sheet-part.end",
                "which",
                joint.side().which(),
                "place",
                joint.side().place(),
                "port",
                joint.side()
                        .port()
                        .map(p -> p.title() + " " + p.gender().word())
                        .orElse("none"));
        page.text(head, 10, 0, true, 0.13f);
        Port on = plan.c().setting().ports().of(joint.side().which());
        if (on.end().isPresent()) {
            page.text(named(on), 8.5f, 8, false, 0.37f);
        }
        for (JointPlan.AdapterJoint a : joint.adapters()) {
            page.text(
                    Say.it(
                            "hose-sheet-part.adapter",
                            "part",
                            a.adapter().part().part(),
                            "advice",
                            a.advice()
                                    .map(x -> x.saysPutOn() + " " + x.saysNever() + " " + x.saysTighten())
                                    .orElse(Say.it("hose-sheet-part.does-not-go-on"))),
                    8.5f,
                    8,
                    false,
                    0.13f);
        }
        if (joint.advice().isPresent()) {
            SealAdvice a = joint.advice().get();
            page.text(
                    Say.it(
                            "hose-sheet-part.lubricant-re-use-look",
                            "saysPutOn",
                            a.saysPutOn(),
                            "saysNever",
                            a.saysNever(),
                            "lubricant",
                            a.lubricant(),
                            "saysTighten",
                            a.saysTighten(),
                            "reuse",
                            a.reuse(),
                            "inspect",
                            a.inspect(),
                            "source",
                            a.source().shown()),
                    8.5f,
                    8,
                    false,
                    0.13f);
        }
    }

    /** How the port was named: by what readings and how surely, or not by measuring at all. */
    private String named(Port on) {
        if (on.certainty().isEmpty() || on.seen().isEmpty()) {
            return Say.it("hose-sheet-part.picked-from-tables-not");
        }
        Observation seen = on.seen().get();
        List<String> words = new ArrayList<>(ObservationWords.readings(seen, units));
        words.addAll(ObservationWords.looks(seen));
        return Say.it(
                "hose-sheet-part.named-at-from",
                "certainty",
                new Figure.OfShare(on.certainty().get()).text(units),
                "ends",
                String.join(", ", words));
    }
}
