package mellowflare.core.parts;

import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Source;
import mellowflare.core.size.DashSize;

/**
 * A hose as bought by the metre.
 *
 * @param part part number of the catalogue
 * @param name as shown
 * @param kind reinforcement
 * @param dash size label of the family
 * @param bore inside diameter
 * @param outside outside diameter
 * @param working highest working pressure
 * @param bendRadius smallest bend radius, to the side that {@code bendToInside} says
 * @param bendToInside whether the bend radius is to the inside of the bend, else to the centre line
 * @param coldest lowest temperature
 * @param hottest highest temperature
 * @param liner short name of the liner's material
 * @param series letter of the matched series
 * @param source of the figures
 */
public record HosePart(
        String part,
        String name,
        HoseKind kind,
        DashSize dash,
        Length bore,
        Length outside,
        GaugePressure working,
        Length bendRadius,
        boolean bendToInside,
        Temperature coldest,
        Temperature hottest,
        String liner,
        String series,
        Source source) {

    /** The smallest bend radius on the centre line. */
    public Length centreLineBendRadius() {
        return bendToInside ? bendRadius.plus(outside.times(0.5)) : bendRadius;
    }

    public String title() {
        return kind.word() + " hose " + dash.text();
    }
}
