package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShopInchesTest {

    @ParameterizedTest
    @CsvSource({
        "0, 0, 0\"",
        "0.5, 1/2, 1/2\"",
        "2.4375, 2 7/16, 2 7/16\"",
        "11.99, 12, 1' 0\"",
        "76.5, 76 1/2, 6' 4 1/2\"",
        "0.03125, 1/16, 1/16\"",
        "0.03124, 0, 0\"",
        "44.8819, 44 7/8, 3' 8 7/8\"",
    })
    void testSixteenthsAreReducedTiesGoUpAndCarry(double inches, String fraction, String feet) {
        ShopInches shop = ShopInches.of(Length.ofInches(inches), 16);
        assertThat(shop.text()).isEqualTo(fraction);
        assertThat(shop.feetText()).isEqualTo(feet);
    }

    @Test
    void testNegativeLengthOrOddRuleIsRefused() {
        assertThatThrownBy(() -> ShopInches.of(Length.ofMm(-1), 16)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> ShopInches.of(Length.ofMm(1), 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> ShopInches.of(Length.ofMm(1), 2000)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testShopTextsGiveBothSystems() {
        assertThat(LengthFormat.both(Length.ofMm(1140), UnitSystem.METRIC)).isEqualTo("1140 mm (44 7/8 in)");
        assertThat(LengthFormat.both(Length.ofInches(30.5), UnitSystem.INCH)).isEqualTo("30 1/2 in (775 mm)");
        assertThat(LengthFormat.shopMm(Length.ofMm(10.5))).isEqualTo(Length.ofMm(11));
        assertThat(LengthFormat.decimal(-0.0004, 2, 0)).isEqualTo("0");
        assertThat(LengthFormat.inches(Length.ofMm(14.2))).isEqualTo("0.559 in");
    }
}
