package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class LetteringTest {
    private static final Point HERE = new Point(100, 100);

    @Test
    void testWordsStandUnderTheirPointWhereNothingIsInTheWay() {
        Lettering.Place place = new Lettering(List.of()).beside(HERE, "bench", "7 bar");
        assertThat(place.at()).isEqualTo(new Point(100, 88));
        assertThat(place.anchor()).isEqualTo(Shape.Anchor.MIDDLE);
    }

    @Test
    void testALineUnderThePointSendsThemAside() {
        Lettering.Line below = new Lettering.Line(new Point(0, 90), new Point(200, 90));
        Lettering.Place place = new Lettering(List.of(below)).beside(HERE, "bench", "");
        assertThat(place.at()).isEqualTo(new Point(105, 98));
        assertThat(place.anchor()).isEqualTo(Shape.Anchor.START);
    }

    @Test
    void testTheSamePlaceIsNotGivenTwice() {
        Lettering lettering = new Lettering(List.of());
        Lettering.Place first = lettering.beside(HERE, "bench", "7 bar");
        Lettering.Place second = lettering.beside(HERE, "vice", "7 bar");
        assertThat(second.at()).isNotEqualTo(first.at());
    }

    /** Two lines crossed are better than words over words. */
    @Test
    void testWordsRatherLieOverLinesThanOverWords() {
        Lettering.Line left = new Lettering.Line(new Point(60, 0), new Point(60, 200));
        Lettering.Line right = new Lettering.Line(new Point(140, 0), new Point(140, 200));
        Lettering lettering = new Lettering(List.of(left, right));
        lettering.beside(HERE, "bench", "");
        Lettering.Place other = lettering.beside(new Point(104, 100), "a very long name", "");
        assertThat(other.at()).isNotEqualTo(new Point(104, 88));
    }

    /** A slanted line that only cuts the corner of where the words would stand is in their way too; one that ends before it is not. */
    @Test
    void testALineIsInTheWayWhereItPassesThrough() {
        Lettering.Line corner = new Lettering.Line(new Point(60, 60), new Point(94, 90));
        Lettering.Line before = new Lettering.Line(new Point(60, 60), new Point(78, 76));
        assertThat(new Lettering(List.of(corner)).beside(HERE, "bench", "").at())
                .isNotEqualTo(new Point(100, 88));
        assertThat(new Lettering(List.of(before)).beside(HERE, "bench", "").at())
                .isEqualTo(new Point(100, 88));
    }
}
