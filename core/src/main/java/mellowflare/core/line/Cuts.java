package mellowflare.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.cutting.OnShelf;
import mellowflare.core.shelf.Used;

/**
 * What a line has cut out of stock of one kind.
 *
 * @param key what the stock is called on the shelf: its part number, else its name
 * @param material what the stock is: cut from it and never from another, for this line and for others
 * @param task its pieces, and the stock as this line knows it
 */
public record Cuts(String key, String material, CutTask task) {
    public Cuts {
        Objects.requireNonNull(key);
        Objects.requireNonNull(material);
        Objects.requireNonNull(task);
    }

    /** What cutting all of it takes: bar by bar what went and what came back, and what no bar was there for. A search. */
    public List<Used> used() {
        CutPlan plan = CutPlan.of(task);
        List<Used> all = new ArrayList<>();
        for (CutBar b : plan.bars()) {
            all.add(new Used(
                    key,
                    material,
                    b.pieces().stream().mapToDouble(p -> p.length().mm()).sum() / 1000,
                    true,
                    OnShelf.gave(b) ? Used.From.SHELF : Used.From.JOB,
                    Optional.of(b.stock().length()),
                    Optional.of(b.remnant()).filter(r -> r.mm() > 0 && r.compareTo(plan.keep()) >= 0)));
        }
        double open = plan.unplaced().stream()
                        .mapToDouble(p -> p.length().mm() * p.count())
                        .sum()
                / 1000;
        if (open > 0) {
            all.add(new Used(key, material, open, true, Used.From.SHELF, Optional.empty(), Optional.empty()));
        }
        return all;
    }
}
