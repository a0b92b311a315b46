package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.thread.PitchLeaves;

/**
 * An answer with what the rules look at beside it.
 *
 * @param answer the ranking
 * @param otherUnit the ranking of the same number read in the other system, where that fits far better
 * @param ends all ends of the gender that was seen
 * @param leaves the leaves that gauges have
 */
public record IdentifyCase(
        Identification answer, Optional<Identification> otherUnit, List<End> ends, PitchLeaves leaves) {
    /** Another reading is only offered while nothing fits the one given, and when it leaves less doubt than this. */
    private static final double FITS_FAR_BETTER = 0.2;

    private static final List<Rule<IdentifyCase>> RULES =
            List.of(new Settled(), new UnitSlip(), new LooksAgree(), new PitchOnGauge());

    public IdentifyCase {
        ends = List.copyOf(ends);
    }

    /**
     * @param seen what was seen
     * @param identifier ranks it
     * @param data must hold {@link EndTable#KEY} and {@link PitchLeaves#KEY}
     */
    public static IdentifyCase of(Observation seen, Identifier identifier, ReferenceData data) {
        Identification answer = identifier.identify(seen);
        Optional<Identification> other = answer.standing() == Identification.Standing.NOTHING_FITS
                ? seen.diameter().flatMap(d -> inOtherUnit(seen, d, identifier))
                : Optional.empty();
        return new IdentifyCase(answer, other, data.get(EndTable.KEY).of(seen.gender()), data.get(PitchLeaves.KEY));
    }

    private static Optional<Identification> inOtherUnit(Observation seen, Length read, Identifier identifier) {
        return Stream.of(read.times(Length.MM_PER_INCH), read.times(1 / Length.MM_PER_INCH))
                .filter(Observation::isDiameter)
                .map(d -> identifier.identify(seen.withDiameter(Optional.of(d))))
                .filter(a -> a.unknownProbability() < FITS_FAR_BETTER)
                .findFirst();
    }

    /** All findings on the answer, worst first. */
    public List<Finding> findings() {
        return Rule.checkAll(RULES, this);
    }
}
