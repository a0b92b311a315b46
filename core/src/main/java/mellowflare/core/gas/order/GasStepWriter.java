package mellowflare.core.gas.order;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.layout.HoseSort;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.stock.GasCode;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.line.StepFiller;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;

/** Fills the order of work for one gas line. What is not known yet reads as “…” so that the order can be seen early. */
public final class GasStepWriter implements StepFiller.Ordered<Void> {
    /** The order of work of gas lines. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("gas steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of gas steps", Precedence.class);

    /** All words that a gas line can say of itself. */
    public static final StepWords WORDS = StepWords.of(
                    "cylinder",
                    "meter",
                    "sinks",
                    "rises",
                    "standing",
                    "through",
                    "hose",
                    "made-up",
                    "vented",
                    "test-known",
                    "test-unsaid",
                    "joint-unsaid")
            .each("joint-", GasSystem.Joint.values())
            .figures(
                    "appliances",
                    "joints",
                    "load",
                    "lockup",
                    "metres",
                    "minutes",
                    "sealant",
                    "spacing",
                    "test",
                    "worst")
            .pressures("test");

    private static final Figure OPEN = Figure.of(StepFiller.OPEN);

    private final GasCase c;

    public GasStepWriter(GasCase c) {
        this.c = c;
    }

    /** None while nothing is called out, or no gas is said: what must not be opened is not begun. */
    public List<Step> write() {
        if (c.walk().walked().runs().isEmpty()
                || c.gas().isEmpty()
                || c.line().source().feed() == GasSource.Feed.UNSAID) {
            return List.of();
        }
        return new StepFiller<>(this, c.data().get(STEPS), c.line().here(), Optional.empty(), c.units(), c.data())
                .write();
    }

    @Override
    public Set<String> words(Void side) {
        return Set.of();
    }

    @Override
    public List<Void> order(List<StepTable.Row> block) {
        return List.of();
    }

    /** A gas line has no two ends. */
    @Override
    public LineEnd end(Void side) {
        throw new IllegalStateException("A gas line has no two ends");
    }

    @Override
    public Subject about(String step, Optional<Void> side) {
        return switch (step) {
            case "off", "burn", "lockup", "purge" -> Subject.SOURCE;
            case "hole", "join", "hose", "made", "cut" -> Subject.GAS_JOINTS;
            case "apart", "hold", "soap", "back" -> Subject.LEAK_TEST;
            case "light", "flame", "photo" -> Subject.INLETS;
            case "spill", "co", "detector" -> Subject.ROOM;
            default -> Subject.GAS_LAYOUT;
        };
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Void> side) {
        return c.testPressure().map(StepFiller.Target.AtLeast::new);
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        words.add(c.line().source().feed() == GasSource.Feed.CYLINDER ? "cylinder" : "meter");
        words.add(c.gas().filter(FuelGas::sinks).isPresent() ? "sinks" : "rises");
        words.add(c.line().site().joint().map(j -> "joint-" + StepWords.word(j)).orElse("joint-unsaid"));
        words.add(c.testPressure().isPresent() ? "test-known" : "test-unsaid");
        for (Piece p : c.line().pieces()) {
            if (p instanceof Piece.Pipe x) {
                if (x.standing()) {
                    words.add("standing");
                }
                if (x.lies() == Piece.Lies.THROUGH) {
                    words.add("through");
                }
            } else if (p instanceof Piece.Appliance a
                    && a.vented().filter(v -> v).isPresent()) {
                words.add("vented");
            }
        }
        if (!c.hoses().isEmpty()) {
            words.add("hose");
        }
        if (c.hoses().values().stream().anyMatch(h -> h.sort() == HoseSort.MADE_UP)) {
            words.add("made-up");
        }
        return words;
    }

    @Override
    public Map<String, Figure> figures(Optional<Void> side) {
        Optional<GasSize> thinnest = c.runs().stream()
                .flatMap(r -> r.size().stream())
                .filter(z -> z.hanger().isPresent())
                .min(Comparator.comparing(GasSize::outside));
        return Map.of(
                "appliances", Figure.of(Integer.toString(c.inlets().size())),
                "load", c.flows().isPresent() ? Figure.of(c.load()) : OPEN,
                "metres", new Figure.OfReach(c.pipeLength()),
                "spacing", thinnest.flatMap(GasSize::hanger).map(Figure::of).orElse(OPEN),
                "sealant",
                        c.line()
                                .site()
                                .sealant()
                                .map(GasSite.Sealant::word)
                                .map(Figure::of)
                                .orElse(OPEN),
                "test",
                        c.testPressure()
                                .map(p -> (Figure) new Figure.OfGasPressure(p))
                                .orElse(OPEN),
                "minutes",
                        c.code()
                                .flatMap(GasCode::testMinutes)
                                .map(m -> Figure.of(
                                        Say.it("gas-step-writer.minutes", "minutes", LengthFormat.decimal(m, 0, 0))))
                                .orElse(OPEN),
                "joints", Figure.of(Integer.toString(c.soapList().size())),
                "lockup",
                        c.sourceRegulator()
                                .map(Regulator::lockUp)
                                .map(p -> (Figure) new Figure.OfGasPressure(p))
                                .orElse(OPEN),
                "worst",
                        c.tightest()
                                .flatMap(Inlet::pressure)
                                .map(p -> (Figure) new Figure.OfGasPressure(p))
                                .orElse(OPEN));
    }
}
