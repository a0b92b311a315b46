package mellowflare.core.air.size;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Scenario;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.SpeedGuide;
import mellowflare.core.air.work.Together;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/**
 * The cheapest sizes of one system that leave every tool its pressure in every case of what may run together, with the air no faster than the guide.
 *
 * @param system what it is made of
 * @param possible whether the largest sizes are enough
 * @param sizes by run
 * @param work pieces and parts with these sizes
 * @param margin what the tightest tool has to spare
 * @param tried how many sets of sizes were worked out
 * @param byTruck the same sizes in long bars
 * @param byParcel the same sizes in short bars
 */
public record Sizing(
        PipeSystem system,
        boolean possible,
        Map<String, PipeSize> sizes,
        CutWork work,
        PressureDifference margin,
        int tried,
        Delivery byTruck,
        Delivery byParcel) {
    public Sizing {
        sizes = Map.copyOf(sizes);
    }

    /** How sizes may change along the way. */
    public enum Way {
        /** Every stretch as large as it must be. */
        STEPPED,
        /** One size for the main and one for the drops. */
        ONE
    }

    /** Nothing narrower is proposed: scale and a drop of water close it (house rule). Who wants it takes it by hand. */
    private static final double NARROWEST_MM = 9.9;

    /**
     * Sizes a main of one system, whatever the job has chosen.
     *
     * @param c the main as walked; its sizes are not looked at
     * @param progress told a share now and then
     * @param cancelled a cancelled search is empty
     * @return empty for a system that is refused or has no sizes, for a main that nothing feeds, and when cancelled
     */
    public static Optional<Sizing> of(
            AirCase c, PipeSystem system, Way way, DoubleConsumer progress, BooleanSupplier cancelled) {
        PipeSystems systems = c.data().get(PipeSystems.KEY);
        List<PipeSize> all = systems.sizes(system.id()).stream()
                .filter(z -> z.bore().mm() >= NARROWEST_MM)
                .toList();
        if (!system.rated()
                || all.isEmpty()
                || c.feeds().isEmpty()
                || c.walked().runs().isEmpty()) {
            return Optional.empty();
        }
        return new Search(c.withSystem(Optional.of(system)), system, all, way, progress, cancelled).find();
    }

    /** Whether short bars as parcels cost less, couplings and freight counted in. */
    public boolean parcelCheaper() {
        return byParcel.price() < byTruck.price();
    }

    /** What it costs in the cheaper way, in the catalogue's money. */
    public double price() {
        return Math.min(byTruck.price(), byParcel.price());
    }

    /** The sizes that are used, largest first. */
    public List<PipeSize> used() {
        return sizes.values().stream()
                .distinct()
                .sorted(Comparator.comparing(PipeSize::outside).reversed())
                .toList();
    }

    /** The job's main with these sizes written into its pieces. */
    public AirMain into(AirMain main) {
        AirMain made = main.withSystem(Optional.of(system.id()));
        List<Piece> pieces = new ArrayList<>();
        for (Piece p : made.pieces()) {
            Optional<String> size = Optional.ofNullable(sizes.get(p.name())).map(PipeSize::size);
            if (p instanceof Piece.Pipe x) {
                pieces.add(new Piece.Pipe(x.name(), x.turn(), x.length(), size));
            } else if (p instanceof Piece.Drop x) {
                pieces.add(new Piece.Drop(x.name(), x.down(), size, x.off(), x.leg(), x.outlet()));
            } else if (p instanceof Piece.Close x) {
                pieces.add(new Piece.Close(x.name(), x.to(), size));
            } else {
                pieces.add(p);
            }
        }
        Optional<String> usual = used().stream().findFirst().map(PipeSize::size);
        return made.withPieces(pieces).withSize(usual);
    }

    private static final class Search {
        private static final int MOST_CASES_KEPT = 40;

        private final AirCase c;
        private final PipeSystem system;
        private final List<PipeSize> all;
        private final DoubleConsumer progress;
        private final BooleanSupplier cancelled;
        private final List<List<Walked.Run>> groups = new ArrayList<>();
        private final Map<String, Double> atHand = new HashMap<>();
        private final List<Scenario> cases = new ArrayList<>();
        private final Map<String, Walked.Run> runs = new HashMap<>();
        private int tried;

        Search(
                AirCase c,
                PipeSystem system,
                List<PipeSize> all,
                Way way,
                DoubleConsumer progress,
                BooleanSupplier cancelled) {
            this.c = c;
            this.system = system;
            this.all = all;
            this.progress = progress;
            this.cancelled = cancelled;
            for (Making.OldBar o : c.main().making().old()) {
                if (o.system().equals(system.id())) {
                    atHand.merge(o.size(), o.length().mm() * o.count(), Double::sum);
                }
            }
            c.walked().runs().forEach(r -> runs.put(r.name(), r));
            group(way);
            cases.add(c.together().scenario());
        }

        /** Runs that must have one size: by the method all mains and all drops, or each way from fitting to fitting. */
        private void group(Way way) {
            Map<String, List<Walked.Run>> by = new LinkedHashMap<>();
            Map<String, String> key = new HashMap<>();
            for (Walked.Run r : c.walked().runs()) {
                if (r.kind() == Walked.Kind.HOSE) {
                    continue;
                }
                String k;
                if (way == Way.ONE) {
                    k = r.kind() == Walked.Kind.DROP || r.kind() == Walked.Kind.LEG && r.piece() instanceof Piece.Drop
                            ? "drops"
                            : "main";
                } else {
                    boolean goesOn = key.containsKey(r.from())
                            && c.joints()
                                    .at(r.from())
                                    .filter(j -> j.kind() == Joints.Kind.THROUGH || j.kind() == Joints.Kind.ELBOW)
                                    .isPresent();
                    boolean leg = r.kind() == Walked.Kind.LEG && key.containsKey(r.from());
                    k = goesOn || leg ? key.get(r.from()) : r.name();
                }
                key.put(r.to(), k);
                by.computeIfAbsent(k, x -> new ArrayList<>()).add(r);
            }
            groups.addAll(by.values());
        }

        Optional<Sizing> find() {
            int[] at = new int[groups.size()];
            Arrays.fill(at, all.size() - 1);
            double best = margin(at);
            if (cancelled.getAsBoolean()) {
                return Optional.empty();
            }
            if (best < 0) {
                return Optional.of(result(at, false));
            }
            for (int round = 0; round < 12; round++) {
                int[] found = cheapest(round == 0 ? smallest() : at.clone());
                if (cancelled.getAsBoolean()) {
                    return Optional.empty();
                }
                at = found;
                progress.accept(Math.min(0.95, (round + 1) / 4.0));
                // Other cases may be worse with these sizes than the ones that were looked at.
                Together worst = c.worstOfAll(sized(at), cancelled);
                if (worst.margin().bar() >= -1e-9
                        || cases.contains(worst.scenario())
                        || cases.size() > MOST_CASES_KEPT) {
                    break;
                }
                cases.add(worst.scenario());
            }
            return Optional.of(result(at, true));
        }

        private int[] smallest() {
            return new int[groups.size()];
        }

        /** Up where it helps most for its price until it is enough, then down wherever it still is, dearest first, then one up and others down. */
        private int[] cheapest(int[] from) {
            int[] at = from;
            double margin = margin(at);
            while (margin < 0 && !cancelled.getAsBoolean()) {
                int best = -1;
                double most = -1;
                double price = price(at);
                for (int g = 0; g < at.length; g++) {
                    if (at[g] + 1 < all.size()) {
                        at[g]++;
                        double gain = Math.max(0, margin(at) - margin) / Math.max(0.01, price(at) - price);
                        at[g]--;
                        if (gain > most) {
                            most = gain;
                            best = g;
                        }
                    }
                }
                if (best < 0) {
                    break;
                }
                at[best]++;
                margin = margin(at);
            }
            down(at);
            swap(at);
            return at;
        }

        private void down(int[] at) {
            boolean better = true;
            while (better && !cancelled.getAsBoolean()) {
                better = false;
                double price = price(at);
                int best = -1;
                double least = price - 1e-9;
                for (int g = 0; g < at.length; g++) {
                    if (at[g] > 0) {
                        at[g]--;
                        double p = price(at);
                        if (p < least && margin(at) >= 0) {
                            least = p;
                            best = g;
                        }
                        at[g]++;
                    }
                }
                if (best >= 0) {
                    at[best]--;
                    better = true;
                }
            }
        }

        /** One a size up, then down wherever that now goes; kept where it is cheaper. */
        private void swap(int[] at) {
            boolean better = true;
            while (better && !cancelled.getAsBoolean()) {
                better = false;
                double price = price(at);
                for (int g = 0; g < at.length && !better; g++) {
                    if (at[g] + 1 < all.size()) {
                        int[] other = at.clone();
                        other[g]++;
                        down(other);
                        if (price(other) < price - 1e-6 && margin(other) >= 0) {
                            System.arraycopy(other, 0, at, 0, at.length);
                            better = true;
                        }
                    }
                }
            }
        }

        private List<Sized> sized(int[] at) {
            Map<String, PipeSize> by = new HashMap<>();
            for (int g = 0; g < at.length; g++) {
                for (Walked.Run r : groups.get(g)) {
                    by.put(r.name(), all.get(at[g]));
                }
            }
            return c.walked().runs().stream()
                    .map(r -> new Sized(r, Optional.ofNullable(by.get(r.name()))))
                    .toList();
        }

        /** What the tightest tool has to spare (bar), or by how much the guide of speed is passed; below zero where these sizes will not do. */
        private double margin(int[] at) {
            List<Sized> sized = sized(at);
            double least = Double.POSITIVE_INFINITY;
            for (Scenario s : cases) {
                tried++;
                NetworkFlow flow = NetworkSolver.solve(c.network(sized, s));
                least = Math.min(least, slow(flow));
                for (Map.Entry<String, AirTool> e : s.running().entrySet()) {
                    least = Math.min(
                            least,
                            flow.node(AirCase.toolAt(e.getKey()))
                                    .map(n -> n.pressure().bar()
                                            - c.main().shop().barometer().bar()
                                            - e.getValue().need().bar())
                                    .orElse(0.0));
                }
            }
            return least;
        }

        private double slow(NetworkFlow flow) {
            double least = Double.POSITIVE_INFINITY;
            for (NetworkFlow.InPipe p : flow.pipes()) {
                Walked.Run r = runs.get(p.pipe().name());
                if (r != null && r.kind() != Walked.Kind.HOSE) {
                    least = Math.min(least, 1 - p.metresPerSecond() / SpeedGuide.metresPerSecond(r));
                }
            }
            return least;
        }

        /** Pipe by the metre, what is at hand for nothing, and the fittings. */
        private double price(int[] at) {
            CutWork work = work(at);
            double price = work.price();
            for (Map.Entry<String, Double> old : atHand.entrySet()) {
                double metres = Math.min(old.getValue() / 1000, work.metres().getOrDefault(old.getKey(), 0.0));
                price -= metres
                        * all.stream()
                                .filter(z -> z.size().equals(old.getKey()))
                                .findFirst()
                                .map(PipeSize::metre)
                                .orElse(0.0);
            }
            return price;
        }

        private CutWork work(int[] at) {
            return work(at, c.main());
        }

        private Delivery delivery(int[] at, boolean parcel) {
            return Delivery.of(
                    work(at, c.main().withMaking(c.main().making().withParcel(parcel))),
                    c.data().get(PipeSystems.KEY).freight(parcel));
        }

        private CutWork work(int[] at, AirMain main) {
            return CutWork.of(main, c.walked(), c.joints(), c.fall(), sized(at), system, c.data(), c.units());
        }

        private Sizing result(int[] at, boolean possible) {
            Map<String, PipeSize> sizes = new HashMap<>();
            sized(at).forEach(s -> s.size().ifPresent(z -> sizes.put(s.name(), z)));
            Together worst = c.worstOfAll(sized(at), cancelled);
            return new Sizing(
                    system,
                    possible && worst.margin().bar() >= -1e-9,
                    sizes,
                    work(at),
                    worst.margin(),
                    tried,
                    delivery(at, false),
                    delivery(at, true));
        }
    }
}
