package mellowflare.core.thread;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The leaves that pitch gauges have. */
public final class PitchLeaves {
    public static final ReferenceKey<PitchLeaves> KEY = new ReferenceKey<>("pitch leaves", PitchLeaves.class);
    private final List<Pitch> leaves;

    private PitchLeaves(List<Pitch> leaves) {
        this.leaves = List.copyOf(leaves);
    }

    public static PitchLeaves load() {
        List<Pitch> leaves = new ArrayList<>();
        for (CsvTable.Row row : CsvTable.beside(PitchLeaves.class, "leaves.csv").rows()) {
            boolean inch = row.need("system").equals("inch");
            for (String marking : row.list("markings")) {
                leaves.add(new Pitch(Double.parseDouble(marking), inch));
            }
        }
        return new PitchLeaves(leaves);
    }

    public List<Pitch> all() {
        return leaves;
    }

    /** Whether some gauge has this leaf. */
    public boolean has(Pitch pitch) {
        return leaves.contains(pitch);
    }

    /** The leaves next to a pitch in its own system, nearest first, at most two. */
    public List<Pitch> nextTo(Pitch pitch) {
        return leaves.stream()
                .filter(l -> l.perInch() == pitch.perInch())
                .sorted(Comparator.comparingDouble(l -> Math.abs(l.marking() - pitch.marking())))
                .limit(2)
                .toList();
    }
}
