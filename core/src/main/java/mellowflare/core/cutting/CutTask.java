package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * Pieces to be cut from bars.
 *
 * @param pieces what is wanted
 * @param stock bars to cut from; those with a count are used as far as they go
 * @param kerf width of the cut, zero to {@link #WIDEST_KERF}
 * @param trim whether a cut is made at the end of every bar first, to have it clean and square; costs one kerf more
 * @param keep remnants from this length on are worth keeping
 */
public record CutTask(List<Piece> pieces, List<Stock> stock, Length kerf, boolean trim, Length keep) {
    /** So many pieces are packed at most. */
    public static final int MOST_PIECES = 20_000;

    /** No blade is wider (house limit): more is a slip of the unit. */
    public static final Length WIDEST_KERF = Length.ofMm(20);

    public CutTask {
        pieces = List.copyOf(pieces);
        stock = together(stock);
        if (kerf.mm() < 0 || keep.mm() < 0) {
            throw new IllegalArgumentException("A kerf and a remnant are not below zero");
        }
        if (kerf.compareTo(WIDEST_KERF) > 0) {
            throw new IllegalArgumentException("A kerf is no wider than 20 mm");
        }
        if (stock.isEmpty()) {
            throw new IllegalArgumentException("Give at least one bar to cut from");
        }
        if (pieces.stream().mapToLong(Piece::count).sum() > MOST_PIECES) {
            throw new IllegalArgumentException("No more than " + MOST_PIECES + " pieces are packed at once");
        }
    }

    /** Bars that are given twice under one name, length and price are more of the same. */
    private static List<Stock> together(List<Stock> stock) {
        Map<List<Object>, Stock> all = new LinkedHashMap<>();
        for (Stock s : stock) {
            all.merge(
                    List.of(s.name, s.length, s.price, s.count.isPresent()),
                    s,
                    (a, b) -> new Stock(a.name, a.length, a.price, a.count.map(n -> n + b.count.orElse(0))));
        }
        return List.copyOf(all.values());
    }

    /**
     * Alike pieces.
     *
     * @param name as marked on them
     * @param length of each, above zero
     * @param count one or more
     */
    public record Piece(String name, Length length, int count) {
        public Piece {
            if (length.mm() <= 0 || count < 1) {
                throw new IllegalArgumentException("A piece has a length above zero and a count of one or more");
            }
        }
    }

    /**
     * Alike bars.
     *
     * @param name as it is called
     * @param length of each, above zero
     * @param price of each, zero or more; old stock costs nothing
     * @param count how many there are; empty for as many as are bought
     */
    public record Stock(String name, Length length, double price, Optional<Integer> count) {
        public Stock {
            if (length.mm() <= 0 || !(price >= 0) || count.filter(c -> c < 0).isPresent()) {
                throw new IllegalArgumentException("A bar has a length above zero; price and count are not below zero");
            }
        }

        /** Whether it is at hand and costs nothing. */
        public boolean free() {
            return price == 0 && count.isPresent();
        }
    }

    /** The longest piece that a bar gives. */
    Length usable(Stock bar) {
        return trim ? bar.length().minus(kerf) : bar.length();
    }

    /** Every single piece, longest first. */
    List<Piece> single() {
        List<Piece> all = new ArrayList<>();
        for (Piece p : pieces) {
            for (int i = 0; i < p.count; i++) {
                all.add(new Piece(p.name, p.length, 1));
            }
        }
        all.sort((a, b) -> b.length().compareTo(a.length()));
        return all;
    }
}
