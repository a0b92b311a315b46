package mellowflare.core.broken.stock;

import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * What runs in the line that the part sits in.
 *
 * @param penetrant whether penetrating oil may be used there
 * @param penetrantWhy half a sentence: the reason
 * @param heat whether a heat gun may be used there, the line empty
 * @param heatWhy the same for heat
 * @param licensed whether the law lets only a licensed or certified person open it
 * @param fluid id in the table of fluids; empty where there is none
 */
public record StuckFluid(
        Id id,
        String name,
        boolean penetrant,
        String penetrantWhy,
        boolean heat,
        String heatWhy,
        boolean licensed,
        String fluid,
        Source source) {

    /** The fluids. */
    public enum Id {
        DRINKING_WATER,
        HEATING_WATER,
        GAS,
        FUEL,
        REFRIGERANT,
        AIR,
        OXYGEN,
        OIL
    }

    static StuckFluid read(CsvTable.Row r) {
        return new StuckFluid(
                r.word("id", Id.class),
                r.said("name"),
                r.yes("penetrant"),
                r.saidIfAny("penetrant_why"),
                r.yes("heat"),
                r.saidIfAny("heat_why"),
                r.yes("licensed"),
                r.text("fluid"),
                r.source());
    }
}
