package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.core.tube.stock.TubeSizes;

/** The tube that was chosen: one of the table, or one measured with a caliper. */
public sealed interface TubePick {
    /**
     * One of the table.
     *
     * @param id of its size
     */
    record Listed(String id) implements TubePick {}

    /**
     * One measured.
     *
     * @param outside outside diameter, above zero
     * @param wall above zero, less than half of it
     * @param material id of its material
     */
    record Own(Length outside, Length wall, String material) implements TubePick {
        public Own {
            if (outside.mm() <= 0 || wall.mm() <= 0 || wall.mm() * 2 >= outside.mm()) {
                throw new IllegalArgumentException("A wall is above zero and less than half the outside diameter, not "
                        + wall.mm() + " of " + outside.mm() + " mm");
            }
        }
    }

    /** The tube; empty when the tables do not hold it. */
    default Optional<Tube> tube(ReferenceData data) {
        if (this instanceof Listed l) {
            return data.get(TubeSizes.KEY).find(l.id).map(TubeSize::tube);
        }
        Own own = (Own) this;
        return data.get(TubeMaterials.KEY)
                .find(own.material)
                .map(m -> new Tube(
                        Say.it("tube-pick.own", "brief", m.brief()),
                        own.outside,
                        own.wall,
                        m,
                        Source.of("measured on the tube")));
    }
}
