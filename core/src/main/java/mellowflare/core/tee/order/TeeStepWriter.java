package mellowflare.core.tee.order;

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
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;

/** Fills the order of work for one tee-in. */
public final class TeeStepWriter implements StepFiller.Ordered<Void> {
    /** The order of work of tee-ins. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("tee steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of tee steps", Precedence.class);

    /** All words that a tee-in can say of itself. */
    public static final StepWords WORDS = StepWords.of("fluid-unsaid", "whole", "cut", "piece")
            .each("fluid-", TeeFluid.values())
            .each("method-", TeeMethod.Id.values())
            .figures("cut", "gap", "piece");

    private static final Figure OPEN = Figure.of(StepFiller.OPEN);

    private final TeeCase c;

    public TeeStepWriter(TeeCase c) {
        this.c = c;
    }

    /** None while the way of joining is not chosen, or there is nothing to cut out. */
    public List<Step> write() {
        if (c.method().isEmpty() || c.cutOut().filter(x -> x > 0).isEmpty()) {
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

    /** Both stubs are worked on alike. */
    @Override
    public LineEnd end(Void side) {
        throw new IllegalStateException("Both stubs of a tee-in are worked on alike");
    }

    @Override
    public Subject about(String step, Optional<Void> side) {
        return step.equals("off") || step.equals("plug") || step.equals("record") ? Subject.SITE : Subject.TEE;
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Void> side) {
        return Optional.empty();
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        words.add(c.line().fluid().map(f -> "fluid-" + StepWords.word(f)).orElse("fluid-unsaid"));
        words.add("method-" + StepWords.word(c.method().orElseThrow().id()));
        words.add(c.line().gap().isPresent() ? "cut" : "whole");
        if (c.piece().isPresent()) {
            words.add("piece");
        }
        return words;
    }

    @Override
    public Map<String, Figure> figures(Optional<Void> side) {
        return Map.of(
                "cut", c.cutOut().map(x -> Figure.of(Length.ofMm(x))).orElse(OPEN),
                "gap", c.line().gap().map(Figure::of).orElse(OPEN),
                "piece", c.piece().map(Figure::of).orElse(OPEN));
    }
}
