package mellowflare.core.run.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/** Works out the pipe from fitting to fitting: runs in line without a fitting between them are one stretch, less what the fittings at its ends take, in pieces that bars give. */
public final class Stretches {
    private static final double STRAIGHT = -0.999;

    private final Walked walked;
    private final Joints joints;
    private final Bar bar;
    private final BiFunction<PipeSize, Length, Optional<Length>> bought;
    private final Map<String, Sized> byName = new HashMap<>();

    /**
     * What is cut from.
     *
     * @param length of a bar
     * @param kerf lost at each cut
     * @param trim whether its end is cut square first
     */
    public record Bar(Length length, Length kerf, boolean trim) {
        /** The longest piece that it gives. */
        Length whole() {
            return trim ? length.minus(kerf) : length;
        }
    }

    private Stretches(
            Walked walked,
            Joints joints,
            List<Sized> sized,
            Bar bar,
            BiFunction<PipeSize, Length, Optional<Length>> bought) {
        this.walked = walked;
        this.joints = joints;
        this.bar = bar;
        this.bought = bought;
        sized.forEach(s -> byName.put(s.name(), s));
    }

    /**
     * All stretches in the order of the walk; runs without a size are left out.
     *
     * @param bought length of the ready piece that is bought for a stretch of this size and length from stop to stop; empty where it is cut
     */
    public static List<Stretch> of(
            Walked walked,
            Joints joints,
            List<Sized> sized,
            Bar bar,
            BiFunction<PipeSize, Length, Optional<Length>> bought) {
        return new Stretches(walked, joints, sized, bar, bought).all();
    }

    private List<Stretch> all() {
        List<Stretch> all = new ArrayList<>();
        Set<String> done = new HashSet<>();
        for (Walked.Run r : walked.runs()) {
            Sized s = byName.get(r.name());
            if (r.kind() == Walked.Kind.HOSE || s.size().isEmpty() || !done.add(r.name())) {
                continue;
            }
            List<Walked.Run> line = new ArrayList<>(List.of(r));
            String last = r.to();
            for (Optional<Walked.Run> n = next(r, last, done); n.isPresent(); n = next(n.get(), last, done)) {
                line.add(n.get());
                done.add(n.get().name());
                last = n.get().from().equals(last) ? n.get().to() : n.get().from();
            }
            all.add(stretch(line, r.from(), last, s.size().get()));
        }
        return all;
    }

    /** The run that goes on in line from a place where no fitting is. */
    private Optional<Walked.Run> next(Walked.Run r, String spot, Set<String> done) {
        Optional<Joints.Joint> j = joints.at(spot);
        if (j.isPresent() && plain(j.get()) && r.way().isPresent()) {
            Vector way = Joints.outward(r, spot);
            for (Walked.Run o : j.get().meeting()) {
                if (o != r
                        && o.way().isPresent()
                        && !done.contains(o.name())
                        && sameSize(o, r)
                        && Joints.outward(o, spot).dot(way) < STRAIGHT) {
                    return Optional.of(o);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean plain(Joints.Joint j) {
        return j.kind() == Joints.Kind.THROUGH && !j.spot().valve() && !j.flexible();
    }

    private boolean sameSize(Walked.Run a, Walked.Run b) {
        // The table holds each size once.
        return byName.get(a.name()).size().orElse(null)
                == byName.get(b.name()).size().orElse(null);
    }

    private Stretch stretch(List<Walked.Run> line, String from, String to, PipeSize size) {
        double sum = 0;
        for (Walked.Run r : line) {
            sum += r.length().mm();
        }
        Length centres = Length.ofMm(sum);
        Length a = stop(from, line.get(0), size);
        Length b = stop(to, line.get(line.size() - 1), size);
        Length between = centres.minus(a).minus(b);
        Walked.Run last = line.get(line.size() - 1);
        List<Length> pieces = pieces(between, size);
        boolean hung = last.kind() != Walked.Kind.LEG && centres.mm() > 0;
        return new Stretch(
                last.name(),
                line,
                from,
                to,
                size,
                centres,
                a,
                b,
                pieces,
                pieces.size() == 1 ? bought.apply(size, between) : Optional.empty(),
                hung ? Rods.hangers(centres, size.hanger()) : 0);
    }

    /** From the centre of what sits at a place to where the pipe's end stands in it. */
    private Length stop(String spot, Walked.Run run, PipeSize size) {
        Joints.Joint j = joints.at(spot).orElseThrow();
        return switch (j.kind()) {
            case ELBOW -> size.elbow();
            case TEE, TWO_TEES -> j.branch().filter(b -> b == run).isPresent() ? size.branch() : size.tee();
            case THROUGH -> j.spot().valve() ? size.tee() : size.coupling().times(0.5);
            case END, OPEN, NONE -> size.coupling().times(0.5);
        };
    }

    /** Whole bars as long as there is more than one, then the rest; a rest too short for two fittings takes from the bar before. */
    private List<Length> pieces(Length between, PipeSize size) {
        double whole = bar.whole().mm();
        double left = between.mm();
        List<Length> pieces = new ArrayList<>();
        while (left > whole) {
            pieces.add(Length.ofMm(whole));
            left -= whole + size.coupling().mm();
        }
        double shortest = 3 * size.insert().mm();
        if (!pieces.isEmpty() && left < shortest) {
            double two = pieces.remove(pieces.size() - 1).mm() + left;
            pieces.add(Length.ofMm(two / 2));
            left = two / 2;
        }
        pieces.add(Length.ofMm(Math.max(0, left)));
        return pieces;
    }
}
