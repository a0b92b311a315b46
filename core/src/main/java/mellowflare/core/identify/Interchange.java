package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.ReferenceData;

/**
 * What can be put on an end: its mates, which seal, and their look-alikes, which only go on.
 *
 * @param other the end that goes on it
 * @param goes how far it goes on: never {@link TwinKind.Goes#NOT_ON}
 * @param says what comes of it, a whole sentence
 */
public record Interchange(End other, TwinKind.Goes goes, String says) {
    public boolean seals() {
        return goes == TwinKind.Goes.SEALS;
    }

    /**
     * All that goes on an end, the sealing ones first, then the most treacherous.
     *
     * @param data must hold {@link EndTable#KEY} and {@link TwinTable#KEY}
     * @return empty for an end that takes nothing but a hose
     */
    public static List<Interchange> on(End end, ReferenceData data) {
        List<End> mates = mates(end, data.get(EndTable.KEY));
        List<Interchange> all = new ArrayList<>();
        for (End mate : mates) {
            all.add(new Interchange(
                    mate, TwinKind.Goes.SEALS, "Mates and seals on the " + sealPlaces(end, mate) + "."));
        }
        for (End mate : mates.stream().limit(1).toList()) {
            for (Twin twin : data.get(TwinTable.KEY).of(mate.id())) {
                TwinKind kind = twin.kind();
                if (!mates.contains(twin.other()) && kind.goes() != TwinKind.Goes.NOT_ON) {
                    all.add(new Interchange(twin.other(), kind.goes(), kind.ifForced() + " " + kind.tellBy()));
                }
            }
        }
        return List.copyOf(all);
    }

    /** Its own mate, and ends of other families that are made to go on it. */
    private static List<End> mates(End end, EndTable table) {
        List<End> mates = new ArrayList<>(table.mate(end).stream().toList());
        table.all().stream()
                .filter(e -> table.mate(e).filter(end::equals).isPresent() && !mates.contains(e))
                .forEach(mates::add);
        return mates;
    }

    /** Where one of the two seals on its thread, the pair does. */
    private static String sealPlaces(End end, End mate) {
        End decides = mate.sealsOnThread() ? mate : end;
        return String.join(
                " or ",
                decides.seats().stream()
                        .map(s -> s.sealPlace().words())
                        .distinct()
                        .toList());
    }
}
