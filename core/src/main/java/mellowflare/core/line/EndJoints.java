package mellowflare.core.line;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.testing.TestJoint;

/** The joints at one end of a line between two ports, from the port on. */
public final class EndJoints {
    private EndJoints() {}

    /**
     * The joints at an end.
     *
     * @param adapters how many adapters are between the port and the line
     * @param socketed whether the line is fixed in an end of its own, which can leak too
     */
    public static List<TestJoint> of(LineEnd end, int adapters, boolean socketed) {
        List<TestJoint> joints = new ArrayList<>();
        for (int i = 1; i <= adapters; i++) {
            joints.add(new TestJoint("adapter" + i + "@" + end, Say.it("end-joints.adapter", "end", end, "number", i)));
        }
        joints.add(new TestJoint("joint@" + end, Say.it("end-joints.joint", "end", end)));
        if (socketed) {
            joints.add(new TestJoint("socket@" + end, Say.it("end-joints.socket", "end", end)));
        }
        return joints;
    }
}
