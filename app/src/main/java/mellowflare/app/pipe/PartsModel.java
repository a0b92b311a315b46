package mellowflare.app.pipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.join.Joiners;
import mellowflare.core.pipe.makeup.PartKey;

/** What the parts of a line take, as measured on them, and the answers that choose a joiner; without a window. */
public final class PartsModel {
    /** Methods that rigid pipe is worked out by. */
    static final List<MethodTopic> TOPICS = List.of(
            MethodTopic.PIPE_MAKE_UP,
            MethodTopic.PIPE_ROUNDING,
            MethodTopic.PIPE_SET_BACK,
            MethodTopic.PIPE_CLOSING,
            MethodTopic.PIPE_THREAD_SEAL);

    private final PipeModel model;
    private final Map<PartKey, FieldState<Length>> measured = new HashMap<>();
    private final FieldState<Length> sample = AboveZero.field();

    public PartsModel(PipeModel model) {
        this.model = model;
        sample.onChange(() -> model.line()
                .size()
                .ifPresent(s -> model.change(Say.it("parts-model.sample"), l -> l.withSample(s, sample.value()))));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    /** The parts that the line uses, each once. */
    public List<PartKey> used() {
        return model.c()
                .laid()
                .map(l -> l.fittings().stream()
                        .flatMap(f -> f.part().stream())
                        .distinct()
                        .toList())
                .orElseGet(() -> model.c().isOffset()
                        ? model.line()
                                .size()
                                .map(s -> List.of(
                                        PartKey.elbow(model.line().offset().fitting(), s)))
                                .orElse(List.of())
                        : List.of());
    }

    /** Centre to end of an elbow or tee, length of a part in line, as measured on it. */
    public FieldState<Length> measured(PartKey part) {
        return measured.computeIfAbsent(part, p -> {
            FieldState<Length> f = AboveZero.field();
            f.onChange(() -> model.change(Say.it("parts-model.part", "part", p.name()), l -> l.with(p, f.value())));
            show(f, Optional.ofNullable(model.line().measured().get(p)));
            return f;
        });
    }

    /** Make-up of a joint of the line's size that was made up and measured. */
    public FieldState<Length> sample() {
        return sample;
    }

    void join(UnaryOperator<JoinAnswers> change) {
        model.change(Say.it("parts-model.join"), l -> l.withJoin(change.apply(l.join())));
    }

    /** The joiner that the answers give; empty while one that matters is missing. */
    public Optional<Joiners.Joiner> joiner() {
        return model.desk().data().get(Joiners.KEY).choose(model.line().join());
    }

    private void show(FieldState<Length> f, Optional<Length> l) {
        f.show(l.map(x -> LengthFormat.figure(x, model.units())).orElse(""), l, model.units());
    }

    private void refresh() {
        if (!model.isPipe()) {
            return;
        }
        measured.forEach(
                (p, f) -> show(f, Optional.ofNullable(model.line().measured().get(p))));
        show(sample, model.line().size().map(s -> model.line().sample().get(s)));
    }
}
