package mellowflare.core.pipe.line;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Vector;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.assemble.Assembly;
import mellowflare.core.pipe.chance.Closing;
import mellowflare.core.pipe.chance.Scatter;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.SetBacks;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.makeup.ThreadMakeUp;
import mellowflare.core.pipe.offset.Clearance;
import mellowflare.core.pipe.offset.Effort;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetGiven;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.pipe.offset.Rounding;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.offset.SumSheet;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Mouth;
import mellowflare.core.pipe.space.RunWalk;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.pipe.stock.PipeWall;
import mellowflare.core.reference.ReferenceData;

/**
 * A line of rigid pipe with its parts looked up and everything worked out that can be.
 *
 * @param line what the job keeps
 * @param setting what it stands in
 * @param parts what it is built of
 * @param rounding of its cuts
 * @param sum the worked sum of its offset; empty for a run, and while no size is chosen it has no cuts
 * @param run as called out, or as the offset gives it; empty while that does not
 * @param laid as it lies in space; empty while there is no run or no size
 * @param cuts its pieces; empty like the run
 * @param assembly in which order it can be put together
 * @param closing how likely it closes; empty where it ends at nothing that is fixed
 */
public record PipeCase(
        PipeLine line,
        Setting setting,
        PartsInUse parts,
        Rounding rounding,
        Optional<OffsetSum> sum,
        Optional<RunAsk> run,
        Optional<Laid> laid,
        Optional<RunCuts> cuts,
        Assembly assembly,
        Optional<Closing> closing) {
    /** A size to lay the run with while none is chosen, so that it can be seen. */
    private static final String ANY_SIZE = "1";

    public static PipeCase of(PipeLine line, Setting setting) {
        return of(line, setting, true, Optional.empty());
    }

    /** The line after a change; the order in which it goes together is taken over where nothing that it rests on has changed. */
    public static PipeCase after(PipeLine line, Setting setting, PipeCase before) {
        return of(line, setting, true, Optional.of(before));
    }

    /** The line with other words on it, as they are being typed: laid and cut, its assembly not searched. */
    public PipeCase sketched(PipeLine other) {
        return of(other, setting, false, Optional.empty());
    }

    private static PipeCase of(PipeLine line, Setting setting, boolean whole, Optional<PipeCase> before) {
        PartsInUse parts = parts(line, setting);
        Rounding rounding = rounding(line, setting);
        Optional<OffsetSum> sum = line.shape() == PipeShape.OFFSET
                ? Optional.of(OffsetSum.of(line.offset(), given(line, parts, rounding)))
                : Optional.empty();
        Optional<RunAsk> run = line.shape() == PipeShape.OFFSET
                ? sum.flatMap(OffsetRun::of)
                : Optional.of(line.run()).filter(r -> !r.pieces().isEmpty());
        TakeOffs take = new TakeOffs(parts);
        Optional<Laid> laid = run.map(r -> RunWalk.of(r, take, line.size().orElse(ANY_SIZE)));
        Pieces make = new Pieces(take, rounding);
        Optional<RunCuts> cuts = laid.map(l -> RunCuts.of(l, make));
        Assembly assembly = laid.filter(l -> whole)
                .map(l -> before.filter(b -> b.run().equals(run)
                                && b.laid().equals(laid)
                                && b.cuts().equals(cuts)
                                && b.parts().equals(parts)
                                && b.rounding().equals(rounding))
                        .map(PipeCase::assembly)
                        .orElseGet(() -> Assembly.of(run.get(), l, cuts.get(), take, make)))
                .orElse(Assembly.NONE);
        Optional<Closing> closing =
                laid.filter(l -> whole).flatMap(l -> cuts.flatMap(c -> closing(setting, sum, l, c, parts)));
        return new PipeCase(line, setting, parts, rounding, sum, run, laid, cuts, assembly, closing);
    }

    private static PartsInUse parts(PipeLine line, Setting setting) {
        PipeStock stock = setting.data().get(PipeStock.KEY);
        return new PartsInUse(
                line.system().flatMap(stock::system),
                line.grade().flatMap(stock::grade),
                line.measured(),
                line.sample(),
                setting.method(MethodTopic.PIPE_MAKE_UP).is("shop") ? MakeUps.By.SHOP : MakeUps.By.STANDARD,
                setting.method(MethodTopic.PIPE_SET_BACK).is("wall") ? SetBacks.By.WALL : SetBacks.By.FIXED,
                setting.data());
    }

    private static Rounding rounding(PipeLine line, Setting setting) {
        Length usual = setting.units() == UnitSystem.METRIC ? Length.ofMm(1) : Length.ofInches(1.0 / 16);
        return new Rounding(
                line.step().orElse(usual),
                setting.method(MethodTopic.PIPE_ROUNDING).is("before") ? Rounding.When.BEFORE : Rounding.When.CUT);
    }

    private static OffsetGiven given(PipeLine line, PartsInUse parts, Rounding rounding) {
        Optional<String> size = line.size();
        return new OffsetGiven(
                size.flatMap(s -> parts.face(PartKey.elbow(line.offset().fitting(), s)))
                        .map(Off::length),
                size.flatMap(parts::makeUp).map(ThreadMakeUp::length),
                size.flatMap(s -> parts.takeOff(PartKey.elbow(line.offset().fitting(), s))),
                size.flatMap(s -> parts.setBack(line.offset().a(), s)),
                size.flatMap(s -> parts.setBack(line.offset().c(), s)),
                size.flatMap(parts::wall).map(PipeWall::outside),
                rounding);
    }

    /** To the last end that is fixed. */
    private static Optional<Closing> closing(
            Setting setting, Optional<OffsetSum> sum, Laid laid, RunCuts cuts, PartsInUse parts) {
        boolean inPlace = setting.method(MethodTopic.PIPE_CLOSING).is("in-place");
        for (int i = laid.fittings().size() - 1; i > 0; i--) {
            Fitted f = laid.fittings().get(i);
            if (f.kind() == Fitted.Kind.END && f.fixed() && !cuts.pieces().isEmpty()) {
                int end = i;
                List<mellowflare.core.pipe.chance.Part> moved = sum.map(s -> ClosingParts.of(s, laid, parts))
                        .orElseGet(() -> ClosingParts.of(laid, end, parts));
                Length allowed = Scatter.takenUp(Length.ofMm(ClosingParts.way(laid, end).stream()
                        .mapToDouble(p -> p.points().mm())
                        .sum()));
                Vector last = f.mouths().get(0).out();
                return Optional.of(
                        inPlace
                                ? Closing.of(
                                        square(moved, last), squared(cuts.out().get(i), last), allowed)
                                : Closing.of(moved, cuts.out().get(i), allowed));
            }
        }
        return Optional.empty();
    }

    /** What is left of each where the last piece is measured in place: nothing along it. */
    private static List<mellowflare.core.pipe.chance.Part> square(
            List<mellowflare.core.pipe.chance.Part> moved, Vector last) {
        return moved.stream()
                .map(p -> new mellowflare.core.pipe.chance.Part(
                        p.cause(), p.reading(), p.scatter(), squared(p.direction(), last)))
                .filter(p -> p.direction().length() > 1e-9)
                .toList();
    }

    private static Vector squared(Vector v, Vector along) {
        return v.minus(along.times(v.dot(along)));
    }

    // --- what it is asked for ---

    public ReferenceData data() {
        return setting.data();
    }

    public UnitSystem units() {
        return setting.units();
    }

    public Service service() {
        return setting.service();
    }

    public Optional<Fluid> fluid() {
        return setting.fluid();
    }

    public Optional<FittingSystem> system() {
        return parts.system();
    }

    public Optional<PipeGrade> grade() {
        return parts.grade();
    }

    public boolean isOffset() {
        return line.shape() == PipeShape.OFFSET;
    }

    public Optional<PipeWall> wall() {
        return line.size().flatMap(parts::wall);
    }

    /** Whether any pipe of it carries a thread. */
    public boolean threaded() {
        return laid.map(l -> l.fittings().stream()
                        .flatMap(f -> f.mouths().stream())
                        .anyMatch(m -> m.join() == Mouth.Join.THREADED))
                .orElse(!parts.socketed());
    }

    public Optional<HouseSize> house() {
        return line.size().flatMap(parts::house);
    }

    /** Lines of the sum sheet, with nothing to mark while the cuts are held; empty for a run. */
    public List<SumLine> sheet() {
        List<SumLine> lines = sum.map(s -> SumSheet.of(s, units())).orElse(List.of());
        return held() ? lines.stream().map(SumLine::held).toList() : lines;
    }

    /** How an offset passes what is in its way. */
    public Optional<Clearance> clearance() {
        return sum.flatMap(Clearance::of);
    }

    /** The figures of an offset that were taken, in the order in which they are asked for. */
    public Map<OffsetFigure, Taken> taken() {
        Map<OffsetFigure, Taken> all = new LinkedHashMap<>();
        if (isOffset()) {
            line.offset().asked().forEach(f -> line.offset().figure(f).ifPresent(t -> all.put(f, t)));
        }
        return all;
    }

    /** Pieces to be made, in the order of the walk; without a length to mark while the cuts are held. */
    public List<PieceCut> pieces() {
        return held() ? worked().stream().map(PieceCut::held).toList() : worked();
    }

    /** Pieces as they are worked out, whether or not they may be cut. */
    public List<PieceCut> worked() {
        return cuts.map(RunCuts::pieces).orElse(List.of());
    }

    /** A piece to be made. */
    public Optional<PieceCut> piece(String name) {
        return cuts.flatMap(k -> k.piece(name)).map(p -> held() ? p.held() : p);
    }

    /** Whether a called figure is not what was written: everything after it is held. */
    public boolean held() {
        return taken().values().stream().anyMatch(t -> !t.calledAgrees().orElse(true));
    }

    /** The offset beside one straight pipe of the same overall; empty while a figure is missing. */
    public Optional<Beside> beside() {
        return sum.flatMap(s -> s.ask().figure(OffsetFigure.OVERALL).flatMap(w -> house().map(h -> beside(s, w, h))));
    }

    private Beside beside(OffsetSum s, Taken w, HouseSize h) {
        double pipe = grade().map(PipeGrade::price).orElse(1.0);
        double metres = s.travel().map(Length::mm).orElse(0.0) / 1000
                + (w.value().mm() - s.run().map(Length::mm).orElse(0.0)) / 1000;
        int ends = ends(s.ask().a().kind()) + ends(s.ask().c().kind());
        return new Beside(
                Effort.offset(
                        h,
                        metres,
                        system().map(FittingSystem::price).orElse(1.0),
                        pipe,
                        s.ask().fitting().degrees() > 45,
                        ends,
                        parts.socketed()),
                Effort.straight(h, w.value().mm() / 1000, pipe, ends, parts.socketed()));
    }

    private static int ends(EndKind kind) {
        return kind == EndKind.OPEN ? 0 : 1;
    }

    /**
     * The offset and the straight pipe that would do without it.
     *
     * @param offset as asked for
     * @param straight one piece
     */
    public record Beside(Effort offset, Effort straight) {}

    /** Angles that fittings of the system make, and the angle of one whose take-off was measured. */
    public boolean made(Angle angle) {
        return line.size()
                .map(s -> parts.face(PartKey.elbow(angle, s)).isPresent())
                .orElse(true);
    }

    /** Every part that sits in the run, counted. */
    public List<PipePart> partsList() {
        return laid.map(l -> PipePart.of(l, this)).orElse(new ArrayList<>());
    }
}
