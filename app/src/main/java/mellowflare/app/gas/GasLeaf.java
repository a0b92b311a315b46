package mellowflare.app.gas;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of a gas line, in the order of work. */
enum GasLeaf {
    SOURCE(Say.it("gas-leaf.source")),
    LAYOUT(Say.it("gas-leaf.layout")),
    APPLIANCES(Say.it("gas-leaf.appliances")),
    SIZES(Say.it("gas-leaf.sizes")),
    JOINTS(Say.it("gas-leaf.joints")),
    TEST(Say.it("gas-leaf.test")),
    PAPERS(Say.it("gas-leaf.papers"));

    private final String word;

    GasLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<GasLeaf> of(Subject part) {
        return switch (part) {
            case SOURCE -> Optional.of(SOURCE);
            case GAS_LAYOUT -> Optional.of(LAYOUT);
            case INLETS -> Optional.of(APPLIANCES);
            case SIZES -> Optional.of(SIZES);
            case GAS_JOINTS, ROOM, SITE -> Optional.of(JOINTS);
            case LEAK_TEST -> Optional.of(TEST);
            default -> Optional.empty();
        };
    }
}
