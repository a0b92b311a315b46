package mellowflare.core.tee.rules;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What a tee-in is asked for. */
final class TeeNeeds {
    static final Need FLUID = new Need("tee-fluid", Say.it("tee-needs.fluid"), Subject.TEE);
    static final Need METHOD = new Need("tee-method", Say.it("tee-needs.method"), Subject.TEE);
    static final Need ACROSS = new Need("tee-across", Say.it("tee-needs.across"), Subject.TEE);
    static final Need UNION = new Need("tee-union", Say.it("tee-needs.union"), Subject.TEE);
    static final Need ROOM = new Need("tee-room", Say.it("tee-needs.room"), Subject.SITE);
    static final Need ISOLATED = new Need("tee-isolated", Say.it("tee-needs.isolated"), Subject.SITE);
    static final Need PLUG = new Need("tee-plug", Say.it("tee-needs.plug"), Subject.SITE);

    static final Need LICENSED = new Need("tee-licensed", Say.it("tee-needs.licensed"), Subject.SITE);

    private TeeNeeds() {}
}
