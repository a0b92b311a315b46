package mellowflare.core.machine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.InService;
import mellowflare.core.upkeep.Due;

/**
 * What is due of one line.
 *
 * @param of the line
 * @param due what, and when
 */
public record DueLine(Evaluation of, Due due) {
    /** What is due of lines, the earliest first. */
    public static List<DueLine> of(List<Evaluation> lines) {
        List<DueLine> all = new ArrayList<>();
        for (Evaluation e : lines) {
            InService.due(e).forEach(d -> all.add(new DueLine(e, d)));
        }
        all.sort(Comparator.comparing((DueLine d) -> d.due().on())
                .thenComparing(d -> d.of().job().title())
                .thenComparing(d -> d.due().rule().id()));
        return all;
    }
}
