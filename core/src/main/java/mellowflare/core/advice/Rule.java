package mellowflare.core.advice;

import java.util.Comparator;
import java.util.List;

/**
 * One check, stated once.
 *
 * @param <C> what it looks at
 */
public interface Rule<C> {

    /** Looks at the case; never silent: pass, fail or not checked for each subject it speaks of. */
    List<Finding> check(C context);

    /** All findings of the rules, worst first, in rule order within a rank. */
    static <C> List<Finding> checkAll(List<? extends Rule<C>> rules, C context) {
        return rules.stream()
                .flatMap(r -> r.check(context).stream())
                .sorted(Comparator.comparingInt(Finding::rank))
                .toList();
    }
}
