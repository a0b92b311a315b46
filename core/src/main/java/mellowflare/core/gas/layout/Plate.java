package mellowflare.core.gas.layout;

import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;

/**
 * What stands on an appliance's rating plate.
 *
 * @param input at its highest setting; empty while it cannot be read
 * @param usual id of the usual appliance that stands for it while the plate cannot be read
 * @param marking at its inlet
 * @param least pressure with which it still burns well; empty for that of the line's appliance pressure
 * @param greatest pressure that it is rated to; empty for that of the line's appliance pressure
 * @param gas id of the gas that it is set for; empty while nobody looked
 */
public record Plate(
        Optional<Power> input,
        Optional<String> usual,
        Marking marking,
        Optional<GaugePressure> least,
        Optional<GaugePressure> greatest,
        Optional<String> gas) {
    public static final Plate UNREAD = new Plate(
            Optional.empty(), Optional.empty(), Marking.UNKNOWN, Optional.empty(), Optional.empty(), Optional.empty());

    public Plate {
        if (least.isPresent() && greatest.isPresent() && least.get().compareTo(greatest.get()) > 0) {
            throw new IllegalArgumentException("The least pressure of an appliance is not above its greatest");
        }
    }

    public Plate withMarking(Marking m) {
        return new Plate(input, usual, m, least, greatest, gas);
    }
}
