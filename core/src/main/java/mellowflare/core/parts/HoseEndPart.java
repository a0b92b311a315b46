package mellowflare.core.parts;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.size.DashSize;

/**
 * An end for a hose.
 *
 * @param part part number
 * @param name as shown
 * @param attach how it is fixed
 * @param series letter of the matched series
 * @param hoseDash hose it fits
 * @param end the connection it offers
 * @param seat how that connection seals
 * @param swivel whether its nut turns on the end
 * @param angle 0 straight, else the elbow
 * @param cutOff sealing point to where the hose butts; what is taken off the overall length
 * @param drop height of an elbow's outlet over the hose's centre line
 * @param rating highest working pressure
 * @param hexes wrench sizes, as text of the trade
 * @param insertion how far the hose is pushed in
 * @param gap gap to leave on a screw-together end
 * @param crimp diameter over the ferrule by kind of hose
 * @param source of the figures
 */
public record HoseEndPart(
        String part,
        String name,
        Attach attach,
        String series,
        DashSize hoseDash,
        EndId end,
        Seat seat,
        boolean swivel,
        Angle angle,
        Length cutOff,
        Optional<Length> drop,
        GaugePressure rating,
        List<String> hexes,
        Optional<Length> insertion,
        Optional<Length> gap,
        Map<HoseKind, Length> crimp,
        Source source) {
    public HoseEndPart {
        hexes = List.copyOf(hexes);
        crimp = Map.copyOf(crimp);
    }

    public boolean elbow() {
        return angle.degrees() > 0;
    }
}
