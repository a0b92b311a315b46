package mellowflare.core.gas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.measure.PressureDifference;
import org.junit.jupiter.api.Test;

/** A walk that is changed: pieces go in and out, names that others speak of follow, sizes are set. */
class GasLineEditsTest {
    private static List<String> names(GasLine l) {
        return l.pieces().stream().map(Piece::name).toList();
    }

    private static Piece.Pipe pipe(GasLine l, String name) {
        return l.pieces().stream()
                .filter(p -> p.name().equals(name))
                .map(Piece.Pipe.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private static GasLine walk() {
        GasLine three = GasLines.line("a: right 3 m", "b: up 1 m size 12", "from a", "c: ahead 2 m");
        return three.insert(4, new Piece.Close("back", "b", Optional.of("22")));
    }

    @Test
    void testPiecesGoInOutAndAlongAndNeverBeyondTheEnds() {
        GasLine l = walk();
        Piece more = l.pieces().get(0).named("more");
        assertThat(names(l)).containsExactly("a", "b", "from a", "c", "back");
        assertThat(names(l.insert(1, more))).containsExactly("a", "more", "b", "from a", "c", "back");
        assertThat(names(l.insert(-7, more))).startsWith("more", "a");
        assertThat(names(l.insert(99, more))).endsWith("back", "more");
        assertThat(names(l.remove(1))).containsExactly("a", "from a", "c", "back");
        assertThat(names(l.move(0, 2))).containsExactly("b", "from a", "a", "c", "back");
        assertThat(names(l.move(4, -3))).startsWith("back", "a");
        assertThat(names(l.move(0, 99))).endsWith("back", "a");
    }

    @Test
    void testWhoSpeaksOfAPieceFollowsItsName() {
        GasLine l = walk();
        GasLine renamed = l.replace(0, l.pieces().get(0).named("main"))
                .replace(1, l.pieces().get(1).named("riser"));
        assertThat(((Piece.From) renamed.pieces().get(2)).to()).isEqualTo("main");
        Piece.Close back = (Piece.Close) renamed.pieces().get(4);
        assertThat(back.to()).isEqualTo("riser");
        assertThat(back.name()).isEqualTo("back");
        assertThat(back.size()).hasValue("22");
        assertThat(l.replace(3, l.pieces().get(3).named("d")).pieces().subList(0, 3))
                .as("nobody speaks of it")
                .isEqualTo(l.pieces().subList(0, 3));
        assertThat(l.replace(0, l.pieces().get(0))).isEqualTo(l);
    }

    @Test
    void testAFreeNameIsTheFirstNumberThatNobodyHas() {
        assertThat(walk().freeName()).isEqualTo("1");
        assertThat(walk().replace(0, walk().pieces().get(0).named("1")).freeName())
                .isEqualTo("2");
        assertThat(walk().taken("back")).isTrue();
        assertThat(walk().taken("front")).isFalse();
    }

    @Test
    void testASizeOfItsOwnIsKeptOnlyWhereItIsNotTheUsualOne() {
        GasLine sized = walk().sized(Optional.of("18"), Map.of("a", "18", "b", "15", "back", "18"));
        assertThat(sized.size()).hasValue("18");
        assertThat(pipe(sized, "a").size()).isEmpty();
        assertThat(pipe(sized, "b").size()).hasValue("15");
        assertThat(pipe(sized, "c").size()).isEmpty();
        assertThat(((Piece.Close) sized.pieces().get(4)).size()).isEmpty();
        GasLine back = walk().sized(Optional.of("15"), Map.of("back", "28"));
        assertThat(((Piece.Close) back.pieces().get(4)).size()).hasValue("28");
    }

    @Test
    void testWhatStandsInAnotherSizeIsNew() {
        GasLine standing = walk().replace(
                        1,
                        new Piece.Pipe(
                                "b",
                                pipe(walk(), "b").turn(),
                                pipe(walk(), "b").length(),
                                Optional.of("12"),
                                0,
                                pipe(walk(), "b").lies(),
                                true));
        assertThat(pipe(standing, "b").standing()).isTrue();
        assertThat(pipe(standing.sized(Optional.of("15"), Map.of("b", "12")), "b")
                        .standing())
                .isTrue();
        assertThat(pipe(standing.sized(Optional.of("15"), Map.of("b", "22")), "b")
                        .standing())
                .isFalse();
    }

    @Test
    void testAnotherKindOfPipeForgetsSizesAndTheSameOneDoesNot() {
        GasLine l = walk();
        assertThat(l.ofSystem(l.system())).isEqualTo(l);
        GasLine other = l.ofSystem(Optional.of("schedule40"));
        assertThat(other.system()).hasValue("schedule40");
        assertThat(other.size()).isEmpty();
        assertThat(pipe(other, "b").size()).isEmpty();
        assertThat(((Piece.Close) other.pieces().get(4)).size()).isEmpty();
        assertThat(names(other)).isEqualTo(names(l));
    }

    @Test
    void testSharesAndDropsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> walk().with().shares(Map.of("g31", 0.0)).build())
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> walk().with().shares(Map.of("g31", 1.01)).build())
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> walk().withDrop(Optional.of(PressureDifference.ofBar(0))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(walk().withDrop(Optional.of(PressureDifference.ofBar(1e-6))).drop())
                .isPresent();
    }
}
