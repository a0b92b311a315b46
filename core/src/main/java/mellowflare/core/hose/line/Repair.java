package mellowflare.core.hose.line;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.AdapterPart;
import mellowflare.core.parts.AdapterTable;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.ReferenceData;

/**
 * A damaged hose repaired by two ends on its stubs.
 *
 * @param one the end on one stub
 * @param other the end on the other
 * @param joiner what stands between two alike ends; empty when they mate directly
 * @param cut what to cut out, and what that does to the length
 */
public record Repair(HoseEndPart one, HoseEndPart other, Optional<AdapterPart> joiner, CutOut cut) {

    /**
     * The repairs that a hose's catalogue allows, those first that put back the most like what was damaged: a male and a swivel female that mate, or two
     * alike swivels and a joiner.
     *
     * @param hose the damaged hose; one bought whole is never repaired
     * @param damaged length that must go
     */
    public static List<Repair> of(HosePart hose, Length damaged, ReferenceData data) {
        if (hose.whole()) {
            return List.of();
        }
        List<HoseEndPart> straight = data.get(Catalogue.KEY).hoseEnds().stream()
                .filter(e -> e.hoseDash().filter(hose.dash()::equals).isPresent())
                .filter(e -> e.series().filter(hose.series()::equals).isPresent())
                .filter(e -> !e.elbow())
                .toList();
        List<Repair> direct = straight.stream()
                .filter(m -> m.end().gender() == Gender.MALE)
                .flatMap(m -> straight.stream()
                        .filter(f -> f.swivel()
                                && f.end().gender() == Gender.FEMALE
                                && f.end().equals(m.end().mate())
                                && f.seat() == m.seat()
                                && f.attach().equals(m.attach()))
                        .map(f -> new Repair(
                                m, f, Optional.empty(), new CutOut(damaged, m.cutOff(), f.cutOff(), Length.ZERO))))
                .toList();
        List<Repair> joined = straight.stream()
                .filter(HoseEndPart::swivel)
                .flatMap(f -> data.get(AdapterTable.KEY).all().stream()
                        .filter(a -> a.straight()
                                && a.a().equals(a.b())
                                && a.a().equals(f.end().mate()))
                        .map(a -> new Repair(
                                f, f, Optional.of(a), new CutOut(damaged, f.cutOff(), f.cutOff(), a.length()))))
                .toList();
        return java.util.stream.Stream.concat(direct.stream(), joined.stream())
                .sorted(Comparator.comparing((Repair r) -> r.cut().shortBy())
                        .thenComparing(r -> r.cut().soundTaken())
                        .thenComparing(r -> r.one().part()))
                .limit(4)
                .toList();
    }
}
