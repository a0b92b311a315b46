package mellowflare.core.parts;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Seat;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.size.DashSize;

/**
 * An end for a hose. One that no catalogue holds may lack what only a catalogue knows.
 *
 * @param part part number, or what stands for it
 * @param name as shown
 * @param attach how it is fixed; empty when not known
 * @param series letter of the matched series; empty when not known
 * @param hoseDash hose it fits; empty when not known
 * @param end the connection it offers
 * @param seat how that connection seals
 * @param swivel whether its nut turns on the end
 * @param angle 0 straight, else the elbow
 * @param cutOff sealing point to where the hose butts; what is taken off the overall length
 * @param drop height of an elbow's outlet over the hose's centre line
 * @param bore its narrowest; empty when not known
 * @param metal what it is made of; empty when not known
 * @param rating highest working pressure; empty when not known
 * @param hexes wrench sizes, as text of the trade
 * @param insertion how far the hose is pushed in
 * @param gap gap to leave on a screw-together end
 * @param ferrule part number of what grips the hose on it; empty when nothing apart does
 * @param crimp diameter over the ferrule by kind of hose
 * @param onShelf how many lie on the shelf
 * @param price of one, in the catalogue's money
 * @param source of the figures
 */
@RecordBuilder
public record HoseEndPart(
        String part,
        String name,
        Optional<Attach> attach,
        Optional<String> series,
        Optional<DashSize> hoseDash,
        EndId end,
        Seat seat,
        boolean swivel,
        Angle angle,
        Length cutOff,
        Optional<Length> drop,
        Optional<Length> bore,
        Optional<Metal> metal,
        Optional<GaugePressure> rating,
        List<String> hexes,
        Optional<Length> insertion,
        Optional<Length> gap,
        Optional<String> ferrule,
        Map<HoseKind, Length> crimp,
        int onShelf,
        double price,
        Source source)
        implements HoseEndPartBuilder.With {
    public HoseEndPart {
        hexes = List.copyOf(hexes);
        crimp = Map.copyOf(crimp);
    }

    /**
     * An end that no catalogue holds, known only by what it offers and what it takes off the length.
     *
     * @param end the connection it offers
     * @param seat how that seals
     * @param swivel whether its nut turns
     * @param angle 0 straight, else the elbow
     * @param cutOff sealing point to where the hose butts
     * @param bore its narrowest; empty when not known
     * @param metal what it is made of; empty when not known
     * @param rating highest working pressure, if it is known
     */
    public static HoseEndPart offCatalogue(
            EndId end, Seat seat, boolean swivel, Angle angle, Length cutOff, Optional<GaugePressure> rating) {
        return new HoseEndPart(
                end.text(),
                angle.degrees() > 0 ? Say.it("hose-end-part.elbow", "end", end.text()) : end.text(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                end,
                seat,
                swivel,
                angle,
                cutOff,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                rating,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                0,
                0,
                Source.house("figures as given, in no catalogue"));
    }

    /**
     * The same end with what is known of how it is fixed.
     *
     * @param how the way of fixing
     * @param in how far the hose is pushed in
     * @param open gap to leave on a screw-together end
     */
    public HoseEndPart fixed(Optional<Attach> how, Optional<Length> in, Optional<Length> open) {
        return new HoseEndPart(
                part, name, how, series, hoseDash, end, seat, swivel, angle, cutOff, drop, bore, metal, rating, hexes,
                in, open, ferrule, crimp, onShelf, price, source);
    }

    public boolean elbow() {
        return angle.degrees() > 0;
    }
}
