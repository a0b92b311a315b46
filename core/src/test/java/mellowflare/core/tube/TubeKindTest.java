package mellowflare.core.tube;

import static mellowflare.core.tube.TubeLineKind.TUBE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeLine;
import org.junit.jupiter.api.Test;

/** A tube as one of the kinds of line: what is taken over after a change, what it cuts off the shelf's lengths, and how it is signed. */
class TubeKindTest {
    private static Setting setting(ReferenceData data, Service service) {
        return new Setting(
                new Ports(
                        TubeSamples.port(LineEnd.A, EndCode.JIC37, "-6", Gender.MALE),
                        TubeSamples.port(LineEnd.B, EndCode.JIC37, "-6", Gender.MALE)),
                service,
                Practice.USUAL,
                UnitSystem.METRIC,
                MakeLog.EMPTY,
                data);
    }

    private static TubePlan plan(TubeLine line) {
        return TUBE.plan(line, setting(Samples.DATA, TubeSamples.service()), Optional.empty());
    }

    @Test
    void testAPlanIsTakenOverOnlyWhereNothingChanged() {
        TubeLine line = TubeSamples.line();
        Setting setting = setting(Samples.DATA, TubeSamples.service());
        TubePlan before = TUBE.plan(line, setting, Optional.empty());
        assertSame(before, TUBE.plan(line, setting, Optional.of(before)));
        TubePlan other = TUBE.plan(TubeLine.NEW, setting, Optional.of(before));
        assertNotSame(before, other);
        assertEquals(TUBE.plan(TubeLine.NEW, setting, Optional.empty()), other);
        Setting unsaid = setting(Samples.DATA, Service.UNSAID);
        TubePlan moved = TUBE.plan(line, unsaid, Optional.of(before));
        assertNotSame(before, moved);
        assertEquals(TUBE.plan(line, unsaid, Optional.empty()), moved);
    }

    @Test
    void testItIsAFreshTubeUntilSomethingIsSaid() {
        assertSame(TubeLine.NEW, TUBE.fresh());
        assertEquals(TubeLine.class, TUBE.lineType());
        assertEquals(TubePlan.class, TUBE.planType());
    }

    @Test
    void testASignatureChangesWhoMeasuredAndNothingElse() {
        CalledFigure measured = plan(TubeSamples.line()).measured().orElseThrow();
        assertEquals("Maren", measured.calledBy());
        TubeLine signed = TUBE.signed(TubeSamples.line(), measured);
        assertEquals(TubeSamples.line(), signed);
        CalledFigure other = new CalledFigure(
                measured.value(),
                measured.entered(),
                "Ilse",
                "Maren",
                Instrument.RULE,
                measured.second(),
                measured.secondBy());
        TubeLine byOther = TUBE.signed(TubeSamples.line(), other);
        assertEquals(Optional.of(other), plan(byOther).measured());
    }

    private static final String TUBE_NAME =
            plan(TubeSamples.line()).takes().get(0).key();

    private static ReferenceData shelf(Length... pieces) {
        return Samples.DATA.with(
                Shelf.KEY,
                Shelf.of(
                        List.of(Count.lengths(TUBE_NAME, TUBE_NAME, List.of(pieces), Instant.EPOCH, "Maren")),
                        List.of()));
    }

    /** Only the tube is cut, off the lengths that the shop has counted; of what is not counted nothing is known. */
    @Test
    void testTheTubeIsCutOffTheLengthsThatWereCounted() {
        assertThat(plan(TubeSamples.line()).cuts()).isEmpty();
        ReferenceData counted = shelf(Length.ofMm(3000), Length.ofMm(1200));
        TubePlan plan = TUBE.plan(TubeSamples.line(), setting(counted, TubeSamples.service()), Optional.empty());
        assertThat(plan.cuts()).hasSize(1);
        Cuts cut = plan.cuts().get(0);
        assertEquals(TUBE_NAME, cut.key());
        Length marked = plan.cutFigure().orElseThrow().marked();
        assertEquals(1, cut.task().pieces().size());
        assertEquals(marked.mm(), cut.task().pieces().get(0).length().mm(), 1e-9);
        Used used = cut.used().get(0);
        assertEquals(marked.mm() / 1000, used.amount(), 1e-9);
        assertEquals(Optional.of(Length.ofMm(1200)), used.piece());
        assertEquals(1200 - marked.mm() - 2, used.left().orElseThrow().mm(), 1e-9);
        assertThat(plan.takes()).filteredOn(t -> t.role() == PartRole.CUT).hasSize(1);
        Take tube = plan.takes().get(0);
        assertEquals(4.2, tube.onShelf().orElseThrow(), 1e-9);
    }

    @Test
    void testEachFlareHasItsSealAndAnUnknownEndNone() {
        TubePlan plan = plan(TubeSamples.line());
        for (LineEnd which : LineEnd.values()) {
            assertThat(plan.seal(which)).isPresent();
        }
        assertThat(plan(TubeLine.NEW).seal(LineEnd.A)).isEmpty();
    }

    /** The bends by the end that is nearer to the bender. */
    @Test
    void testTheBendsComeFromTheEndThatIsAskedFor() {
        TubePlan plan = plan(TubeSamples.line());
        assertThat(plan.order(LineEnd.A).rows())
                .hasSameSizeAs(plan.order(LineEnd.B).rows())
                .isNotEmpty();
        assertThat(plan.order(LineEnd.A).rows())
                .isNotEqualTo(plan.order(LineEnd.B).rows());
        assertThat(plan(TubeLine.NEW).order(LineEnd.A).rows()).isEmpty();
    }

    @Test
    void testStepsAloneAreThoseOfThePlan() {
        TubeCase c = TubeSamples.of(TubeSamples.line());
        assertEquals(TubePlan.of(c).steps(), TubePlan.steps(c));
        assertThat(TubePlan.steps(c)).isNotEmpty();
    }

    /** A template is checked by the straight between its ends, another tube by itself. */
    @Test
    void testTheSecondReadingIsOfTheTemplateWhereThereIsOne() {
        BenchWords.OnePiece measured =
                (BenchWords.OnePiece) plan(TubeSamples.line()).benchWords();
        assertEquals(plan(TubeSamples.line()).cutFigure().map(c -> c.marked()), measured.toCut());
        TubeLine templated = TubeSamples.line().withMeasured(template());
        BenchWords.OnePiece offTemplate = (BenchWords.OnePiece) plan(templated).benchWords();
        assertThat(offTemplate.second()).isNotEqualTo(measured.second());
    }

    private static Measured template() {
        return new Measured.Template(Length.ofMm(400));
    }
}
