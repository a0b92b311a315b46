package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndTable;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.lookalike.TwinTable;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HosePart;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;

/**
 * A hose line with its parts looked up: what the rules look at.
 *
 * @param a near side
 * @param b far side
 * @param hose the hose
 * @param service what it must do
 * @param fluid the fluid of the service
 * @param finished overall length
 * @param bendRadius tightest radius on the job, centre line
 * @param clocking angle between two elbows
 * @param practice schools
 * @param units the job's system
 * @param log what has been done
 * @param data the tables
 */
public record HoseCase(
        Side a,
        Side b,
        Optional<HosePart> hose,
        Service service,
        Optional<Fluid> fluid,
        Optional<CalledFigure> finished,
        Optional<Length> bendRadius,
        Optional<Angle> clocking,
        Practice practice,
        UnitSystem units,
        MakeLog log,
        ReferenceData data) {

    /** Looks up the parts of a line. A part number that the catalogue does not hold counts as not chosen. */
    public static HoseCase of(HoseLine line, Practice practice, UnitSystem units, MakeLog log, ReferenceData data) {
        return new HoseCase(
                side(Which.A, line.a(), data),
                side(Which.B, line.b(), data),
                line.hose().flatMap(data.get(Catalogue.KEY)::hose),
                line.service(),
                line.service().fluid().flatMap(data.get(FluidTable.KEY)::find),
                line.finished(),
                line.bendRadius(),
                line.clocking(),
                practice,
                units,
                log,
                data);
    }

    private static Side side(Which which, LineEnd end, ReferenceData data) {
        return new Side(
                which,
                end.place(),
                end.port().flatMap(data.get(EndTable.KEY)::find),
                end.certainty(),
                end.port().map(data.get(TwinTable.KEY)::of).orElse(List.of()),
                end.hoseEnd().flatMap(data.get(Catalogue.KEY)::hoseEnd));
    }

    public List<Side> sides() {
        return List.of(a, b);
    }

    /** The cut, once overall length and both ends are known. */
    public Optional<CutLength> cut() {
        return finished.flatMap(f -> a.part().flatMap(pa -> b.part().map(pb -> CutLength.of(f.value(), pa, pb))));
    }

    /** The part that rules the line, once all are chosen. */
    public Optional<Weakest> weakest() {
        return Weakest.of(this);
    }

    public boolean twoElbows() {
        return a.part().filter(p -> p.elbow()).isPresent()
                && b.part().filter(p -> p.elbow()).isPresent();
    }
}
