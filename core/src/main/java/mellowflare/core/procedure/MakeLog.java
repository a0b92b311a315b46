package mellowflare.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

    public MakeLog withReadBack(ReadBack back) {
        return new MakeLog(entries, Optional.of(back));
    }

    /** The log without its last tick. */
    public MakeLog withoutLast() {
        return entries.isEmpty() ? this : new MakeLog(entries.subList(0, entries.size() - 1), readBack);
    }
}
