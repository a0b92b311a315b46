package mellowflare.app.hose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HosePart;
import org.junit.jupiter.api.Test;

/** Digits choose a size of hose as soon as they mean one only. */
class DashKeysTest {
    private static final List<HosePart> OFFERED = OpenBook.DATA.get(Catalogue.KEY).hoses().stream()
            .filter(h -> h.part().startsWith("KH2-"))
            .toList();

    private final DashKeys keys = new DashKeys();

    private String type(String digits) {
        Optional<HosePart> last = Optional.empty();
        for (char digit : digits.toCharArray()) {
            last = keys.type(digit, OFFERED);
        }
        return last.map(h -> h.dash().text()).orElse("none");
    }

    @Test
    void testOneDigitIsEnoughWhereOnlyOneSizeBeginsWithIt() {
        assertThat(OFFERED).extracting(h -> h.dash().text()).contains("-8", "-10", "-12", "-16");
        assertThat(type("8")).isEqualTo("-8");
        assertThat(type("4")).isEqualTo("-4");
    }

    @Test
    void testADigitThatBeginsSeveralSizesWaitsForTheNext() {
        assertThat(type("1")).isEqualTo("none");
        assertThat(type("2")).isEqualTo("-12");
        assertThat(type("16")).isEqualTo("-16");
    }

    @Test
    void testDigitsOfNoSizeAreForgotten() {
        assertThat(type("7")).isEqualTo("none");
        assertThat(type("19")).isEqualTo("none");
        assertThat(type("8")).isEqualTo("-8");
    }
}
