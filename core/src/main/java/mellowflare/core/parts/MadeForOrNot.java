package mellowflare.core.parts;

import java.util.List;
import java.util.stream.Stream;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.sealing.GoTogether;

/** The joints of the best chain, or the one joint without an adapter, that seal without being made for each other. */
final class MadeForOrNot implements Rule<AdapterCase> {
    @Override
    public List<Finding> check(AdapterCase c) {
        Stream<AdapterChain.Meeting> met = c.direct()
                ? Stream.of(new AdapterChain.Meeting(c.ask().to(), c.ask().from()))
                : c.chains().stream().limit(1).flatMap(chain -> chain.meetings().stream());
        return met.flatMap(m -> GoTogether.check(m.one(), m.other(), Subject.LINE).stream())
                .toList();
    }
}
