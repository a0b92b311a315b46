package mellowflare.core.pipe.offset;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.PipeEnd;

/**
 * An offset as it was measured and is wanted.
 *
 * @param way how it was measured
 * @param figures what was taken
 * @param fitting angle of both fittings, above 0 to 90 degrees
 * @param legs how the outer legs share what is left
 * @param a how the line ends at A
 * @param c how it ends at C
 * @param obstruction what it must pass
 * @param clear room that is wanted beside it
 * @param pipes side by side, 1 to 20
 * @param spread centre to centre of the pipes, where there are several
 * @param faces from face to face as read at the top, right, bottom and left of the two flanges; empty, or these four
 */
@RecordBuilder
public record OffsetAsk(
        OffsetWay way,
        Map<OffsetFigure, Taken> figures,
        Angle fitting,
        Legs legs,
        PipeEnd a,
        PipeEnd c,
        Optional<Obstruction> obstruction,
        Length clear,
        int pipes,
        Optional<Length> spread,
        List<Length> faces)
        implements OffsetAskBuilder.With {
    public static final int MOST_PIPES = 20;

    public static final OffsetAsk NEW = new OffsetAsk(
            OffsetWay.READINGS,
            Map.of(),
            Angle.ofDegrees(45),
            Legs.EQUAL,
            PipeEnd.OPEN,
            PipeEnd.OPEN,
            Optional.empty(),
            Length.ofMm(25),
            1,
            Optional.empty(),
            List.of());

    /** So many readings are taken round two faces. */
    public static final int ROUND = 4;

    public OffsetAsk {
        figures = Map.copyOf(figures);
        faces = List.copyOf(faces);
        if (!faces.isEmpty() && faces.size() != ROUND || faces.stream().anyMatch(l -> l.mm() <= 0)) {
            throw new IllegalArgumentException("Two faces are read at four places, each above zero, or not at all");
        }
        if (!(fitting.degrees() > 0 && fitting.degrees() <= 90)) {
            throw new IllegalArgumentException(
                    "A fitting turns by more than 0 and up to 90 degrees, not by " + fitting.degrees());
        }
        if (pipes < 1 || pipes > MOST_PIPES) {
            throw new IllegalArgumentException("1 to " + MOST_PIPES + " pipes lie side by side, not " + pipes);
        }
        if (clear.mm() < 0 || spread.filter(s -> s.mm() <= 0).isPresent()) {
            throw new IllegalArgumentException("A spread is above zero, the room beside a pipe not below");
        }
    }

    public Optional<Taken> figure(OffsetFigure which) {
        return Optional.ofNullable(figures.get(which));
    }

    /** With one figure taken, or taken away. */
    public OffsetAsk with(OffsetFigure which, Optional<Taken> taken) {
        Map<OffsetFigure, Taken> more = new EnumMap<>(OffsetFigure.class);
        more.putAll(figures);
        taken.ifPresentOrElse(t -> more.put(which, t), () -> more.remove(which));
        return withFigures(more);
    }

    /** The figures that this way of measuring takes, the overall last. */
    public List<OffsetFigure> asked() {
        return java.util.stream.Stream.concat(way.figures().stream(), java.util.stream.Stream.of(OffsetFigure.OVERALL))
                .toList();
    }
}
