package mellowflare.core.pipe.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.line.Line;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.offset.OffsetAsk;

/**
 * What a job keeps of rigid pipe.
 *
 * @param shape how it is told
 * @param system id of the system of fittings
 * @param grade id of the pipe
 * @param size name of its size
 * @param offset an offset as measured
 * @param run a run as called out
 * @param measured centre to end, or length, of parts at hand; overrules the tables
 * @param sample make-up of a joint that was made up and measured, by size
 * @param step to which cuts are rounded; empty for a millimetre, or a sixteenth of an inch
 * @param states how far each piece is made
 * @param making what its pieces are cut from
 * @param join answers for choosing a joiner
 * @param here what is at hand
 */
@RecordBuilder
public record PipeLine(
        PipeShape shape,
        Optional<String> system,
        Optional<String> grade,
        Optional<String> size,
        OffsetAsk offset,
        RunAsk run,
        Map<PartKey, Length> measured,
        Map<String, Length> sample,
        Optional<Length> step,
        Map<String, PieceState> states,
        PipeMaking making,
        JoinAnswers join,
        Here here)
        implements Line, PipeLineBuilder.With {
    public static final PipeLine NEW = new PipeLine(
            PipeShape.OFFSET,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OffsetAsk.NEW,
            RunAsk.NEW,
            Map.of(),
            Map.of(),
            Optional.empty(),
            Map.of(),
            PipeMaking.USUAL,
            JoinAnswers.NONE,
            Here.UNSAID);

    public PipeLine {
        measured = Map.copyOf(measured);
        sample = Map.copyOf(sample);
        states = states.entrySet().stream()
                .filter(e -> !e.getValue().equals(PieceState.TO_DO))
                .collect(java.util.stream.Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        if (step.filter(s -> s.mm() <= 0).isPresent()
                || measured.values().stream().anyMatch(l -> l.mm() <= 0)
                || sample.values().stream().anyMatch(l -> l.mm() <= 0)) {
            throw new IllegalArgumentException("A measured part, a make-up and a step of rounding are above zero");
        }
    }

    public PieceState state(String piece) {
        return states.getOrDefault(piece, PieceState.TO_DO);
    }

    public PipeLine with(String piece, PieceState state) {
        Map<String, PieceState> more = new HashMap<>(states);
        more.put(piece, state);
        return withStates(more);
    }

    /** With a part measured, or no longer so. */
    public PipeLine with(PartKey part, Optional<Length> length) {
        Map<PartKey, Length> more = new HashMap<>(measured);
        length.ifPresentOrElse(l -> more.put(part, l), () -> more.remove(part));
        return withMeasured(more);
    }

    /** With the make-up of a size measured, or no longer so. */
    public PipeLine withSample(String ofSize, Optional<Length> length) {
        Map<String, Length> more = new HashMap<>(sample);
        length.ifPresentOrElse(l -> more.put(ofSize, l), () -> more.remove(ofSize));
        return withSample(more);
    }
}
