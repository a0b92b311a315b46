package mellowflare.app.air;

import java.util.Optional;
import mellowflare.core.advice.Subject;

/** The leaves of Air, in the order of work. */
enum AirLeaf {
    WALK("Layout"),
    TOOLS("Tools"),
    SIZES("Sizes"),
    DAY("Day run"),
    WATER("Water"),
    CUT("Cut list"),
    TEST("Leak test"),
    PAPERS("Print & export");

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
