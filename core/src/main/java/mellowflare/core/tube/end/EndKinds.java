package mellowflare.core.tube.end;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.EndCode;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.stock.TubeMaterial;

/** All kinds of tube end, what they suit, and how deep a socket is: {@code kinds.csv}, {@code uses.csv}, {@code tubes.csv}, {@code swages.csv}. */
public final class EndKinds {
    public static final ReferenceKey<EndKinds> KEY = new ReferenceKey<>("kinds of tube end", EndKinds.class);

    /**
     * A brazed socket.
     *
     * @param upTo largest outside diameter the row is for
     * @param depth least depth
     * @param gapLow least gap round the tube, on the diameter
     * @param gapHigh largest gap
     * @param source who says so
     */
    public record Socket(Length upTo, Length depth, Length gapLow, Length gapHigh, Source source) {}

    private record NutRow(
            TubeEndKind kind,
            double perOd,
            double plus,
            double sleeve,
            double hexPerOd,
            double hexPlus,
            Source source) {}

    private final Map<TubeEndKind, EndTraits> kinds;
    private final List<Use> uses;
    private final List<Use> tubes;
    private final List<Socket> sockets;
    private final List<NutRow> nuts;

    private EndKinds(
            Map<TubeEndKind, EndTraits> kinds,
            List<Use> uses,
            List<Use> tubes,
            List<Socket> sockets,
            List<NutRow> nuts) {
        this.kinds = kinds;
        this.uses = uses;
        this.tubes = tubes;
        this.sockets = sockets;
        this.nuts = nuts;
    }

    public static EndKinds load() {
        Map<TubeEndKind, EndTraits> kinds = new EnumMap<>(TubeEndKind.class);
        CsvTable.beside(EndKinds.class, "kinds.csv")
                .map(EndKinds::traits, EndTraits::kind)
                .forEach(t -> kinds.put(t.kind(), t));
        return new EndKinds(
                kinds,
                uses("uses.csv", "kind"),
                uses("tubes.csv", "material"),
                CsvTable.beside(EndKinds.class, "swages.csv")
                        .map(
                                r -> new Socket(
                                        r.length("od_up_to_mm"),
                                        r.length("depth_mm"),
                                        r.length("gap_low_mm"),
                                        r.length("gap_high_mm"),
                                        r.source()),
                                Socket::upTo),
                CsvTable.beside(EndKinds.class, "nuts.csv")
                        .map(
                                r -> new NutRow(
                                        r.word("kind", TubeEndKind.class),
                                        r.number("length_per_od"),
                                        r.number("length_plus_mm"),
                                        r.number("sleeve_mm"),
                                        r.number("hex_per_od"),
                                        r.number("hex_plus_mm"),
                                        r.source()),
                                NutRow::kind));
    }

    private static EndTraits traits(Row r) {
        return new EndTraits(
                r.word("id", TubeEndKind.class),
                r.said("name"),
                r.said("brief"),
                Angle.ofDegrees(r.number("half_deg")),
                (int) r.number("layers"),
                r.word("made", EndTraits.Made.class),
                r.word("nut", EndTraits.Nut.class),
                r.yes("sleeve"),
                codes(r, "codes"),
                codes(r, "never"),
                r.said("seals_at"),
                r.source());
    }

    private static List<EndCode> codes(Row r, String column) {
        return r.list(column).stream()
                .map(c -> {
                    try {
                        return EndCode.valueOf(c);
                    } catch (IllegalArgumentException e) {
                        throw r.broken(column, Say.it("end-kinds.no-such-family", "c", c), e);
                    }
                })
                .toList();
    }

    private static List<Use> uses(String file, String column) {
        return CsvTable.beside(EndKinds.class, file)
                .map(
                        r -> new Use(
                                r.need(column),
                                r.word("group", FluidGroup.class),
                                r.maybe("fluid"),
                                r.word("verdict", Verdict.class),
                                r.said("because"),
                                r.source()),
                        u -> u.what() + " " + u.group() + u.fluid());
    }

    public EndTraits of(TubeEndKind kind) {
        EndTraits t = kinds.get(kind);
        if (t == null) {
            throw new IllegalStateException("kinds.csv does not hold " + kind);
        }
        return t;
    }

    public List<EndTraits> all() {
        return List.copyOf(kinds.values());
    }

    /** How well a kind of end suits what runs in the line; empty where the table says nothing. */
    public Optional<Use> use(TubeEndKind kind, FluidGroup group) {
        return find(uses, kind.code(), group);
    }

    /** How well a material suits what runs in the line; empty where the table says nothing. */
    public Optional<Use> use(TubeMaterial material, Fluid fluid) {
        return tubes.stream()
                .filter(u -> u.what().equals(material.id())
                        && u.fluid().filter(fluid.id()::equals).isPresent())
                .findFirst()
                .or(() -> find(tubes, material.id(), fluid.group()));
    }

    private static Optional<Use> find(List<Use> all, String what, FluidGroup group) {
        return all.stream()
                .filter(u ->
                        u.what().equals(what) && u.group() == group && u.fluid().isEmpty())
                .findFirst();
    }

    /** Kinds made for a family of ends, the best suited to the fluid first; those that must never carry it last. */
    public List<EndTraits> madeFor(EndCode code, Optional<FluidGroup> group) {
        return kinds.values().stream()
                .filter(t -> t.codes().contains(code))
                .sorted(Comparator.comparingInt(t -> group.flatMap(g -> use(t.kind(), g))
                        .map(u -> u.verdict().ordinal())
                        .orElse(Verdict.ALLOWED.ordinal())))
                .toList();
    }

    /** The nut of a kind of end on a tube; empty where it has none. */
    public Optional<NutSize> nut(TubeEndKind kind, Length outside) {
        return nuts.stream().filter(n -> n.kind == kind).findFirst().map(n -> {
            double d = outside.mm();
            return new NutSize(
                    Length.ofMm(n.perOd * d + n.plus),
                    Length.ofMm(n.sleeve),
                    Length.ofMm(n.hexPerOd * d + n.hexPlus),
                    n.source);
        });
    }

    /** The socket for a tube; empty above the table. */
    public Optional<Socket> socket(Length outside) {
        return sockets.stream().filter(s -> outside.compareTo(s.upTo()) <= 0).findFirst();
    }
}
