package mellowflare.core.parts;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.reference.Source;

/** A 37 degree male with a ring in a boss port brings a machine home; it is named as what it is, no good practice. */
final class GetHome implements Rule<AdapterCase> {
    private static final RuleText TEXT = new RuleText(
            "adapters.get-home",
            Severity.NOTE,
            "To get home only: a {flare} with a wide enough shoulder, plus the ring of the port, seals in a {boss} for a while.",
            "No get-home joint is known for these ends.",
            "the same thread, dash for dash",
            "Not good practice: low pressure, watched, and replaced with the right part the next day.",
            Source.house("get-home interchange of boss and flare"));

    @Override
    public List<Finding> check(AdapterCase c) {
        EndId from = c.ask().from().id();
        EndId flareNut = new EndId(EndCode.JIC37, from.size(), Gender.FEMALE);
        boolean possible = from.code() == EndCode.ORB
                && from.gender() == Gender.FEMALE
                && c.ask().to().id().equals(flareNut);
        return possible
                ? List.of(Finding.fail(
                        TEXT,
                        Subject.LINE,
                        Map.of("flare", Figure.of(flareNut.mate().text()), "boss", Figure.of(from.text()))))
                : List.of();
    }
}
