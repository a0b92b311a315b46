package mellowflare.core.water.stock;

import java.util.List;
import java.util.Set;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A way to put a stop valve on a house pipe.
 *
 * @param name as shown
 * @param materials it takes
 * @param straight sound, round, straight tube that must be there
 * @param goesIn how much of it goes into the fitting
 * @param dry whether the pipe must be dry
 * @param flame whether a torch burns
 * @param apart whether it comes off again without cutting
 * @param most pressure
 * @param warmest water
 * @param minutes at the wall
 * @param price of the valve, in the catalogue's money
 * @param seal what seals
 * @param turns how tight
 * @param tools names
 * @param source which standard
 */
public record JoinMethod(
        Id id,
        String name,
        Set<HouseMaterial> materials,
        Length straight,
        Length goesIn,
        boolean dry,
        boolean flame,
        boolean apart,
        GaugePressure most,
        Temperature warmest,
        double minutes,
        double price,
        String seal,
        String turns,
        List<String> tools,
        Source source) {
    public JoinMethod {
        materials = Set.copyOf(materials);
        tools = List.copyOf(tools);
    }

    /** The ways. */
    public enum Id {
        COMPRESSION,
        PUSH,
        SOLDER,
        CRIMP,
        GLUE_CPVC,
        GLUE_PVC,
        THREAD
    }

    static JoinMethod read(CsvTable.Row r) {
        return new JoinMethod(
                r.word("id", Id.class),
                r.said("name"),
                r.words("materials", HouseMaterial.class),
                r.length("straight_mm"),
                r.length("goes_in_mm"),
                r.yes("dry"),
                r.yes("flame"),
                r.yes("apart"),
                GaugePressure.ofBar(r.number("to_bar")),
                Temperature.ofCelsius(r.number("to_c")),
                r.number("minutes"),
                r.number("price"),
                r.said("seal"),
                r.said("turns"),
                r.saidList("tools"),
                r.source());
    }
}
