package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.work.GasCase;

/** What a gas line is asked for. */
final class GasNeeds {
    static final Need WALK = new Need("gas-walk", Say.it("gas-needs.walk"), Subject.GAS_LAYOUT, "walk-line");
    static final Need SOURCE = new Need("gas-source", Say.it("gas-needs.source"), Subject.SOURCE);
    static final Need GAS = new Need("gas-gas", Say.it("gas-needs.gas"), Subject.SOURCE);
    static final Need CODE = new Need("gas-code", Say.it("gas-needs.code"), Subject.SOURCE);
    static final Need STANDS = new Need("gas-stands", Say.it("gas-needs.stands"), Subject.SOURCE);
    static final Need CYLINDER = new Need("gas-cylinder", Say.it("gas-needs.cylinder"), Subject.SOURCE);
    static final Need PRESSURE = new Need("gas-feed", Say.it("gas-needs.pressure"), Subject.SOURCE);
    static final Need METER = new Need("gas-capacity", Say.it("gas-needs.meter"), Subject.SOURCE);
    static final Need APPLIANCE =
            new Need("gas-appliance", Say.it("gas-needs.appliance"), Subject.GAS_LAYOUT, "walk-line");
    static final Need SYSTEM = new Need("gas-system", Say.it("gas-needs.system"), Subject.SIZES);
    static final Need SIZE = new Need("gas-size", Say.it("gas-needs.size"), Subject.SIZES);
    static final Need DROP = new Need("gas-drop", Say.it("gas-needs.drop"), Subject.SIZES);
    static final Need JOINT = new Need("gas-joint", Say.it("gas-needs.joint"), Subject.GAS_JOINTS);
    static final Need SEALANT = new Need("gas-sealant", Say.it("gas-needs.sealant"), Subject.GAS_JOINTS);
    static final Need HIDDEN = new Need("gas-hidden", Say.it("gas-needs.hidden"), Subject.GAS_JOINTS);
    static final Need HOT = new Need("gas-hot", Say.it("gas-needs.hot"), Subject.GAS_JOINTS);
    static final Need PULL = new Need("gas-pull", Say.it("gas-needs.pull"), Subject.GAS_JOINTS);
    static final Need PROVED = new Need("gas-proved", Say.it("gas-needs.proved"), Subject.GAS_JOINTS);
    static final Need GUARDED = new Need("gas-guarded", Say.it("gas-needs.guarded"), Subject.GAS_JOINTS);
    static final Need SLEEPING = new Need("gas-sleeping", Say.it("gas-needs.sleeping"), Subject.ROOM);
    static final Need OPENINGS = new Need("gas-openings", Say.it("gas-needs.openings"), Subject.ROOM);
    static final Need DETECTOR = new Need("gas-detector", Say.it("gas-needs.detector"), Subject.ROOM);
    static final Need CO_DETECTOR = new Need("gas-co", Say.it("gas-needs.co-detector"), Subject.ROOM);
    static final Need LICENSED = new Need("gas-licensed", Say.it("gas-needs.licensed"), Subject.SITE);
    static final Need READINGS =
            new Need("gas-readings", Say.it("gas-needs.readings"), Subject.LEAK_TEST, "held-reading");
    static final Need APART = new Need("gas-apart", Say.it("gas-needs.apart"), Subject.LEAK_TEST);

    private GasNeeds() {}

    static Need input(String appliance) {
        return new Need(
                "gas-input-" + appliance,
                Say.it("gas-needs.input", "appliance", appliance),
                Subject.INLETS,
                "gas-input");
    }

    static Need least(String appliance) {
        return new Need(
                "gas-least-" + appliance,
                Say.it("gas-needs.least", "appliance", appliance),
                Subject.INLETS,
                "gas-least");
    }

    static Need vented(String appliance) {
        return new Need(
                "gas-vented-" + appliance,
                Say.it("gas-needs.vented", "appliance", appliance),
                Subject.INLETS,
                "gas-vented");
    }

    /** What lacks before gas is said to flow. */
    static Need[] flowing(GasCase c) {
        List<Need> lacks = new ArrayList<>();
        if (c.walk().walked().runs().isEmpty()) {
            lacks.add(WALK);
        } else if (c.inlets().isEmpty()) {
            lacks.add(APPLIANCE);
        }
        if (c.gas().isEmpty()) {
            lacks.add(GAS);
        }
        if (c.line().source().feed() == GasSource.Feed.UNSAID) {
            lacks.add(SOURCE);
        } else if (c.feed().isEmpty()) {
            lacks.add(PRESSURE);
        }
        if (c.system().isEmpty()) {
            lacks.add(SYSTEM);
        } else if (lacks.isEmpty() && c.runs().stream().noneMatch(r -> r.bore().isPresent())) {
            lacks.add(SIZE);
        }
        if (lacks.isEmpty()) {
            c.inlets().stream().filter(i -> i.input().isEmpty()).findFirst().ifPresent(i -> lacks.add(input(i.name())));
        }
        if (lacks.isEmpty()) {
            lacks.add(SIZE);
        }
        return lacks.toArray(Need[]::new);
    }
}
