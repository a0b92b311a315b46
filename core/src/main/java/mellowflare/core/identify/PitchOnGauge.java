package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.text.Lists;
import mellowflare.core.thread.Pitch;

/** A pitch that no gauge has a leaf for cannot have been laid. A count may come to anything. */
final class PitchOnGauge implements Rule<IdentifyCase> {
    private static final RuleText TEXT = new RuleText(
            "end.pitch-on-gauge",
            Severity.WARN,
            "No thread gauge has a leaf of {seen}.",
            "Thread gauges have this pitch.",
            "{seen} against the leaves {next}",
            "Try {next} again, or count threads over a length, such as “10 over 14.1 mm”.",
            Source.of("usual sets of pitch gauges"));

    @Override
    public List<Finding> check(IdentifyCase c) {
        Observation seen = c.answer().observation();
        if (seen.pitch().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.END, LookNeeds.PITCH));
        }
        Pitch pitch = seen.pitch().get();
        String next = c.leaves().nextTo(pitch).stream().map(Pitch::text).collect(Lists.joinedByAnd());
        return List.of(Finding.of(
                seen.counted().isPresent() || c.leaves().has(pitch),
                TEXT,
                Subject.END,
                Map.of("seen", Figure.of(pitch.text()), "next", Figure.of(next))));
    }
}
