package mellowflare.core.gas.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.stock.GasFitting;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Walked;

/** Turns a walk with its sizes into a network: fittings become lengths of the pipe behind them, and what lies behind a regulator hangs on it. */
final class NetBuilder {
    /** Roughness of a hose's bore (house figure). */
    private static final Length HOSE_ROUGH = Length.ofMm(0.01);

    private final GasWalk walk;
    private final Joints joints;
    private final GasStock stock;
    private final Length rough;
    private final Map<String, Integer> order = new HashMap<>();

    NetBuilder(GasWalk walk, Joints joints, GasStock stock, Optional<Length> rough) {
        this.walk = walk;
        this.joints = joints;
        this.stock = stock;
        this.rough = rough.orElse(HOSE_ROUGH);
        List<Walked.Run> runs = walk.walked().runs();
        for (int i = 0; i < runs.size(); i++) {
            order.putIfAbsent(runs.get(i).name(), i);
        }
    }

    /** Name of the place behind a regulator. */
    private static String behind(GasWalk.Reduced r) {
        return Say.it("net-builder.behind", "regulator", r.piece().name());
    }

    /**
     * @param runs every stretch with its size; those without are left out
     * @param draws by appliance, at their places on the walk
     */
    GasNet net(
            FuelGas gas,
            GaugePressure feed,
            List<GasRun> runs,
            List<GasNet.Draw> draws,
            Temperature temperature,
            AbsolutePressure barometer) {
        List<GasNet.Pipe> pipes = new ArrayList<>();
        for (GasRun r : runs) {
            r.bore().ifPresent(b -> pipes.add(pipe(r, b)));
        }
        List<GasNet.Reduce> reduces = new ArrayList<>();
        for (GasWalk.Reduced r : walk.reduces()) {
            stock.regulator(r.piece().regulator())
                    .ifPresent(g ->
                            reduces.add(new GasNet.Reduce(r.piece().name(), before(r), behind(r), g.out(), least(g))));
        }
        Map<String, Length> heights = new HashMap<>();
        walk.walked().spots().values().forEach(s -> heights.put(s.name(), Length.ofMm(s.at().z())));
        walk.reduces().forEach(r -> heights.put(behind(r), heights.getOrDefault(r.place(), Length.ofMm(0))));
        return new GasNet(gas, walk.walked().start(), feed, pipes, reduces, draws, heights, temperature, barometer);
    }

    /** What a regulator needs before it: never less than it holds behind it. */
    private static GaugePressure least(Regulator r) {
        return r.leastIn().compareTo(r.out()) > 0 ? r.leastIn() : r.out();
    }

    /** The place before a regulator: behind another one where two stand at one spot. */
    private String before(GasWalk.Reduced r) {
        return walk.reduces().stream()
                .filter(o -> o.place().equals(r.place()) && o.step() < r.step() && known(o))
                .reduce((a, b) -> b)
                .map(NetBuilder::behind)
                .orElse(r.place());
    }

    private boolean known(GasWalk.Reduced r) {
        return stock.regulator(r.piece().regulator()).isPresent();
    }

    /** The place that an appliance takes gas from. */
    String at(GasWalk.At a) {
        if (a.appliance().hose().isPresent()) {
            return a.place();
        }
        return walk.reduces().stream()
                .filter(r -> r.place().equals(a.place()) && r.step() < a.step() && known(r))
                .reduce((x, y) -> y)
                .map(NetBuilder::behind)
                .orElse(a.place());
    }

    private String from(Walked.Run run) {
        int at = order.getOrDefault(run.name(), 0);
        return walk.reduces().stream()
                .filter(r -> r.place().equals(run.from()) && r.first() <= at && known(r))
                .reduce((x, y) -> y)
                .map(NetBuilder::behind)
                .orElse(run.from());
    }

    /** The pipe that a stretch becomes with a bore. */
    GasNet.Pipe pipe(GasRun r, Length bore) {
        Walked.Run run = r.run();
        boolean hose = run.kind() == Walked.Kind.HOSE;
        return new GasNet.Pipe(
                run.name(), from(run), run.to(), run.length(), fittings(run, bore), bore, hose ? HOSE_ROUGH : rough);
    }

    /** What the fittings take that gas meets as it goes into this stretch, and its further elbows. */
    private Length fittings(Walked.Run run, Length bore) {
        Length all = Length.ofMm(0);
        for (GasFitting f : met(run)) {
            all = all.plus(stock.asPipe(f, bore));
        }
        return all;
    }

    /** Fittings that gas meets as it goes into a stretch. */
    List<GasFitting> met(Walked.Run run) {
        List<GasFitting> met = new ArrayList<>();
        joints.at(run.from()).ifPresent(j -> {
            if (j.spot().valve()) {
                met.add(GasFitting.VALVE);
            }
            switch (j.kind()) {
                case ELBOW -> met.add(GasFitting.ELBOW_90);
                case TEE, TWO_TEES -> met.add(turns(run, j) ? GasFitting.TEE_BRANCH : GasFitting.TEE_THROUGH);
                case THROUGH, END, OPEN, NONE -> {}
            }
        });
        if (run.piece() instanceof Piece.Pipe p) {
            for (int i = 0; i < p.elbows(); i++) {
                met.add(GasFitting.ELBOW_90);
            }
        }
        return met;
    }

    /** Whether gas turns in a tee to get into a stretch: into its branch, or out of it. */
    private static boolean turns(Walked.Run run, Joints.Joint j) {
        return j.branch()
                .filter(b -> b == run || b.to().equals(j.spot().name()))
                .isPresent();
    }
}
