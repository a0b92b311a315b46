package mellowflare.app.tube;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of a tube line, in the order of work. */
enum TubeLeaf {
    WAY(Say.it("tube-leaf.shape")),
    ENDS(Say.it("tube-leaf.ends")),
    FLARE(Say.it("tube-leaf.flare-bench")),
    BENDS(Say.it("tube-leaf.bends")),
    FIT(Say.it("tube-leaf.fit")),
    HERE(Say.it("tube-leaf.on-site")),
    PAPERS(Say.it("tube-leaf.print-export"));

    private final String word;

    TubeLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<TubeLeaf> of(Subject part) {
        return switch (part) {
            case SHAPE, LENGTH -> Optional.of(WAY);
            case JOINT_A, JOINT_B, TUBE_END_A, TUBE_END_B -> Optional.of(ENDS);
            case BENDS -> Optional.of(BENDS);
            case SITE -> Optional.of(HERE);
            default -> Optional.empty();
        };
    }
}
