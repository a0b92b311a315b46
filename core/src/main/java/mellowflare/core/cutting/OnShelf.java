package mellowflare.core.cutting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.core.measure.Length;

/** What lies on the shop's shelf, as stock to cut from: at hand, and free. */
public final class OnShelf {
    /** What a saw or a cutter takes, hose and tube alike (mm, house figure). */
    private static final Length KERF = Length.ofMm(2);
    /** A remnant from this length on goes back (house figure). */
    private static final Length KEPT = Length.ofMm(300);

    private OnShelf() {}

    /** These lengths. */
    public static List<CutTask.Stock> of(List<Length> pieces) {
        Map<Length, Long> alike =
                pieces.stream().collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        return pieces.stream()
                .distinct()
                .map(p -> stock(p, alike.get(p).intValue()))
                .toList();
    }

    private static CutTask.Stock stock(Length length, int count) {
        return new CutTask.Stock(Say.it("on-shelf.shelf"), length, 0, Optional.of(count));
    }

    /** One piece out of these lengths; where there are none it has no stock to come from. */
    public static CutTask one(String name, Length piece, List<Length> there) {
        return new CutTask(
                List.of(new CutTask.Piece(name, piece, 1)),
                there.isEmpty() ? List.of(stock(piece, 0)) : of(there),
                KERF,
                false,
                KEPT);
    }

    /** Whether a bar lay on the shelf. */
    public static boolean gave(CutBar bar) {
        return bar.stock().free() && bar.stock().name().equals(Say.it("on-shelf.shelf"));
    }
}
