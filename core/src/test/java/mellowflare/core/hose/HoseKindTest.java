package mellowflare.core.hose;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.soundLine;
import static mellowflare.core.hose.HoseLineKind.HOSE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import java.util.Optional;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.procedure.MakeLog;
import org.junit.jupiter.api.Test;

/** A hose as one of the kinds of line: what is taken over after a change, what falls away with its port, how it is signed and built anew. */
class HoseKindTest {
    private static Setting setting(LineSample line) {
        return line.setting(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY);
    }

    private static HosePlan plan(LineSample line) {
        return HOSE.plan(line.line(), setting(line), Optional.empty());
    }

    @Test
    void testAPlanIsTakenOverOnlyWhereNothingChanged() {
        LineSample sound = soundLine();
        HosePlan before = plan(sound);
        assertSame(before, HOSE.plan(sound.line(), setting(sound), Optional.of(before)));
        HosePlan other = HOSE.plan(HOSE.fresh(), setting(sound), Optional.of(before));
        assertNotSame(before, other);
        assertEquals(HOSE.plan(HOSE.fresh(), setting(sound), Optional.empty()), other);
        LineSample unsaid = sound.withService(Service.UNSAID);
        HosePlan moved = HOSE.plan(sound.line(), setting(unsaid), Optional.of(before));
        assertNotSame(before, moved);
        assertEquals(plan(unsaid), moved);
    }

    @Test
    void testItIsAFreshHoseUntilSomethingIsSaid() {
        assertEquals(HoseLine.class, HOSE.lineType());
        assertEquals(HosePlan.class, HOSE.planType());
        assertThat(HOSE.word()).isEqualTo("hose");
        assertThat(HOSE.fresh().hose()).isEmpty();
        assertThat(HOSE.fresh().end(LineEnd.A)).isEqualTo(HoseEndPick.NONE);
    }

    @Test
    void testWithAnotherPortItsEndFallsAwayAndTheOtherStays() {
        HoseLine line = soundLine().line();
        HoseLine ported = HOSE.ported(line, LineEnd.B);
        assertEquals(HoseEndPick.NONE, ported.end(LineEnd.B));
        assertEquals(line.end(LineEnd.A), ported.end(LineEnd.A));
        assertEquals(line, ported.withEnd(LineEnd.B, line.end(LineEnd.B)));
    }

    @Test
    void testASignatureIsThatOfTheMeasuredLength() {
        CalledFigure figure = plan(soundLine()).measured().orElseThrow();
        CalledFigure other = figure.withSecond(Optional.of(Length.ofMm(1180)), "Ilse");
        HoseLine signed = HOSE.signed(soundLine().line(), other);
        assertEquals(Optional.of(other), signed.finished());
        assertEquals(soundLine().line(), signed.withFinished(soundLine().line().finished()));
    }

    @Test
    void testBuiltAnewItIsOfThreeParts() {
        List<Mending<HoseLine>> all = HOSE.rebuilt(plan(soundLine()), () -> false);
        assertThat(all).isNotEmpty().allMatch(m -> m.parts() == 3);
        for (Mending<HoseLine> m : all) {
            HoseCase c = HoseCase.of(m.line(), setting(soundLine()));
            assertThat(HosePlan.of(c).stops()).isFalse();
            assertThat(m.words()).contains(c.hose().orElseThrow().title());
        }
        assertThat(HOSE.rebuilt(plan(soundLine()), () -> true)).isEmpty();
    }

    @Test
    void testStepsAloneAreThoseOfThePlan() {
        HoseCase c = plan(soundLine()).c();
        assertEquals(HosePlan.of(c).steps(), HosePlan.steps(c));
        assertThat(HosePlan.steps(c)).isNotEmpty();
    }

    /** The length to cut once it is known; before that the words alone. */
    @Test
    void testTheBenchHearsWhereToCut() {
        BenchWords.OnePiece cut = (BenchWords.OnePiece) plan(soundLine()).benchWords();
        assertEquals(plan(soundLine()).cutFigure().map(c -> c.marked()), cut.toCut());
        assertThat(cut.tolerance()).isNotBlank();
        BenchWords.OnePiece open = (BenchWords.OnePiece)
                plan(soundLine().withFinished(Optional.empty())).benchWords();
        assertThat(open.toCut()).isEmpty();
        assertThat(open.tolerance()).isBlank();
        BenchWords.OnePiece whole =
                (BenchWords.OnePiece) HosePlan.of(KindLines.line("KHW-06", "water", 6, 20, wholeEnd(), wholeEnd())
                                .worked(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY))
                        .benchWords();
        assertThat(whole.cut()).isNotEqualTo(cut.cut());
    }

    private static String wholeEnd() {
        var catalogue = DATA.get(Catalogue.KEY);
        var hose = catalogue.hose("KHW-06").orElseThrow();
        return catalogue.hoseEnds().stream()
                .filter(e -> e.series().filter(hose.series()::equals).isPresent()
                        && e.hoseDash().filter(hose.dash()::equals).isPresent())
                .findFirst()
                .orElseThrow()
                .part();
    }
}
