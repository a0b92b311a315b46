package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.text.Lists;

/** What goes for a test, whatever its way: what spoils it, and what it found. */
final class TestRules {
    private static final RuleText FIGURES = new RuleText(
            "test.figures",
            Severity.WARN,
            "{test}: not enough figures, so it has not passed.",
            "",
            "a test without its readings proves nothing",
            "Write down the time and what the gauge showed at the beginning and at the end.",
            Source.house("no test passes without figures"));
    private static final RuleText LAPSED = new RuleText(
            "test.gauge-lapsed",
            Severity.WARN,
            "{test}: the certificate of the gauge ran out on {until}, before the test on {on}.",
            "{test}: the certificate of the gauge held on the day.",
            "calibrated until {until}, tested on {on}",
            "Test again with a gauge whose certificate holds, or have this one calibrated and compare.",
            new Source("ISO 10012; trade practice", Confidence.TYPICAL));
    private static final RuleText RANGE = new RuleText(
            "test.gauge-range",
            Severity.WARN,
            "{test}: a gauge to {range} is wrong for {target}.",
            "{test}: the range of the gauge suits the pressure.",
            "a gauge ends at 1.5 to 4 times the test pressure",
            "Take one whose range ends at about twice the test pressure.",
            new Source("ASME BPVC VIII-1 UG-102", Confidence.TYPICAL));
    private static final RuleText ENDS = new RuleText(
            "test.gauge-ends",
            Severity.STOP,
            "{test}: the gauge ends at {range}, below the test pressure of {target}.",
            "{test}: the gauge reaches beyond the test pressure.",
            "what a gauge cannot show nobody has read",
            "Take a gauge whose range ends at about twice the test pressure.",
            new Source("ASME BPVC VIII-1 UG-102", Confidence.TYPICAL));
    private static final RuleText OVER = new RuleText(
            "test.over",
            Severity.WARN,
            "{test}: the pressure went up to {highest}, well above the {target} asked for.",
            "{test}: the pressure stayed near what was asked for.",
            "more than a tenth above the test pressure",
            "Look at what was tested for anything bulged, moved or bent; ask the maker whether it still serves.",
            Source.house("a tenth above the test pressure"));
    private static final RuleText MEDIUM = new RuleText(
            "test.medium",
            Severity.WARN,
            "{test}: filled with {medium}, where {media} is asked for.",
            "{test}: filled with what is asked for.",
            "{media}",
            "Test it with what is asked for.",
            Source.house("what a line is filled with for a test"));
    private static final RuleText NEVER_GAS = new RuleText(
            "test.never-gas",
            Severity.STOP,
            "{test}: never prove a line with {medium}.",
            "",
            "gas shut in at a proof pressure goes off like a bomb where a joint lets go; a liquid does not",
            "Let it off slowly from a distance. Fill it with liquid, bleed it and test again.",
            new Source("SAE J343; ASME B31.3 345", Confidence.SURE));
    private static final RuleText SHORT = new RuleText(
            "test.short",
            Severity.NOTE,
            "{test}: {lasted} is too short, it takes {least}.",
            "{test}: it lasted {lasted}; {least} is asked for.",
            "{least} at least",
            "Leave it and read again.",
            Source.house("least time of the test"));
    private static final RuleText REACHED = new RuleText(
            "test.reached",
            Severity.WARN,
            "The test pressure of {target} was not reached: {highest} was the highest reading.",
            "The test pressure of {target} was reached.",
            "highest reading {highest}",
            "Bring it up to the test pressure, and read again.",
            Source.house("a proof test reaches its pressure"));
    private static final RuleText KEPT = new RuleText(
            "test.kept",
            Severity.WARN,
            "The readings show {target} for {kept} without a break; {least} is asked for.",
            "The readings show {target} for {kept}; {least} is asked for.",
            "readings at the test pressure or above it, one after the other",
            "Bleed it and bring it up again. Where it sinks again, look for the leak with a card.",
            Source.house("a proof test keeps its pressure"));
    private static final RuleText TOO_LONG = new RuleText(
            "test.too-long",
            Severity.NOTE,
            "{kept} at the proof pressure is longer than the {most} it should last.",
            "The proof pressure was not kept longer than it should be.",
            "{most} at most",
            "Say so on the tag; the next proof test is shorter.",
            new Source("SAE J343", Confidence.SURE));
    private static final RuleText LEVEL = new RuleText(
            "test.level",
            Severity.WARN,
            "The vacuum only came down to {first}; {level} is asked for.",
            "The vacuum came down to {first}; {level} is asked for.",
            "{level} absolute",
            "Let the pump run on, change its oil, and read again.",
            new Source("EN 378-2", Confidence.TYPICAL));
    private static final RuleText RISES = new RuleText(
            "test.rises",
            Severity.WARN,
            "The vacuum rises by {rise} in {least} and goes on; {limit} passes.",
            "The vacuum rises by {rise} in {least}; {limit} passes.",
            "valve to the pump shut",
            "Fill it with dry nitrogen, put leak fluid on every joint, mend it and evacuate again.",
            new Source("trade practice", Confidence.UNCONFIRMED));
    private static final RuleText BOILS = new RuleText(
            "test.boils",
            Severity.NOTE,
            "The vacuum rises by {rise} in {least}, but slower and slower: water is boiling off.",
            "",
            "a leak goes on at the same pace, water slows down",
            "Break the vacuum with dry nitrogen, pump on for longer and test again.",
            new Source("trade practice", Confidence.TYPICAL));
    private static final RuleText LOOKED = new RuleText(
            "test.looked",
            Severity.NOTE,
            "{dry} of {wanted} joints were looked at: {open} to go.",
            "Every joint was looked at: {wanted}.",
            "{dry} of {wanted}",
            "Look at each joint on the list, and tick it there.",
            Source.house("every joint is looked at"));
    private static final RuleText JOINT_LEAKS = new RuleText(
            "test.joint-leaks",
            Severity.WARN,
            "It leaks here: {joints}.",
            "",
            "seen under pressure",
            "Let the pressure off and prove zero before anything is tightened. Trouble says what it may be.",
            Source.house("what was seen at a joint"));
    private static final RuleText SIGNED = new RuleText(
            "test.signed",
            Severity.NOTE,
            "{test}: nobody has signed it.",
            "{test}: signed by {by}.",
            "who tested",
            "Enter who tested, and the day.",
            Source.house("a test has a name and a day"));
    private static final RuleText HANDED_OVER = new RuleText(
            "test.hand-over",
            Severity.WARN,
            "{passed} of {all} tests have passed: do not hand it over yet.",
            "Every test has passed: {all}.",
            "tests that the order of work asks for",
            "Take the tests that are open, and mend what leaks.",
            Source.house("a line is handed over with every test passed"));
    private static final Map<Severity, RuleText> LEAKS = RuleText.bySeverity(
            "test.leaks",
            "{test}: it leaks, so it does not go into service.",
            "",
            "the verdict of the test",
            "Let the pressure off, mend it and test again. The record of this test stays.",
            Source.house("what leaks under test is not handed over"));

    /** With any of these a test that would have passed does not count. */
    private static final Set<RuleText> SPOILS = Set.of(FIGURES, LAPSED, ENDS, NEVER_GAS, REACHED, LEVEL);

    private static final double LEAST_RANGE = 1.5;
    private static final double MOST_RANGE = 4;
    private static final double WELL_OVER = 1.1;

    private TestRules() {}

    /** What must be told before a hold or a proof can be worked out. */
    enum Asked {
        VOLUME("test-volume", Say.it("asked.volume")),
        STEP("test-step", Say.it("asked.step")),
        TARGET("test-target", Say.it("asked.target"));

        private final Need need;

        Asked(String id, String asks) {
            this.need = new Need(id, asks, Subject.TESTS);
        }
    }

    static Finding asks(Asked what) {
        return Finding.notChecked(FIGURES, Subject.TESTS, what.need);
    }

    static boolean spoils(Finding f) {
        return f.state() == State.FAIL && SPOILS.contains(f.rule());
    }

    private static Figure name(TestAsk ask) {
        return Figure.of(ask.duty().title());
    }

    static Finding noFigures(TestAsk ask) {
        return Finding.fail(FIGURES, Subject.TESTS, Map.of("test", name(ask)));
    }

    /** What is asked of a test of any way: its gauge, its medium, how high it went, who signed. */
    static List<Finding> ofAny(TestAsk ask, TestRecord record, Optional<GaugePressure> target) {
        List<Finding> all = new ArrayList<>();
        TestGauge gauge = record.gauge();
        if (gauge.calibratedUntil().isPresent() && record.on().isPresent()) {
            all.add(Finding.of(
                    !gauge.calibratedUntil().get().isBefore(record.on().get()),
                    LAPSED,
                    Subject.TESTS,
                    Map.of(
                            "test", name(ask),
                            "until", Figure.of(gauge.calibratedUntil().get().toString()),
                            "on", Figure.of(record.on().get().toString()))));
        }
        target.ifPresent(t -> {
            gauge.upTo().ifPresent(end -> all.add(range(ask, t, end)));
            record.readings().stream()
                    .map(HoldTest.Reading::gauge)
                    .max(GaugePressure::compareTo)
                    .filter(h -> t.bar() > 0)
                    .ifPresent(h -> all.add(Finding.of(
                            h.bar() <= WELL_OVER * t.bar(),
                            OVER,
                            Subject.TESTS,
                            Map.of("test", name(ask), "highest", pressure(h), "target", pressure(t)))));
        });
        if (record.begun()) {
            if (record.medium().liquid() || ask.duty().kind() != TestKind.PROOF) {
                all.add(Finding.of(
                        ask.media().contains(record.medium()),
                        MEDIUM,
                        Subject.TESTS,
                        Map.of(
                                "test", name(ask),
                                "medium", Figure.of(record.medium().word()),
                                "media",
                                        Figure.of(ask.media().stream()
                                                .map(Medium::word)
                                                .collect(Lists.joinedByOr())))));
            }
            all.add(Finding.of(
                    !record.by().isBlank(),
                    SIGNED,
                    Subject.TESTS,
                    Map.of("test", name(ask), "by", Figure.of(record.by()))));
        }
        return all;
    }

    private static Finding range(TestAsk ask, GaugePressure target, GaugePressure end) {
        boolean reaches = end.compareTo(target) >= 0;
        return Finding.of(
                reaches && end.bar() >= LEAST_RANGE * target.bar() && end.bar() <= MOST_RANGE * target.bar(),
                reaches ? RANGE : ENDS,
                Subject.TESTS,
                Map.of("test", name(ask), "range", pressure(end), "target", pressure(target)));
    }

    private static Figure pressure(GaugePressure p) {
        return new Figure.OfGasPressure(p);
    }

    static Finding longEnough(boolean is, TestAsk ask, TestRecord record) {
        return Finding.of(
                is,
                SHORT,
                Subject.TESTS,
                Map.of(
                        "test", name(ask),
                        "lasted", time(record.lasted()),
                        "least", time(ask.duty().seconds())));
    }

    private static Figure time(double seconds) {
        return Figure.of(Span.text(seconds));
    }

    static Finding reached(boolean is, GaugePressure target, GaugePressure highest) {
        return Finding.of(is, REACHED, Subject.TESTS, Map.of("target", pressure(target), "highest", pressure(highest)));
    }

    static Finding kept(boolean is, TestAsk ask, GaugePressure target, double seconds) {
        return Finding.of(
                is,
                KEPT,
                Subject.TESTS,
                Map.of(
                        "target", pressure(target),
                        "kept", time(seconds),
                        "least", time(ask.duty().seconds())));
    }

    static Finding notTooLong(boolean is, TestAsk ask, double kept, double most) {
        return Finding.of(
                is, TOO_LONG, Subject.TESTS, Map.of("kept", time(kept), "most", time(most), "test", name(ask)));
    }

    static Finding neverGas(TestAsk ask, TestRecord record) {
        return Finding.fail(
                NEVER_GAS,
                Subject.TESTS,
                Map.of("test", name(ask), "medium", Figure.of(record.medium().word())));
    }

    private static Figure pascal(double pascal) {
        return Figure.of(Say.it("test-rules.pascal", "pa", LengthFormat.decimal(pascal, 0, 0)));
    }

    static Finding level(boolean is, double first, double level) {
        return Finding.of(is, LEVEL, Subject.TESTS, Map.of("first", pascal(first), "level", pascal(level)));
    }

    static Finding rises(boolean holds, double rise, double limit, Duty duty) {
        return Finding.of(holds, RISES, Subject.TESTS, rising(rise, limit, duty));
    }

    static Finding boils(double rise, double limit, Duty duty) {
        return Finding.fail(BOILS, Subject.TESTS, rising(rise, limit, duty));
    }

    private static Map<String, Figure> rising(double rise, double limit, Duty duty) {
        return Map.of("rise", pascal(rise), "limit", pascal(limit), "least", time(duty.seconds()));
    }

    static List<Finding> looked(Looked l) {
        List<Finding> all = new ArrayList<>();
        all.add(Finding.of(
                l.dry().size() + l.leaking().size() == l.wanted().size(),
                LOOKED,
                Subject.TESTS,
                Map.of(
                        "dry",
                                Figure.of(Integer.toString(
                                        l.dry().size() + l.leaking().size())),
                        "wanted", Figure.of(Integer.toString(l.wanted().size())),
                        "open",
                                Figure.of(Integer.toString(l.wanted().size()
                                        - l.dry().size()
                                        - l.leaking().size())))));
        if (!l.leaking().isEmpty()) {
            all.add(Finding.fail(
                    JOINT_LEAKS,
                    Subject.TESTS,
                    Map.of(
                            "joints",
                            Figure.of(l.leaking().stream().map(TestJoint::what).collect(Collectors.joining("; "))))));
        }
        return all;
    }

    static Finding handOver(long passed, int all) {
        return Finding.of(
                all > 0 && passed == all,
                HANDED_OVER,
                Subject.TESTS,
                Map.of(
                        "passed", Figure.of(Long.toString(passed)),
                        "all", Figure.of(Integer.toString(all))));
    }

    static Finding leaks(TestAsk ask) {
        return Finding.fail(LEAKS.get(ask.duty().leakIs()), Subject.TESTS, Map.of("test", name(ask)));
    }
}
