package mellowflare.core.tube.flare;

import java.util.List;
import java.util.stream.DoubleStream;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.stock.Tube;

/**
 * What scrap flares tell of a flaring tool. Of each the sink follows from stick-out and diameter: layers x (D - d) / (2 sin a) less stick-out, with D the flare, d the tube and a the half angle of
 * the cone. Their mean is the tool's sink; the spread is the widest less the least.
 *
 * @param tube on which they were made
 * @param sink mean of them; may come out below zero, when the tool cannot be as measured
 * @param spread how far the flares disagree
 * @param flares how many there are
 */
public record FlareCalibration(Tube tube, Length sink, Length spread, int flares) {
    /** Fewer tell nothing of the spread. */
    public static final int LEAST = 3;

    /** More than this between three flares is no figure to keep: the bar slips, or the stick-out was read otherwise. */
    public static final Length MOST_SPREAD = Length.ofMm(0.5);

    /** No tool hides more tube than this. */
    private static final double MOST_SINK_MM = 6;

    /**
     * One flare on scrap.
     *
     * @param stickOut out of the bar before the cone came down
     * @param diameter over the finished flare
     */
    public record Scrap(Length stickOut, Length diameter) {
        public Scrap {
            if (stickOut.mm() < 0 || diameter.mm() <= 0) {
                throw new IllegalArgumentException("A scrap flare has a stick-out and a diameter above zero");
            }
        }
    }

    /**
     * @param tube on which the flares were made
     * @param kind a flared kind of end
     * @param flares at least {@link #LEAST}, each wider than the tube
     * @throws IllegalArgumentException if there are fewer, or one is no wider than its tube
     */
    public static FlareCalibration of(Tube tube, EndTraits kind, List<Scrap> flares) {
        if (flares.size() < LEAST || !kind.flared()) {
            throw new IllegalArgumentException("Three flares tell how a tool is; " + flares.size() + " do not");
        }
        double[] sinks = flares.stream().mapToDouble(f -> sink(tube, kind, f)).toArray();
        double most = DoubleStream.of(sinks).max().orElseThrow();
        double least = DoubleStream.of(sinks).min().orElseThrow();
        return new FlareCalibration(
                tube,
                Length.ofMm(DoubleStream.of(sinks).average().orElseThrow()),
                Length.ofMm(most - least),
                sinks.length);
    }

    private static double sink(Tube tube, EndTraits kind, Scrap f) {
        double wider = f.diameter.mm() - tube.outside().mm();
        if (wider <= 0) {
            throw new IllegalArgumentException("A flare is wider than its tube");
        }
        return kind.layers() * wider / (2 * Math.sin(kind.halfAngle().radians())) - f.stickOut.mm();
    }

    /** Whether the flares agree well enough, and on a sink that a tool can have, to be kept. */
    public boolean sound() {
        return agrees() && sink.mm() >= 0 && sink.mm() <= MOST_SINK_MM;
    }

    /** Whether the flares agree among themselves. */
    public boolean agrees() {
        return spread.compareTo(MOST_SPREAD) <= 0;
    }

    /**
     * How far a flare made by it may lie to either side of what is worked out, from half the spread.
     *
     * @param kind of end
     */
    public static Length eitherSide(Length spread, EndTraits kind) {
        return Length.ofMm(spread.mm() * Math.sin(kind.halfAngle().radians()) / kind.layers());
    }

    /**
     * The tool as it is on this tube.
     *
     * @param tool as the house has it
     * @param who measured it, and when
     * @throws IllegalStateException if the calibration is not sound
     */
    public FlareTool of(FlareTool tool, Source who) {
        if (!sound()) {
            throw new IllegalStateException("These flares tell no sink that can be kept");
        }
        return tool.calibrated(tube.outside(), sink, spread, who);
    }
}
