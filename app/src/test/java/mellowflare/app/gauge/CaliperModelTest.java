package mellowflare.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.devices.PracticePort;
import org.junit.jupiter.api.Test;

class CaliperModelTest {
    private final List<Read<Length>> taken = new ArrayList<>();
    private final List<String> told = new ArrayList<>();

    private CaliperModel practice() {
        return CaliperModel.practice(new PracticePort(Length.ofMm(14.17), 7), Runnable::run, Runnable::run);
    }

    @Test
    void testWithoutACaliperASentenceSaysSo() {
        CaliperModel none = CaliperModel.none();
        none.read(taken::add, told::add);
        assertThat(taken).isEmpty();
        assertThat(told).singleElement().asString().contains("No caliper is connected");
        assertThat(none.isPractice()).isFalse();
        assertThat(none.stands()).isEqualTo("none connected");
    }

    @Test
    void testUnitKeyChangesWhatIsShownAndNotTheSize() {
        CaliperModel caliper = practice();
        assertThat(caliper.stands()).isEqualTo("shows millimetres");
        caliper.switchUnit();
        assertThat(caliper.stands()).isEqualTo("shows inches");
        caliper.read(taken::add, told::add);
        assertThat(taken.get(0).value().orElseThrow().mm()).isCloseTo(14.17, within(0.12));
    }

    @Test
    void testPulledPlugIsSaidAndNothingIsTaken() {
        CaliperModel caliper = practice();
        caliper.pullOrPlug();
        assertThat(caliper.stands()).isEqualTo("unplugged");
        caliper.read(taken::add, told::add);
        assertThat(taken.get(0).refusal()).hasValueSatisfying(s -> assertThat(s).contains("plug it in"));
        caliper.pullOrPlug();
        caliper.read(taken::add, told::add);
        assertThat(taken.get(1).value()).isPresent();
    }
}
