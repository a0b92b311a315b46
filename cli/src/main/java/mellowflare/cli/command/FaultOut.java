package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.flow.fault.Fault;
import mellowflare.core.flow.fault.FaultFound;
import mellowflare.core.flow.fault.FaultSearch;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.fault.Reading;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/**
 * What pressures in a network come to.
 *
 * @param found what may be wrong
 * @param net the network
 */
record FaultOut(FaultFound found, Probed net) {
    static FaultOut of(NetworkIn in, Fields f, Fields measured, ReferenceData data) throws Refused {
        Probed net = in.of(f.object("network"), data);
        Fields pressures = measured.object("pressures");
        List<Reading> readings = new ArrayList<>();
        for (String place : pressures.names()) {
            if (!net.places().contains(place)) {
                throw pressures.wrong(place, Say.it("fault-out.no-place", "place", place));
            }
            readings.add(new Reading(place, in.pressure(pressures, place).orElseThrow(() -> pressures.missing(place))));
        }
        Optional<String> missing = FaultSearch.missing(net, readings);
        if (missing.isPresent()) {
            throw measured.wrong("pressures", missing.get());
        }
        return new FaultOut(FaultSearch.of(net, readings, () -> false), net);
    }

    void put(ObjectNode out, UnitSystem units) {
        ArrayNode all = out.putArray("faults");
        for (FaultFound.Suspect s : found.suspects()) {
            ObjectNode one = all.addObject()
                    .put("fault", s.fault() instanceof Fault.Choked ? "choked" : "leaks")
                    .put("at", s.fault().at())
                    .put("probability", s.share());
            if (s.fault() instanceof Fault.Leaking leak) {
                one.put("flow", net.flow(leak.flow()).text(units));
            } else {
                one.put("lost", s.lost().bar());
                s.left().ifPresent(l -> one.put("left", l.mm()));
            }
        }
        out.put("asPlanned", found.asPlanned());
        out.put("otherFault", found.unknown());
        found.next().ifPresent(p -> out.put("readNext", p));
    }
}
