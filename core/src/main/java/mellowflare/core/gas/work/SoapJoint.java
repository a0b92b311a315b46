package mellowflare.core.gas.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.stock.GasFitting;
import mellowflare.core.run.walk.Walked;

/**
 * A place to be soaped.
 *
 * @param id stable name for its tick
 * @param what where it is, in words
 */
public record SoapJoint(String id, String what) {

    static List<SoapJoint> of(GasCase c) {
        List<SoapJoint> all = new ArrayList<>();
        all.add(new SoapJoint("source", Say.it("soap-joint.source")));
        NetBuilder builder = new NetBuilder(c.walk(), c.joints(), c.stock(), Optional.empty());
        for (Walked.Run r : c.walk().walked().runs()) {
            boolean hose = r.kind() == Walked.Kind.HOSE;
            List<GasFitting> met = builder.met(r);
            if (met.contains(GasFitting.VALVE)) {
                all.add(new SoapJoint(
                        "valve/" + r.from() + "/" + r.name(), Say.it("soap-joint.valve", "place", r.from())));
            }
            if (hose) {
                all.add(new SoapJoint("near/" + r.name(), Say.it("soap-joint.hose-near", "run", r.name())));
                all.add(new SoapJoint("far/" + r.name(), Say.it("soap-joint.hose-far", "run", r.name())));
            } else {
                all.add(new SoapJoint("run/" + r.name(), Say.it("soap-joint.run", "from", r.from(), "run", r.name())));
            }
        }
        for (GasWalk.Reduced r : c.walk().reduces()) {
            all.add(new SoapJoint(
                    "regulator/" + r.piece().name(),
                    Say.it("soap-joint.regulator", "regulator", r.piece().name())));
        }
        c.walk().walked().spots().values().stream()
                .filter(Walked.Spot::cap)
                .forEach(s -> all.add(new SoapJoint("cap/" + s.name(), Say.it("soap-joint.cap", "place", s.name()))));
        for (GasWalk.At a : c.walk().appliances().values()) {
            all.add(new SoapJoint(
                    "inlet/" + a.appliance().name(),
                    Say.it("soap-joint.inlet", "appliance", a.appliance().name())));
        }
        return all;
    }
}
