package mellowflare.app.hose;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of Line, in the order of work. */
enum HoseLeaf {
    ENDS(Say.it("hose-leaf.ends")),
    WAY(Say.it("hose-leaf.route")),
    LENGTH(Say.it("hose-leaf.length")),
    HERE(Say.it("hose-leaf.on-site")),
    PARTS(Say.it("hose-leaf.parts"));

    private final String word;

    HoseLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<HoseLeaf> of(Subject part) {
        return switch (part) {
            case JOINT_A, JOINT_B, HOSE_END_A, HOSE_END_B -> Optional.of(ENDS);
            case ROUTE -> Optional.of(WAY);
            case LENGTH -> Optional.of(LENGTH);
            case SITE -> Optional.of(HERE);
            default -> Optional.empty();
        };
    }
}
