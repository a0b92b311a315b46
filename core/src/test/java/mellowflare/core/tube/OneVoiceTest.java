package mellowflare.core.tube;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellowflare.core.EndSample;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.JointCase;
import mellowflare.core.sealing.JointLimits;
import mellowflare.core.sealing.JointRules;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.end.Use;
import mellowflare.core.tube.end.Verdict;
import org.junit.jupiter.api.Test;

/** The joint alone, a hose's joint, a tube's joint and the table of tube ends say the same of every end on every fluid. */
class OneVoiceTest {
    private static final JointLimits LIMITS = DATA.get(JointLimits.KEY);

    private static Set<String> says(List<Finding> findings, Subject about) {
        Set<String> said = new HashSet<>();
        findings.stream()
                .filter(f -> f.about() == about && f.rule().id().matches("joint\\.(belongs|ring).*"))
                .forEach(f -> said.add(f.state() + " " + f.rule().severity() + " "
                        + (f.state() == State.NOT_CHECKED ? f.missing() : f.says(UnitSystem.METRIC))));
        return said;
    }

    @Test
    void testAHoseJointIsJudgedAsTheJointAloneOnEveryFluid() {
        for (End end : DATA.get(EndTable.KEY).all()) {
            if (!end.id().size().equals(sizes(end).get(0))) {
                continue;
            }
            for (Fluid fluid : DATA.get(FluidTable.KEY).all()) {
                Seat seat = end.usualSeat();
                List<Finding> alone =
                        JointRules.check(new JointCase(end, seat, Optional.of(fluid), Subject.JOINT_A, DATA));
                var line = Samples.soundLine()
                        .withEnd(LineEnd.A, EndSample.unknown("port").taken(end.id(), Optional.of(1.0)))
                        .withService(Samples.soundLine().service().withFluid(Optional.of(fluid.id())));
                assertThat(says(HosePlan.of(Samples.hoseCase(line)).findings(), Subject.JOINT_A))
                        .as(end.brief() + " " + fluid.id())
                        .isEqualTo(says(alone, Subject.JOINT_A));
            }
        }
    }

    private static List<String> sizes(End end) {
        return DATA.get(EndTable.KEY).all().stream()
                .filter(e -> e.id().code() == end.id().code()
                        && e.id().gender() == end.id().gender())
                .map(e -> e.id().size())
                .toList();
    }

    @Test
    void testATubeEndThatNeverGoesOnAFluidGoesOnAJointThatNeverDoesEither() {
        EndKinds kinds = DATA.get(EndKinds.KEY);
        for (EndCode code : EndCode.values()) {
            if (code == EndCode.ACSERVICE) {
                continue; // A service port is no joint of a line: its flare is a hose's.
            }
            List<EndTraits> made = Stream.of(TubeEndKind.values())
                    .map(kinds::of)
                    .filter(t -> t.codes().contains(code))
                    .toList();
            for (FluidGroup group : FluidGroup.values()) {
                List<Verdict> verdicts = made.stream()
                        .flatMap(t -> kinds.use(t.kind(), group).stream())
                        .map(Use::verdict)
                        .toList();
                if (verdicts.isEmpty() || verdicts.size() < made.size()) {
                    continue;
                }
                Optional<Severity> limit = LIMITS.of(code, group).map(JointLimits.Limit::severity);
                boolean never = verdicts.stream().allMatch(v -> v == Verdict.NEVER);
                boolean somewhere = verdicts.stream().anyMatch(v -> v == Verdict.USUAL || v == Verdict.ALLOWED);
                assertThat(limit.filter(Severity.STOP::equals).isPresent())
                        .as(code + " on " + group + ": limit " + limit + ", ends " + verdicts)
                        .isEqualTo(never || code == EndCode.SAE45 && group == FluidGroup.BRAKE);
                if (somewhere && limit.isPresent() && !(code == EndCode.SAE45 && group == FluidGroup.BRAKE)) {
                    assertThat(limit.get()).as(code + " on " + group).isNotEqualTo(Severity.STOP);
                }
            }
        }
    }

    @Test
    void testWhatNeverGoesTogetherIsAStop() {
        for (String[] pair : new String[][] {
            {"SAE45", "BRAKE"}, {"NPT", "BRAKE"}, {"BSPT", "BRAKE"}, {"JIC37", "REFRIGERANT"}, {"AN37", "REFRIGERANT"},
            {"INVFLARE", "REFRIGERANT"}, {"AIRQC", "OIL"}, {"AIRQC", "FUEL"}, {"AIRQC", "GAS"}, {"GHT", "OIL"},
            {"GHT", "AIR"}, {"PUSH", "OIL"}, {"COMP", "OXIDISER"}, {"BARB", "OXIDISER"}, {"COMP", "BRAKE"}
        }) {
            assertThat(LIMITS.of(EndCode.valueOf(pair[0]), FluidGroup.valueOf(pair[1]))
                            .map(JointLimits.Limit::severity))
                    .as(pair[0] + " on " + pair[1])
                    .contains(Severity.STOP);
        }
    }

    @Test
    void testLimitedRubberIsAWarningAndNeverAPass() {
        End boss = DATA.get(EndTable.KEY)
                .find(Samples.id(EndCode.ORB, "-8", mellowflare.core.connection.Gender.FEMALE))
                .orElseThrow();
        Optional<Fluid> petrol = DATA.get(FluidTable.KEY).find("petrol");
        assertThat(JointRules.check(new JointCase(boss, Seat.PORT_ORING, petrol, Subject.END, DATA)))
                .filteredOn(f -> f.rule().id().startsWith("joint.ring"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.state()).isEqualTo(State.FAIL);
                    assertThat(f.rule().severity()).isEqualTo(Severity.WARN);
                    assertThat(f.remedy(UnitSystem.METRIC)).contains("FKM");
                });
        End bonded = DATA.get(EndTable.KEY)
                .find(Samples.id(EndCode.BSPP, "1/2", mellowflare.core.connection.Gender.MALE))
                .orElseThrow();
        Optional<Fluid> ester = DATA.get(FluidTable.KEY).find("phosphate-ester");
        assertThat(JointRules.check(new JointCase(bonded, Seat.WASHER, ester, Subject.END, DATA)))
                .anyMatch(Finding::stops);
    }
}
