package mellowflare.core.air.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.stock.Sundry;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Nipples;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.cut.Bars;
import mellowflare.core.run.cut.PartLine;
import mellowflare.core.run.cut.PartTally;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.cut.Stretches;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;
import mellowflare.core.shelf.Shelf;

/**
 * What is to be cut, bought and hung.
 *
 * @param stretches pipe from fitting to fitting
 * @param parts what is bought besides bars
 * @param bar length of the bars that are bought
 * @param kilograms of all pipe (kg)
 * @param joints places that seal, each pipe end in a fitting being one
 * @param metres of pipe by size
 * @param hoses pieces of hose to cut
 * @param onShelf lengths of such pipe on the shop's shelf, by size
 * @param rods that the level stretches hang on; none where nothing hangs on rods
 */
public record CutWork(
        List<Stretch> stretches,
        List<PartLine> parts,
        Length bar,
        double kilograms,
        int joints,
        Map<String, Double> metres,
        List<HosePiece> hoses,
        Map<String, List<Length>> onShelf,
        List<Rods.Rod> rods) {
    /** Where hose by the metre stands in the catalogue. */
    private static final String HOSE = "rubber-hose";

    public CutWork {
        stretches = List.copyOf(stretches);
        parts = List.copyOf(parts);
        metres = Map.copyOf(metres);
        onShelf = Map.copyOf(onShelf);
        hoses = List.copyOf(hoses);
        rods = List.copyOf(rods);
    }

    /** Works the work out from the walk. */
    public static CutWork of(
            AirMain main,
            Walked walked,
            Joints joints,
            Fall fall,
            List<Sized> sized,
            PipeSystem system,
            ReferenceData data,
            UnitSystem units) {
        return new Builder(main, walked, joints, fall, sized, system, data, units).build();
    }

    /** With what lies on the shop's shelf of such pipe, in the sizes that are cut. */
    public CutWork with(PipeSystem system, Shelf shelf) {
        Map<String, List<Length>> there = new HashMap<>();
        for (String size : metres.keySet()) {
            List<Length> pieces = shelf.pieces(stock(system, size));
            if (!pieces.isEmpty()) {
                there.put(size, pieces);
            }
        }
        return there.isEmpty()
                ? this
                : new CutWork(stretches, parts, bar, kilograms, joints, metres, hoses, there, rods);
    }

    /** What pipe of a size is called on the shelf. */
    public static String stock(PipeSystem system, String size) {
        return Say.it("cut-work.pipe", "system", system.name(), "size", size);
    }

    /** The bars, size by size: old ones first, then bought. */
    public Map<String, CutPlan> bars(AirMain main, PipeSystem system) {
        Map<String, CutPlan> plans = new LinkedHashMap<>();
        tasks(main, system).forEach((size, task) -> plans.put(size, CutPlan.of(task)));
        return plans;
    }

    /** What is cut, size by size. */
    public Map<String, CutTask> tasks(AirMain main, PipeSystem system) {
        Making how = main.making();
        return Bars.tasks(
                stretches,
                new Bars.Rack(
                        new Stretches.Bar(bar, how.kerf(), how.trim()),
                        how.old().stream()
                                .filter(o -> o.system().equals(system.id()))
                                .map(o -> new Bars.AtHand(o.size(), o.length(), o.count()))
                                .toList(),
                        onShelf));
    }

    /** Price of all parts, and of the pipe by the metre. */
    public double price() {
        return parts.stream().mapToDouble(PartLine::price).sum();
    }

    /** The rods of one stretch. */
    public List<Rods.Rod> rods(Stretch s) {
        return rods.stream().filter(r -> r.stretch().equals(s.name())).toList();
    }

    /** All hangers. */
    public int hangers() {
        return stretches.stream().mapToInt(Stretch::hangers).sum();
    }

    /** What all stretches of one size come to. */
    private static final class OfSize {
        private final PipeSize size;
        private double mm;
        private int pieces;
        private int cut;
        private int couplings;
        private int hangers;

        OfSize(PipeSize size) {
            this.size = size;
        }

        void add(Stretch s) {
            if (s.nipple().isEmpty()) {
                for (Length piece : s.pieces()) {
                    mm += piece.mm();
                }
                cut += s.pieces().size();
            }
            pieces += s.pieces().size();
            couplings += s.couplings();
            hangers += s.hangers();
        }
    }

    private static final class Builder {
        private final AirMain main;
        private final Walked walked;
        private final Joints joints;
        private final Fall fall;
        private final PipeSystem system;
        private final PipeSystems systems;
        private final AirHouse house;
        private final Nipples stocked;
        private final UnitSystem units;
        private final List<Sized> sized;
        private final Map<String, Sized> byName = new HashMap<>();
        private final PartTally parts = new PartTally();
        private final Length bar;

        Builder(
                AirMain main,
                Walked walked,
                Joints joints,
                Fall fall,
                List<Sized> sized,
                PipeSystem system,
                ReferenceData data,
                UnitSystem units) {
            this.main = main;
            this.walked = walked;
            this.joints = joints;
            this.fall = fall;
            this.system = system;
            this.systems = data.get(PipeSystems.KEY);
            this.house = data.get(AirHouse.KEY);
            this.stocked = data.get(Nipples.KEY);
            this.units = units;
            this.bar = main.making().parcel() ? system.shortBar() : system.longBar();
            this.sized = sized;
            sized.forEach(s -> byName.put(s.name(), s));
        }

        CutWork build() {
            Stretches.Bar from =
                    new Stretches.Bar(bar, main.making().kerf(), main.making().trim());
            List<Stretch> stretches = Stretches.of(walked, joints, sized, from, this::nipple);
            Map<String, OfSize> sums = new LinkedHashMap<>();
            for (Stretch s : stretches) {
                sums.computeIfAbsent(s.size().size(), k -> new OfSize(s.size())).add(s);
            }
            double kilograms = 0;
            int seals = 0;
            Map<String, Double> metres = new LinkedHashMap<>();
            for (OfSize z : sums.values()) {
                metres.put(z.size.size(), z.mm / 1000);
                kilograms += z.size.kilograms(Length.ofMm(z.mm), system.density());
                seals += 2 * z.pieces;
                parts.pipe(z.size, z.mm / 1000);
                parts.add(Say.it("cut-work.coupling"), z.size, z.couplings, z.size.couplingPrice());
                if (system.nipples() && main.making().nipples()) {
                    parts.add(Say.it("cut-work.thread-cut-order"), z.size, 2 * z.cut, z.size.couplingPrice());
                }
                parts.add(Say.it("cut-work.hanger"), z.size, z.hangers, z.size.hangerPrice());
            }
            for (Joints.Joint j : joints.all()) {
                fitting(j);
            }
            stretches.forEach(s -> s.nipple().ifPresent(n -> nipple(s, n)));
            List<HosePiece> hoses = hoses();
            hoses.forEach(this::hose);
            List<Rods.Rod> rods = rods(stretches);
            return new CutWork(stretches, parts.lines(), bar, kilograms, seals, metres, hoses, Map.of(), rods);
        }

        private void nipple(Stretch s, Length n) {
            parts.add(
                    Say.it("cut-work.nipple-x", "size", s.size().size(), "n", LengthFormat.figure(n, UnitSystem.INCH)),
                    1,
                    s.size().couplingPrice());
        }

        private void sundry(Sundry what, int count) {
            PipeSystems.Bought b = systems.sundry(what);
            parts.add(b.name(), count, b.price());
        }

        /** The rods, each with its own length; what is bought is the metres of them all. */
        private List<Rods.Rod> rods(List<Stretch> stretches) {
            if (!main.making().hung().onRods()) {
                return List.of();
            }
            Rods hang = Rods.of(main.making().rod(), walked, fall);
            List<Rods.Rod> all = new ArrayList<>();
            stretches.forEach(s -> all.addAll(hang.along(s)));
            if (!all.isEmpty()) {
                PipeSystems.Bought rod = systems.sundry(Sundry.THREADED_ROD);
                parts.metres(
                        Say.it(
                                "cut-work.for-rods",
                                "rod",
                                rod.name(),
                                "size",
                                all.size(),
                                "span",
                                Rods.span(all, units)),
                        all.stream()
                                        .mapToDouble(r -> r.length().mm()
                                                + main.making().kerf().mm())
                                        .sum()
                                / 1000,
                        rod.price());
                sundry(Sundry.ROD_NUT, 2 * all.size());
            }
            return all;
        }

        /** Hoses of the main, and those from the outlets to their tools. */
        private List<HosePiece> hoses() {
            List<HosePiece> all = new ArrayList<>();
            for (Piece p : main.pieces()) {
                if (p instanceof Piece.Hose h && h.length().mm() > 0) {
                    all.add(new HosePiece(h.name(), h.bore(), h.length()));
                } else if (p instanceof Piece.Drop d) {
                    outlet(d).ifPresent(all::add);
                }
            }
            return all;
        }

        private Optional<HosePiece> outlet(Piece.Drop d) {
            sundry(Sundry.COUPLER, 1);
            if (d.outlet().treatment()) {
                sundry(Sundry.FILTER_REGULATOR, 1);
            }
            if (d.outlet().hose().isEmpty()) {
                return Optional.empty();
            }
            // Plugged into the outlet at one end, a coupler for the tool at the other.
            sundry(Sundry.COUPLER, 1);
            sundry(Sundry.PLUG, 1);
            return d.outlet()
                    .hoseBore()
                    .or(() -> d.outlet().tools().stream()
                            .flatMap(t -> house.tool(t).stream())
                            .map(AirTool::hoseBore)
                            .max(Comparator.naturalOrder()))
                    .map(bore -> new HosePiece(
                            Say.it("cut-work.hose", "name", d.name()),
                            bore,
                            d.outlet().hose().get()));
        }

        private void hose(HosePiece h) {
            Optional<PipeSize> priced = systems.sizes(HOSE).stream()
                    .filter(z -> z.bore().mm() >= h.bore().mm() - 0.5)
                    .findFirst();
            parts.metres(
                    Say.it(
                            "cut-work.air-hose-bore",
                            "bore",
                            LengthFormat.figure(h.bore(), units),
                            "part",
                            priced.isPresent() ? "yes" : "no"),
                    h.length().mm() / 1000,
                    priced.map(PipeSize::metre).orElse(0.0));
            sundry(Sundry.HOSE_CLAMP, HosePiece.CLAMPS);
        }

        /** What sits at a place, in the largest size that meets there. */
        private void fitting(Joints.Joint j) {
            List<PipeSize> sizes = new ArrayList<>(3);
            boolean foot = false;
            PipeSize large = null;
            for (Walked.Run r : j.meeting()) {
                PipeSize z = byName.get(r.name()).size().orElse(null);
                if (z != null) {
                    sizes.add(z);
                    large = large == null || z.outside().compareTo(large.outside()) > 0 ? z : large;
                }
                foot |= r.to().equals(j.spot().name()) && (r.kind() == Walked.Kind.DROP || r.kind() == Walked.Kind.LEG);
            }
            if (large == null) {
                return;
            }
            switch (j.kind()) {
                case ELBOW -> parts.add(Say.it("cut-work.elbow"), large, 1, large.elbowPrice());
                case TEE -> parts.add(Say.it("cut-work.tee"), large, 1, large.teePrice());
                case TWO_TEES -> parts.add(Say.it("cut-work.tee"), large, 2, large.teePrice());
                case THROUGH, END, OPEN, NONE -> {}
            }
            for (PipeSize z : sizes) {
                if (z != large) {
                    parts.reducer(large, z);
                }
            }
            if (foot || j.spot().valve()) {
                parts.add(Say.it("cut-work.ball-valve"), large, 1, large.valvePrice());
            }
            if (j.spot().cap()
                    && j.kind() == Joints.Kind.END
                    && j.meeting().stream().noneMatch(r -> r.kind() == Walked.Kind.LEG)) {
                parts.add(Say.it("cut-work.cap"), large, 1, large.couplingPrice());
            }
            if (j.flexible()
                    || j.spot().name().equals(AirWalk.START)
                    || j.spot().feed().isPresent()) {
                parts.add(Say.it("cut-work.hose-end"), large, 1, large.couplingPrice());
            }
        }

        /** A nipple is bought for a short piece where nipples are stocked and wanted. */
        private Optional<Length> nipple(PipeSize size, Length between) {
            return system.nipples() && main.making().nipples()
                    ? stocked.nearest(size.size(), between)
                    : Optional.empty();
        }
    }
}
