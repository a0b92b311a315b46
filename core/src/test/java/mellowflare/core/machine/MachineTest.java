package mellowflare.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;

class MachineTest {
    private final ReferenceData data = ShippedData.get();

    private Evaluation hose(int number, double mm) {
        Job job = Job.open("h" + number, "Hose " + number, "Dunlin, deck crane", UnitSystem.METRIC)
                .with(
                        HoseLineKind.HOSE,
                        HoseLine.NEW
                                .withHose(Optional.of("KH2-08"))
                                .withA(HoseEndPick.of("KC08-B08M"))
                                .withB(HoseEndPick.of("KC08-B08M"))
                                .withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(mm), mm + " mm"))));
        return Evaluation.of(job, data);
    }

    private Machine machine(double... lengths) {
        return Machine.of(
                "Dunlin",
                IntStream.range(0, lengths.length)
                        .mapToObj(i -> hose(i, lengths[i]))
                        .toList());
    }

    @Test
    void marksGoOnAfterTheAlphabet() {
        assertThat(List.of(Machine.mark(0), Machine.mark(25), Machine.mark(26), Machine.mark(51), Machine.mark(52)))
                .containsExactly("A", "Z", "AA", "AZ", "BA");
        Set<String> marks = IntStream.range(0, 2000).mapToObj(Machine::mark).collect(Collectors.toSet());
        assertThat(marks).hasSize(2000);
    }

    @Test
    void aMachineHasItsPartsAndNotItsNamesakes() {
        assertThat(Machine.holds("Dunlin", "Dunlin, deck crane")).isTrue();
        assertThat(Machine.holds("dunlin ", "DUNLIN")).isTrue();
        assertThat(Machine.holds("Dunlin", "Dunlin II, hold")).isFalse();
        assertThat(Machine.holds("Dunlin, hold", "Dunlin")).isFalse();
        assertThat(Machine.nameOf("Dunlin, deck crane")).isEqualTo("Dunlin");
        assertThat(Machine.nameOf("Yard tractor")).isEqualTo("Yard tractor");
    }

    @Test
    void partsOfAllLinesAreAddedUpAgainstTheShelf() {
        Machine m = machine(900, 1200, 700);
        List<Take> alone = m.lines().get(0).of().plan().takes();
        assertThat(alone).extracting(Take::number).contains("KH2-08", "KC08-B08M");
        MachinePart end = m.parts().stream()
                .filter(p -> p.take().number().equals("KC08-B08M"))
                .findFirst()
                .orElseThrow();
        assertThat(end.take().need()).isEqualTo(6);
        assertThat(end.lines()).containsExactly("A", "B", "C");
        assertThat(end.lacks()).isEqualTo(Math.max(0, 6 - end.take().onShelf().orElseThrow()));
        MachinePart by = m.parts().stream()
                .filter(p -> p.take().number().equals("KH2-08"))
                .findFirst()
                .orElseThrow();
        double cuts = m.lines().stream()
                .mapToDouble(l -> l.of().plan().takes().get(0).need())
                .sum();
        assertThat(by.take().metres()).isTrue();
        assertThat(by.take().need()).isEqualTo(cuts);
        assertThat(m.cost()).isPositive();
        assertThat(MachineTables.parts(m).rows()).hasSize(m.parts().size());
        assertThat(MachineTables.lines(m).rows()).hasSize(3);
    }

    @Test
    void allHosesOfOneKindAreCutFromOneStockAndKeepTheirMarks() {
        Machine m = machine(900, 1200, 700);
        assertThat(m.tasks()).hasSize(1);
        CutPlan plan = m.cutPlans().values().iterator().next();
        List<String> placed = plan.bars().stream()
                .flatMap(b -> b.pieces().stream())
                .map(p -> p.name())
                .sorted()
                .toList();
        List<String> all = new ArrayList<>(placed);
        plan.unplaced().forEach(p -> all.add(p.name()));
        assertThat(all).containsExactlyInAnyOrder("A hose", "B hose", "C hose");
    }

    @Test
    void aMachineWithoutLinesIsEmptyAndNoFault() {
        Machine none = Machine.of("Dunlin", List.of());
        assertThat(none.parts()).isEmpty();
        assertThat(none.cutPlans()).isEmpty();
        assertThat(none.cost()).isZero();
        assertThat(MachineTables.parts(none).rows()).isEmpty();
    }
}
