package mellowflare.app.broken;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of a stuck or broken part, in the order of work. */
enum BrokenLeaf {
    PART(Say.it("broken-leaf.part")),
    SITE(Say.it("broken-leaf.site")),
    LADDER(Say.it("broken-leaf.ladder")),
    PAPERS(Say.it("broken-leaf.papers"));

    private final String word;

    BrokenLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<BrokenLeaf> of(Subject part) {
        return switch (part) {
            case STUCK -> Optional.of(PART);
            case SITE -> Optional.of(SITE);
            default -> Optional.empty();
        };
    }
}
