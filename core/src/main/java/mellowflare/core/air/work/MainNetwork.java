package mellowflare.core.air.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.stock.Fitting;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/** Turns a walk with its sizes into a network: fittings become losses of the pipes beside them, outlets get coupler and hose. */
final class MainNetwork {
    /** Roughness of a hose's bore (house figure). */
    private static final Length HOSE_ROUGH = Length.ofMm(0.01);

    private static final int SOLVERS_KEPT = 40;
    private static final Length COUPLER = Length.ofMm(100);

    private final AirMain main;
    private final Walked walked;
    private final Joints joints;
    private final PipeSystems systems;
    private final Optional<PipeSystem> system;

    MainNetwork(AirMain main, Walked walked, Joints joints, PipeSystems systems, Optional<PipeSystem> system) {
        this.main = main;
        this.walked = walked;
        this.joints = joints;
        this.systems = systems;
        this.system = system;
    }

    /** Name of the place at the end of an outlet's hose. */
    static String tool(String outlet) {
        return Say.it("main-network.tool", "outlet", outlet);
    }

    /**
     * @param sized every run with its size; those without are left out
     * @param feeds compressors by place
     * @param running what runs where; outlets where nothing runs end at their valve
     */
    Network network(List<Sized> sized, Map<String, Compressor> feeds, Map<String, AirTool> running) {
        return new Pipes(sized, feeds).network(running);
    }

    /** The pipes of the main with their losses: the same whatever runs. */
    private final class Pipes {
        private final Map<String, Sized> byName = new HashMap<>();
        private final List<Network.Pipe> pipes = new ArrayList<>();
        private final List<Network.Supply> supplies = new ArrayList<>();

        Pipes(List<Sized> sized, Map<String, Compressor> feeds) {
            sized.forEach(s -> byName.put(s.name(), s));
            Length own = system.map(PipeSystem::rough).orElse(HOSE_ROUGH);
            for (Sized s : sized) {
                if (s.run().kind() != Walked.Kind.LEG && s.bore().isPresent()) {
                    pipes.add(new Network.Pipe(
                            s.name(),
                            s.run().from(),
                            s.run().to(),
                            s.run().length(),
                            s.bore().get(),
                            s.run().kind() == Walked.Kind.HOSE ? HOSE_ROUGH : own,
                            losses(s, byName)));
                }
            }
            feeds.forEach((spot, c) -> supplies.add(new Network.Supply(spot, pressure(c))));
        }

        Network network(Map<String, AirTool> running) {
            List<Network.Pipe> all = new ArrayList<>(pipes);
            for (Walked.Run r : walked.runs()) {
                AirTool tool = r.kind() == Walked.Kind.DROP ? running.get(r.to()) : null;
                if (tool != null && r.piece() instanceof Piece.Drop d) {
                    byName.get(r.to()).bore().ifPresent(bore -> outlet(r.to(), tool, d.outlet(), bore, all));
                }
            }
            return new Network(
                    all,
                    supplies,
                    demands(running),
                    GasLaw.air(main.shop().air()),
                    main.shop().barometer());
        }
    }

    /** What running tools draw, leaks and growth counted in, in the order of the walk. */
    List<Network.Demand> demands(Map<String, AirTool> running) {
        List<Network.Demand> demands = new ArrayList<>();
        for (Walked.Run r : walked.runs()) {
            AirTool tool = r.kind() == Walked.Kind.DROP ? running.get(r.to()) : null;
            if (tool != null) {
                demands.add(new Network.Demand(
                        tool(r.to()), tool.flow().times(main.use().reserve()).mass()));
            }
        }
        return demands;
    }

    /** Solves scenario after scenario; where the same outlets run with the same hoses, the network is built once. */
    Function<Map<String, AirTool>, NetworkFlow> solver(List<Sized> sized, Map<String, Compressor> feeds) {
        Map<Map<String, Length>, NetworkSolver> known = new HashMap<>();
        Pipes pipes = new Pipes(sized, feeds);
        return running -> {
            Map<String, Length> hoses = new HashMap<>();
            running.forEach((outlet, tool) -> hoses.put(outlet, tool.hoseBore()));
            NetworkSolver solver = known.get(hoses);
            if (solver == null) {
                solver = new NetworkSolver(pipes.network(running));
                if (known.size() < SOLVERS_KEPT) {
                    known.put(hoses, solver);
                }
            }
            return solver.flow(demands(running));
        };
    }

    /** Where a compressor starts again, less what dryer and filters take: the least that it holds. */
    GaugePressure pressure(Compressor c) {
        return GaugePressure.ofBar(c.cutIn().bar() - main.plant().lost().bar());
    }

    private void outlet(String outlet, AirTool tool, Outlet o, Length bore, List<Network.Pipe> pipes) {
        double k = systems.k(Fitting.COUPLER) + (o.treatment() ? systems.k(Fitting.TREATMENT) : 0);
        boolean hose = o.hose().isPresent();
        String mouth = hose ? Say.it("main-network.coupler", "outlet", outlet) : tool(outlet);
        pipes.add(new Network.Pipe(
                Say.it("main-network.coupler", "outlet", outlet), outlet, mouth, COUPLER, bore, HOSE_ROUGH, k));
        o.hose()
                .ifPresent(l -> pipes.add(new Network.Pipe(
                        Say.it("main-network.hose", "outlet", outlet),
                        mouth,
                        tool(outlet),
                        l,
                        o.hoseBore().orElse(tool.hoseBore()),
                        HOSE_ROUGH,
                        0)));
    }

    /** Losses of the fittings at both ends that count to this run. */
    private double losses(Sized s, Map<String, Sized> byName) {
        double k = at(s, s.run().from(), byName) + at(s, s.run().to(), byName);
        if (s.run().piece() instanceof Piece.Drop) {
            k += systems.k(Fitting.VALVE);
        }
        return k;
    }

    private double at(Sized s, String end, Map<String, Sized> byName) {
        return joints.at(end).map(j -> at(s, end, j, byName)).orElse(0.0);
    }

    private double at(Sized s, String end, Joints.Joint j, Map<String, Sized> byName) {
        boolean after = s.run().from().equals(end);
        double valve = j.spot().valve() && after && s.run().kind() == Walked.Kind.MAIN ? systems.k(Fitting.VALVE) : 0;
        return valve
                + switch (j.kind()) {
                    case ELBOW -> systems.k(Fitting.ELBOW) / 2;
                    case TEE, TWO_TEES ->
                        j.branch().filter(b -> b == s.run()).isPresent()
                                ? systems.k(Fitting.TEE_BRANCH)
                                : systems.k(Fitting.TEE_THROUGH) / 2 + narrows(s, end, j, byName);
                    case THROUGH -> narrows(s, end, j, byName);
                    case END, OPEN, NONE -> 0.0;
                };
    }

    /** A change of size counts to the smaller of two pipes in line. */
    private double narrows(Sized s, String end, Joints.Joint j, Map<String, Sized> byName) {
        if (s.size().isEmpty() || s.run().way().isEmpty()) {
            return 0;
        }
        Vector way = Joints.outward(s.run(), end);
        for (Walked.Run r : j.meeting()) {
            Sized other = byName.get(r.name());
            if (r != s.run()
                    && other != null
                    && other.size().isPresent()
                    && other.size().get().bore().compareTo(s.size().get().bore()) > 0
                    && Joints.outward(r, end).dot(way) < -0.999) {
                return systems.k(Fitting.REDUCER);
            }
        }
        return 0;
    }
}
