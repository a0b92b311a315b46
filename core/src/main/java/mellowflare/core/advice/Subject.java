package mellowflare.core.advice;

/** The part of a line that a finding is about; views use it to lead there. */
public enum Subject {
    END(Say.it("subject.end")),
    END_A(Say.it("subject.end-a")),
    END_B(Say.it("subject.end-b")),
    JOINT_A(Say.it("subject.joint-a")),
    JOINT_B(Say.it("subject.joint-b")),
    HOSE_END_A(Say.it("subject.hose-end-a")),
    HOSE_END_B(Say.it("subject.hose-end-b")),
    HOSE(Say.it("subject.hose")),
    TUBE(Say.it("subject.tube")),
    SHAPE(Say.it("subject.shape")),
    BENDS(Say.it("subject.bends")),
    TUBE_END_A(Say.it("subject.tube-end-a")),
    TUBE_END_B(Say.it("subject.tube-end-b")),
    COMPRESSOR(Say.it("subject.compressor")),
    MAIN(Say.it("subject.main")),
    OUTLET(Say.it("subject.outlet")),
    WATER(Say.it("subject.water")),
    LENGTH(Say.it("subject.length")),
    ROUTE(Say.it("subject.route")),
    SERVICE(Say.it("subject.fluid-pressure")),
    SITE(Say.it("subject.on-site")),
    SIZES(Say.it("subject.sizes")),
    ROOM(Say.it("subject.room")),
    LEAK_TEST(Say.it("subject.leak-test")),
    TESTS(Say.it("subject.tests")),
    PIPE(Say.it("subject.pipe")),
    OFFSET(Say.it("subject.offset")),
    FACES(Say.it("subject.faces")),
    RUN(Say.it("subject.run")),
    ASSEMBLY(Say.it("subject.assembly")),
    PIECES(Say.it("subject.pieces")),
    SOURCE(Say.it("subject.source")),
    GAS_LAYOUT(Say.it("subject.gas-layout")),
    INLETS(Say.it("subject.inlets")),
    GAS_JOINTS(Say.it("subject.gas-joints")),
    HOUSE_PIPE(Say.it("subject.house-pipe")),
    EQUIPMENT(Say.it("subject.equipment")),
    WATER_SET(Say.it("subject.water-set")),
    BAG(Say.it("subject.bag")),
    TEE(Say.it("subject.tee")),
    STUCK(Say.it("subject.stuck")),
    LINE(Say.it("subject.line")),
    MAKE(Say.it("subject.make"));

    private final String word;

    Subject(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
