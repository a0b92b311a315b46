package mellowflare.core.air.main;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.line.Line;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Station;

/**
 * What a job keeps of a workshop main.
 *
 * @param shop the room and its air
 * @param plant the compressor
 * @param station where its outlet stands
 * @param pieces the walk along the main
 * @param system id of what it is made of
 * @param size of the main; empty while not chosen
 * @param dropSize of the drops; empty for the main's
 * @param fall of the level runs: so many mm on a metre, 0 to 50
 * @param use how the air is used
 * @param making how it is cut and hung
 * @param held the hold test of the finished main
 */
@RecordBuilder
public record AirMain(
        Shop shop,
        Plant plant,
        Station station,
        List<Piece> pieces,
        Optional<String> system,
        Optional<String> size,
        Optional<String> dropSize,
        double fall,
        Use use,
        Making making,
        Held held)
        implements Line, AirMainBuilder.With {
    /** One in a hundred. */
    public static final double USUAL_FALL = 10;

    public static final int MOST_PIECES = 5000;

    public static final AirMain NEW = new AirMain(
            Shop.USUAL,
            Plant.UNSAID,
            Station.CORNER,
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            USUAL_FALL,
            Use.USUAL,
            Making.USUAL,
            Held.NOT_YET);

    public AirMain {
        pieces = List.copyOf(pieces);
        if (pieces.size() > MOST_PIECES) {
            throw new IllegalArgumentException("A main has up to " + MOST_PIECES + " pieces");
        }
        if (!(fall >= 0 && fall <= 50)) {
            throw new IllegalArgumentException("A fall lies between 0 and 50 mm on a metre, not " + fall);
        }
    }

    /** Of another system; sizes are chosen anew, as names of sizes differ between systems. */
    @Override
    public AirMain withSystem(Optional<String> s) {
        return s.equals(system)
                ? this
                : with().pieces(pieces.stream().map(AirMain::withoutSize).toList())
                        .system(s)
                        .size(Optional.empty())
                        .dropSize(Optional.empty())
                        .build();
    }

    private static Piece withoutSize(Piece p) {
        if (p instanceof Piece.Pipe x) {
            return new Piece.Pipe(x.name(), x.turn(), x.length(), Optional.empty());
        }
        if (p instanceof Piece.Drop x) {
            return new Piece.Drop(x.name(), x.down(), Optional.empty(), x.off(), x.leg(), x.outlet());
        }
        if (p instanceof Piece.Close x) {
            return new Piece.Close(x.name(), x.to(), Optional.empty());
        }
        return p;
    }

    /** With one piece more at a place of the walk. */
    public AirMain insert(int at, Piece piece) {
        List<Piece> more = new ArrayList<>(pieces);
        more.add(Math.max(0, Math.min(at, more.size())), piece);
        return withPieces(more);
    }

    /** With a piece replaced; where its name changes, those that speak of it follow. */
    public AirMain replace(int at, Piece piece) {
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
    public AirMain remove(int at) {
        List<Piece> less = new ArrayList<>(pieces);
        less.remove(at);
        return withPieces(less);
    }

    /** With a piece moved along the walk. */
    public AirMain move(int from, int to) {
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

    /** Total of the lengths of the walk's pipes. */
    public Length walkedLength() {
        double sum = 0;
        for (Piece p : pieces) {
            sum += p instanceof Piece.Pipe x
                    ? x.length().mm()
                    : p instanceof Piece.Drop d ? d.down().mm() : 0;
        }
        return Length.ofMm(sum);
    }
}
