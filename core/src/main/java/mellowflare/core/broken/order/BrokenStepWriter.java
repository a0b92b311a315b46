package mellowflare.core.broken.order;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.stock.Extractor;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.StepFiller;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;

/** Fills the order of work for one stuck or broken part. */
public final class BrokenStepWriter implements StepFiller.Ordered<Void> {
    /** The order of work on stuck and broken parts. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("steps for stuck parts", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER =
            new ReferenceKey<>("order of steps for stuck parts", Precedence.class);

    /** All words that a stuck part can say of itself. */
    public static final StepWords WORDS = StepWords.of("fluid-unsaid", "thread-unsaid", "steel", "soft")
            .each("fluid-", StuckFluid.Id.values())
            .each("state-", StuckState.values())
            .each("rung-", Rung.Id.values())
            .each("thread-", ThreadState.values())
            .figures("number", "size");

    private static final Figure OPEN = Figure.of(StepFiller.OPEN);

    private final BrokenCase c;

    public BrokenStepWriter(BrokenCase c) {
        this.c = c;
    }

    /** None while it is not said how the part stands, what it is made of, and what runs in the line. */
    public List<Step> write() {
        if (c.attempts().isEmpty() || c.fluid().isEmpty() || c.material().isEmpty()) {
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

    /** A stuck part has one end. */
    @Override
    public LineEnd end(Void side) {
        throw new IllegalStateException("A stuck part has one end");
    }

    @Override
    public Subject about(String step, Optional<Void> side) {
        return step.equals("off") || step.equals("record") ? Subject.SITE : Subject.STUCK;
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Void> side) {
        return Optional.empty();
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        words.add(c.line().fluid().map(f -> "fluid-" + StepWords.word(f)).orElse("fluid-unsaid"));
        c.line().state().ifPresent(s -> words.add("state-" + StepWords.word(s)));
        c.open().forEach(r -> words.add("rung-" + StepWords.word(r.id())));
        words.add(c.line().thread().map(t -> "thread-" + StepWords.word(t)).orElse("thread-unsaid"));
        words.add(
                switch (c.line().material().orElseThrow()) {
                    case STEEL, IRON -> "steel";
                    case OLD_BRASS, BRASS, CHROMED, COPPER, PLASTIC -> "soft";
                });
        return words;
    }

    @Override
    public Map<String, Figure> figures(Optional<Void> side) {
        return Map.of(
                "number", c.extractor().map(Extractor::number).map(Figure::of).orElse(OPEN),
                "size", c.line().size().map(Figure::of).orElse(OPEN));
    }
}
