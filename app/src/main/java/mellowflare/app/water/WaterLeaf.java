package mellowflare.app.water;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of a water point, in the order of work. */
enum WaterLeaf {
    PIPE(Say.it("water-leaf.pipe")),
    PARTS(Say.it("water-leaf.parts")),
    SEALS(Say.it("water-leaf.seals")),
    BAG(Say.it("water-leaf.bag")),
    SITE(Say.it("water-leaf.site")),
    PAPERS(Say.it("water-leaf.papers"));

    private final String word;

    WaterLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<WaterLeaf> of(Subject part) {
        return switch (part) {
            case HOUSE_PIPE, EQUIPMENT -> Optional.of(PIPE);
            case WATER_SET -> Optional.of(PARTS);
            case BAG -> Optional.of(BAG);
            case SITE -> Optional.of(SITE);
            default -> Optional.empty();
        };
    }
}
