package mellowflare.core.connection;

import mellowflare.core.advice.Subject;

/** The two ends of a line: A is the near one, from which it is looked along. */
public enum LineEnd {
    A(Subject.END_A, Subject.JOINT_A, Subject.HOSE_END_A, Subject.TUBE_END_A),
    B(Subject.END_B, Subject.JOINT_B, Subject.HOSE_END_B, Subject.TUBE_END_B);

    private final Subject end;
    private final Subject joint;
    private final Subject hoseEnd;
    private final Subject tubeEnd;

    LineEnd(Subject end, Subject joint, Subject hoseEnd, Subject tubeEnd) {
        this.end = end;
        this.joint = joint;
        this.hoseEnd = hoseEnd;
        this.tubeEnd = tubeEnd;
    }

    public Subject end() {
        return end;
    }

    public Subject joint() {
        return joint;
    }

    public Subject hoseEnd() {
        return hoseEnd;
    }

    public Subject tubeEnd() {
        return tubeEnd;
    }

    public LineEnd other() {
        return this == A ? B : A;
    }
}
