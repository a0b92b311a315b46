package mellowflare.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Used;

/**
 * What has been done on a line, in order.
 *
 * @param entries ticks, oldest first, one for a step at most
 * @param readBack the last reading back of the cut figure
 */
public record MakeLog(List<StepEntry> entries, Optional<ReadBack> readBack) {
    public static final MakeLog EMPTY = new MakeLog(List.of(), Optional.empty());

    public MakeLog {
        entries = List.copyOf(entries);
        if (entries.stream().map(StepEntry::stepId).distinct().count() != entries.size()) {
            throw new IllegalArgumentException("A step stands twice in the log");
        }
    }

    public Optional<StepEntry> entry(String stepId) {
        return entries.stream().filter(e -> e.stepId().equals(stepId)).findFirst();
    }

    public boolean empty() {
        return entries.isEmpty() && readBack.isEmpty();
    }

    public MakeLog with(StepEntry entry) {
        List<StepEntry> more = new ArrayList<>(entries);
        more.add(entry);
        return new MakeLog(more, readBack);
    }

    /** With what the last tick took. */
    public MakeLog lastUsed(List<Used> used) {
        List<StepEntry> more = new ArrayList<>(entries);
        more.set(more.size() - 1, more.get(more.size() - 1).using(used));
        return new MakeLog(more, readBack);
    }

    /** What all ticks took, in order. */
    public List<Used> used() {
        return entries.stream().flatMap(e -> e.used().stream()).toList();
    }

    /** What the ticks took of the shelf, as moves of a job. */
    public List<Move> moves(String job) {
        return entries.stream()
                .flatMap(e -> e.used().stream().map(u -> new Move(job, e.stepId(), e.at(), e.by(), u)))
                .toList();
    }

    /** Whether one of its ticks took that. */
    public boolean took(Move move) {
        return entries.stream()
                .anyMatch(e -> e.at().equals(move.at()) && e.used().contains(move.used()));
    }

    public MakeLog withReadBack(ReadBack back) {
        return new MakeLog(entries, Optional.of(back));
    }

    /** The log without its last tick. */
    public MakeLog withoutLast() {
        return entries.isEmpty() ? this : new MakeLog(entries.subList(0, entries.size() - 1), readBack);
    }
}
