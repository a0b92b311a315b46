package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.ReferenceData;

/**
 * What can be put on an end: its mate, which seals, and the mate's look-alikes, which only screw in.
 *
 * @param other the end that goes on it
 * @param seals whether the pair seals
 * @param says what comes of it, a whole sentence
 */
public record Interchange(End other, boolean seals, String says) {

    /**
     * All that goes on an end, the sealing one first, then the most treacherous.
     *
     * @param data must hold {@link EndTable#KEY} and {@link TwinTable#KEY}
     */
    public static List<Interchange> on(End end, ReferenceData data) {
        List<Interchange> all = new ArrayList<>();
        End mate = data.get(EndTable.KEY)
                .find(end.id().mate())
                .orElseThrow(() -> new IllegalStateException("An end without a mate: " + end.id()));
        all.add(new Interchange(mate, true, "Mates and seals on the " + sealPlaces(end) + "."));
        for (Twin twin : data.get(TwinTable.KEY).of(mate.id())) {
            TwinKind kind = twin.kind();
            all.add(new Interchange(twin.other(), kind == TwinKind.SAME_JOINT, kind.ifForced() + " " + kind.tellBy()));
        }
        return List.copyOf(all);
    }

    private static String sealPlaces(End end) {
        return String.join(
                " or ",
                end.seats().stream().map(s -> s.sealPlace().words()).distinct().toList());
    }
}
