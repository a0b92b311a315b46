package mellowflare.core.water.order;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.StepFiller;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.LinkKind;
import mellowflare.core.water.work.WaterCase;

/** Fills the order of work for one water point. */
public final class WaterStepWriter implements StepFiller.Ordered<Void> {
    /** The order of work of water points. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("water steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of water steps", Precedence.class);

    /** All words that a water point can say of itself. */
    public static final StepWords WORDS = StepWords.of("hidden", "seen", "nipple")
            .each("method-", JoinMethod.Id.values())
            .each("link-", LinkKind.Id.values())
            .figures("parts", "chance", "exact", "stock", "gap", "turns", "goesIn", "connector", "equipmentTurns");

    private static final Figure OPEN = Figure.of(StepFiller.OPEN);

    private final WaterCase c;

    public WaterStepWriter(WaterCase c) {
        this.c = c;
    }

    /** None while no set of parts joins pipe and equipment. */
    public List<Step> write() {
        if (c.set().isEmpty()) {
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

    /** A water point has no two ends that are worked on alike. */
    @Override
    public LineEnd end(Void side) {
        throw new IllegalStateException("A water point has no two ends");
    }

    @Override
    public Subject about(String step, Optional<Void> side) {
        return switch (step) {
            case "pack" -> Subject.BAG;
            case "link" -> Subject.WATER_SET;
            case "off", "fill", "dry", "record", "cap" -> Subject.SITE;
            default -> Subject.HOUSE_PIPE;
        };
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Void> side) {
        return Optional.empty();
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        words.add(c.line().hidden() ? "hidden" : "seen");
        WaterSet set = c.set().orElseThrow();
        words.add("method-" + StepWords.word(set.method().id()));
        words.add("link-" + StepWords.word(set.link().id()));
        if (c.nippleWanted().isPresent()) {
            words.add("nipple");
        }
        return words;
    }

    @Override
    public Map<String, Figure> figures(Optional<Void> side) {
        WaterSet set = c.set().orElseThrow();
        return Map.of(
                "parts",
                        c.bag()
                                .map(b -> Figure.of(Integer.toString(b.parts().size())))
                                .orElse(OPEN),
                "chance",
                        c.bag()
                                .map(b -> (Figure) new Figure.OfShare(c.packed().chance(b)))
                                .orElse(OPEN),
                "exact", c.nipple().map(n -> Figure.of(n.exact())).orElse(OPEN),
                "stock",
                        c.nipple()
                                .flatMap(n -> n.stock())
                                .map(s -> Figure.of(s.length()))
                                .orElse(OPEN),
                "gap",
                        c.nipple()
                                .flatMap(n -> n.stock())
                                .map(s -> Figure.of(Length.ofMm(s.gap())))
                                .orElse(OPEN),
                "turns", Figure.of(set.method().turns()),
                "goesIn", Figure.of(set.method().goesIn()),
                "connector", set.connector().map(Figure::of).orElse(OPEN),
                "equipmentTurns",
                        Figure.of(set.joints().get(set.joints().size() - 1).turns()));
    }
}
