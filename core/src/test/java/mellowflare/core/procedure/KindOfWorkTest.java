package mellowflare.core.procedure;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.air.order.AirStepWriter;
import mellowflare.core.connection.EndCode;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.TubeSamples;
import mellowflare.core.tube.order.TubeStepWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is done first depends on whether there is an old line; and nobody is taken to have a second pair of hands. */
class KindOfWorkTest {
    private static final Set<String> OLD_LINE =
            Set.of("Recover first", "Open and plug", "Open and cap", "Take the old one off");

    private static List<Step> hose(Service s) {
        return HosePlan.of(Samples.hoseCase(Samples.soundLine().withService(s))).steps();
    }

    private static List<Step> tube(Service s) {
        return TubePlan.of(TubeSamples.of(TubeSamples.line(), s, EndCode.JIC37, "-6", Practice.USUAL))
                .steps();
    }

    @ParameterizedTest
    @EnumSource(Work.class)
    void testOnlyAReplacementOpensAnOldLine(Work work) {
        for (var fluid : DATA.get(FluidTable.KEY).all()) {
            Service s = TubeSamples.service().withFluid(Optional.of(fluid.id())).withWork(Optional.of(work));
            for (List<Step> steps : List.of(hose(s), tube(s))) {
                if (steps.isEmpty()) {
                    continue;
                }
                assertThat(steps.stream().map(Step::title).filter(OLD_LINE::contains))
                        .as(fluid.id() + " " + work)
                        .hasSizeBetween(work == Work.REPLACEMENT ? 1 : 0, work == Work.REPLACEMENT ? 2 : 0);
                assertThat(steps.stream().filter(x -> x.id().equals("safe"))).hasSize(1);
                assertThat(steps.stream().filter(x -> x.id().equals("catch"))).hasSize(1);
            }
        }
    }

    @Test
    void testWhileNothingIsSaidTheCarefulOrderStands() {
        assertThat(tube(TubeSamples.service()))
                .isEqualTo(tube(TubeSamples.service().withWork(Optional.of(Work.REPLACEMENT))));
    }

    /** A step or a plan B that takes two people says what one does who is alone. */
    @Test
    void testWhoIsAloneIsToldHow() throws IOException {
        Pattern two = Pattern.compile(
                "second person|someone holds|somebody holds|the other (holds|reads)|another person|a helper");
        for (String text : texts()) {
            if (two.matcher(text).find()) {
                assertThat(text).containsIgnoringCase("alone");
            }
        }
    }

    private static List<String> texts() throws IOException {
        StringBuilder all = new StringBuilder();
        for (Class<?> kind : List.of(HoseStepWriter.class, TubeStepWriter.class, AirStepWriter.class)) {
            try (InputStream in = kind.getResourceAsStream("steps.csv")) {
                all.append(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                        .append('\n');
            }
        }
        try (InputStream in = ToolTable.class.getResourceAsStream("tools.csv")) {
            all.append(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
        return all.toString().lines().toList();
    }
}
