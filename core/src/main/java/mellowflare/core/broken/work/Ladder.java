package mellowflare.core.broken.work;

import java.util.List;
import java.util.Optional;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.stock.BrokenStock;
import mellowflare.core.broken.stock.PipeSizes;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;

/** Which rungs may be tried, and why not the others. What is not answered is not risked. */
final class Ladder {
    private final BrokenLine line;
    private final BrokenStock stock;
    private final Optional<StuckFluid> fluid;
    private final Optional<StuckMaterial> material;

    Ladder(BrokenLine line, BrokenStock stock) {
        this.line = line;
        this.stock = stock;
        this.fluid = line.fluid().map(stock::fluid);
        this.material = line.material().map(stock::material);
    }

    /** Those that can be tried at all on a part that stands so, the gentlest first. */
    List<Attempt> attempts() {
        return stock.ladder().stream()
                .filter(r -> line.state().filter(r.states()::contains).isPresent())
                .map(r -> switch (r.id()) {
                    case PENETRANT -> penetrant(r);
                    case HEAT -> heat(r);
                    case LEVER -> lever(r);
                    case EXTRACTOR -> extractor(r);
                    case SAW -> saw(r);
                    case TIGHTEN, CUT_BACK -> open(r);
                })
                .toList();
    }

    private static Attempt open(Rung r) {
        return new Attempt(r, Optional.empty(), false);
    }

    private static Attempt ask(Rung r, String why) {
        return new Attempt(r, Optional.of(why), false);
    }

    private static Attempt never(Rung r, String why) {
        return new Attempt(r, Optional.of(why), true);
    }

    private Attempt penetrant(Rung r) {
        if (fluid.isEmpty()) {
            return ask(r, Say.it("ladder.say-the-fluid"));
        }
        return fluid.get().penetrant()
                ? open(r)
                : never(
                        r,
                        Say.it(
                                "ladder.never-penetrant",
                                "fluid",
                                fluid.get().name(),
                                "why",
                                fluid.get().penetrantWhy()));
    }

    private Attempt heat(Rung r) {
        if (fluid.isPresent() && !fluid.get().heat()) {
            return never(
                    r,
                    Say.it(
                            "ladder.never-heat",
                            "fluid",
                            fluid.get().name(),
                            "why",
                            fluid.get().heatWhy()));
        }
        if (line.filled().equals(Optional.of(true))) {
            return never(r, Say.it("ladder.never-heat-filled"));
        }
        if (line.near().equals(Optional.of(true))) {
            return never(r, Say.it("ladder.never-heat-near"));
        }
        if (material.isPresent() && !material.get().heat()) {
            return never(
                    r,
                    Say.it(
                            "ladder.never-heat-material",
                            "material",
                            material.get().name()));
        }
        if (fluid.isEmpty()
                || material.isEmpty()
                || line.filled().isEmpty()
                || line.near().isEmpty()) {
            return ask(r, Say.it("ladder.heat-unanswered"));
        }
        return line.power().orElse(true) ? open(r) : ask(r, Say.it("ladder.no-power"));
    }

    private Attempt lever(Rung r) {
        if (material.isEmpty()) {
            return ask(r, Say.it("ladder.say-the-material"));
        }
        if (!material.get().lever()) {
            return never(r, Say.it("ladder.no-lever", "material", material.get().name()));
        }
        return line.room().orElse(true) ? open(r) : ask(r, Say.it("ladder.no-room"));
    }

    private Attempt extractor(Rung r) {
        if (line.size().isEmpty()) {
            return ask(r, Say.it("ladder.say-the-size"));
        }
        String size = line.size().get();
        if (!PipeSizes.atMost(size, PipeSizes.EXTRACTOR_TO)) {
            return ask(r, Say.it("ladder.too-large", "size", size, "most", PipeSizes.EXTRACTOR_TO));
        }
        if (line.set().isEmpty()) {
            return ask(r, Say.it("ladder.say-the-set"));
        }
        return stock.extractor(line.set().get(), size).isPresent()
                ? open(r)
                : ask(r, Say.it("ladder.not-listed", "set", line.set().get(), "size", size));
    }

    private Attempt saw(Rung r) {
        if (line.size().isEmpty()) {
            return ask(r, Say.it("ladder.say-the-size"));
        }
        return PipeSizes.atMost(PipeSizes.SAW_FROM, line.size().get())
                ? open(r)
                : ask(r, Say.it("ladder.no-blade", "size", line.size().get()));
    }
}
