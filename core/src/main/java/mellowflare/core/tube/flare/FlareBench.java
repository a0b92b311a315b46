package mellowflare.core.tube.flare;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.stock.Tube;

/**
 * A small model of flaring.
 *
 * <p>The outer surface keeps its length on the cone: flare diameter = OD + 2 L sin a, with L the length of tube on the cone and a the half angle. L is the stick-out
 * plus what lies in the sink of the block, less what slides; of a folded flare half of that lies in each layer. The rim's wall lies between t r0 / r (length kept) and
 * t sqrt(r0 / r) (thins and shortens alike). Stretch round the rim is ln(r / r0), more on the wide side of a lop-sided flare; it is set against the stretch that the
 * material's clean edge withstands, less for a burr, a dry or a worn cone, more where the edge is folded in.
 *
 * <p>Limits: no friction, no spring-back of the cone, no buckling, bends at cone root and rim taken as sharp; strains that edges bear are house figures. It tells which way a setting
 * moves a flare and lands near the middle of a band; the first flare on scrap tells the rest.
 *
 * @param tube what is flared
 * @param kind a flared kind of end
 * @param sink length of tube in the block that goes on the cone
 * @param slip how far a tube slides that is only just gripped
 * @param hardness share of the stretch that the tube withstands: 1 as bought, less as worked before or hard drawn
 */
public record FlareBench(Tube tube, EndTraits kind, Length sink, Length slip, double hardness) {
    /** Share of the stretch that is left by a burr, a dry cone, a worn-out cone (house figures). */
    private static final double BURR = 0.6;

    private static final double DRY = 0.92;
    private static final double WORN = 0.7;
    /** A folded edge lies inside, where it is stretched less (house figure). */
    private static final double DOUBLE = 1.35;
    /** How sharply the chance of a split rises about the limit. */
    private static final double SHARPNESS = 0.07;
    /** Faults seen by eye. */
    private static final double LOPSIDED_MM = 0.4;

    private static final double STEP_MM = 0.08;
    private static final double CRACK_SEEN = 0.5;
    private static final double THIN_SHARE = 0.62;
    private static final double OPEN_DEG = 3;
    /** A worn cone stands this much steeper when worn out (degrees). */
    private static final double WORN_DEG = 1;

    private static final double SCORED_WEAR = 0.6;
    private static final double PASSES_BY_MM = 0.2;
    private static final double LEAST_LIP = 0.3;

    public FlareBench {
        if (!kind.flared()) {
            throw new IllegalArgumentException("A " + kind.name() + " is not flared");
        }
    }

    /** With tube as it is bought. */
    public FlareBench(Tube tube, EndTraits kind, Length sink, Length slip) {
        this(tube, kind, sink, slip, 1);
    }

    public static FlareBench of(Tube tube, EndTraits kind, FlareTool tool) {
        return new FlareBench(tube, kind, tool.sink(), tool.slip());
    }

    /** The same bench with tube that withstands only a share of the stretch, as worked before or hard drawn. */
    public FlareBench withHardness(double share) {
        return new FlareBench(tube, kind, sink, slip, share);
    }

    /** The flare that a setting gives, without looking at any band. */
    public FlareMade make(FlareSetting s) {
        return make(s, Optional.empty(), Optional.empty());
    }

    /**
     * The flare that a setting gives.
     *
     * @param s the setting
     * @param band what its diameter must be
     * @param threadBore bore of the thread it must pass
     */
    public FlareMade make(FlareSetting s, Optional<FlareBand> band, Optional<Length> threadBore) {
        double half = kind.halfAngle().degrees() + s.coneError().degrees() - WORN_DEG * s.wear();
        double stands = Math.toRadians(Math.max(1, half * Math.min(1, s.closing())));
        double squeeze = Math.max(0, s.closing() - 1);
        double out = Math.max(0, s.stickOut().mm() + sink.mm() - (s.slips() ? slip.mm() : 0));
        double onCone = out / kind.layers() / Math.max(LEAST_LIP, 1 - squeeze);
        double d0 = tube.outside().mm();
        double d = d0 + 2 * onCone * Math.sin(stands);
        double lop = 2 * s.offCentre().mm() + s.crooked().mm() * Math.sin(stands);
        double ratio = d0 / d;
        double t = tube.wall().mm() * Math.max(LEAST_LIP, 1 - squeeze);
        double step = s.shift().mm() * Math.sin(stands)
                + (squeeze > 0.1 ? squeeze * tube.wall().mm() : 0);
        double strain = Math.log((d + lop) / d0);
        double limit = limit(s);
        double risk = 1 / (1 + Math.exp(-(strain / limit - 1) / SHARPNESS));
        double shortens = out - onCone * Math.cos(stands);
        return new FlareMade(
                Length.ofMm(d),
                Length.ofMm(onCone),
                Length.ofMm(t * ratio),
                Length.ofMm(t * Math.sqrt(ratio)),
                strain,
                limit,
                risk,
                Length.ofMm(lop),
                Length.ofMm(step),
                Angle.ofDegrees(Math.toDegrees(stands)),
                Length.ofMm(Math.max(0, shortens)),
                faults(s, d, lop, step, risk, t * ratio, Math.toDegrees(stands), band, threadBore));
    }

    private double limit(FlareSetting s) {
        double limit = tube.material().rimLimit() * hardness;
        limit *= s.reamed() ? 1 : BURR;
        limit *= s.oiled() ? 1 : DRY;
        limit *= 1 - (1 - WORN) * s.wear();
        return kind.layers() == 2 ? limit * DOUBLE : limit;
    }

    private Set<FlareFault> faults(
            FlareSetting s,
            double d,
            double lop,
            double step,
            double risk,
            double lip,
            double stands,
            Optional<FlareBand> band,
            Optional<Length> threadBore) {
        Set<FlareFault> faults = EnumSet.noneOf(FlareFault.class);
        add(faults, FlareFault.CRACKED, risk > CRACK_SEEN);
        add(
                faults,
                FlareFault.WIDE,
                band.filter(b -> d + lop / 2 > b.high().mm()).isPresent());
        add(
                faults,
                FlareFault.NARROW,
                band.filter(b -> d - lop / 2 < b.low().mm()).isPresent());
        add(
                faults,
                FlareFault.NUT_STUCK,
                threadBore.filter(b -> d + lop > b.mm() - PASSES_BY_MM).isPresent());
        add(faults, FlareFault.LOPSIDED, lop > LOPSIDED_MM);
        add(faults, FlareFault.DOUBLE_RIM, step > STEP_MM);
        // As thin as the very band's flare must be is no fault.
        double asPlanned = band.map(b -> tube.outside().mm() / b.high().mm()).orElse(1.0);
        add(faults, FlareFault.THIN, lip < tube.wall().mm() * Math.min(THIN_SHARE, asPlanned * 0.95));
        add(faults, FlareFault.OPEN, Math.abs(stands - kind.halfAngle().degrees()) > OPEN_DEG);
        add(faults, FlareFault.SCORED, s.wear() > SCORED_WEAR || !s.oiled() && s.wear() > 0.2);
        return faults;
    }

    private static void add(Set<FlareFault> faults, FlareFault fault, boolean there) {
        if (there) {
            faults.add(fault);
        }
    }

    /** The stick-out that lands on a diameter when all else is as it should be; empty when the sink alone gives more. */
    public Optional<Length> stickOutFor(Length diameter) {
        double onCone = (diameter.mm() - tube.outside().mm())
                / (2 * Math.sin(kind.halfAngle().radians()));
        double stick = onCone * kind.layers() - sink.mm();
        return stick < 0 ? Optional.empty() : Optional.of(Length.ofMm(stick));
    }

    public Tube tube() {
        return tube;
    }

    public EndTraits kind() {
        return kind;
    }
}
