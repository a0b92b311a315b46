package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Finding;

/**
 * The tests of a line: what is asked, what was taken, what came of it.
 *
 * @param all in the order of the work
 * @param loose records of tests that the order of work asks for no more; they are kept
 */
public record Tested(List<One> all, List<TestRecord> loose) {
    private static final String HELD = "hold.";

    public Tested {
        all = List.copyOf(all);
        loose = List.copyOf(loose);
    }

    /**
     * One test.
     *
     * @param takes every time it was taken, oldest first; the last one counts
     * @param joints that are looked at
     * @param kept whether the line itself keeps the figures
     * @param now what came of the last; empty while nothing was taken
     */
    public record One(
            TestAsk ask, List<TestRecord> takes, List<TestJoint> joints, boolean kept, Optional<Outcome> now) {
        public One {
            takes = List.copyOf(takes);
            joints = List.copyOf(joints);
        }

        /** The record that counts. */
        public Optional<TestRecord> last() {
            return takes.isEmpty() ? Optional.empty() : Optional.of(takes.get(takes.size() - 1));
        }

        public boolean passed() {
            return now.filter(Outcome::passed).isPresent();
        }
    }

    /**
     * The tests of a line.
     *
     * @param asks of its order of work
     * @param records as taken, oldest first
     * @param joints of the line
     * @param kept what the line keeps itself
     */
    public static Tested of(List<TestAsk> asks, List<TestRecord> records, List<TestJoint> joints, KeptTests kept) {
        List<One> all = new ArrayList<>();
        for (TestAsk ask : asks) {
            TestKind kind = ask.duty().kind();
            List<TestRecord> takes = new ArrayList<>(
                    records.stream().filter(r -> r.ask().equals(ask.key())).toList());
            boolean keeps = kept.keeps(kind);
            if (keeps && takes.isEmpty() && (kept.hold().isPresent() && kind == TestKind.HOLD || begun(kept, kind))) {
                takes.add(TestRecord.of(ask));
            }
            if (keeps && !takes.isEmpty()) {
                takes.set(takes.size() - 1, kept.into(kind, takes.get(takes.size() - 1)));
            }
            all.add(new One(
                    ask,
                    takes,
                    joints(ask, joints),
                    keeps,
                    takes.isEmpty()
                            ? Optional.empty()
                            : Optional.of(new Proving(ask, takes.get(takes.size() - 1), joints).outcome())));
        }
        List<TestRecord> loose = records.stream()
                .filter(r -> asks.stream().noneMatch(a -> a.key().equals(r.ask())))
                .toList();
        return new Tested(all, loose);
    }

    private static boolean begun(KeptTests kept, TestKind kind) {
        return kind == TestKind.SOAP && !kept.soaped().isEmpty();
    }

    /** What is looked at in a test: every joint, or the line as a whole. */
    static List<TestJoint> joints(TestAsk ask, List<TestJoint> joints) {
        return ask.duty().joints() && ask.duty().kind() != TestKind.FUNCTION && !joints.isEmpty()
                ? joints
                : List.of(new TestJoint(
                        "line",
                        ask.duty().kind() == TestKind.FUNCTION ? Say.it("tested.works") : Say.it("tested.whole-line")));
    }

    /** How many have passed. */
    public long passed() {
        return all.stream().filter(One::passed).count();
    }

    /** Whether the line may be handed over: every test has passed. */
    public Finding handOver() {
        return TestRules.handOver(passed(), all.size());
    }

    /** What the records say, worst first; what the line says of its own test it says itself. */
    public List<Finding> findings() {
        Set<Finding> found = new LinkedHashSet<>();
        for (One one : all) {
            one.now()
                    .filter(o -> !one.takes().isEmpty())
                    .ifPresent(o -> o.findings().stream()
                            .filter(f -> !one.kept() || !f.rule().id().startsWith(HELD))
                            .forEach(found::add));
        }
        if (all.stream().anyMatch(o -> o.now().isPresent())) {
            found.add(handOver());
        }
        List<Finding> sorted = new ArrayList<>(found);
        sorted.sort(Comparator.comparingInt(Finding::rank));
        return List.copyOf(sorted);
    }
}
