package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceKey;

/** All pairs of ends that can be taken for each other, computed from the tables, never listed by hand. */
public final class TwinTable {
    public static final ReferenceKey<TwinTable> KEY = new ReferenceKey<>("twins", TwinTable.class);
    /** Bands this close can be confused with a worn part and a shop caliper (house figures). */
    private static final double CLOSE_MM = 0.5;

    private static final double CLOSE_SHARE = 0.015;
    /** With equal pitch the thread helps the mistake along, so a wider gap counts. */
    private static final double SAME_PITCH_MM = 0.8;

    private static final double SAME_PITCH_SHARE = 0.02;
    private static final double PITCH_EQUAL = 0.005;
    private static final double PITCH_BINDS = 0.065;
    private static final double PITCH_NEAR = 0.10;

    private final Map<EndId, End> ends = new HashMap<>();
    private final Map<EndId, List<Twin>> found = new ConcurrentHashMap<>();

    public TwinTable(EndTable table) {
        table.all().forEach(e -> ends.put(e.id(), e));
    }

    /** The look-alikes of an end, most treacherous kind first; worked out when first asked for. */
    public List<Twin> of(EndId id) {
        End one = ends.get(id);
        return one == null ? List.of() : found.computeIfAbsent(id, i -> twinsOf(one));
    }

    private List<Twin> twinsOf(End one) {
        List<Twin> twins = new ArrayList<>();
        for (End other : ends.values()) {
            if (one.gender() == other.gender() && one.id().code() != other.id().code()) {
                pair(one, other).ifPresent(twins::add);
            }
        }
        twins.sort(Comparator.comparing(Twin::kind)
                .thenComparing(Twin::crestGap)
                .thenComparing(t -> t.other().id().text()));
        return List.copyOf(twins);
    }

    private static Optional<Twin> pair(End one, End other) {
        double apart = Math.max(
                one.crest().low().mm() - other.crest().high().mm(),
                other.crest().low().mm() - one.crest().high().mm());
        Length gap = Length.ofMm(Math.max(0, apart));
        double diameter =
                Math.max(one.crest().middle().mm(), other.crest().middle().mm());
        double pitchApart = Math.abs(Math.log(one.thread().pitch().length().mm()
                / other.thread().pitch().length().mm()));
        boolean equalPitch = pitchApart <= PITCH_EQUAL;
        boolean close = gap.mm() <= Math.max(CLOSE_MM, CLOSE_SHARE * diameter);
        if (equalPitch
                && one.thread().size().equals(other.thread().size())
                && one.thread().series() == other.thread().series()) {
            boolean sameJoint = one.seats().equals(other.seats())
                    && one.id().size().equals(other.id().size());
            return Optional.of(new Twin(other, sameJoint ? TwinKind.SAME_JOINT : TwinKind.SAME_THREAD, gap));
        }
        if (equalPitch && gap.mm() <= Math.max(SAME_PITCH_MM, SAME_PITCH_SHARE * diameter)) {
            if (one.thread().form().flankAngle().equals(other.thread().form().flankAngle())) {
                return Optional.of(new Twin(
                        other,
                        one.thread().tapered() != other.thread().tapered()
                                ? TwinKind.TAPER_AGAINST_STRAIGHT
                                : TwinKind.SAME_PITCH_LOOSE,
                        gap));
            }
            return Optional.of(new Twin(other, close ? TwinKind.OTHER_FLANK : TwinKind.SAME_PITCH_LOOSE, gap));
        }
        if (close && pitchApart <= PITCH_BINDS) {
            return Optional.of(new Twin(other, TwinKind.STARTS_THEN_BINDS, gap));
        }
        if (close && pitchApart <= PITCH_NEAR) {
            return Optional.of(new Twin(other, TwinKind.PITCH_TELLS, gap));
        }
        return Optional.empty();
    }
}
