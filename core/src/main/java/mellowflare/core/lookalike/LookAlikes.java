package mellowflare.core.lookalike;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Together;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.thread.ThreadSize;

/** All pairs of ends that can be taken for each other, computed from the tables, never listed by hand. */
public final class LookAlikes {
    public static final ReferenceKey<LookAlikes> KEY = new ReferenceKey<>("twins", LookAlikes.class);
    /** Bands this close can be confused with a worn part and a shop caliper (house figures). */
    private static final double CLOSE_MM = 0.5;

    private static final double CLOSE_SHARE = 0.015;
    /** With equal pitch the thread helps the mistake along, so a wider gap counts. */
    private static final double SAME_PITCH_MM = 0.8;

    private static final double SAME_PITCH_SHARE = 0.02;
    private static final double PITCH_EQUAL = 0.005;
    private static final double PITCH_BINDS = 0.065;
    private static final double PITCH_NEAR = 0.10;
    /** Met on one kind of service they are mixed up by the eye with more between the pitches: 20 against 24 to the inch, 11.5 against 14. */
    private static final double PITCH_BESIDE = 0.20;

    private static final double BESIDE_MM = 0.15;
    private static final double SAME_TUBE_MM = 0.12;

    private final Map<EndId, End> ends = new LinkedHashMap<>();
    private final Map<EndId, List<LookAlike>> found = new ConcurrentHashMap<>();

    public LookAlikes(EndTable table) {
        table.all().forEach(e -> ends.put(e.id(), e));
    }

    /** The look-alikes of an end, most treacherous kind first; worked out when first asked for. */
    public List<LookAlike> of(EndId id) {
        End one = ends.get(id);
        return one == null ? List.of() : found.computeIfAbsent(id, i -> lookAlikesOf(one));
    }

    /** Every pair once, most treacherous kind first. */
    public List<LookAlikePair> pairs() {
        List<LookAlikePair> pairs = new ArrayList<>();
        for (End one : ends.values()) {
            of(one.id()).stream()
                    .filter(t -> before(one, t.other()))
                    .forEach(t -> pairs.add(new LookAlikePair(one, t)));
        }
        pairs.sort(Comparator.comparing((LookAlikePair p) -> p.lookAlike().kind())
                .thenComparing(p -> p.one().id().code())
                .thenComparing(p -> across(p.one()))
                .thenComparing(p -> p.one().gender())
                .thenComparing(p -> p.lookAlike().other().id().text()));
        return List.copyOf(pairs);
    }

    private static boolean before(End one, End other) {
        int byCode = one.id().code().compareTo(other.id().code());
        return byCode < 0 || byCode == 0 && one.id().size().compareTo(other.id().size()) < 0;
    }

    private static double across(End end) {
        return end.across().map(a -> a.middle().mm()).orElse(0.0);
    }

    private List<LookAlike> lookAlikesOf(End one) {
        List<LookAlike> lookAlikes = new ArrayList<>();
        for (End other : ends.values()) {
            if (one.gender() == other.gender() && !one.equals(other)) {
                pair(one, other).ifPresent(lookAlikes::add);
            }
        }
        lookAlikes.sort(Comparator.comparing(LookAlike::kind)
                .thenComparing(t -> -t.other().share())
                .thenComparing(LookAlike::crestGap)
                .thenComparing(t -> t.other().id().text()));
        return List.copyOf(lookAlikes);
    }

    private static Optional<LookAlike> pair(End one, End other) {
        if (one.body() != other.body()) {
            return Optional.empty();
        }
        boolean sameFamily = one.id().code() == other.id().code();
        return switch (one.body()) {
            case THREAD -> sameFamily && one.leftHand() == other.leftHand() ? Optional.empty() : threads(one, other);
            case FLANGE ->
                !sameFamily && one.id().size().equals(other.id().size())
                        ? Optional.of(new LookAlike(other, LookAlikeKind.FLANGE_SERIES, gap(one, other)))
                        : Optional.empty();
            case TUBE -> tubes(one, other);
            case COUPLER ->
                sameFamily || gap(one, other).mm() > CLOSE_MM
                        ? Optional.empty()
                        : Optional.of(new LookAlike(other, LookAlikeKind.COUPLER_ALIKE, gap(one, other)));
            case BARB -> Optional.empty();
        };
    }

    private static Length gap(End one, End other) {
        if (one.across().isEmpty() || other.across().isEmpty()) {
            return Length.ZERO;
        }
        LengthBand a = one.across().get();
        LengthBand b = other.across().get();
        double apart =
                Math.max(a.low().mm() - b.high().mm(), b.low().mm() - a.high().mm());
        return Length.ofMm(Math.max(0, apart));
    }

    /** Tubes whose bands nearly meet. Sizes a tenth apart go together; makers mostly allow it. */
    private static Optional<LookAlike> tubes(End one, End other) {
        if (one.across().isEmpty() || other.across().isEmpty()) {
            return Optional.empty();
        }
        double apart = Math.abs(across(one) - across(other));
        if (apart > CLOSE_MM) {
            return Optional.empty();
        }
        return Optional.of(new LookAlike(
                other,
                apart <= SAME_TUBE_MM ? LookAlikeKind.SAME_SIZE : LookAlikeKind.NEARLY_THE_SIZE,
                gap(one, other)));
    }

    private static boolean metTogether(End one, End other) {
        return one.form().metIn().stream().anyMatch(other.form().metIn()::contains);
    }

    private static Optional<LookAlike> threads(End one, End other) {
        ThreadSize a = one.thread().orElseThrow();
        ThreadSize b = other.thread().orElseThrow();
        Length gap = gap(one, other);
        double diameter = Math.max(across(one), across(other));
        double pitchApart =
                Math.abs(Math.log(a.pitch().length().mm() / b.pitch().length().mm()));
        boolean equalPitch = pitchApart <= PITCH_EQUAL;
        boolean close = gap.mm() <= Math.max(CLOSE_MM, CLOSE_SHARE * diameter);
        if (one.leftHand() != other.leftHand()) {
            return equalPitch && close
                    ? Optional.of(new LookAlike(other, LookAlikeKind.OTHER_HAND, gap))
                    : Optional.empty();
        }
        if (equalPitch && a.size().equals(b.size()) && a.series() == b.series()) {
            return Optional.of(new LookAlike(
                    other, Together.sameJoint(one, other) ? LookAlikeKind.SAME_JOINT : LookAlikeKind.SAME_THREAD, gap));
        }
        if (equalPitch && gap.mm() <= Math.max(SAME_PITCH_MM, SAME_PITCH_SHARE * diameter)) {
            if (a.form().flankAngle().equals(b.form().flankAngle())) {
                return Optional.of(new LookAlike(
                        other,
                        a.tapered() != b.tapered()
                                ? LookAlikeKind.TAPER_AGAINST_STRAIGHT
                                : LookAlikeKind.SAME_PITCH_LOOSE,
                        gap));
            }
            return Optional.of(
                    new LookAlike(other, close ? LookAlikeKind.OTHER_FLANK : LookAlikeKind.SAME_PITCH_LOOSE, gap));
        }
        if (close && pitchApart <= PITCH_BINDS) {
            return Optional.of(new LookAlike(other, LookAlikeKind.STARTS_THEN_BINDS, gap));
        }
        boolean beside = gap.mm() <= BESIDE_MM && pitchApart <= PITCH_BESIDE && metTogether(one, other);
        if (beside || close && pitchApart <= PITCH_NEAR) {
            return Optional.of(new LookAlike(other, LookAlikeKind.PITCH_TELLS, gap));
        }
        return Optional.empty();
    }
}
