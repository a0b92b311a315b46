package mellowflare.core.hose.line;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.flow.PipeFriction;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.route.RouteFinder;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteTask;
import mellowflare.core.line.Port;
import mellowflare.core.line.Setting;
import mellowflare.core.lookalike.LookAlikes;
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
 * @param line as the job keeps it
 * @param setting its ports and service, and what else the job says
 * @param a near side
 * @param b far side
 * @param hose the hose
 * @param fluid the fluid of the service
 * @param route the route worked out, where it was measured and the hose is chosen
 */
public record HoseCase(
        HoseLine line,
        Setting setting,
        Side a,
        Side b,
        Optional<HosePart> hose,
        Optional<Fluid> fluid,
        Optional<RoutePlan> route) {
    private static final double TOO_LONG = 4.0 / 3;

    /** Looks up the parts of a line. A part number that the catalogue does not hold counts as not chosen. */
    public static HoseCase of(HoseLine line, Setting setting) {
        return of(line, setting, Optional.empty());
    }

    /**
     * Looks up the parts of a line.
     *
     * @param known a route worked out before; taken over when the task is still the same, as finding one costs the most
     */
    public static HoseCase of(HoseLine line, Setting setting, Optional<RoutePlan> known) {
        Side a = side(LineEnd.A, line, setting);
        Side b = side(LineEnd.B, line, setting);
        Optional<HosePart> hose = line.hose().flatMap(setting.data().get(Catalogue.KEY)::hose);
        Optional<RouteTask> task = line.route().flatMap(r -> hose.map(h -> r.task(h, a.part(), b.part())));
        return new HoseCase(
                line,
                setting,
                a,
                b,
                hose,
                setting.fluid(),
                task.map(t -> known.filter(k -> k.task().equals(t)).orElseGet(() -> RouteFinder.find(t))));
    }

    private static Side side(LineEnd which, HoseLine line, Setting setting) {
        ReferenceData data = setting.data();
        Port on = setting.ports().of(which);
        HoseEndPick pick = line.end(which);
        Optional<End> port = setting.port(which);
        Optional<HoseEndPart> part = pick.part().flatMap(data.get(Catalogue.KEY)::hoseEnd);
        return new Side(
                which,
                on.place(),
                port,
                on.certainty(),
                on.end().map(data.get(LookAlikes.KEY)::of).orElse(List.of()),
                part,
                part.map(HoseEndPart::end).flatMap(data.get(EndTable.KEY)::find),
                Fitted.chain(port, pick.adapters(), data),
                on.metal(),
                on.tried());
    }

    public Service service() {
        return setting.service();
    }

    public Practice practice() {
        return setting.practice();
    }

    public UnitSystem units() {
        return setting.units();
    }

    public MakeLog log() {
        return setting.log();
    }

    public ReferenceData data() {
        return setting.data();
    }

    public Optional<CalledFigure> finished() {
        return line.finished();
    }

    public Optional<OldHose> old() {
        return line.old();
    }

    public Optional<Length> laidOut() {
        return line.laidOut();
    }

    public Here here() {
        return line.here();
    }

    public List<Side> sides() {
        return List.of(a, b);
    }

    /** The cut, once overall length and both ends are known; none of a hose that is bought whole. */
    public Optional<CutLength> cut() {
        if (whole()) {
            return Optional.empty();
        }
        return finished()
                .flatMap(f -> a.part()
                        .flatMap(pa -> b.part()
                                .map(pb -> CutLength.of(
                                        f.value(), pa, pb, a.adapterLength().plus(b.adapterLength()), stretch()))));
    }

    /** This line made to another length. */
    public HoseCase withFinished(CalledFigure figure) {
        return new HoseCase(line.withFinished(Optional.of(figure)), setting, a, b, hose, fluid, route);
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

    /** Sizes of the hexes of both ends, as text of the trade. */
    public List<String> wrenches() {
        return sides().stream()
                .flatMap(s -> s.part().stream())
                .flatMap(p -> p.hexes().stream())
                .distinct()
                .toList();
    }

    public boolean twoElbows() {
        return a.part().filter(p -> p.elbow()).isPresent()
                && b.part().filter(p -> p.elbow()).isPresent();
    }

    /** What the hose's kind is made for. */
    public Optional<HoseKinds.Traits> traits() {
        return hose.map(h -> data().get(HoseKinds.KEY).of(h.kind()));
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
        return line.bendRadius()
                .or(() -> route.flatMap(RoutePlan::curve)
                        .map(curve -> curve.tightest())
                        .filter(Double::isFinite)
                        .map(Length::ofMm));
    }

    /** The clock angle: as said, else as the way has it. */
    public Optional<Angle> clockAngle() {
        return line.clocking().or(() -> twoElbows() ? route.flatMap(RoutePlan::clocking) : Optional.empty());
    }

    /** The finished length that the way asks for, adapters and shortening under pressure included. */
    public Optional<Length> lengthByRoute() {
        return route.flatMap(RoutePlan::length)
                .map(l -> l.times(1 / stretch().shortest())
                        .plus(a.adapterLength())
                        .plus(b.adapterLength()));
    }

    /** What the hose withstands at the hotter of fluid and surroundings, from the tables asked for. */
    public Optional<GaugePressure> hoseBears() {
        return hose.map(h -> h.working(service().basis()).times(share(h)));
    }

    /** The share of its pressure that the hose keeps at the hotter of fluid and surroundings. */
    public double share(HosePart h) {
        return Stream.of(service().fluidTemperature(), service().ambient().air())
                .flatMap(Optional::stream)
                .max(Comparator.naturalOrder())
                .map(t -> data().get(HoseKinds.KEY).share(h.kind(), t))
                .orElse(1.0);
    }

    /** How the liquid runs in the hose; empty for gases and while flow, hose, length, fluid or its temperature is missing. */
    public Optional<PipeFriction> friction() {
        return service()
                .flow()
                .flatMap(q -> hose.flatMap(h -> finished()
                        .flatMap(f -> fluid.flatMap(Fluid::viscosity)
                                .flatMap(v -> service()
                                        .fluidTemperature()
                                        .map(t -> PipeFriction.of(
                                                q,
                                                h.bore(),
                                                f.value(),
                                                v.at(t),
                                                fluid.get().densityKgPerM3()))))));
    }

    /** Of a hose bought whole the shortest that reaches without being a third too long; empty when none does. */
    public Optional<Length> wholeLength() {
        return hose.flatMap(h -> finished()
                .flatMap(f -> h.lengths().stream()
                        .filter(l -> l.mm() >= f.value().mm() - 0.5
                                && l.mm() <= f.value().mm() * TOO_LONG)
                        .min(Comparator.naturalOrder())));
    }
}
