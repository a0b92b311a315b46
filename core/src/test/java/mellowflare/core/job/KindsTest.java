package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Line;
import mellowflare.core.line.Plan;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.OwnLists;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every kind of line says of itself. */
class KindsTest {
    static Stream<Kind<?, ?>> kinds() {
        return Kinds.ALL.stream();
    }

    @Test
    void testTheKindsAreKnownByTheirNames() {
        assertThat(Kinds.ALL.stream().map(k -> k.id().word())).isNotEmpty().doesNotHaveDuplicates();
        for (Kind<?, ?> k : Kinds.ALL) {
            assertEquals(Optional.of(k), Kinds.find(k.id()));
        }
        assertEquals(Optional.empty(), Kinds.find(new KindId("cable")));
        assertSame(Kinds.ALL.get(0), Kinds.usual());
        assertThat(Kinds.ALL.stream().map(Kind::word)).doesNotHaveDuplicates().noneMatch(String::isBlank);
    }

    @Test
    void testEveryListOfAKindIsAmongThoseThatAShopMayLayRowsOver() {
        List<OwnLists<?>> all = Kinds.ownLists();
        Kinds.ALL.forEach(k -> assertThat(all).containsAll(k.ownLists()));
        assertThat(all.stream()
                        .flatMap(l -> l.files().stream())
                        .map(f -> f.id())
                        .collect(Collectors.toList()))
                .doesNotHaveDuplicates()
                .contains("suppliers");
        for (OwnLists<?> l : all) {
            emptyChangesNothing(l);
        }
    }

    private static <T> void emptyChangesNothing(OwnLists<T> lists) {
        assertThat(lists.files()).isNotEmpty();
        assertEquals(0, lists.count(lists.none()));
        assertSame(Samples.DATA, lists.over(lists.none(), Samples.DATA));
        assertEquals(0, lists.count(lists.plus(lists.none(), lists.none())));
        T shipped = lists.of(Samples.DATA);
        assertEquals(lists.count(shipped), lists.count(lists.plus(shipped, lists.none())));
        for (var file : lists.files()) {
            assertThat(lists.csv(file, lists.none())).startsWith(String.join(",", file.columns()));
        }
    }

    /** A fresh line is planned, asks for what it still needs, and stops nothing. */
    @ParameterizedTest
    @MethodSource("kinds")
    <L extends Line, P extends Plan> void testAFreshLineOfEveryKindIsPlanned(Kind<L, P> kind) {
        L fresh = kind.fresh();
        assertThat(fresh).isInstanceOf(kind.lineType()).isEqualTo(kind.fresh());
        P plan = kind.plan(fresh, Samples.setting(Practice.USUAL, MakeLog.EMPTY, Samples.DATA), Optional.empty());
        assertThat(plan).isInstanceOf(kind.planType());
        assertThat(plan.stops()).isFalse();
        assertThat(plan.stillNeeded()).isNotBlank();
        assertThat(plan.benchWords()).isNotNull();
        assertThat(plan.strip().shapes()).isNotNull();
        assertThat(plan.findings()).isNotEmpty();
        assertThat(kind.mendings(plan)).isNotNull();
        P again = kind.plan(fresh, Samples.setting(Practice.USUAL, MakeLog.EMPTY, Samples.DATA), Optional.of(plan));
        assertEquals(plan.findings(), again.findings());
    }
}
