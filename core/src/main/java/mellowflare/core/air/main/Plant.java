package mellowflare.core.air.main;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;

/**
 * What makes the air and where it stands.
 *
 * @param compressor id of the first one; further ones are pieces of the walk
 * @param lost pressure that dryer and filters behind the receiver take
 * @param place where it stands
 * @param toEars from it to the nearest place where people work
 * @param freshAir whether cool air can come to it and warm air leave
 * @param drain whether its drain and the legs can be reached and led away
 */
public record Plant(
        Optional<String> compressor,
        PressureDifference lost,
        Place place,
        Optional<Length> toEars,
        Optional<Boolean> freshAir,
        Optional<Boolean> drain) {
    public static final Plant UNSAID = new Plant(
            Optional.empty(),
            PressureDifference.ofBar(0),
            Place.UNSAID,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public Plant {
        if (lost.bar() < 0 || lost.bar() > 5) {
            throw new IllegalArgumentException("Dryer and filters take 0 to 5 bar, not " + lost.bar());
        }
        if (toEars.filter(l -> l.mm() <= 0).isPresent()) {
            throw new IllegalArgumentException("A distance is above zero");
        }
    }

    /** Where a compressor stands. */
    public enum Place {
        UNSAID(Say.it("plant.not-said")),
        SHOP(Say.it("plant.shop")),
        CLOSET(Say.it("plant.closet")),
        OUTSIDE(Say.it("plant.outside-under-roof"));

        private final String word;

        Place(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Plant withCompressor(Optional<String> id) {
        return new Plant(id, lost, place, toEars, freshAir, drain);
    }

    public Plant withLost(PressureDifference d) {
        return new Plant(compressor, d, place, toEars, freshAir, drain);
    }

    public Plant withPlace(Place p) {
        return new Plant(compressor, lost, p, toEars, freshAir, drain);
    }

    public Plant withToEars(Optional<Length> l) {
        return new Plant(compressor, lost, place, l, freshAir, drain);
    }

    public Plant withFreshAir(Optional<Boolean> is) {
        return new Plant(compressor, lost, place, toEars, is, drain);
    }

    public Plant withDrain(Optional<Boolean> is) {
        return new Plant(compressor, lost, place, toEars, freshAir, is);
    }
}
