package mellowflare.core.water.rules;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What a water point is asked for. */
final class WaterNeeds {
    static final Need MAIN = new Need("water-main", Say.it("water-needs.main"), Subject.SITE);
    static final Need BRANCH = new Need("water-branch", Say.it("water-needs.branch"), Subject.SITE);
    static final Need LICENSED = new Need("water-licensed", Say.it("water-needs.licensed"), Subject.SITE);
    static final Need APPROVED = new Need("water-approved", Say.it("water-needs.approved"), Subject.SITE);
    static final Need MATERIAL = new Need("water-material", Say.it("water-needs.material"), Subject.HOUSE_PIPE);
    static final Need OUTSIDE = new Need("water-outside", Say.it("water-needs.outside"), Subject.HOUSE_PIPE);
    static final Need EQUIPMENT = new Need("water-equipment", Say.it("water-needs.equipment"), Subject.EQUIPMENT);
    static final Need DEPTH = new Need("water-depth", Say.it("water-needs.depth"), Subject.HOUSE_PIPE);
    static final Need AGE = new Need("water-age", Say.it("water-needs.age"), Subject.BAG);

    private WaterNeeds() {}
}
