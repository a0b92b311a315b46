package mellowflare.app.pipe;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The tabs of a line of rigid pipe, in the order of work. */
enum PipeLeaf {
    OFFSET(Say.it("pipe-leaf.offset")),
    LEGS(Say.it("pipe-leaf.legs")),
    RUN(Say.it("pipe-leaf.run")),
    ASSEMBLY(Say.it("pipe-leaf.assembly")),
    PIECES(Say.it("pipe-leaf.pieces")),
    PARTS(Say.it("pipe-leaf.parts")),
    HERE(Say.it("pipe-leaf.on-site")),
    PAPERS(Say.it("pipe-leaf.print-export"));

    private final String word;

    PipeLeaf(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    /** Where a part of the line is worked on; empty where every tab shows it. */
    static Optional<PipeLeaf> of(Subject part) {
        return switch (part) {
            case OFFSET -> Optional.of(OFFSET);
            case FACES -> Optional.of(LEGS);
            case RUN -> Optional.of(RUN);
            case ASSEMBLY -> Optional.of(ASSEMBLY);
            case PIECES -> Optional.of(PIECES);
            case SITE -> Optional.of(HERE);
            default -> Optional.empty();
        };
    }
}
