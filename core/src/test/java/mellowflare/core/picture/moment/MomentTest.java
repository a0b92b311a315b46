package mellowflare.core.picture.moment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mellowflare.core.air.order.AirStepWriter;
import mellowflare.core.broken.order.BrokenStepWriter;
import mellowflare.core.gas.order.GasStepWriter;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.picture.Scene;
import mellowflare.core.pipe.order.PipeStepWriter;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.tee.order.TeeStepWriter;
import mellowflare.core.tube.order.TubeStepWriter;
import mellowflare.core.water.order.WaterStepWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What steps show: each drawn within its own field, and never anything that the words of its step do not say. */
class MomentTest {
    private static final Map<Class<?>, StepWords> ORDERS = Map.of(
            HoseStepWriter.class, HoseStepWriter.WORDS,
            TubeStepWriter.class, TubeStepWriter.WORDS,
            PipeStepWriter.class, PipeStepWriter.WORDS,
            GasStepWriter.class, GasStepWriter.WORDS,
            AirStepWriter.class, AirStepWriter.WORDS,
            WaterStepWriter.class, WaterStepWriter.WORDS,
            TeeStepWriter.class, TeeStepWriter.WORDS,
            BrokenStepWriter.class, BrokenStepWriter.WORDS);

    /** What the words of a step must say for a moment that someone could rely on. */
    private static final Map<Moment, String> SAID = new EnumMap<>(Map.ofEntries(
            Map.entry(Moment.ENGINE_COLD, "[Ee]ngine cold"),
            Map.entry(Moment.BATTERY_OFF, "battery off"),
            Map.entry(Moment.LOAD_BLOCKED, "block whatever can fall"),
            Map.entry(Moment.WHEEL_BLOCKED, "wheels blocked"),
            Map.entry(Moment.SHUT, "[Ss]hut|locked"),
            Map.entry(Moment.CYLINDER_SHUT, "[Ss]hut the (cylinder|bottle)"),
            Map.entry(Moment.LOCKED, "[Ll]ock|tag"),
            Map.entry(Moment.LET_OFF, "[Ll]et the pressure off|until it is quiet|let off"),
            Map.entry(Moment.RUN_DRY, "run dry|runs dry|stops running"),
            Map.entry(Moment.BURNED_OFF, "[Bb]urn (off )?what is left"),
            Map.entry(Moment.RECOVERED, "recovers"),
            Map.entry(Moment.ZERO, "zero|prove[sd]|[Ll]et the test pressure off"),
            Map.entry(Moment.NO_FLAME, "[Nn]o flame|[Nn]ever a flame|no spark|nothing near that sparks"),
            Map.entry(Moment.TRAY, "tray under"),
            Map.entry(Moment.TWO_WRENCHES, "two wrenches|both wrenches|second wrench|counter-wrench"),
            Map.entry(Moment.PORT_CAPPED, "[Cc]ap|capped|plug"),
            Map.entry(Moment.LOOK_INTO, "look in with a light"),
            Map.entry(Moment.CAP_TRIED, "[Tt]ry on the pipe the cap"),
            Map.entry(Moment.HANDS_BREADTH, "hand's breadth"),
            Map.entry(Moment.REAMED, "ream|Reamed|[Mm]outh down|burr"),
            Map.entry(Moment.SWAB, "swab|cloth"),
            Map.entry(Moment.ENDS_CAPPED, "[Cc]ap"),
            Map.entry(Moment.NO_OIL, "oil"),
            Map.entry(Moment.INTO_CAN, "can\\b|bucket"),
            Map.entry(Moment.BY_FINGERS, "by fingers|by hand|By hand"),
            Map.entry(Moment.BEHIND_BARB, "behind the last"),
            Map.entry(Moment.OILED_DIE, "oil"),
            Map.entry(Moment.GAUGED, "by hand|check each"),
            Map.entry(Moment.HOLES_LEVEL, "two holes level"),
            Map.entry(Moment.IN_QUARTERS, "in quarters"),
            Map.entry(Moment.WIPED, "[Ww]ipe"),
            Map.entry(Moment.CARD, "with a card"),
            Map.entry(Moment.SOAP, "[Ss]oap|leak fluid|watch for bubbles"),
            Map.entry(Moment.MINUTE, "\\bone\\b.*minutes"),
            Map.entry(Moment.TEN_MINUTES, "ten( and sixty)? minutes"),
            Map.entry(Moment.HOUR, "an hour|sixty minutes"),
            Map.entry(Moment.LISTEN, "[Ll]isten"),
            Map.entry(Moment.PEDAL, "pedal (down hard|hard down)"),
            Map.entry(Moment.DETECTOR_LOW, "near the floor|close to the floor"),
            Map.entry(Moment.DETECTOR_HIGH, "near the ceiling"),
            Map.entry(Moment.AIRED, "\\bair\\b.* room|room aired|outdoors"),
            Map.entry(Moment.NEAREST_FIRST, "nearest to the source first"),
            Map.entry(Moment.FLAME_BLUE, "blue, steady"),
            Map.entry(Moment.FLAME_BAD, "no lifting, no yellow"),
            Map.entry(Moment.SMOKE_IN, "drawn in"),
            Map.entry(Moment.SMOKE_OUT, "drawn in"),
            Map.entry(Moment.LOCKS_OFF, "locks off"),
            Map.entry(Moment.SHOWN, "[Ss]how the user")));

    private static Stream<Point> points(Drawing d) {
        return d.shapes().stream()
                .flatMap(s -> s instanceof Shape.Path p
                        ? p.points().stream()
                        : s instanceof Shape.Disc c
                                ? Stream.of(
                                        c.centre().plus(c.radius(), c.radius()),
                                        c.centre().plus(-c.radius(), -c.radius()))
                                : Stream.of());
    }

    private static List<Shape> drawn(Moment m) {
        return Moment.picture(List.of(m)).orElseThrow().shapes().stream()
                .filter(s -> !(s instanceof Shape.Label))
                .toList();
    }

    @ParameterizedTest
    @EnumSource
    void testAMomentStaysInItsFieldAndIsLikeNoOther(Moment m) {
        Drawing d = Moment.picture(List.of(m)).orElseThrow();
        assertThat(points(d))
                .isNotEmpty()
                .allMatch(p -> Math.abs(p.x()) <= Scene.HALF_WIDTH + 1)
                .allMatch(p -> Math.abs(p.y()) <= Scene.HALF_HEIGHT + 1);
        assertThat(points(d)).allMatch(p -> d.box().holds(p));
        assertThat(Arrays.stream(Moment.values()).filter(o -> drawn(o).equals(drawn(m))))
                .containsExactly(m);
        assertThat(Moment.of(m.word())).hasValue(m);
        assertThat(m.words().length()).as(m.words()).isBetween(2, 18);
    }

    @Test
    void testMomentsStandBesideEachOtherInTheOrderOfDoing() {
        Drawing d =
                Moment.picture(List.of(Moment.SHUT, Moment.LOCKED, Moment.ZERO)).orElseThrow();
        List<Shape.Label> labels = d.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(Shape.Label.class::cast)
                .toList();
        assertThat(labels).extracting(Shape.Label::text).containsExactly("shut", "locked, tagged", "zero");
        assertThat(labels).extracting(l -> l.at().x()).containsExactly(0.0, 132.0, 264.0);
        assertThat(Moment.picture(List.of())).isEmpty();
        assertThat(Moment.of("shutt")).isEmpty();
    }

    /** A picture that shows more than the step says would be advice of its own. */
    @Test
    void testNoStepShowsWhatItsWordsDoNotSay() {
        int shown = 0;
        List<String> unsaid = new ArrayList<>();
        for (Map.Entry<Class<?>, StepWords> order : ORDERS.entrySet()) {
            for (StepTable.Row row :
                    StepTable.beside(order.getKey(), order.getValue()).rows()) {
                String words = row.text() + " " + row.hold() + " " + row.caution();
                for (Moment m : row.shows()) {
                    shown++;
                    if (SAID.containsKey(m)
                            && !Pattern.compile(SAID.get(m)).matcher(words).find()) {
                        unsaid.add(m.word() + ": " + words);
                    }
                }
            }
        }
        assertThat(unsaid).isEmpty();
        assertThat(shown).isGreaterThan(250);
    }

    /** Nothing is opened in a picture that its words forbid: fuel under rail pressure, refrigerant, oxygen. */
    @Test
    void testNobodyIsShownHowToLetOffWhatMustNotBeLetOff() {
        for (Map.Entry<Class<?>, StepWords> order : ORDERS.entrySet()) {
            for (StepTable.Row row :
                    StepTable.beside(order.getKey(), order.getValue()).rows()) {
                if (Pattern.compile("[Nn]ever (vent|crack)|[Nn]othing is turned")
                        .matcher(row.text())
                        .find()) {
                    assertThat(row.shows())
                            .as(row.text())
                            .doesNotContain(Moment.LET_OFF, Moment.RUN_DRY, Moment.TRAY, Moment.INTO_CAN);
                }
            }
        }
    }
}
