package mellowflare.core.pipe.makeup;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeHouse;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.pipe.stock.PipeWall;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;

/**
 * The parts that a line is built of, and what each takes off a measure: centre to end (or half its length) less make-up. A figure measured on the part at hand overrules every table.
 *
 * @param system of fittings; empty while none is chosen
 * @param grade of pipe; empty while none is chosen
 * @param measured centre to end of elbows, tees and crosses, length of parts in line, as measured on the part at hand
 * @param sample make-up of a joint that was made up and measured, by size
 * @param makeUp where the make-up of threads comes from
 * @param setBack how slip-on flanges are set back
 * @param data the tables
 */
public record PartsInUse(
        Optional<FittingSystem> system,
        Optional<PipeGrade> grade,
        Map<PartKey, Length> measured,
        Map<String, Length> sample,
        MakeUps.By makeUp,
        SetBacks.By setBack,
        ReferenceData data) {
    public PartsInUse {
        measured = Map.copyOf(measured);
        sample = Map.copyOf(sample);
    }

    /** The threads cut on the pipe; those of the fittings, while no pipe is chosen. */
    public Optional<ThreadSeries> thread() {
        return system.map(FittingSystem::thread).or(() -> grade.map(PipeGrade::thread));
    }

    /** Whether pipe is pushed into its fittings and welded. */
    public boolean socketed() {
        return system.filter(s -> s.joint() == FittingSystem.Joint.SOCKET).isPresent();
    }

    /** How far a pipe of a size goes into a fitting: by its thread, or into the socket less the gap that is left for the weld. */
    public Optional<ThreadMakeUp> makeUp(String size) {
        if (!socketed()) {
            return threadMakeUp(size);
        }
        Length own = sample.get(size);
        return own != null
                ? Optional.of(MakeUps.measured(own))
                : data.get(PipeStock.KEY)
                        .fitting(system.orElseThrow(), size)
                        .flatMap(f -> f.socket().map(d -> MakeUps.socket(d, f.source())));
    }

    /** How far a thread of a size goes in. */
    public Optional<ThreadMakeUp> threadMakeUp(String size) {
        Optional<Length> own = Optional.ofNullable(sample.get(size));
        return thread().isEmpty()
                ? own.map(MakeUps::measured)
                : thread().flatMap(t -> data.get(MakeUps.KEY).of(t, size, makeUp, own, data));
    }

    public Optional<PipeWall> wall(String size) {
        return grade.flatMap(g -> data.get(PipeStock.KEY).wall(g, size));
    }

    public Optional<HouseSize> house(String size) {
        return data.get(PipeHouse.KEY).of(size);
    }

    /** From the point that a part is measured to, its centre, to the face of a mouth. */
    public Optional<Off> face(PartKey part) {
        Length own = measured.get(part);
        if (own != null) {
            return Optional.of(new Off(
                    half(part.kind()) ? own.times(0.5) : own,
                    new Source(Say.it("take-offs.measured"), Confidence.SURE)));
        }
        PipeStock stock = data.get(PipeStock.KEY);
        Optional<FittingSize> size = system.flatMap(s -> stock.fitting(s, part.size()));
        return switch (part.kind()) {
            case ELBOW -> elbow(part, size);
            case TEE, CROSS -> size.map(f -> new Off(f.centre90(), f.source()));
            case COUPLING -> size.flatMap(f -> f.coupling().map(c -> new Off(c.times(0.5), f.source())));
            case UNION, DIELECTRIC ->
                stock.union(part.size()).map(u -> new Off(u.length().times(0.5), u.source()));
            case VALVE -> house(part, HouseSize.Own.VALVE_MM, 0.5);
            case FLEX -> house(part, HouseSize.Own.FLEX_MM, 0.5);
            case BUSHING -> house(part, HouseSize.Own.BUSH_MM, 1);
            case PLUG -> house(part, HouseSize.Own.PLUG_MM, 1);
            case REDUCER ->
                part.small()
                        .filter(s -> !socketed())
                        .flatMap(s -> stock.reducer(part.size(), s))
                        .map(r -> new Off(r.length().times(0.5), r.source()));
            case CAP, FLANGE -> Optional.of(new Off(Length.ZERO, Source.of(Say.it("take-offs.measured"))));
        };
    }

    private static boolean half(PartKind kind) {
        return switch (kind) {
            case COUPLING, UNION, DIELECTRIC, VALVE, FLEX, REDUCER -> true;
            default -> false;
        };
    }

    private static Optional<Off> elbow(PartKey part, Optional<FittingSize> size) {
        if (part.angle().degrees() == 90) {
            return size.map(f -> new Off(f.centre90(), f.source()));
        }
        return part.angle().degrees() == 45
                ? size.flatMap(f -> f.centre45().map(c -> new Off(c, f.source())))
                : Optional.empty();
    }

    private Optional<Off> house(PartKey part, HouseSize.Own own, double share) {
        return house(part.size()).map(h -> new Off(h.length(own).times(share), h.source()));
    }

    /** What a part takes off a measure to its centre: to the face, less the make-up of the thread there. */
    public Optional<Off> takeOff(PartKey part) {
        return face(part)
                .flatMap(f -> makeUp(part.size()).map(m -> new Off(f.length().minus(m.length()), f.source())));
    }

    /** What an end takes off a measure to its face. */
    public Optional<Off> setBack(PipeEnd end, String size) {
        return SetBacks.of(end, setBack, wall(size), data.get(PipeStock.KEY).flange(size), threadMakeUp(size));
    }
}
