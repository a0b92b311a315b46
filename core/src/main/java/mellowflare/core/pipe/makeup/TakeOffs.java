package mellowflare.core.pipe.makeup;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Nipples;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.thread.ThreadTable;

/** What the parts of a line take off its measures, looked up once each: a long run asks for the same elbow again and again. Not for several threads. */
public final class TakeOffs {
    private final PartsInUse parts;
    private final Map<String, Optional<ThreadMakeUp>> makeUps = new HashMap<>();
    private final Map<PartKey, Optional<Off>> faces = new HashMap<>();
    private final Map<String, List<Length>> nipples = new HashMap<>();
    private final Map<String, Optional<Length>> pitches = new HashMap<>();
    private final Map<List<String>, Boolean> larger = new HashMap<>();

    public TakeOffs(PartsInUse parts) {
        this.parts = parts;
    }

    public PartsInUse parts() {
        return parts;
    }

    /** How far a pipe of a size goes into a fitting. */
    public Optional<ThreadMakeUp> makeUp(String size) {
        return makeUps.computeIfAbsent(size, parts::makeUp);
    }

    /** From the point that a part is measured to, to the face of a mouth. */
    public Optional<Off> face(PartKey part) {
        return faces.computeIfAbsent(part, parts::face);
    }

    /** What a part takes off a measure to its centre, at a mouth of a size. */
    public Optional<Off> takeOff(PartKey part, String mouth) {
        return face(part).flatMap(f -> makeUp(mouth).map(m -> new Off(f.length().minus(m.length()), f.source())));
    }

    /** Lengths of the nipples that a size is stocked in. */
    public List<Length> nipples(String size) {
        return nipples.computeIfAbsent(size, s -> parts.data().get(Nipples.KEY).lengths(s));
    }

    /** Pitch of the threads of a size. */
    public Optional<Length> pitch(String size) {
        return pitches.computeIfAbsent(
                size,
                s -> parts.thread()
                        .flatMap(t -> parts.data().get(ThreadTable.KEY).find(t, s))
                        .map(t -> t.pitch().length()));
    }

    /** Whether one size is larger than another. */
    public boolean larger(String a, String b) {
        return larger.computeIfAbsent(
                List.of(a, b), k -> parts.data().get(PipeStock.KEY).larger(a, b));
    }
}
