package mellowflare.core.gas.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.line.Line;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.parts.Here;
import mellowflare.core.run.walk.Station;

/**
 * What a job keeps of a gas line.
 *
 * @param station where the walk begins
 * @param pieces from the source to the burners, as called out
 * @param shares of gases by volume, by id; one for a gas of the table, none while it is not said
 * @param heating gross heating value by the supplier; empty for the table's
 * @param pressure id of the pressure that appliances are made for
 * @param code id of the code
 * @param source what feeds it
 * @param system id of the kind of pipe
 * @param size usual size
 * @param drop allowed from the regulator or meter to every inlet; empty for the code's
 * @param site what was asked about the place
 * @param test the pressure hold
 * @param here what is at hand
 */
@RecordBuilder
public record GasLine(
        Station station,
        List<Piece> pieces,
        Map<String, Double> shares,
        Optional<HeatingValue> heating,
        Optional<String> pressure,
        Optional<String> code,
        GasSource source,
        Optional<String> system,
        Optional<String> size,
        Optional<PressureDifference> drop,
        GasSite site,
        GasTest test,
        Here here)
        implements Line, GasLineBuilder.With {
    public static final GasLine NEW = new GasLine(
            Station.CORNER,
            List.of(),
            Map.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            GasSource.UNSAID,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            GasSite.UNSAID,
            GasTest.NOT_YET,
            Here.UNSAID);

    public GasLine {
        pieces = List.copyOf(pieces);
        shares = Collections.unmodifiableMap(new TreeMap<>(shares));
        if (shares.values().stream().anyMatch(s -> !(s > 0 && s <= 1))) {
            throw new IllegalArgumentException("The share of a gas lies above 0, and up to 1");
        }
        if (drop.filter(d -> !(d.bar() > 0)).isPresent()) {
            throw new IllegalArgumentException("An allowed drop is above zero");
        }
    }

    /** Of another kind of pipe; sizes are chosen anew, as names of sizes differ between kinds. */
    public GasLine ofSystem(Optional<String> s) {
        return s.equals(system)
                ? this
                : with().pieces(pieces.stream().map(GasLine::withoutSize).toList())
                        .system(s)
                        .size(Optional.empty())
                        .build();
    }

    private static Piece withoutSize(Piece p) {
        if (p instanceof Piece.Pipe x) {
            return x.withSize(Optional.empty());
        }
        return p instanceof Piece.Close x ? new Piece.Close(x.name(), x.to(), Optional.empty()) : p;
    }

    /** With one piece more at a place of the walk. */
    public GasLine insert(int at, Piece piece) {
        List<Piece> more = new ArrayList<>(pieces);
        more.add(Math.max(0, Math.min(at, more.size())), piece);
        return withPieces(more);
    }

    /** With a piece replaced; where its name changes, those that speak of it follow. */
    public GasLine replace(int at, Piece piece) {
        String was = pieces.get(at).name();
        List<Piece> all = new ArrayList<>(pieces);
        all.set(at, piece);
        if (!was.equals(piece.name())) {
            all.replaceAll(p -> speaksOf(p, was, piece.name()));
        }
        return withPieces(all);
    }

    private static Piece speaksOf(Piece p, String was, String now) {
        if (p instanceof Piece.From f && f.to().equals(was)) {
            return new Piece.From(f.name(), now);
        }
        if (p instanceof Piece.Close c && c.to().equals(was)) {
            return new Piece.Close(c.name(), now, c.size());
        }
        return p;
    }

    /** Without a piece. */
    public GasLine remove(int at) {
        List<Piece> less = new ArrayList<>(pieces);
        less.remove(at);
        return withPieces(less);
    }

    /** With a piece moved along the walk. */
    public GasLine move(int from, int to) {
        List<Piece> all = new ArrayList<>(pieces);
        Piece p = all.remove(from);
        all.add(Math.max(0, Math.min(to, all.size())), p);
        return withPieces(all);
    }

    /** The first of the numbers 1, 2, 3 that no piece is called by yet. */
    public String freeName() {
        int n = 1;
        while (taken(Integer.toString(n))) {
            n++;
        }
        return Integer.toString(n);
    }

    /** Whether a piece is called so. */
    public boolean taken(String name) {
        return pieces.stream().anyMatch(p -> p.name().equals(name));
    }

    /** With the usual size, and with a size of its own for every stretch named; stretches of the usual size lose theirs, and what stands in another size is new. */
    public GasLine sized(Optional<String> usual, Map<String, String> own) {
        return with().size(usual)
                .pieces(pieces.stream().map(p -> sized(p, own, usual)).toList())
                .build();
    }

    private static Piece sized(Piece p, Map<String, String> own, Optional<String> usual) {
        String size = own.get(p.name());
        Optional<String> kept = Optional.ofNullable(size).filter(s -> !usual.equals(Optional.of(s)));
        if (size == null) {
            return p;
        }
        if (p instanceof Piece.Pipe x) {
            boolean same = x.size().or(() -> usual).filter(size::equals).isPresent();
            return same ? x.withSize(kept) : x.withSize(kept).renewed();
        }
        return p instanceof Piece.Close x ? new Piece.Close(x.name(), x.to(), kept) : p;
    }
}
