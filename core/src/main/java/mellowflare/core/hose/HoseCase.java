package mellowflare.core.hose;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Which;
import mellowflare.core.flow.PipeFriction;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.route.RouteFinder;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteTask;
import mellowflare.core.lookalike.TwinTable;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKinds;
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
 * @param route the way worked out, where it was measured and the hose is chosen
 * @param old the hose that was there
 * @param laidOut length marked on the bare hose, where it was laid out on the job
 * @param here what is at hand
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
        ReferenceData data,
        Optional<RoutePlan> route,
        Optional<OldHose> old,
        Optional<Length> laidOut,
        Here here) {

    /** A line whose way and surroundings have not been measured. */
    public HoseCase(
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
        this(
                a,
                b,
                hose,
                service,
                fluid,
                finished,
                bendRadius,
                clocking,
                practice,
                units,
                log,
                data,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Here.UNSAID);
    }

    /** Looks up the parts of a line. A part number that the catalogue does not hold counts as not chosen. */
    public static HoseCase of(HoseLine line, Practice practice, UnitSystem units, MakeLog log, ReferenceData data) {
        return of(line, practice, units, log, data, Optional.empty());
    }

    /**
     * Looks up the parts of a line.
     *
     * @param known a way worked out before; taken over when the task is still the same, as finding one costs the most
     */
    public static HoseCase of(
            HoseLine line,
            Practice practice,
            UnitSystem units,
            MakeLog log,
            ReferenceData data,
            Optional<RoutePlan> known) {
        Side a = side(Which.A, line.a(), data);
        Side b = side(Which.B, line.b(), data);
        Optional<HosePart> hose = line.hose().flatMap(data.get(Catalogue.KEY)::hose);
        Optional<RouteTask> task = line.route().flatMap(r -> hose.map(h -> r.task(h, a.part(), b.part())));
        return new HoseCase(
                a,
                b,
                hose,
                line.service(),
                line.service().fluid().flatMap(data.get(FluidTable.KEY)::find),
                line.finished(),
                line.bendRadius(),
                line.clocking(),
                practice,
                units,
                log,
                data,
                task.map(t -> known.filter(k -> k.task().equals(t)).orElseGet(() -> RouteFinder.find(t))),
                line.old(),
                line.laidOut(),
                line.here());
    }

    private static Side side(Which which, LineEnd end, ReferenceData data) {
        Optional<End> port = end.port().flatMap(data.get(EndTable.KEY)::find);
        Optional<HoseEndPart> part = end.hoseEnd().flatMap(data.get(Catalogue.KEY)::hoseEnd);
        return new Side(
                which,
                end.place(),
                port,
                end.certainty(),
                end.port().map(data.get(TwinTable.KEY)::of).orElse(List.of()),
                part,
                part.map(HoseEndPart::end).flatMap(data.get(EndTable.KEY)::find),
                Fitted.chain(port, end.adapters(), data),
                end.metal(),
                end.tried());
    }

    public List<Side> sides() {
        return List.of(a, b);
    }

    /** The cut, once overall length and both ends are known; none of a hose that is bought whole. */
    public Optional<CutLength> cut() {
        if (whole()) {
            return Optional.empty();
        }
        return finished.flatMap(f -> a.part()
                .flatMap(pa -> b.part()
                        .map(pb -> CutLength.of(
                                f.value(), pa, pb, a.adapterLength().plus(b.adapterLength()), stretch()))));
    }

    /** This line made to another length. */
    public HoseCase withFinished(CalledFigure figure) {
        return new HoseCase(
                a,
                b,
                hose,
                service,
                fluid,
                Optional.of(figure),
                bendRadius,
                clocking,
                practice,
                units,
                log,
                data,
                route,
                old,
                laidOut,
                here);
    }

    /** What a piece of bare hose comes to once its ends and adapters are on: the piece and both cut-offs. Empty while an end is not chosen. */
    public Optional<Length> overallOf(Length bare) {
        return a.part()
                .flatMap(pa -> b.part()
                        .map(pb -> bare.plus(pa.cutOff())
                                .plus(pb.cutOff())
                                .plus(a.adapterLength())
                                .plus(b.adapterLength())));
    }

    /** The part that rules the line, once all are chosen. */
    public Optional<Weakest> weakest() {
        return Weakest.of(this);
    }

    public boolean twoElbows() {
        return a.part().filter(p -> p.elbow()).isPresent()
                && b.part().filter(p -> p.elbow()).isPresent();
    }

    /** What the hose's kind is made for. */
    public Optional<HoseKinds.Traits> traits() {
        return hose.map(h -> data.get(HoseKinds.KEY).of(h.kind()));
    }

    /** The shares of its length that a hose has under pressure: +2 / -4 % unless its kind says otherwise (SAE J517). */
    Stretch stretch() {
        return traits().map(t -> new Stretch(t.shortest(), t.longest())).orElse(Stretch.USUAL);
    }

    /** Whether the hose is bought whole with its ends made on. */
    public boolean whole() {
        return hose.filter(HosePart::whole).isPresent();
    }

    /** The tightest bend: as measured on the job, else as the way has it. */
    public Optional<Length> tightest() {
        return bendRadius.or(() -> route.flatMap(RoutePlan::curve)
                .map(curve -> curve.tightest())
                .filter(Double::isFinite)
                .map(Length::ofMm));
    }

    /** The clock angle: as said, else as the way has it. */
    public Optional<Angle> clockAngle() {
        return clocking.or(() -> twoElbows() ? route.flatMap(RoutePlan::clocking) : Optional.empty());
    }

    /** The finished length that the way asks for, adapters and shortening under pressure included. */
    public Optional<Length> lengthByRoute() {
        return route.flatMap(RoutePlan::length)
                .map(l -> l.times(1 / stretch().shortest())
                        .plus(a.adapterLength())
                        .plus(b.adapterLength()));
    }

    /** What the hose bears at the hotter of fluid and surroundings, from the tables asked for. */
    public Optional<GaugePressure> hoseBears() {
        return hose.map(h -> h.working(service.basis()).times(share(h)));
    }

    /** The share of its pressure that the hose keeps at the hotter of fluid and surroundings. */
    public double share(HosePart h) {
        return Stream.of(service.fluidTemperature(), service.around().air())
                .flatMap(Optional::stream)
                .max(Comparator.naturalOrder())
                .map(t -> data.get(HoseKinds.KEY).share(h.kind(), t))
                .orElse(1.0);
    }

    /** How the liquid runs in the hose; empty for gases and while flow, hose, length, fluid or its temperature is missing. */
    public Optional<PipeFriction> friction() {
        return service.flow()
                .flatMap(q -> hose.flatMap(h -> finished.flatMap(f -> fluid.flatMap(Fluid::viscosity)
                        .flatMap(v -> service.fluidTemperature()
                                .map(t -> PipeFriction.of(
                                        q,
                                        h.bore(),
                                        f.value(),
                                        v.at(t),
                                        fluid.get().densityKgPerM3()))))));
    }
}
