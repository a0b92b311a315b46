package mellowflare.core.line;

import java.util.Optional;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Shelf;

/**
 * What a line stands in: all that a job says beside the line itself.
 *
 * @param ports what it joins
 * @param service what it must do
 * @param practice the methods chosen
 * @param units the job's system
 * @param log what has been done on a line of this kind
 * @param bag what is said of the bag to pack
 * @param data the tables
 */
public record Setting(
        Ports ports,
        Service service,
        Practice practice,
        UnitSystem units,
        MakeLog log,
        BagAsk bag,
        ReferenceData data) {
    /** What a line stands in while nothing is said of a bag. */
    public Setting(Ports ports, Service service, Practice practice, UnitSystem units, MakeLog log, ReferenceData data) {
        this(ports, service, practice, units, log, BagAsk.NONE, data);
    }

    /** The end of the table that the port was taken for; empty while it is not known, or the table has it no more. */
    public Optional<End> port(LineEnd which) {
        return ports.of(which).end().flatMap(data.get(EndTable.KEY)::find);
    }

    /** The fluid of the service; empty while it is not said, or the table has it no more. */
    public Optional<Fluid> fluid() {
        return service.fluid().flatMap(data.get(FluidTable.KEY)::find);
    }

    /** The method that the practice follows on a topic. */
    public Method method(MethodTopic topic) {
        return data.get(Methods.KEY).chosen(topic, practice);
    }

    /** The shelf as it was before this line took from it: what its work was planned from. */
    public Shelf shelf() {
        Shelf now = data.get(Shelf.KEY);
        return log.used().isEmpty() ? now : now.without(log::took);
    }

    /** The same with nothing done yet. */
    public Setting unmade() {
        return new Setting(ports, service, practice, units, MakeLog.EMPTY, bag, data);
    }

    /** The same with another service. */
    public Setting with(Service other) {
        return new Setting(ports, other, practice, units, log, bag, data);
    }
}
