package mellowflare.core.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.parts.OwnParts;
import mellowflare.core.parts.Suppliers;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.tee.TeeInKind;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.upkeep.OwnUpkeep;
import mellowflare.core.water.WaterPointKind;

/** The kinds of line that the program knows: one line each. */
public final class Kinds {
    /** In the order in which they are offered; the first is what a new job is. */
    public static final List<Kind<?, ?>> ALL = List.of(
            HoseLineKind.HOSE,
            TubeLineKind.TUBE,
            PipeLineKind.PIPE,
            GasLineKind.GAS,
            WaterPointKind.WATER,
            TeeInKind.TEE,
            BrokenPartKind.BROKEN,
            AirMainKind.AIR);

    private Kinds() {}

    /** Every list that a shop may lay its own rows over: the catalogue, the rules of upkeep, then those of each kind. */
    public static List<OwnLists<?>> ownLists() {
        return Stream.concat(
                        Stream.of(OwnParts.LISTS, OwnUpkeep.LISTS, new Suppliers.Lists()),
                        ALL.stream().flatMap(k -> k.ownLists().stream()))
                .toList();
    }

    /** What a job is made of while nobody has said. */
    public static Kind<?, ?> usual() {
        return ALL.get(0);
    }

    /** The kind of that name; empty where there is none. */
    public static Optional<Kind<?, ?>> find(KindId id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }
}
