package mellowflare.core.trouble.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.trouble.Sign;
import mellowflare.core.trouble.SignGroup;
import mellowflare.core.trouble.TroubleTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LookPictureTest {
    @Test
    void testEveryLookHasItsPictureAndNoPictureIsWithoutOne() {
        List<String> looks =
                TroubleTable.load().of(SignGroup.SEEN).stream().map(Sign::id).toList();
        assertThat(Stream.of(LookPicture.values()).map(LookPicture::sign)).containsExactlyInAnyOrderElementsOf(looks);
        assertThat(LookPicture.of("crack")).hasValue(LookPicture.CRACK);
        assertThat(LookPicture.of("rest")).as("is said, not looked for").isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void testWhatSaysYesDiffersFromWhatSaysNoAndNothingLiesOutside(LookPicture picture) {
        Drawing d = picture.drawing();
        List<Double> yes = points(d)
                .filter(p -> p.x() < 0)
                .flatMap(p -> Stream.of(p.x() + 72, p.y()))
                .toList();
        List<Double> no = points(d)
                .filter(p -> p.x() > 0)
                .flatMap(p -> Stream.of(p.x() - 72, p.y()))
                .toList();
        assertThat(yes).isNotEmpty().isNotEqualTo(no);
        assertThat(no).isNotEmpty();
        assertThat(points(d)).allMatch(p -> d.box().holds(p));
        assertThat(d.shapes().stream().filter(Shape.Label.class::isInstance).map(s -> ((Shape.Label) s).text()))
                .containsExactly("yes", "no");
    }

    private static Stream<Point> points(Drawing d) {
        return d.shapes().stream()
                .flatMap(s -> s instanceof Shape.Path p
                        ? p.points().stream()
                        : s instanceof Shape.Disc c
                                ? Stream.of(
                                        c.centre().plus(c.radius(), 0),
                                        c.centre().plus(-c.radius(), 0),
                                        c.centre().plus(0, c.radius()),
                                        c.centre().plus(0, -c.radius()))
                                : Stream.of());
    }
}
