package mellowflare.core.parts;

import java.util.Comparator;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;

/** How much room tools and parts need. House figures from the shapes of common tools. */
public final class WrenchRoom {
    /** Width of an open wrench's head over its size, halved: what it needs round the hex. */
    private static final double OPEN_HEAD = 1.1;

    private static final double CROW_FOOT_MM = 7;
    private static final double ROOM_MM = 3;
    private static final double HOLE_ROOM_MM = 2;
    /** Across the corners of a hex over across its flats. */
    private static final double CORNERS = 2 / Math.sqrt(3);

    private WrenchRoom() {}

    /** The largest hex of an end; empty where its wrench sizes are no lengths. */
    public static Optional<Length> largestHex(HoseEndPart part) {
        return part.hexes().stream()
                .flatMap(h -> LengthText.readWithUnit(h).value().stream())
                .max(Comparator.naturalOrder());
    }

    /** Clear radius for an open wrench. */
    public static Length openWrench(Length hex) {
        return hex.times(OPEN_HEAD).plus(Length.ofMm(ROOM_MM));
    }

    /** Clear radius for a crow-foot put on from the end. */
    public static Length crowFoot(Length hex) {
        return hex.times(CORNERS / 2).plus(Length.ofMm(CROW_FOOT_MM));
    }

    /** The hole that something of a diameter passes, with the room round it that pushing through wants. */
    public static Length hole(Length through) {
        return through.plus(Length.ofMm(HOLE_ROOM_MM));
    }

    /** The diameter that an end needs to pass a hole: across the corners of its hex, for an elbow the reach of its outlet as well. */
    public static Optional<Length> passes(HoseEndPart part) {
        return largestHex(part).map(hex -> {
            Length corners = hex.times(CORNERS);
            return part.drop().map(d -> d.plus(corners)).orElse(corners);
        });
    }
}
