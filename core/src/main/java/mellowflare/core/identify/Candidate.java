package mellowflare.core.identify;

import java.util.List;
import mellowflare.core.connection.End;
import mellowflare.core.lookalike.LookAlike;

/**
 * One possible answer.
 *
 * @param end the end
 * @param probability posterior, 0 to 1
 * @param evidence what each clue says of it
 * @param lookAlikes its look-alikes
 */
public record Candidate(End end, double probability, List<Evidence> evidence, List<LookAlike> lookAlikes) {
    public Candidate {
        evidence = List.copyOf(evidence);
        lookAlikes = List.copyOf(lookAlikes);
    }

    public List<Evidence> speaking(Evidence.Verdict verdict) {
        return evidence.stream().filter(e -> e.verdict() == verdict).toList();
    }
}
