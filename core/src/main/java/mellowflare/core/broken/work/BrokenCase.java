package mellowflare.core.broken.work;

import java.util.List;
import java.util.Optional;
import mellowflare.core.bag.Unseen;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.stock.BrokenStock;
import mellowflare.core.broken.stock.Extractor;
import mellowflare.core.broken.stock.PipeSizes;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/**
 * A stuck or broken part worked out.
 *
 * @param line as the job keeps it
 * @param attempts every rung for a part that stands so, the gentlest first; empty while that is not said
 * @param extractor the number that the set lists for the size
 * @param setting what else the job says
 */
public record BrokenCase(BrokenLine line, List<Attempt> attempts, Optional<Extractor> extractor, Setting setting) {
    public BrokenCase {
        attempts = List.copyOf(attempts);
    }

    /** Works a part out. */
    public static BrokenCase of(BrokenLine line, Setting setting) {
        BrokenStock stock = setting.data().get(BrokenStock.KEY);
        Optional<Extractor> extractor = line.set()
                .flatMap(s -> line.size()
                        .filter(z -> PipeSizes.atMost(z, PipeSizes.EXTRACTOR_TO))
                        .flatMap(z -> stock.extractor(s, z)));
        return new BrokenCase(line, new Ladder(line, stock).attempts(), extractor, setting);
    }

    /** What nobody knows of it: at which rung it comes out. */
    public Unseen unseen() {
        return LadderBag.of(this);
    }

    public UnitSystem units() {
        return setting.units();
    }

    public ReferenceData data() {
        return setting.data();
    }

    public BrokenStock stock() {
        return data().get(BrokenStock.KEY);
    }

    public Optional<StuckFluid> fluid() {
        return line.fluid().map(stock()::fluid);
    }

    public Optional<StuckMaterial> material() {
        return line.material().map(stock()::material);
    }

    /** The rungs that may be tried. */
    public List<Rung> open() {
        return attempts.stream().filter(Attempt::open).map(Attempt::rung).toList();
    }

    /** Whether a rung may be tried. */
    public boolean open(Rung.Id id) {
        return open().stream().anyMatch(r -> r.id() == id);
    }

    /** The chance that the part is out before the line must be cut back: one less the product of what each rung leaves. */
    public double chance() {
        return 1 - left();
    }

    private double left() {
        return open().stream().mapToDouble(r -> 1 - r.chance()).reduce(1, (a, b) -> a * b);
    }

    /** Minutes that the ladder takes on average, with cutting back where nothing on it helps: each rung's minutes by the chance that it is reached. */
    public double ladderMinutes() {
        double reached = 1;
        double sum = 0;
        for (Rung r : open()) {
            sum += reached * r.minutes();
            reached *= 1 - r.chance();
        }
        return sum + reached * stock().cutBack().minutes();
    }

    /** Minutes of cutting back at once. */
    public double cutBackMinutes() {
        return stock().cutBack().minutes();
    }

    /** What the ladder costs on average; empty while the price of an hour is not said. */
    public Optional<Double> ladderCost() {
        return line.hour().map(h -> {
            double reached = 1;
            double parts = 0;
            for (Rung r : open()) {
                parts += reached * r.price();
                reached *= 1 - r.chance();
            }
            return ladderMinutes() / 60 * h
                    + parts
                    + reached * stock().cutBack().price();
        });
    }

    /** What cutting back at once costs. */
    public Optional<Double> cutBackCost() {
        return line.hour()
                .map(h -> cutBackMinutes() / 60 * h + stock().cutBack().price());
    }
}
