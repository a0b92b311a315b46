package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import org.junit.jupiter.api.Test;

class ShopFindingsTest {
    private static final Observation OPEN = Observation.of(Gender.MALE)
            .withDiameter(Optional.of(Length.ofMm(14.2)))
            .withPitch(Optional.of(Pitch.ofPerInch(18)));

    private static double share(Identifier identifier, EndCode code) {
        return identifier.identify(OPEN).candidates().stream()
                .filter(c -> c.end().id().code() == code)
                .mapToDouble(Candidate::probability)
                .sum();
    }

    @Test
    void testPriorSumsToOneAndIsTheTablesWhenNothingWasFound() {
        List<End> males = DATA.get(EndTable.KEY).of(Gender.MALE);
        double[] none = ShopFindings.NONE.prior(males);
        assertThat(Arrays.stream(none).sum()).isCloseTo(1, within(1e-12));
        double shares = males.stream().mapToDouble(End::share).sum();
        assertThat(none[5]).isCloseTo(males.get(5).share() / shares, within(1e-12));
        ShopFindings some = ShopFindings.of(Collections.nCopies(30, males.get(5).id()));
        double[] shifted = some.prior(males);
        assertThat(Arrays.stream(shifted).sum()).isCloseTo(1, within(1e-12));
        // (50 share + 30) / 80
        assertThat(shifted[5]).isCloseTo((50 * none[5] + 30) / 80, within(1e-12));
    }

    @Test
    void testWhatIsOftenFittedHereIsLikelierWhileReadingsStillDecide() {
        Identifier tables = new Identifier(DATA);
        Identifier shop =
                new Identifier(DATA, ShopFindings.of(Collections.nCopies(20, id(EndCode.ORFS, "-4", Gender.MALE))));
        assertThat(share(shop, EndCode.ORFS))
                .isGreaterThan(share(tables, EndCode.ORFS))
                .isGreaterThan(0.7);
        Observation cone = OPEN.withSeat(Optional.of(mellowflare.core.connection.Seat.CONE37))
                .withRing(Optional.of(RingSeen.NONE));
        assertThat(shop.identify(cone).best().orElseThrow().end().id().code()).isEqualTo(EndCode.JIC37);
    }
}
