package mellowflare.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Who held a job, and what goes along with it.
 *
 * @param handed from hand to hand, oldest first
 * @param attached files, oldest first, each once
 */
public record Handing(List<Handed> handed, List<Attachment> attached) {
    public static final Handing NONE = new Handing(List.of(), List.of());

    public Handing {
        handed = List.copyOf(handed);
        attached = List.copyOf(attached);
        if (attached.stream().map(Attachment::file).distinct().count() != attached.size()) {
            throw new IllegalArgumentException("A file is attached twice");
        }
    }

    /** Who holds the job; empty while it was never handed to anybody. */
    public Optional<String> holder() {
        return last().map(Handed::to);
    }

    public Optional<Handed> last() {
        return handed.isEmpty() ? Optional.empty() : Optional.of(handed.get(handed.size() - 1));
    }

    public Handing with(Handed one) {
        return new Handing(more(handed, one), attached);
    }

    public Handing with(Attachment one) {
        return new Handing(handed, more(attached, one));
    }

    private static <T> List<T> more(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    /** With one attached file changed. */
    public Handing change(String file, UnaryOperator<Attachment> change) {
        return new Handing(
                handed,
                attached.stream()
                        .map(a -> a.file().equals(file) ? change.apply(a) : a)
                        .toList());
    }

    /** Without one of the files; it stays beside the book. */
    public Handing without(String file) {
        return new Handing(
                handed, attached.stream().filter(a -> !a.file().equals(file)).toList());
    }
}
