package mellowflare.core.water.choose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.EquipmentThread;
import mellowflare.core.water.stock.HousePipe;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.LinkKind;
import mellowflare.core.water.stock.WaterStock;

/** Every way to join the pipe with every link to the equipment, with what speaks for and against it; the best first. */
public final class Chooser {
    /** A braided connector hangs in a bow: so much longer than the way (house figure). */
    private static final double BOW = 1.06;

    /** What a minute of work counts beside the price of parts (house figure, in the catalogue's money). */
    private static final double A_MINUTE = 0.8;

    private static final double AGAINST = 12;
    private static final double FOR = 4;

    private final WaterLine line;
    private final WaterStock stock;
    private final UnitSystem units;
    private final Optional<EquipmentThread> thread;
    private final Optional<HousePipe> pipe;

    private Chooser(WaterLine line, WaterStock stock, UnitSystem units) {
        this.line = line;
        this.stock = stock;
        this.units = units;
        this.thread = line.equipment().flatMap(stock::thread);
        this.pipe = line.material().flatMap(m -> line.outside().flatMap(o -> stock.pipe(m, o)));
    }

    /**
     * @return none while the material of the pipe or the thread of the equipment is not known
     */
    public static List<WaterSet> sets(WaterLine line, WaterStock stock, UnitSystem units) {
        Chooser c = new Chooser(line, stock, units);
        if (line.material().isEmpty() || c.thread.isEmpty()) {
            return List.of();
        }
        List<WaterSet> all = new ArrayList<>();
        for (JoinMethod m : stock.methods()) {
            if (m.materials().contains(line.material().get())) {
                for (LinkKind l : stock.links()) {
                    all.add(c.set(m, l));
                }
            }
        }
        all.sort(Comparator.comparing(WaterSet::possible)
                .reversed()
                .thenComparingDouble(Chooser::cost)
                .thenComparing(WaterSet::id));
        return List.copyOf(all);
    }

    private static double cost(WaterSet s) {
        return s.price()
                + A_MINUTE * s.minutes()
                + AGAINST * s.bads().size()
                - FOR * s.goods().size();
    }

    private WaterSet set(JoinMethod m, LinkKind l) {
        List<String> goods = new ArrayList<>();
        List<String> bads = new ArrayList<>();
        List<String> blocked = new ArrayList<>();
        Optional<Length> connector = l.flexible() ? connector() : Optional.empty();
        Optional<Length> mostOffset = mostOffset(l, connector);
        method(m, goods, bads, blocked);
        link(l, connector, mostOffset, goods, bads, blocked);
        Set<String> tools = new LinkedHashSet<>(m.tools());
        if (l.id() == LinkKind.Id.TUBE) {
            tools.add(Say.it("chooser.tube-bender"));
        }
        return new WaterSet(
                word(m.id()) + "-" + word(l.id()),
                m,
                l,
                connector,
                mostOffset,
                parts(m, l, connector),
                joints(m, l),
                List.copyOf(tools),
                m.price() + l.price(),
                m.minutes() + l.minutes(),
                goods,
                bads,
                blocked);
    }

    private static String word(Enum<?> id) {
        return id.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The shortest stocked connector that hangs in an easy bow. */
    private Optional<Length> connector() {
        if (line.distance().isEmpty()) {
            return Optional.empty();
        }
        double way = Math.hypot(
                line.distance().get().mm(), line.offset().map(Length::mm).orElse(0.0));
        return stock.connectors().stream().filter(c -> c.mm() >= way * BOW).findFirst();
    }

    private Optional<Length> mostOffset(LinkKind l, Optional<Length> connector) {
        if (!l.flexible()) {
            return l.offset();
        }
        return connector.flatMap(c -> line.distance()
                .map(d -> Length.ofMm(Math.floor(Math.sqrt(
                        Math.max(0, Math.pow(c.mm() / BOW, 2) - Math.pow(d.mm(), 2)))))));
    }

    private String figure(Length l) {
        return Figure.of(l).text(units);
    }

    private void method(JoinMethod m, List<String> goods, List<String> bads, List<String> blocked) {
        if (!line.allowed().isEmpty() && !line.allowed().contains(m.id())) {
            blocked.add(Say.it("chooser.not-allowed", "method", m.name()));
        }
        line.straight()
                .filter(s -> s.compareTo(m.straight()) < 0)
                .ifPresent(s -> blocked.add(Say.it(
                        "chooser.too-little-tube",
                        "method",
                        m.name(),
                        "have",
                        figure(s),
                        "need",
                        figure(m.straight()))));
        if (line.outside().isPresent() && pipe.isEmpty()) {
            blocked.add(
                    Say.it("chooser.no-size", "outside", figure(line.outside().get())));
        }
        if (m.flame()) {
            if (line.flameAllowed().filter(f -> !f).isPresent()) {
                blocked.add(Say.it("chooser.no-flame"));
            } else {
                bads.add(Say.it("chooser.flame"));
            }
        }
        if (m.dry()) {
            bads.add(Say.it("chooser.dry"));
        } else {
            goods.add(Say.it("chooser.wet"));
        }
        line.warmest()
                .filter(t -> t.compareTo(m.warmest()) > 0)
                .ifPresent(t -> blocked.add(Say.it(
                        "chooser.too-warm",
                        "method",
                        m.name(),
                        "most",
                        Figure.of(m.warmest()).text(units),
                        "water",
                        Figure.of(t).text(units))));
        line.pressure()
                .filter(p -> p.compareTo(m.most()) > 0)
                .ifPresent(p -> blocked.add(Say.it(
                        "chooser.too-weak",
                        "method",
                        m.name(),
                        "most",
                        Figure.of(m.most()).text(units),
                        "water",
                        Figure.of(p).text(units))));
        if (m.apart()) {
            goods.add(Say.it("chooser.apart"));
        } else {
            bads.add(Say.it("chooser.never-apart"));
        }
    }

    private void link(
            LinkKind l,
            Optional<Length> connector,
            Optional<Length> mostOffset,
            List<String> goods,
            List<String> bads,
            List<String> blocked) {
        Length offset = line.offset().orElse(Length.ofMm(0));
        if (l.flexible()) {
            if (line.flexibleAllowed().filter(f -> !f).isPresent()) {
                blocked.add(Say.it("chooser.no-flexible"));
            }
            if (line.distance().isPresent() && connector.isEmpty()) {
                blocked.add(Say.it("chooser.too-far"));
            }
            goods.add(Say.it("chooser.forgives"));
        } else if (mostOffset.filter(b -> offset.compareTo(b) > 0).isPresent()) {
            blocked.add(Say.it(
                    "chooser.misaligned",
                    "link",
                    l.name(),
                    "offset",
                    figure(offset),
                    "most",
                    figure(mostOffset.get())));
        } else if (line.offset().isEmpty()) {
            bads.add(Say.it("chooser.must-line-up"));
        }
        if (!l.flexible() && !l.swivel()) {
            bads.add(Say.it("chooser.no-swivel"));
        }
        line.warmest()
                .filter(t -> t.compareTo(l.warmest()) > 0)
                .ifPresent(t -> blocked.add(Say.it(
                        "chooser.too-warm",
                        "method",
                        l.name(),
                        "most",
                        Figure.of(l.warmest()).text(units),
                        "water",
                        Figure.of(t).text(units))));
        line.pressure()
                .filter(p -> p.compareTo(l.most()) > 0)
                .ifPresent(p -> blocked.add(Say.it(
                        "chooser.too-weak",
                        "method",
                        l.name(),
                        "most",
                        Figure.of(l.most()).text(units),
                        "water",
                        Figure.of(p).text(units))));
    }

    private List<String> parts(JoinMethod m, LinkKind l, Optional<Length> connector) {
        List<String> parts = new ArrayList<>();
        parts.add(pipe.map(HousePipe::name).orElse(line.material().orElseThrow().word()));
        if (line.hidden()) {
            parts.add(Say.it("chooser.plate"));
        }
        parts.add(Say.it("chooser.valve", "method", m.name()));
        parts.add(connector
                .map(c -> Say.it(
                        "chooser.connector",
                        "link",
                        l.name(),
                        "length",
                        Figure.of(c).text(UnitSystem.INCH)))
                .orElse(l.name()));
        parts.add(thread.orElseThrow().name());
        return parts;
    }

    private List<WaterSet.SetJoint> joints(JoinMethod m, LinkKind l) {
        EquipmentThread t = thread.orElseThrow();
        List<WaterSet.SetJoint> joints = new ArrayList<>();
        if (m.id() == JoinMethod.Id.THREAD) {
            joints.add(new WaterSet.SetJoint(
                    line.hidden() ? Say.it("chooser.in-the-wall") : Say.it("chooser.at-fitting"),
                    m.seal(),
                    EquipmentThread.Seal.THREAD.put(),
                    m.turns()));
        }
        joints.add(new WaterSet.SetJoint(
                m.id() == JoinMethod.Id.THREAD ? Say.it("chooser.nipple-in-valve") : Say.it("chooser.at-pipe"),
                m.seal(),
                m.id() == JoinMethod.Id.THREAD ? EquipmentThread.Seal.THREAD.put() : Say.it("chooser.no-tape-there"),
                m.turns()));
        EquipmentThread.Seal outlet = l.flexible() ? EquipmentThread.Seal.FLAT : EquipmentThread.Seal.SLEEVE;
        joints.add(new WaterSet.SetJoint(Say.it("chooser.at-valve"), outlet.word(), outlet.put(), outlet.turns()));
        if (l.id() == LinkKind.Id.UNION || l.id() == LinkKind.Id.GLUED) {
            joints.add(new WaterSet.SetJoint(
                    Say.it("chooser.at-union"),
                    EquipmentThread.Seal.FLAT.word(),
                    EquipmentThread.Seal.FLAT.put(),
                    EquipmentThread.Seal.FLAT.turns()));
        }
        boolean plastic = line.plastic().orElse(t.plastic());
        joints.add(new WaterSet.SetJoint(
                t.name(),
                t.seal().word(),
                t.seal().put(),
                plastic || t.byHand() ? Say.it("chooser.by-hand") : t.seal().turns()));
        return joints;
    }
}
