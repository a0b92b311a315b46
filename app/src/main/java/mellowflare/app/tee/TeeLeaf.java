package mellowflare.app.tee;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of a tee-in, in the order of work. */
enum TeeLeaf {
    MEASURE(Say.it("tee-leaf.measure")),
    SITE(Say.it("tee-leaf.site")),
    PAPERS(Say.it("tee-leaf.papers"));

    private final String word;

    TeeLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<TeeLeaf> of(Subject part) {
        return switch (part) {
            case TEE -> Optional.of(MEASURE);
            case SITE -> Optional.of(SITE);
            default -> Optional.empty();
        };
    }
}
