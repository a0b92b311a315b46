package mellowflare.core.lookalike;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Together;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.text.Lists;

/**
 * What can be put on an end: its mates, which seal, and their look-alikes, which only go on.
 *
 * @param other the end that goes on it
 * @param goes how far it goes on: never {@link LookAlikeKind.Goes#NOT_ON}
 * @param says what comes of it, a whole sentence
 */
public record Interchange(End other, LookAlikeKind.Goes goes, String says) {
    /** A male so much over the one that a female is made for does not start (house figures); a taper starts with its small end. */
    private static final double TOO_LARGE_MM = 0.3;

    private static final double TAPER_STARTS_MM = 1.0;

    public boolean seals() {
        return goes == LookAlikeKind.Goes.SEALS;
    }

    /**
     * All that goes on an end, the sealing ones first, then the most treacherous.
     *
     * @param data must hold {@link EndTable#KEY} and {@link LookAlikes#KEY}
     * @return empty for an end that takes nothing but a hose
     */
    public static List<Interchange> on(End end, ReferenceData data) {
        List<End> mates = data.get(EndTable.KEY).goOn(end);
        List<Interchange> all = new ArrayList<>();
        for (End mate : mates) {
            all.add(new Interchange(
                    mate, LookAlikeKind.Goes.SEALS, says(Together.of(end, mate).orElseThrow())));
        }
        for (End mate : mates.stream().limit(1).toList()) {
            for (LookAlike lookAlike : data.get(LookAlikes.KEY).of(mate.id())) {
                LookAlikeKind kind = lookAlike.kind();
                if (!mates.contains(lookAlike.other())
                        && kind.goes() != LookAlikeKind.Goes.NOT_ON
                        && enters(end, lookAlike.other(), data.get(EndTable.KEY))) {
                    all.add(new Interchange(lookAlike.other(), kind.goes(), kind.ifForced() + " " + kind.tellBy()));
                }
            }
        }
        return List.copyOf(all);
    }

    /** Whether the male of the two is not too large for the female: look-alikes lie to both sides, but only the smaller go in. */
    private static boolean enters(End one, End other, EndTable table) {
        End male = one.gender() == Gender.MALE ? one : other;
        End female = one.gender() == Gender.MALE ? other : one;
        Optional<LengthBand> made = table.mate(female).flatMap(End::across);
        if (made.isEmpty() || male.across().isEmpty()) {
            return true;
        }
        double excess = male.across().get().middle().mm() - made.get().middle().mm();
        return excess <= (male.tapered() ? TAPER_STARTS_MM : TOO_LARGE_MM);
    }

    private static String says(Together together) {
        String places = together.seats().stream()
                .map(s -> s.sealPlace().words())
                .distinct()
                .collect(Lists.joinedByOr());
        return switch (together.how()) {
            case MADE_FOR -> Say.it("interchange.mates-seals-on", "places", places);
            case SAME_JOINT -> Say.it("interchange.mates-seals-on-rating", "places", places);
            case ON_CONDITION ->
                Say.it(
                        "interchange.seals-on-but-only",
                        "places",
                        places,
                        "onlyIf",
                        together.onlyIf().orElseThrow());
        };
    }
}
