package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.layout.Connector;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.layout.HoseSort;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.GasRun;
import mellowflare.core.line.Take;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Walked;
import mellowflare.core.shelf.PartRole;

/** What a gas line takes: pipe by its size, the fittings that its places need, valves, regulators, hoses. What was there before is not taken. */
final class GasTakes {
    private final GasCase c;
    private final Map<String, GasSize> sizes = new HashMap<>();
    private final Map<String, Boolean> laid = new HashMap<>();
    private final List<Take> all = new ArrayList<>();

    private GasTakes(GasCase c) {
        this.c = c;
    }

    /** Empty while it is not said what the line is made of. */
    static List<Take> of(GasCase c) {
        return c.system().isEmpty() ? List.of() : Take.shelved(Take.together(new GasTakes(c).gathered()), c.setting());
    }

    private List<Take> gathered() {
        for (GasRun r : c.runs()) {
            boolean pipe = r.run().kind() != Walked.Kind.HOSE && r.size().isPresent();
            if (pipe) {
                sizes.put(r.name(), r.size().get());
                laid.put(r.name(), !(r.run().piece() instanceof Piece.Pipe p && p.standing()));
            }
            if (pipe && laid.get(r.name())) {
                pipe(r, r.size().get());
            }
            hose(r).ifPresent(this::hose);
        }
        c.joints().all().forEach(this::joint);
        for (GasWalk.Reduced r : c.walk().reduces()) {
            if (laidAt(r.place())) {
                regulator(r);
            }
        }
        return all;
    }

    private void pipe(GasRun r, GasSize size) {
        double metres = r.run().length().mm() / 1000;
        if (metres > 0) {
            all.add(Take.named(
                    Say.it("gas-takes.pipe", "system", system(), "size", size.size()),
                    PartRole.CUT,
                    metres,
                    true,
                    Optional.of(size.metre()).filter(m -> m > 0)));
        }
        if (r.run().piece() instanceof Piece.Pipe p && p.elbows() > 0) {
            fitting(Say.it("gas-takes.elbow", "system", system(), "size", size.size()), p.elbows(), size);
        }
    }

    private static Optional<Connector> hose(GasRun r) {
        return r.run().piece() instanceof Piece.Hose h
                ? Optional.of(h.hose())
                : r.run().piece() instanceof Piece.Appliance a ? a.hose() : Optional.empty();
    }

    /** Hose that is not made for gas is not bought again: what is asked for in its place is listed. */
    private static HoseSort sort(Connector hose) {
        return switch (hose.sort()) {
            case LISTED, MADE_UP -> hose.sort();
            case UNMARKED, AIR -> HoseSort.LISTED;
        };
    }

    private void hose(Connector hose) {
        all.add(Take.named(
                Say.it(
                        "gas-takes.hose",
                        "sort",
                        sort(hose).word(),
                        "bore",
                        Figure.of(hose.bore()).text(c.units()),
                        "length",
                        Figure.of(hose.length()).text(c.units())),
                PartRole.WHOLE,
                1,
                false,
                Optional.empty()));
    }

    private void joint(Joints.Joint j) {
        List<Walked.Run> pipes =
                j.meeting().stream().filter(r -> sizes.containsKey(r.name())).toList();
        if (pipes.stream().noneMatch(r -> laid.get(r.name()))) {
            return;
        }
        GasSize widest = pipes.stream()
                .map(r -> sizes.get(r.name()))
                .reduce((a, b) -> a.outside().compareTo(b.outside()) >= 0 ? a : b)
                .orElseThrow();
        String size = pipes.stream()
                .map(r -> sizes.get(r.name()))
                .distinct()
                .map(GasSize::size)
                .collect(Collectors.joining(" × "));
        switch (j.kind()) {
            case ELBOW -> fitting(Say.it("gas-takes.elbow", "system", system(), "size", size), 1, widest);
            case TEE -> fitting(Say.it("gas-takes.tee", "system", system(), "size", size), 1, widest);
            case TWO_TEES -> fitting(Say.it("gas-takes.tee", "system", system(), "size", size), 2, widest);
            default -> {}
        }
        if (j.spot().valve()) {
            named(Say.it("gas-takes.valve", "size", widest.size()), Optional.empty());
        }
        if (j.spot().cap()) {
            fitting(Say.it("gas-takes.cap", "system", system(), "size", widest.size()), 1, widest);
        }
    }

    private void regulator(GasWalk.Reduced r) {
        Optional<Regulator> of = c.stock().regulator(r.piece().regulator());
        named(
                of.map(Regulator::name).orElse(r.piece().regulator()),
                of.map(Regulator::price).filter(p -> p > 0));
    }

    private boolean laidAt(String place) {
        return c.walk().walked().at(place).stream().anyMatch(r -> laid.getOrDefault(r.name(), false));
    }

    private void fitting(String name, int count, GasSize size) {
        all.add(Take.named(
                name,
                PartRole.FITTING,
                count,
                false,
                Optional.of(size.fitting()).filter(p -> p > 0)));
    }

    private void named(String name, Optional<Double> each) {
        all.add(Take.named(name, PartRole.FITTING, 1, false, each));
    }

    private String system() {
        return c.system().orElseThrow().name();
    }
}
