package mellowflare.core.flow.network;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.flow.PipeLaw;
import mellowflare.core.flow.network.Network.Trouble;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/**
 * Finds flows and pressures of one network, for as many sets of demands as are asked. Newton's method on flows and on what drives them together (global gradient); the drives are solved for by
 * sparse Cholesky. Where a demand would pull the pressure below that of the air around, the place is taken as an open end: it gives what comes out of it. Holds its last state to start the next
 * search from; for one thread only.
 */
public final class NetworkSolver {
    /** Stands for a pipe without length. */
    private static final Length JOINT = Length.ofMm(1);

    private static final int MOST_ROUNDS = 80;
    private static final int MOST_OPENINGS = 30;
    private static final double SETTLED = 1e-10;
    private static final double BALANCED = 1e-12;
    private static final double START_SPEED = 3;

    private final Network network;
    private final List<Trouble> looked;
    private final Map<String, Integer> index;
    private final List<String> names = new ArrayList<>();
    /** All that lead from one place to another, in the network's order. */
    private final List<Network.Pipe> pipes = new ArrayList<>();

    private final int[] first;
    private final int[] second;
    private final DeadEnds ends;
    private final boolean[] used;
    /** Of each pipe its number among those that can carry something, below zero for a dead end. */
    private final int[] slot;

    private final int[] from;
    private final int[] to;
    private final PipeLaw[] friction;
    private final boolean[] reached;
    private final double[] supply;
    private final PressureMatrix matrix;
    private final double[] metres;
    private final double[] floor;

    private final double[] flow;
    private final double[] drive;
    private final double[] lost;
    private final double[] ease;
    private final double[] missing;
    private final double[] step;
    private int rounds;
    private boolean started;

    public NetworkSolver(Network network) {
        this.network = network;
        this.looked = network.looked();
        this.index = new HashMap<>(2 * network.pipes().size());
        for (Network.Pipe p : network.pipes()) {
            if (!p.from().equals(p.to())) {
                pipes.add(p);
            }
        }
        first = new int[pipes.size()];
        second = new int[pipes.size()];
        for (int p = 0; p < first.length; p++) {
            first[p] = place(pipes.get(p).from());
            second[p] = place(pipes.get(p).to());
        }
        network.supplies().forEach(s -> place(s.node()));
        int n = names.size();
        used = used();
        ends = new DeadEnds(first, second, used);
        int live = first.length - ends.count();
        slot = new int[first.length];
        from = new int[live];
        to = new int[live];
        friction = new PipeLaw[live];
        int k = 0;
        for (int p = 0; p < slot.length; p++) {
            slot[p] = ends.dead(p) ? -1 : k;
            if (slot[p] >= 0) {
                from[k] = first[p];
                to[k] = second[p];
                friction[k] = friction(pipes.get(p));
                k++;
            }
        }
        supply = new double[n];
        Arrays.fill(supply, Double.NaN);
        metres = new double[n];
        floor = new double[n];
        for (int i = 0; i < n; i++) {
            metres[i] = network.metres(names.get(i));
            floor[i] = network.law().drive(network.barometer().pascal(), metres[i]);
        }
        for (Network.Supply s : network.supplies()) {
            int i = index.get(s.node());
            if (Double.isNaN(supply[i])) {
                double pascal =
                        AbsolutePressure.of(s.pressure(), network.barometer()).pascal();
                supply[i] = network.law().drive(pascal, metres[i]);
            }
        }
        int[][] near = Adjacency.of(n, from, to);
        reached = reached(near);
        matrix = new PressureMatrix(near, from, to);
        flow = new double[live];
        drive = new double[n];
        lost = new double[live];
        ease = new double[live];
        missing = new double[n];
        step = new double[n];
    }

    /** Works one network out. */
    public static NetworkFlow solve(Network network) {
        return new NetworkSolver(network).flow(network.demands());
    }

    private int place(String name) {
        Integer known = index.putIfAbsent(name, names.size());
        if (known == null) {
            names.add(name);
            return names.size() - 1;
        }
        return known;
    }

    /** Places where something may be asked or fed. */
    private boolean[] used() {
        boolean[] at = new boolean[names.size()];
        for (Network.Supply s : network.supplies()) {
            at[index.get(s.node())] = true;
        }
        for (Network.Demand d : network.demands()) {
            Integer i = index.get(d.node());
            if (i != null) {
                at[i] = true;
            }
        }
        return at;
    }

    private PipeLaw friction(Network.Pipe p) {
        Length length = p.length().compareTo(JOINT) < 0 ? JOINT : p.length();
        return network.law().pipe(length, p.bore(), p.roughness(), p.k());
    }

    private boolean[] reached(int[][] near) {
        int n = near.length;
        boolean[] seen = new boolean[n];
        int[] queue = new int[n];
        int tail = 0;
        for (int i = 0; i < n; i++) {
            if (!Double.isNaN(supply[i])) {
                seen[i] = true;
                queue[tail++] = i;
            }
        }
        for (int head = 0; head < tail; head++) {
            for (int j : near[queue[head]]) {
                if (!seen[j]) {
                    seen[j] = true;
                    queue[tail++] = j;
                }
            }
        }
        for (int k = 0; k < ends.count(); k++) {
            seen[ends.far(k)] = seen[near(k)];
        }
        return seen;
    }

    /** The place on which a dead end hangs. */
    private int near(int k) {
        int p = ends.pipe(k);
        return first[p] == ends.far(k) ? second[p] : first[p];
    }

    /** Flows and pressures with other demands than the network's own. */
    public NetworkFlow flow(List<Network.Demand> demands) {
        int n = names.size();
        if (!covers(demands)) {
            return solve(network.with(demands));
        }
        double[] asked = new double[n];
        List<Trouble> troubles = new ArrayList<>(looked);
        for (Network.Demand d : demands) {
            Integer i = index.get(d.node());
            if (i != null) {
                asked[i] += d.flow().kgPerSecond();
                if (!reached[i] && asked[i] > 0) {
                    troubles.add(new Trouble(Trouble.Kind.ISLAND, d.node()));
                }
            }
        }
        for (int p = 0; p < first.length; p++) {
            if (!reached[first[p]]) {
                troubles.add(new Trouble(Trouble.Kind.ISLAND, pipes.get(p).name()));
            }
        }
        rounds = 0;
        boolean[] open = new boolean[n];
        boolean settled = settle(asked, open);
        for (int i = 0; i < MOST_OPENINGS && settled && changed(asked, open); i++) {
            settled = settle(asked, open);
        }
        if (!settled) {
            troubles.add(new Trouble(Trouble.Kind.UNSETTLED, "network"));
        }
        return result(asked, open, troubles);
    }

    /** Whether these demands lie where this solver looks: at the end of a dead end there was none. */
    private boolean covers(List<Network.Demand> demands) {
        for (Network.Demand d : demands) {
            Integer i = index.get(d.node());
            if (i != null && !used[i]) {
                return false;
            }
        }
        return true;
    }

    /** Opens places whose pressure fell away, closes those that would give more than is asked. */
    private boolean changed(double[] asked, boolean[] open) {
        boolean change = false;
        for (int i = 0; i < open.length; i++) {
            if (!reached[i] || !Double.isNaN(supply[i])) {
                continue;
            }
            if (!open[i] && asked[i] > 0 && drive[i] < floor[i] - 1e-12 * Math.abs(floor[i])) {
                open[i] = true;
                change = true;
            } else if (open[i] && arriving(i) > asked[i] * (1 + 1e-9)) {
                open[i] = false;
                change = true;
            }
        }
        return change;
    }

    private double arriving(int node) {
        double sum = 0;
        for (int p = 0; p < from.length; p++) {
            sum += to[p] == node ? flow[p] : from[p] == node ? -flow[p] : 0;
        }
        return sum;
    }

    private boolean settle(double[] asked, boolean[] open) {
        int n = names.size();
        boolean[] held = new boolean[n];
        double top = top();
        double all = 0;
        if (!started) {
            start(top);
        }
        for (int i = 0; i < n; i++) {
            held[i] = !reached[i] || !Double.isNaN(supply[i]) || open[i];
            if (!Double.isNaN(supply[i])) {
                drive[i] = supply[i];
            } else if (open[i]) {
                drive[i] = floor[i];
            }
            all += reached[i] ? asked[i] : 0;
        }
        for (int k = 0; k < ends.count(); k++) {
            held[ends.far(k)] = true;
        }
        double scale = Math.max(all, 1e-6);
        double[] law = {0, 0};
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double worst = 0;
            for (int i = 0; i < n; i++) {
                missing[i] = held[i] ? 0 : -asked[i];
            }
            for (int p = 0; p < flow.length; p++) {
                friction[p].lost(flow[p], law);
                ease[p] = 1 / law[1];
                lost[p] = reached[from[p]] ? drive[from[p]] - drive[to[p]] - law[0] : 0;
                worst = Math.max(worst, Math.abs(lost[p]));
                missing[from[p]] -= flow[p];
                missing[to[p]] += flow[p];
            }
            double unbalanced = 0;
            for (int i = 0; i < n; i++) {
                unbalanced = held[i] ? unbalanced : Math.max(unbalanced, Math.abs(missing[i]));
            }
            if (worst <= SETTLED * top && unbalanced <= BALANCED * scale) {
                return true;
            }
            for (int p = 0; p < flow.length; p++) {
                missing[from[p]] -= lost[p] * ease[p];
                missing[to[p]] += lost[p] * ease[p];
            }
            rounds++;
            if (!matrix.solve(ease, held, missing, step)) {
                return false;
            }
            double share = round < 20 ? 1 : 0.5;
            for (int p = 0; p < flow.length; p++) {
                flow[p] += share * (lost[p] + step[from[p]] - step[to[p]]) * ease[p];
            }
            for (int i = 0; i < n; i++) {
                drive[i] += share * step[i];
            }
        }
        return false;
    }

    private double top() {
        return Math.max(
                Arrays.stream(floor).max().orElse(0),
                Arrays.stream(supply).filter(s -> !Double.isNaN(s)).max().orElse(0));
    }

    private void start(double top) {
        Arrays.fill(drive, top);
        // About the flow of an easy-going line, at the pressure of the supply.
        double density = network.law().density(network.law().pascal(top, 0));
        for (int p = 0; p < first.length; p++) {
            if (slot[p] >= 0) {
                double d = pipes.get(p).bore().mm() / 1000;
                flow[slot[p]] = reached[first[p]] ? START_SPEED * density * Math.PI * d * d / 4 : 0;
            }
        }
        started = true;
    }

    private NetworkFlow result(double[] asked, boolean[] open, List<Trouble> troubles) {
        int n = names.size();
        double[] net = new double[n];
        double all = 0;
        for (int p = 0; p < flow.length; p++) {
            net[from[p]] -= flow[p];
            net[to[p]] += flow[p];
        }
        for (int k = 0; k < ends.count(); k++) {
            drive[ends.far(k)] = drive[near(k)];
        }
        double unbalanced = 0;
        Map<String, NetworkFlow.AtNode> nodes = new HashMap<>(2 * n);
        for (int i = 0; i < n; i++) {
            if (!reached[i]) {
                continue;
            }
            boolean feeds = !Double.isNaN(supply[i]);
            double taken = open[i] ? Math.max(0, net[i]) : asked[i];
            all += taken;
            if (!feeds && !open[i]) {
                unbalanced = Math.max(unbalanced, Math.abs(net[i] - asked[i]));
            }
            if (open[i]) {
                troubles.add(new Trouble(Trouble.Kind.STARVED, names.get(i)));
            }
            nodes.put(
                    names.get(i),
                    new NetworkFlow.AtNode(
                            names.get(i),
                            AbsolutePressure.ofBar(pascal(i) / 1e5),
                            MassFlow.ofKgPerSecond(asked[i]),
                            MassFlow.ofKgPerSecond(taken),
                            MassFlow.ofKgPerSecond(feeds ? Math.max(0, asked[i] - net[i]) : 0)));
        }
        List<NetworkFlow.InPipe> in = new ArrayList<>(pipes.size());
        for (int p = 0; p < first.length; p++) {
            if (reached[first[p]]) {
                NetworkFlow.InPipe found = inPipe(p);
                in.add(found);
                if (found.mach() >= 1) {
                    troubles.add(new Trouble(Trouble.Kind.CHOKED, found.pipe().name()));
                }
            }
        }
        return new NetworkFlow(nodes, in, troubles, all > 0 ? unbalanced / all : 0, rounds);
    }

    /** Absolute pressure at a place, never below zero (Pa). */
    private double pascal(int node) {
        return Math.max(0, network.law().pascal(drive[node], metres[node]));
    }

    private NetworkFlow.InPipe inPipe(int p) {
        double a = pascal(first[p]);
        double b = pascal(second[p]);
        double kgPerSecond = slot[p] < 0 ? 0 : flow[slot[p]];
        double least = Math.max(Math.min(a, b), 1);
        double d = pipes.get(p).bore().mm() / 1000;
        double speed = Math.abs(kgPerSecond) / network.law().density(least) / (Math.PI * d * d / 4);
        double mach = speed / network.law().sound();
        double share = Math.abs(a - b) / Math.max(Math.max(a, b), 1);
        return new NetworkFlow.InPipe(
                pipes.get(p),
                kgPerSecond >= 0,
                MassFlow.ofKgPerSecond(Math.abs(kgPerSecond)),
                speed,
                PressureDifference.ofBar(Math.abs(a - b) / 1e5),
                mach,
                share,
                slot[p] < 0 ? 0 : friction[slot[p]].reynolds(kgPerSecond),
                network.law().beyond(mach, share));
    }
}
