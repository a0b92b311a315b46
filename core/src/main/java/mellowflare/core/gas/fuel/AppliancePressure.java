package mellowflare.core.gas.fuel;

import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * The supply pressure that burners are made for.
 *
 * @param id stable name
 * @param name as shown
 * @param family the gas it is for
 * @param normal nominal
 * @param least with which they still burn well; empty where only the plate says
 * @param greatest they bear; empty where only the plate says
 * @param source which standard
 */
public record AppliancePressure(
        String id,
        String name,
        GasFamily family,
        GaugePressure normal,
        Optional<GaugePressure> least,
        Optional<GaugePressure> greatest,
        Source source) {
    static AppliancePressure read(CsvTable.Row r) {
        return new AppliancePressure(
                r.need("id"),
                r.said("name"),
                r.word("family", GasFamily.class),
                GaugePressure.ofMillibar(r.number("normal_mbar")),
                r.maybeNumber("least_mbar").map(GaugePressure::ofMillibar),
                r.maybeNumber("greatest_mbar").map(GaugePressure::ofMillibar),
                r.source());
    }
}
