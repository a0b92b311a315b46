package mellowflare.core.pipe.order;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.core.advice.Figure;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.geometry.Vector;
import mellowflare.core.line.StepFiller;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.assemble.AssemblyStep;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeSealing;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.stock.FlangeSize;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.text.Lists;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.thread.ThreadTable;

/** The figures that stand in the steps of rigid pipe. */
final class PipeStepFigures {
    static final String[] NAMES = {
        "bolts",
        "bought",
        "cuts",
        "drinkingTest",
        "farEnd",
        "figures",
        "fluid",
        "fluidCaution",
        "gap",
        "handTurns",
        "last",
        "legA",
        "never",
        "order",
        "overall",
        "pieces",
        "proof",
        "putOn",
        "readings",
        "setBack",
        "start",
        "thread",
        "threads",
        "tighten",
        "turns",
        "working"
    };

    /** Test pressure against working pressure, with liquid (ASME B31.3 345.4.2). */
    private static final double PROOF = 1.5;

    private static final double DRINKING_TEST = 1.1;

    /** So many names are read aloud at once; the list has the rest. */
    private static final int MOST = 30;

    private final PipeCase c;

    PipeStepFigures(PipeCase c) {
        this.c = c;
    }

    Optional<GaugePressure> working() {
        return c.service().working().filter(w -> w.bar() > 0);
    }

    Optional<GaugePressure> proof() {
        return working().map(w -> w.times(PROOF));
    }

    Optional<GaugePressure> drinkingTest() {
        return working().map(w -> w.times(DRINKING_TEST));
    }

    Optional<Length> overall() {
        return Optional.ofNullable(c.taken().get(OffsetFigure.OVERALL)).map(Taken::value);
    }

    Map<String, Figure> all() {
        Map<String, Figure> f = new TreeMap<>();
        Optional<SealAdvice> seal = PipeSealing.of(c);
        put(f, "bolts", bolts());
        put(
                f,
                "bought",
                Optional.of(Long.toString(
                        c.pieces().stream().filter(PieceCut::bought).count())));
        put(f, "cuts", cuts());
        put(f, "drinkingTest", drinkingTest().map(p -> Figure.of(p).text(c.units())));
        put(f, "farEnd", farEnd());
        put(f, "figures", figures());
        put(f, "fluid", c.fluid().map(Fluid::name));
        put(
                f,
                "fluidCaution",
                c.fluid().map(Fluid::caution).or(() -> Optional.of(Say.it("pipe-step-figures.never-feel"))));
        put(f, "gap", Optional.of(LengthFormat.figure(MakeUps.SOCKET_GAP, c.units())));
        put(f, "handTurns", handTurns());
        put(f, "last", last());
        put(f, "legA", c.sum().flatMap(s -> s.legA()).map(this::text));
        put(f, "never", seal.map(SealAdvice::saysNever));
        put(f, "order", order());
        put(f, "overall", overall().map(this::text));
        put(f, "pieces", Optional.of(Integer.toString(c.pieces().size())));
        put(f, "proof", proof().map(p -> Figure.of(p).text(c.units())));
        put(f, "putOn", seal.map(s -> Lists.and(s.putOn())));
        put(f, "readings", readings());
        put(f, "setBack", setBack());
        put(f, "start", Optional.of(start()));
        put(f, "thread", thread().map(ThreadSize::name));
        put(f, "threads", threads());
        put(f, "tighten", seal.map(SealAdvice::tighten));
        put(f, "turns", turns());
        put(f, "working", working().map(p -> Figure.of(p).text(c.units())));
        return f;
    }

    private static void put(Map<String, Figure> f, String name, Optional<String> text) {
        // “never” may have nothing to forbid, which is no open figure.
        f.put(
                name,
                Figure.of(text.filter(t -> !t.isEmpty() || name.equals("never")).orElse(StepFiller.OPEN)));
    }

    private String text(Length l) {
        return LengthFormat.shop(l, c.units());
    }

    private Optional<String> bolts() {
        return c.line()
                .size()
                .flatMap(s -> c.data().get(PipeStock.KEY).flange(s))
                .map(FlangeSize::bolts)
                .map(n -> Integer.toString(n));
    }

    private Optional<String> cuts() {
        List<String> all = c.pieces().stream()
                .filter(p -> !p.bought() && p.shop().isPresent())
                .limit(MOST)
                .map(p -> Say.it(
                        "pipe-step-figures.cut",
                        "piece",
                        p.name(),
                        "length",
                        text(p.shop().get())))
                .toList();
        return all.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", all));
    }

    private Optional<String> farEnd() {
        return c.cuts()
                .map(RunCuts::out)
                .map(out -> Figure.of(Length.ofMm(
                                out.stream().mapToDouble(Vector::length).max().orElse(0)))
                        .text(c.units()));
    }

    private Optional<String> figures() {
        if (!c.isOffset()) {
            return cuts();
        }
        List<String> all = c.taken().entrySet().stream()
                .map(e -> Say.it(
                        "pipe-step-figures.cut",
                        "piece",
                        e.getKey().symbol(),
                        "length",
                        Figure.of(e.getValue().value()).text(c.units())))
                .toList();
        return all.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", all));
    }

    private Optional<String> readings() {
        if (!c.isOffset()) {
            return Optional.empty();
        }
        OffsetWay way = c.line().offset().way();
        List<String> values = way.figures().stream()
                .map(f -> Optional.ofNullable(c.taken().get(f))
                        .map(t -> Figure.of(t.value()).text(c.units()))
                        .orElse(StepFiller.OPEN))
                .toList();
        return Optional.of(
                switch (way) {
                    case READINGS ->
                        Say.it("pipe-step-figures.two-readings", "one", values.get(0), "other", values.get(1));
                    case OFFSET -> Say.it("pipe-step-figures.one-offset", "one", values.get(0));
                    case ROLLING ->
                        Say.it("pipe-step-figures.rise-and-roll", "one", values.get(0), "other", values.get(1));
                });
    }

    private Optional<ThreadSize> thread() {
        return c.parts()
                .thread()
                .flatMap(t -> c.line()
                        .size()
                        .flatMap(s -> c.data().get(ThreadTable.KEY).find(t, s)));
    }

    private Optional<String> handTurns() {
        return thread().flatMap(t -> t.handTight()
                .map(h -> Say.it(
                        "pipe-step-figures.turns",
                        "turns",
                        LengthFormat.decimal(h.mm() / t.pitch().length().mm(), 1, 0))));
    }

    private Optional<String> last() {
        List<PieceCut> cut = c.pieces().stream().filter(p -> !p.bought()).toList();
        return cut.isEmpty()
                ? Optional.empty()
                : Optional.of(cut.get(cut.size() - 1).name());
    }

    private Optional<String> order() {
        List<AssemblyStep> steps = c.assembly().steps();
        List<String> names = steps.stream()
                .limit(MOST)
                .map(s -> String.join(
                        " + ",
                        s.parts().stream().map(c.laid().orElseThrow()::called).toList()))
                .toList();
        if (names.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                steps.size() > MOST
                        ? Say.it("pipe-step-figures.and-on", "names", String.join(", ", names))
                        : String.join(", ", names));
    }

    private Optional<String> setBack() {
        return c.laid()
                .flatMap(l -> l.fittings().stream()
                        .filter(f -> f.end().filter(EndKind::welded).isPresent())
                        .findFirst())
                .flatMap(f -> f.mouths().get(0).off())
                .map(o -> Figure.of(o.length()).text(c.units()));
    }

    private String start() {
        return c.laid()
                .map(l -> l.fittings().get(0))
                .flatMap(Fitted::end)
                .map(EndKind::word)
                .map(w -> Say.it("pipe-step-figures.the-start", "kind", w))
                .orElse(StepFiller.OPEN);
    }

    private Optional<String> threads() {
        return c.laid()
                .map(l -> l.spools().stream()
                        .filter(s -> s.bought().isEmpty())
                        .mapToInt(s -> RunCuts.threads(l, s))
                        .sum())
                .map(n -> Integer.toString(n));
    }

    private Optional<String> turns() {
        return c.laid()
                .map(l -> l.fittings().stream()
                        .filter(f -> f.kind() == Fitted.Kind.ELBOW)
                        .count())
                .map(n -> Long.toString(n));
    }
}
