package mellowflare.core.parts;

import io.soabase.recordbuilder.core.RecordBuilder;
import mellowflare.core.connection.EndId;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * A piece with two ends.
 *
 * @param part part number of the catalogue
 * @param name as shown
 * @param a one end
 * @param b the other end
 * @param angle between them, zero when straight
 * @param rating of its weaker side
 * @param bore its narrowest
 * @param metal what it is made of
 * @param length sealing point to sealing point; of an elbow from one end to the centre line of the other
 * @param onShelf how many lie on the shelf
 * @param price of one, in the catalogue's money
 * @param source of the figures
 */
@RecordBuilder
public record AdapterPart(
        String part,
        String name,
        EndId a,
        EndId b,
        Angle angle,
        GaugePressure rating,
        Length bore,
        Metal metal,
        Length length,
        int onShelf,
        double price,
        Source source)
        implements AdapterPartBuilder.With {
    public boolean straight() {
        return angle.degrees() == 0;
    }
}
