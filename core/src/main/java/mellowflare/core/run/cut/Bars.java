package mellowflare.core.run.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.cutting.OnShelf;
import mellowflare.core.measure.Length;
import mellowflare.core.run.stock.PipeSize;

/** Lays the pieces of all stretches out over bars. */
public final class Bars {
    private static final Length REMNANT_KEPT = Length.ofMm(500);

    private Bars() {}

    /**
     * Pieces of bar that lie here already.
     *
     * @param size of the pipe
     * @param length of one
     * @param count how many
     */
    public record AtHand(String size, Length length, int count) {}

    /**
     * What there is to cut from.
     *
     * @param bar what is bought, and how it is cut
     * @param atHand what lies with the job
     * @param onShelf lengths on the shop's shelf by size
     */
    public record Rack(Stretches.Bar bar, List<AtHand> atHand, Map<String, List<Length>> onShelf) {
        public Rack {
            atHand = List.copyOf(atHand);
            onShelf = Map.copyOf(onShelf);
        }
    }

    /** By size: what is at hand first, then bought bars. Stretches that cannot be made, or come ready, are left out. */
    public static Map<String, CutTask> tasks(List<Stretch> stretches, Rack rack) {
        Stretches.Bar bar = rack.bar();
        Map<PipeSize, List<CutTask.Piece>> pieces = new LinkedHashMap<>();
        for (Stretch s : stretches) {
            for (int i = 0; i < s.pieces().size(); i++) {
                if (s.possible() && s.nipple().isEmpty() && s.pieces().get(i).mm() > 0) {
                    String name = s.pieces().size() == 1 ? s.name() : s.name() + "/" + (i + 1);
                    pieces.computeIfAbsent(s.size(), k -> new ArrayList<>())
                            .add(new CutTask.Piece(name, s.pieces().get(i), 1));
                }
            }
        }
        Map<String, CutTask> tasks = new LinkedHashMap<>();
        pieces.forEach((size, list) -> {
            List<CutTask.Stock> stock = new ArrayList<>();
            for (AtHand o : rack.atHand()) {
                if (o.size().equals(size.size())) {
                    stock.add(new CutTask.Stock(Say.it("bars.at-hand"), o.length(), 0, Optional.of(o.count())));
                }
            }
            stock.addAll(OnShelf.of(rack.onShelf().getOrDefault(size.size(), List.of())));
            double price = size.metre() * bar.length().mm() / 1000;
            stock.add(new CutTask.Stock("bought", bar.length(), price, Optional.empty()));
            tasks.put(size.size(), new CutTask(list, stock, bar.kerf(), bar.trim(), REMNANT_KEPT));
        });
        return tasks;
    }
}
