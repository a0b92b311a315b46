package mellowflare.core.cutting;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.PriorityQueue;
import java.util.Set;

/** Every choice of bars to pay for, the cheapest first, of equal price the one with the fewest. */
final class Choices implements Iterator<Choice> {
    private final Kinds kinds;
    private final PriorityQueue<Choice> queue =
            new PriorityQueue<>(Comparator.comparingDouble(Choice::price).thenComparingInt(Choice::count));
    private final Set<List<Integer>> seen = new HashSet<>();

    Choices(Kinds kinds) {
        this.kinds = kinds;
        put(new Choice(new int[kinds.all().size()], 0, 0));
    }

    private void put(Choice c) {
        if (seen.add(Arrays.stream(c.bars()).boxed().toList())) {
            queue.add(c);
        }
    }

    @Override
    public boolean hasNext() {
        return !queue.isEmpty();
    }

    @Override
    public Choice next() {
        Choice c = queue.poll();
        if (c == null) {
            throw new NoSuchElementException();
        }
        for (int k = 0; k < kinds.all().size(); k++) {
            Kinds.Kind kind = kinds.all().get(k);
            if (!kind.free() && c.bars()[k] < kind.most()) {
                int[] more = c.bars().clone();
                more[k]++;
                put(new Choice(more, c.price() + kind.price(), c.count() + 1));
            }
        }
        return c;
    }
}
