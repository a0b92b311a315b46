package mellowflare.core.air.order;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.StepFiller;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Walked;

/** Fills the order of work for one main. What is not known yet reads as “…” so that the order can be seen early. */
public final class AirStepWriter implements StepFiller.Ordered<Void> {
    /** The order of work of mains. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("air steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of air steps", Precedence.class);

    /** All words that a main can say of itself. */
    public static final StepWords WORDS = StepWords.of(
                    "rods",
                    "clips",
                    "level",
                    "fall",
                    "old",
                    "nipples",
                    "own-threads",
                    "drops-none",
                    "drops-top",
                    "drops-mixed")
            .each("joint-", PipeSystem.Joint.values())
            .figures(
                    "cutOut", "fall", "hangers", "how", "insert", "legs", "metres", "outlets", "pieces", "rods",
                    "sealant", "spacing", "tops", "way")
            .pressures("cutOut");

    private static final Figure OPEN = Figure.of(StepFiller.OPEN);

    private static final double HELD_SHARE = 0.9;

    private final AirCase c;

    public AirStepWriter(AirCase c) {
        this.c = c;
    }

    /** None while there is nothing to cut, or the pipe must not carry air: what cannot be made is not begun. */
    public List<Step> write() {
        if (c.work().filter(w -> !w.stretches().isEmpty()).isEmpty()) {
            return List.of();
        }
        return new StepFiller<>(this, c.data().get(STEPS), Here.UNSAID, Optional.empty(), c.units(), c.data()).write();
    }

    @Override
    public Set<String> words(Void side) {
        return Set.of();
    }

    @Override
    public List<Void> order(List<StepTable.Row> block) {
        return List.of();
    }

    /** A main has no ends. */
    @Override
    public LineEnd end(Void side) {
        throw new IllegalStateException("A main has no ends");
    }

    @Override
    public Subject about(String step, Optional<Void> side) {
        return subject(step);
    }

    /** Held at nine tenths of the cut-out pressure or more. */
    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Void> side) {
        return cutOut().map(p -> new StepFiller.Target.AtLeast(GaugePressure.ofBar(p.bar() * HELD_SHARE)));
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        c.system().ifPresent(s -> words.add("joint-" + s.joint().name().toLowerCase(Locale.ROOT)));
        words.add(c.main().making().hung().onRods() ? "rods" : "clips");
        words.add(c.fall().way() == Fall.Way.LEVEL || c.main().fall() == 0 ? "level" : "fall");
        List<Piece.Drop> drops = drops();
        words.add(
                drops.isEmpty()
                        ? "drops-none"
                        : drops.stream().allMatch(d -> d.off() == TakeOff.TOP) ? "drops-top" : "drops-mixed");
        words.add(
                c.main().making().nipples()
                                && c.system().filter(PipeSystem::nipples).isPresent()
                        ? "nipples"
                        : "own-threads");
        if (!c.main().making().old().isEmpty()) {
            words.add("old");
        }
        return words;
    }

    private List<Piece.Drop> drops() {
        return c.main().pieces().stream()
                .filter(Piece.Drop.class::isInstance)
                .map(Piece.Drop.class::cast)
                .toList();
    }

    @Override
    public Map<String, Figure> figures(Optional<Void> side) {
        Optional<CutWork> work = c.work();
        List<Piece.Drop> drops = drops();
        long legs = c.walked().runs().stream()
                .filter(r -> r.kind() == Walked.Kind.LEG)
                .count();
        Optional<PipeSize> thinnest = work.flatMap(w -> w.stretches().stream()
                .map(Stretch::size)
                .reduce((a, b) -> b.outside().compareTo(a.outside()) < 0 ? b : a));
        Length metres = c.pipeLength();
        return Map.ofEntries(
                Map.entry("metres", Figure.of(LengthFormat.decimal(metres.mm() / 1000, 1, 0) + " m")),
                Map.entry("outlets", number(drops.size())),
                Map.entry(
                        "tops",
                        number(drops.stream()
                                .filter(d -> d.off() == TakeOff.TOP)
                                .count())),
                Map.entry("legs", number(legs)),
                Map.entry("hangers", work.map(w -> number(w.hangers())).orElse(OPEN)),
                Map.entry(
                        "pieces",
                        work.map(w -> number(w.stretches().stream()
                                        .mapToInt(s -> s.pieces().size())
                                        .sum()))
                                .orElse(OPEN)),
                Map.entry("spacing", thinnest.map(z -> Figure.of(z.hanger())).orElse(OPEN)),
                Map.entry("insert", work.map(this::inserts).orElse(OPEN)),
                Map.entry("fall", Figure.of(Length.ofMm(c.main().fall()))),
                Map.entry(
                        "way",
                        Figure.of(
                                c.fall().way() == Fall.Way.BACK
                                        ? Say.it("air-step-writer.back-compressor")
                                        : Say.it("air-step-writer.far-drain"))),
                Map.entry("rods", work.map(this::rods).orElse(OPEN)),
                Map.entry("how", Figure.of(c.main().making().hung().how())),
                Map.entry(
                        "sealant",
                        Figure.of(c.data()
                                .get(Methods.KEY)
                                .chosen(
                                        MethodTopic.PIPE_THREAD_SEAL,
                                        c.setting().practice())
                                .name())),
                Map.entry("cutOut", cutOut().map(Figure::of).orElse(OPEN)));
    }

    private Optional<GaugePressure> cutOut() {
        return c.compressor().map(Compressor::cutOut);
    }

    private static Figure number(long n) {
        return Figure.of(Long.toString(n));
    }

    /** The insertion depths of the sizes that are used: “30 mm on 25, 35 mm on 32”. */
    private Figure inserts(CutWork work) {
        Map<String, PipeSize> sizes = new LinkedHashMap<>();
        work.stretches().forEach(s -> sizes.putIfAbsent(s.size().size(), s.size()));
        List<String> all = sizes.values().stream()
                .map(z -> Say.it(
                        "air-step-writer.on", "insert", LengthFormat.figure(z.insert(), c.units()), "size", z.size()))
                .toList();
        return all.isEmpty() ? OPEN : Figure.of(String.join(", ", all));
    }

    /** The rods from the shortest to the longest; one length where all are alike. */
    private Figure rods(CutWork work) {
        return work.rods().isEmpty() ? OPEN : Figure.of(Rods.span(work.rods(), c.units()));
    }

    private static Subject subject(String id) {
        return switch (id) {
            case "isolate", "hose" -> Subject.COMPRESSOR;
            case "drops" -> Subject.OUTLET;
            case "cut", "ream", "thread", "mark" -> Subject.LENGTH;
            default -> Subject.MAIN;
        };
    }
}
