package mellowflare.core.identify;

import mellowflare.core.measure.Length;

/**
 * A second diameter over the crests, toward the small end, for the taper between the two.
 *
 * @param diameter there
 * @param apart how far down the thread, above zero
 */
public record SecondDiameter(Length diameter, Length apart) {
    public SecondDiameter {
        if (!(apart.mm() > 0) || !Observation.isDiameter(diameter)) {
            throw new IllegalArgumentException("A second diameter is above zero and stands apart from the first, not "
                    + diameter + " at " + apart);
        }
    }
}
