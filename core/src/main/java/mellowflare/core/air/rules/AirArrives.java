package mellowflare.core.air.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.NetworkFindings;

/** What the network itself says: islands, starved and choked places. */
final class AirArrives implements Rule<AirCase> {

    @Override
    public List<Finding> check(AirCase c) {
        if (c.feeds().isEmpty() || !c.flows()) {
            return List.of(Finding.notChecked(
                    NetworkFindings.ARRIVES,
                    Subject.MAIN,
                    c.feeds().isEmpty()
                            ? AirNeeds.COMPRESSOR
                            : c.walked().runs().isEmpty() ? AirNeeds.WALK : AirNeeds.size(c)));
        }
        // What the walk was told already is not said again.
        return NetworkFindings.of(c.together().flow()).stream()
                .filter(f -> !f.rule().id().equals("air.network-odd"))
                .toList();
    }
}
