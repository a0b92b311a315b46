package mellowflare.core.tube.line;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.form.BendOrder;
import mellowflare.core.tube.form.Clash;
import mellowflare.core.tube.form.FitChance;
import mellowflare.core.tube.form.Rounded;
import mellowflare.core.tube.form.TubeScatter;
import mellowflare.core.tube.form.TubeShape;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.core.tube.stock.TubeSizes;

/**
 * A tube line with everything looked up and its shape worked out: what the rules look at.
 *
 * @param line as the job keeps it
 * @param tube the tube
 * @param size of the table, where it is one of it
 * @param bender the bender
 * @param radius of its former, or as measured
 * @param shape the centre line
 * @param a near side
 * @param b far side
 * @param setting its ports and service, and what else the job says
 * @param fluid the fluid of the service
 * @param cut length to cut and marks, once they can be known
 * @param order in which the bends are made, once path and bender are known
 * @param clash the narrowest place, once path and tube are known
 * @param rounded what rounding does, once the path is known
 * @param fit the chance that it drops in, once the path is known
 */
public record TubeCase(
        TubeLine line,
        Optional<Tube> tube,
        Optional<TubeSize> size,
        Optional<Bender> bender,
        Optional<Length> radius,
        TubeShape shape,
        TubeSide a,
        TubeSide b,
        Setting setting,
        Optional<Fluid> fluid,
        Optional<TubeCut> cut,
        Optional<BendOrder> order,
        Optional<Clash> clash,
        Optional<Rounded> rounded,
        Optional<FitChance> fit) {
    /** Radius that a way is drawn with while none is known: three times the tube. Nothing is cut by it. */
    private static final double DRAWN_RADIUS = 3;

    private static final Length DRAWN_TUBE = Length.ofMm(10);

    /** Looks up a line and works its shape out. */
    public static TubeCase of(TubeLine line, Setting setting) {
        ReferenceData data = setting.data();
        Practice practice = setting.practice();
        UnitSystem units = setting.units();
        Optional<Tube> tube = line.tube().flatMap(t -> t.tube(data));
        Optional<TubeSize> size = line.tube()
                .filter(TubePick.Listed.class::isInstance)
                .flatMap(t -> data.get(TubeSizes.KEY).find(((TubePick.Listed) t).id()));
        Optional<Bender> bender = line.bender().flatMap(data.get(Benders.KEY)::find);
        Optional<Length> radius = line.radius().or(() -> bender.map(Bender::radius));
        Length outside = tube.map(Tube::outside).orElse(DRAWN_TUBE);
        TubeShape shape = TubeShape.of(line.measured(), radius.orElse(outside.times(DRAWN_RADIUS)), outside);
        Optional<Fluid> fluid = setting.fluid();
        SideReader sides = new SideReader(tube, fluid, practice, data);
        TubeSide a = sides.read(TubePort.of(LineEnd.A, setting), line.a());
        TubeSide b = sides.read(TubePort.of(LineEnd.B, setting), line.b());
        boolean settled = radius.isPresent() || shape.template().isPresent();
        boolean trimmed = setting.method(MethodTopic.FLARE_ORDER).is("trim")
                && b.traits().filter(EndTraits::flared).isPresent();
        Optional<TubeCut> cut =
                settled ? shape.developed().map(d -> TubeCut.of(line, d, a, b, trimmed)) : Optional.empty();
        Optional<BentPath> path = shape.path();
        Optional<BendOrder> order = path.filter(
                        p -> radius.isPresent() && !p.bends().isEmpty())
                .flatMap(p -> bender.map(x -> BendOrder.find(
                        p,
                        a.takes(),
                        b.takes().plus(cut.map(TubeCut::trim).orElse(Length.ZERO)),
                        outside,
                        x,
                        commanded(line, tube, p))));
        Optional<Rounded> rounded = path.filter(p -> radius.isPresent()).map(p -> Rounded.of(p, a.takes(), units));
        return new TubeCase(
                line,
                tube,
                size,
                bender,
                radius,
                shape,
                a,
                b,
                setting,
                fluid,
                cut,
                order,
                path.filter(p -> tube.isPresent() && radius.isPresent()).flatMap(p -> Clash.narrowest(p, outside)),
                rounded,
                path.filter(p -> radius.isPresent()).map(p -> fit(line, p, shape, bender, rounded, data)));
    }

    private static FitChance fit(
            TubeLine line,
            BentPath path,
            TubeShape shape,
            Optional<Bender> bender,
            Optional<Rounded> rounded,
            ReferenceData data) {
        boolean again = line.reading()
                .check()
                .flatMap(check ->
                        figure(line.reading(), shape, UnitSystem.METRIC).flatMap(CalledFigure::secondAgrees))
                .orElse(false);
        return FitChance.of(
                path, line.measured(), line.reading().instrument(), again, bender, rounded, data.get(TubeScatter.KEY));
    }

    private static List<Angle> commanded(TubeLine line, Optional<Tube> tube, BentPath path) {
        double usual = tube.map(t -> t.material().springBack()).orElse(1.0);
        return path.bends().stream()
                .map(x -> line.spring().commanded(Angle.ofDegrees(Math.toDegrees(x.angle())), usual))
                .toList();
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

    public List<TubeSide> sides() {
        return List.of(a, b);
    }

    public TubeSide side(LineEnd which) {
        return which == LineEnd.A ? a : b;
    }

    /** The path, once it can be bent: measured, without trouble, the radius known. */
    public Optional<BentPath> path() {
        return shape.path().filter(p -> radius.isPresent());
    }

    /** How far the lever must go for each bend; empty while the material is not known. */
    public List<Angle> levers() {
        return tube.isEmpty()
                ? List.of()
                : path().map(p -> commanded(line, tube, p)).orElse(List.of());
    }

    /**
     * The marks on the straight tube, from one of its ends once both are squared up and before end B is trimmed.
     *
     * @return nearest first; bends are counted from A whichever end they are measured from
     */
    public List<BendMark> marks(LineEnd from) {
        if (path().isEmpty()) {
            return List.of();
        }
        if (from == LineEnd.A) {
            return BendMark.of(path().get(), a.takes());
        }
        List<BendMark> marks = BendMark.of(
                path().get().reversed(), b.takes().plus(cut.map(TubeCut::trim).orElse(Length.ZERO)));
        return marks.stream().map(m -> m.numbered(marks.size() - 1 - m.bend())).toList();
    }

    /** The bends in the order of work, measured from one end; from A to B while no better order is known. */
    public List<Bending> bendings(LineEnd from) {
        Map<Integer, BendMark> marks =
                marks(from).stream().collect(Collectors.toMap(BendMark::bend, Function.identity()));
        List<Angle> levers = levers();
        List<BendOrder.Turn> turns = order.map(BendOrder::turns)
                .orElseGet(() -> IntStream.range(0, marks.size())
                        .mapToObj(i -> new BendOrder.Turn(i, LineEnd.A))
                        .toList());
        return turns.stream()
                .map(t -> new Bending(
                        marks.get(t.bend()),
                        t.bend() < levers.size() ? Optional.of(levers.get(t.bend())) : Optional.empty(),
                        t.grip()))
                .toList();
    }

    /** The mark that the bender wants; where a bend begins while it is not chosen. */
    public Bender.Mark markWanted() {
        return bender.map(Bender::mark).orElse(Bender.Mark.START);
    }

    /** The figure behind the cut, with who measured it and the second reading: the distance end to end, of a template its length. Empty while nothing was measured. */
    public Optional<CalledFigure> figure() {
        return figure(line.reading(), shape, units());
    }

    private static Optional<CalledFigure> figure(Reading r, TubeShape shape, UnitSystem units) {
        return shape.template()
                .or(shape::endToEnd)
                .filter(l -> l.mm() > 0)
                .map(l -> new CalledFigure(
                        l,
                        LengthFormat.figure(l, units),
                        r.calledBy(),
                        r.writtenBy(),
                        r.instrument(),
                        r.check(),
                        r.checkBy()));
    }

    /** Whether the second reading agrees; empty while there is none. */
    public Optional<Boolean> checkAgrees() {
        return figure().flatMap(CalledFigure::secondAgrees);
    }

    /** The method that a topic follows. */
    public Method method(MethodTopic topic) {
        return setting.method(topic);
    }

    /** Whether the second end is trimmed and flared after bending. */
    public boolean trimmed() {
        return method(MethodTopic.FLARE_ORDER).is("trim");
    }
}
