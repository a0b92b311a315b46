package mellowflare.core.parts;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Source;
import mellowflare.core.size.DashSize;

/**
 * A hose as bought.
 *
 * @param part part number of the catalogue
 * @param name as shown
 * @param kind reinforcement
 * @param dash size label of the family
 * @param bore inside diameter
 * @param outside outside diameter
 * @param working highest working pressure
 * @param metric highest working pressure after the metric tables; empty where there is none
 * @param metricSource which metric table
 * @param vacuum lowest pressure it stands without closing up; empty when it is not made for suction
 * @param bendRadius smallest bend radius, to the side that {@code bendToInside} says
 * @param bendToInside whether the bend radius is to the inside of the bend, else to the centre line
 * @param coldest lowest temperature
 * @param hottest highest temperature
 * @param liner short name of the liner's material
 * @param conductive whether the liner leads static away; empty where that is no question
 * @param series letter of the matched series
 * @param lengths the lengths that it is bought in, ends made on; empty for hose by the metre
 * @param onShelf metres on the shelf, of whole hoses pieces
 * @param price of a metre, of a whole hose one piece, in the catalogue's money
 * @param source of the figures
 */
@RecordBuilder
public record HosePart(
        String part,
        String name,
        HoseKind kind,
        DashSize dash,
        Length bore,
        Length outside,
        GaugePressure working,
        Optional<GaugePressure> metric,
        String metricSource,
        Optional<GaugePressure> vacuum,
        Length bendRadius,
        boolean bendToInside,
        Temperature coldest,
        Temperature hottest,
        String liner,
        Optional<Boolean> conductive,
        String series,
        List<Length> lengths,
        double onShelf,
        double price,
        Source source)
        implements HosePartBuilder.With {
    public HosePart {
        lengths = List.copyOf(lengths);
    }

    /** Whether it is bought whole with its ends made on. */
    public boolean whole() {
        return !lengths.isEmpty();
    }

    /** The highest working pressure, from the tables asked for; where there is no metric figure, as the catalogue says. */
    public GaugePressure working(PressureBasis basis) {
        return basis == PressureBasis.METRIC ? metric.orElse(working) : working;
    }

    /** The smallest bend radius on the centre line. */
    public Length centreLineBendRadius() {
        return bendToInside ? bendRadius.plus(outside.times(0.5)) : bendRadius;
    }

    public String title() {
        return Say.it("hose-part.hose", "kind", kind.word(), "dash", dash.text());
    }
}
