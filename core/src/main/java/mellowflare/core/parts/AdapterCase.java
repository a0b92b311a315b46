package mellowflare.core.parts;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.reference.ReferenceData;

/**
 * What was asked, with the chains that were found.
 *
 * @param ask what was asked
 * @param direct whether the ends go together by themselves
 * @param chains best first
 * @param data the tables
 */
public record AdapterCase(AdapterAsk ask, boolean direct, List<AdapterChain> chains, ReferenceData data) {
    private static final List<Rule<AdapterCase>> RULES =
            List.of(new ChainFound(), new MadeForOrNot(), new ForcedTogether(), new TwoTapers(), new GetHome());

    public AdapterCase {
        chains = List.copyOf(chains);
    }

    /**
     * @param data must hold ends, look-alikes and adapters
     */
    public static AdapterCase of(AdapterAsk ask, ReferenceData data) {
        AdapterFinder finder = new AdapterFinder(data);
        boolean direct = finder.direct(ask);
        return new AdapterCase(ask, direct, direct ? List.of() : finder.find(ask), data);
    }

    /** The get-home interchange between two ends, named as what it is; empty where none is known. */
    public static Optional<Finding> getHome(AdapterAsk ask, ReferenceData data) {
        return new GetHome()
                .check(new AdapterCase(ask, false, List.of(), data)).stream().findFirst();
    }

    /** All findings, worst first. */
    public List<Finding> findings() {
        return Rule.checkAll(RULES, this);
    }
}
