package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.book.Jobs;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.geometry.Shape;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.TubeLineKind;
import org.junit.jupiter.api.Test;

/** Pictures of the steps of the demo jobs. */
class StepPicturesTest {
    private static Evaluation demo(String id) {
        return Evaluation.of(
                Jobs.demo().stream().filter(j -> j.id().equals(id)).findFirst().orElseThrow(), Jobs.DATA);
    }

    private static Optional<Drawing> picture(Evaluation e, String step) {
        Step s = e.steps().stream().filter(x -> x.id().equals(step)).findFirst().orElseThrow();
        return e.plan().picture(s);
    }

    private static String words(Drawing d) {
        return d.shapes().stream()
                .map(s -> s instanceof Shape.Label l
                        ? l.text() + " " + l.under()
                        : s instanceof Shape.Dimension m ? m.text() : "")
                .collect(Collectors.joining("\n"));
    }

    @Test
    void testTheFiguresOfAPictureAreThoseOfItsStep() {
        Evaluation slew = demo("demo-slew-hose");
        assertThat(words(picture(slew, "cut").orElseThrow()))
                .contains("1056 mm")
                .contains("zero: square end");
        assertThat(words(picture(slew, "overall").orElseThrow()))
                .contains("1140 mm")
                .contains("sealing point");
        for (Step s : slew.steps()) {
            Optional<Drawing> d = slew.plan().picture(s);
            if (s.id().startsWith("push@")) {
                assertThat(words(d.orElseThrow()))
                        .contains(s.figures().get("insertion").text(slew.job().units()));
            }
            if (s.id().startsWith("crimp@")) {
                assertThat(words(d.orElseThrow()))
                        .contains(s.figures().get("crimp").text(slew.job().units()));
            }
        }
    }

    /** The bar as it is set, not as it might be: the step and its picture say the same stick-out and the same flare. */
    @Test
    void testAFlareIsDrawnAsItIsSet() {
        Evaluation fuel = demo("demo-tube-fuel");
        for (Step s : fuel.steps()) {
            if (s.id().startsWith("flare@")) {
                String stickOut = LengthFormat.figure(
                        fuel.plan(TubeLineKind.TUBE)
                                .orElseThrow()
                                .c()
                                .a()
                                .stickOut()
                                .orElseThrow(),
                        UnitSystem.METRIC);
                assertThat(s.says(UnitSystem.METRIC)).contains(stickOut);
                assertThat(words(fuel.plan().picture(s).orElseThrow())).contains(stickOut + " out");
            }
        }
    }

    @Test
    void testNewPicturesSayWhatTheirStepsSay() {
        assertThat(words(picture(demo("demo-tube-fuel"), "nut@A").orElseThrow()))
                .contains("thread towards the end")
                .contains("wide mouth");
        assertThat(words(picture(demo("demo-tube-fuel"), "look@A").orElseThrow()))
                .contains("12.07 mm")
                .contains("cracked");
        assertThat(words(picture(demo("demo-mess-gas"), "lockup").orElseThrow()))
                .contains("at the most, all burners shut")
                .doesNotContain("brought up");
        Evaluation shed = demo("demo-shed-air");
        assertThat(words(picture(shed, "line").orElseThrow())).contains("10 mm").contains("to the drain");
        assertThat(words(picture(shed, "mark").orElseThrow())).contains("48 mm on 50");
        assertThat(words(picture(shed, "join").orElseThrow())).contains("48 mm").contains("grip ring");
        assertThat(words(picture(shed, "pump").orElseThrow())).contains("9 bar");
        assertThat(words(picture(demo("demo-pipe-cooling"), "bolt").orElseThrow()))
                .contains("in this order")
                .contains("4");
        assertThat(words(picture(demo("demo-broken-nipple"), "tap").orElseThrow()))
                .contains("number 4 for size 1/2");
    }

    /** A socket over rubber goes on by a left-hand thread and back; one over a braid has its witness mark. */
    @Test
    void testASocketIsShownAsItsHoseWantsIt() {
        List<String> all = new ArrayList<>();
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            for (Step s : e.steps()) {
                if (s.id().startsWith("socket@") || s.id().startsWith("nipple@")) {
                    e.plan().picture(s).ifPresent(d -> {
                        boolean left = s.says(job.units()).contains("left-handed");
                        assertThat(words(d).contains("left-handed")).as(s.id()).isEqualTo(left);
                        boolean witness = s.id().startsWith("nipple@")
                                && s.says(job.units()).contains("witness mark");
                        assertThat(words(d).contains("witness")).as(s.id()).isEqualTo(witness);
                        all.add(s.id());
                    });
                }
            }
        }
        assertThat(all).hasSizeGreaterThan(3);
    }

    /** A gauge stands only beside a step that says its pressure. */
    @Test
    void testAGaugeShowsThePressureThatItsStepSays() {
        int gauges = 0;
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            for (Step s : e.steps()) {
                Optional<Drawing> d = e.plan().picture(s);
                if (d.isPresent() && words(d.get()).contains("it must stay")) {
                    String pressure =
                            words(d.get()).trim().split("\n")[0].replace(" brought up slowly; it must stay", "");
                    assertThat(s.says(job.units())).as(job.id() + " " + s.id()).contains(pressure.trim());
                    gauges++;
                }
            }
        }
        assertThat(gauges).isGreaterThan(8);
    }

    @Test
    void testAStepWhoseFigureIsOpenHasNoPictureOfIt() {
        Evaluation winch = demo("demo-winch");
        for (Step s : winch.steps()) {
            if (s.id().equals("cut")) {
                assertThat(s.says(winch.job().units())).contains("…");
                assertThat(winch.plan().picture(s)).isEmpty();
            }
        }
    }

    @Test
    void testPicturesAreThereForTheStepsThatCanBeShown() {
        List<String> shown = new ArrayList<>();
        int steps = 0;
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            for (Step s : e.steps()) {
                steps++;
                e.plan().picture(s).ifPresent(d -> shown.add(job.id() + " " + s.id()));
            }
        }
        assertThat(shown).hasSizeGreaterThan(steps / 4);
        assertThat(shown).contains("demo-tube-fuel flare@A", "demo-tube-fuel bend", "demo-pipe-wash offset");
    }

    /** The drawings of rigid pipe are made for a page three times as high; they may crowd once. As Make shows them: 14 dots for names, in the height of twelve and a half lines. */
    @Test
    void testNoWordsOfAPictureLieOverOthers() {
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            for (Step s : e.steps()) {
                e.plan().picture(s).ifPresent(d -> {
                    double scale = Math.min(720 / d.box().width(), 133 / d.box().height());
                    Letters letters = new Letters(scale, 14, 30);
                    assertThat(LabelRoom.crossed(LabelRoom.settled(d, letters), letters)
                                    .words())
                            .as(job.id() + " " + s.id())
                            .isLessThanOrEqualTo(job.is(PipeLineKind.PIPE) ? 1 : 0);
                });
            }
        }
    }
}
