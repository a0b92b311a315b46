package mellowflare.core.water.choose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * The nipple through the wall: make-up in the fitting + its face to the finished wall + plate + gap + make-up in the valve.
 *
 * @param exact length that leaves just the gap wanted
 * @param neighbours stocked lengths next to it, shorter and longer, with the gap that each leaves; below zero it does not reach
 * @param stock the neighbour to take: of those that leave a gap the one nearest to the wanted; empty where none leaves one
 */
public record NippleFit(Length exact, List<Neighbour> neighbours, Optional<Neighbour> stock) {
    /** More than this and the plate stands off or the valve leans (house figure). */
    public static final Length WIDEST_GAP = Length.ofMm(10);

    private static final int EACH_WAY = 2;

    public NippleFit {
        neighbours = List.copyOf(neighbours);
    }

    /**
     * A stocked nipple.
     *
     * @param length end to end
     * @param gap that it leaves between plate and valve (mm); below zero it is too short by that much
     */
    public record Neighbour(Length length, double gap) {}

    /**
     * @param makeUp of the thread, at either end
     * @param depth from the face of the fitting to the finished wall
     * @param stocked lengths that are stocked, shortest first
     */
    public static NippleFit of(Length makeUp, Length depth, Length plate, Length gap, List<Length> stocked) {
        double bare = 2 * makeUp.mm() + depth.mm() + plate.mm();
        double exact = bare + gap.mm();
        List<Neighbour> all =
                stocked.stream().map(l -> new Neighbour(l, l.mm() - bare)).toList();
        int at = 0;
        while (at < all.size() && all.get(at).length.mm() < exact) {
            at++;
        }
        List<Neighbour> near = all.subList(Math.max(0, at - EACH_WAY), Math.min(all.size(), at + EACH_WAY));
        Optional<Neighbour> stock = near.stream()
                .filter(n -> n.gap >= 0)
                .min((a, b) -> Double.compare(Math.abs(a.gap - gap.mm()), Math.abs(b.gap - gap.mm())));
        return new NippleFit(Length.ofMm(exact), near, stock);
    }
}
