package mellowflare.core.parts;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;

/**
 * What is at hand and how much room there is. What has not been said stays empty.
 *
 * @param missing ids of tools that are not there
 * @param present ids of tools that are there though they are not usual
 * @param noWrench wrench sizes that are missing, as text of the trade
 * @param roomA clear radius round the hex at end A
 * @param roomB clear radius round the hex at end B
 * @param roomCut clear room beside the hose where it is cut in place, for a repair
 * @param panel the panel that the hose must pass
 */
public record Here(
        Set<String> missing,
        Set<String> present,
        Set<String> noWrench,
        Optional<Length> roomA,
        Optional<Length> roomB,
        Optional<Length> roomCut,
        Optional<Panel> panel) {
    public static final Here UNSAID = new Here(
            Set.of(), Set.of(), Set.of(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Here {
        missing = Set.copyOf(missing);
        present = Set.copyOf(present);
        if (missing.stream().anyMatch(present::contains)) {
            throw new IllegalArgumentException("A tool is there or it is not");
        }
        noWrench = Set.copyOf(noWrench);
    }

    /**
     * A panel or bulkhead with a round hole.
     *
     * @param hole diameter, above zero
     * @param guarded whether its edge carries a grommet or sleeve
     */
    public record Panel(Length hole, boolean guarded) {
        public Panel {
            if (hole.mm() <= 0) {
                throw new IllegalArgumentException("A hole has a diameter above zero");
            }
        }
    }

    public Optional<Length> room(LineEnd which) {
        return which == LineEnd.A ? roomA : roomB;
    }

    public Here withMissing(Set<String> ids) {
        return new Here(ids, without(present, ids), noWrench, roomA, roomB, roomCut, panel);
    }

    public Here withPresent(Set<String> ids) {
        return new Here(without(missing, ids), ids, noWrench, roomA, roomB, roomCut, panel);
    }

    private static Set<String> without(Set<String> all, Set<String> taken) {
        return all.stream().filter(x -> !taken.contains(x)).collect(Collectors.toSet());
    }

    public Here withNoWrench(Set<String> sizes) {
        return new Here(missing, present, sizes, roomA, roomB, roomCut, panel);
    }

    public Here withRoom(LineEnd which, Optional<Length> room) {
        return which == LineEnd.A
                ? new Here(missing, present, noWrench, room, roomB, roomCut, panel)
                : new Here(missing, present, noWrench, roomA, room, roomCut, panel);
    }

    public Here withRoomCut(Optional<Length> room) {
        return new Here(missing, present, noWrench, roomA, roomB, room, panel);
    }

    public Here withPanel(Optional<Panel> p) {
        return new Here(missing, present, noWrench, roomA, roomB, roomCut, p);
    }

    /** A tool's word turned on: there, missing, and for tools that are not usual then unsaid again. */
    public Here pressed(Tool tool) {
        Set<String> gone = new HashSet<>(missing);
        Set<String> there = new HashSet<>(present);
        Optional<Boolean> has = has(tool);
        gone.remove(tool.id());
        there.remove(tool.id());
        if (has.isEmpty()) {
            there.add(tool.id());
        } else if (has.get()) {
            gone.add(tool.id());
        }
        return withMissing(gone).withPresent(there);
    }

    /** Whether a tool is there; empty while nothing was said of one that is not usual. */
    public Optional<Boolean> has(Tool tool) {
        if (missing.contains(tool.id())) {
            return Optional.of(false);
        }
        return tool.usual() || present.contains(tool.id()) ? Optional.of(true) : Optional.empty();
    }
}
