package mellowflare.core.hose;

import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.EndSample;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class AdaptedLineTest {
    private static LineSample with(String hoseEnd, String... adapters) {
        EndSample port = end("pump", id(EndCode.ORB, "-8", Gender.FEMALE), hoseEnd)
                .withAdapters(List.of(adapters))
                .withHoseEnd(Optional.of(hoseEnd));
        return soundLine().withEnd(LineEnd.A, port);
    }

    private static List<Finding> of(LineSample line, String rule) {
        return HoseRules.check(hoseCase(line)).stream()
                .filter(f -> f.rule().id().equals(rule))
                .toList();
    }

    @Test
    void testAnAdapterMakesTheBossAFlareAndTakesItsLength() {
        LineSample l = with("KC08-J08F", "KA-JM8-OM8");
        HoseCase c = hoseCase(l);
        assertThat(c.a().presented().orElseThrow().id()).isEqualTo(id(EndCode.JIC37, "-8", Gender.MALE));
        assertThat(c.a().mates()).contains(true);
        // 1140 less adapter 37.6, flare end 34.6 and elbow 52.6
        double cutOff = c.a().part().orElseThrow().cutOff().mm();
        assertThat(c.cut().orElseThrow().exact().mm()).isCloseTo(1140 - 37.6 - cutOff - 52.6, within(1e-9));
        assertThat(c.cut().orElseThrow().hoseOverall().mm()).isCloseTo(1140 - 37.6, within(1e-9));
        HosePlan plan = HosePlan.of(c);
        assertThat(plan.parts()).extracting(PartLine::part).contains("KA-JM8-OM8", "KS-O08N");
        assertThat(plan.joint(LineEnd.A).advice().orElseThrow().saysPutOn())
                .contains("Seals on the metal cone. Seal with: nothing.");
        assertThat(plan.steps()).extracting(s -> s.id()).containsSubsequence("adapt@A", "fit@A");
        assertThat(plan.steps().stream()
                        .filter(s -> s.id().equals("adapt@A"))
                        .findFirst()
                        .orElseThrow()
                        .says(UnitSystem.METRIC))
                .contains("KA-JM8-OM8 on pump")
                .contains("ring -908");
        assertThat(of(l, "adapter.mates")).allMatch(f -> f.state() == State.PASS);
    }

    @Test
    void testAWeakAdapterRulesTheLine() {
        LineSample l = with("KC08-N12M", "KA-JM8-NM12");
        EndSample npt = end("block", id(EndCode.NPT, "1/2", Gender.FEMALE), "KC08-J08F")
                .withAdapters(List.of("KA-JM8-NM12"))
                .withHoseEnd(Optional.of("KC08-J08F"));
        LineSample weak = l.withEnd(LineEnd.A, npt);
        assertThat(hoseCase(weak).weakest().orElseThrow().limit().bar()).isEqualTo(207);
        assertThat(of(weak, "line.weakest-part").get(0).says(UnitSystem.METRIC))
                .contains("Adapter A (KA-JM8-NM12) is too weak: rated to 207 bar, working pressure 210 bar.");
    }

    @Test
    void testAnAdapterThatGoesOnNothingStops() {
        LineSample l = with("KC08-J08F", "KA-JM8-NM12");
        assertThat(of(l, "adapter.mates").get(0).stops()).isTrue();
        assertThat(of(l, "adapter.mates").get(0).says(UnitSystem.METRIC))
                .contains("KA-JM8-NM12 does not fit ORB -8 female.");
    }

    @Test
    void testChangingTheAdaptersDropsTheHoseEndAndAnUnknownNumberIsLeftOut() {
        EndSample e = end("pump", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-B08M");
        assertThat(e.withAdapters(List.of("KA-JM8-OM8")).pick().part()).isEmpty();
        assertThat(e.withAdapters(List.of()).pick().part()).contains("KC08-B08M");
        assertThat(hoseCase(with("KC08-B08M", "no such part")).a().adapters()).isEmpty();
    }

    @Test
    void testAnElbowInABossIsPointedBeforeItsJamNut() {
        assertThat(HosePlan.of(hoseCase(with("KC08-J08F", "KA-JM8-OM8-90"))).steps())
                .extracting(s -> s.id())
                .containsSubsequence("adapt@A", "adapt-elbow@A", "fit@A");
        assertThat(HosePlan.of(hoseCase(with("KC08-J08F", "KA-JM8-OM8"))).steps())
                .extracting(s -> s.id())
                .doesNotContain("adapt-elbow@A");
    }
}
