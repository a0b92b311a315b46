package mellowflare.core.gas.stock;

import mellowflare.core.measure.Power;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/** The usual input of an appliance whose plate cannot be read. */
public record UsualAppliance(String id, String name, Power input, Source source) {
    static UsualAppliance read(CsvTable.Row r) {
        return new UsualAppliance(r.need("id"), r.said("name"), Power.ofBtuPerHour(r.number("btu_h")), r.source());
    }
}
