package mellowflare.core.identify;

import java.util.List;
import mellowflare.core.connection.End;
import mellowflare.core.lookalike.Twin;

/**
 * One possible answer.
 *
 * @param end the end
 * @param probability posterior, 0 to 1
 * @param evidence what each clue says of it
 * @param twins its look-alikes
 */
public record Candidate(End end, double probability, List<Evidence> evidence, List<Twin> twins) {
    public Candidate {
        evidence = List.copyOf(evidence);
        twins = List.copyOf(twins);
    }

    public List<Evidence> speaking(Evidence.Verdict verdict) {
        return evidence.stream().filter(e -> e.verdict() == verdict).toList();
    }
}
