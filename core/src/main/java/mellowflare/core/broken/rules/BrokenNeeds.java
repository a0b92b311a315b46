package mellowflare.core.broken.rules;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What a stuck or broken part is asked for. */
final class BrokenNeeds {
    static final Need STATE = new Need("broken-state", Say.it("broken-needs.state"), Subject.STUCK);
    static final Need SIZE = new Need("broken-size", Say.it("broken-needs.size"), Subject.STUCK);
    static final Need MATERIAL = new Need("broken-material", Say.it("broken-needs.material"), Subject.STUCK);
    static final Need FLUID = new Need("broken-fluid", Say.it("broken-needs.fluid"), Subject.STUCK);
    static final Need ISOLATED = new Need("broken-isolated", Say.it("broken-needs.isolated"), Subject.SITE);
    static final Need BRANCH = new Need("broken-branch", Say.it("broken-needs.branch"), Subject.SITE);
    static final Need LICENSED = new Need("broken-licensed", Say.it("broken-needs.licensed"), Subject.SITE);

    private BrokenNeeds() {}
}
