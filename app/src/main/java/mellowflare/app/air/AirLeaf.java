package mellowflare.app.air;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of Air, in the order of work. */
enum AirLeaf {
    WALK(Say.it("air-leaf.layout")),
    TOOLS(Say.it("air-leaf.tools")),
    SIZES(Say.it("air-leaf.sizes")),
    DAY(Say.it("air-leaf.day-run")),
    WATER(Say.it("air-leaf.water")),
    CUT(Say.it("air-leaf.cut-list")),
    TEST(Say.it("air-leaf.leak-test")),
    PAPERS(Say.it("air-leaf.print-export"));

    private final String word;

    AirLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<AirLeaf> of(Subject part) {
        return switch (part) {
            case MAIN -> Optional.of(WALK);
            case OUTLET, COMPRESSOR -> Optional.of(TOOLS);
            case SIZES -> Optional.of(SIZES);
            case WATER -> Optional.of(WATER);
            case ROOM -> Optional.of(PAPERS);
            case LEAK_TEST -> Optional.of(TEST);
            default -> Optional.empty();
        };
    }
}
