package mellowflare.core.hose.order;

import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.parts.WrenchRoom;

/** Whether the hose must go through its panel before the second end goes on. */
final class PanelOrder {
    private PanelOrder() {}

    static boolean hoseFirst(HoseCase c) {
        return c.here()
                .panel()
                .filter(p -> c.sides().stream()
                        .flatMap(s -> s.part().flatMap(WrenchRoom::passes).stream())
                        .noneMatch(n -> WrenchRoom.hole(n).compareTo(p.hole()) <= 0))
                .isPresent();
    }
}
