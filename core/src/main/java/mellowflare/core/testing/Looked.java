package mellowflare.core.testing;

import java.util.List;
import mellowflare.core.flow.hold.HoldTest;

/**
 * What was seen at the joints.
 *
 * @param wanted joints that have to be looked at
 * @param dry of them
 * @param leaking of them
 */
record Looked(List<TestJoint> wanted, List<TestJoint> dry, List<TestJoint> leaking) {

    /** A line without a list of joints is looked at as a whole. */
    static Looked of(TestAsk ask, TestRecord record, List<TestJoint> joints) {
        List<TestJoint> wanted = Tested.joints(ask, joints);
        return new Looked(wanted, seen(record, wanted, Seen.DRY), seen(record, wanted, Seen.LEAKS));
    }

    private static List<TestJoint> seen(TestRecord record, List<TestJoint> wanted, Seen what) {
        return wanted.stream().filter(j -> record.looks().get(j.id()) == what).toList();
    }

    boolean all() {
        return dry.size() == wanted.size();
    }

    HoldTest.Verdict verdict() {
        if (!leaking.isEmpty()) {
            return HoldTest.Verdict.LEAKS;
        }
        return all() ? HoldTest.Verdict.TIGHT : HoldTest.Verdict.NOT_SETTLED;
    }
}
