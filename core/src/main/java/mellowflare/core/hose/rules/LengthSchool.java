package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.School;
import mellowflare.core.advice.SchoolTopic;
import mellowflare.core.advice.Schools;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.reference.Source;

/** Says which school found the length; a copied hose brings its own mistakes along. */
final class LengthSchool implements Rule<HoseCase> {
    private static final String COPIED = "old-hose";
    private static final RuleText TEXT = new RuleText(
            "length.school",
            Severity.NOTE,
            "The length is copied from the old hose, which may have shrunk or never have been right.",
            "The length was found by the school “{school}”.",
            "{reason}",
            "Lay the old hose beside the route on the machine before the cut, and add what it lacks.",
            Source.house("schools of finding a hose length"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.finished().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, "finished length"));
        }
        School school = c.data().get(Schools.KEY).chosen(SchoolTopic.HOSE_LENGTH, c.practice());
        return List.of(Finding.of(
                !school.id().equals(COPIED),
                TEXT,
                Subject.LENGTH,
                Map.of("school", Figure.of(school.name()), "reason", Figure.of(school.reason()))));
    }
}
