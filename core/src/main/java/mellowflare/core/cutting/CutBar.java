package mellowflare.core.cutting;

import java.util.List;
import mellowflare.core.measure.Length;

/**
 * One bar and what is cut from it, longest first.
 *
 * @param stock the bar
 * @param pieces single pieces
 * @param remnant what is left of it after the last cut, zero or more
 * @param cuts how many cuts it takes
 */
public record CutBar(CutTask.Stock stock, List<CutTask.Piece> pieces, Length remnant, int cuts) {
    public CutBar {
        pieces = List.copyOf(pieces);
    }

    /** Cuts pieces from a bar: pieces and kerfs between them, and one kerf more for the last where something is left. */
    static CutBar of(CutTask task, CutTask.Stock stock, List<CutTask.Piece> pieces) {
        double used = pieces.stream().mapToDouble(p -> p.length().mm()).sum()
                + (pieces.size() - 1 + (task.trim() ? 1 : 0)) * task.kerf().mm();
        double left = stock.length().mm() - used;
        boolean last = left > 1e-9;
        return new CutBar(
                stock,
                pieces,
                Length.ofMm(Math.max(0, last ? left - task.kerf().mm() : 0)),
                pieces.size() - 1 + (task.trim() ? 1 : 0) + (last ? 1 : 0));
    }
}
