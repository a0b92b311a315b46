package mellowflare.core.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DashSizeTest {
    /** Sixteenths of an inch. */
    @ParameterizedTest
    @CsvSource({"-8, 8, 12.7", "8, 8, 12.7", "' -12 ', 12, 19.05", "1, 1, 1.5875", "64, 64, 101.6"})
    void testADashSizeIsReadWithAndWithoutItsDash(String text, int number, double mm) {
        DashSize size = DashSize.read(text).orElseThrow();
        assertEquals(number, size.number());
        assertEquals(mm, size.tubeOutside().mm(), 1e-9);
        assertEquals("-" + number, size.text());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "-0", "65", "-65", "100", "--8", "8.5", "eight"})
    void testWhatIsNoneIsNotRead(String text) {
        assertEquals(Optional.empty(), DashSize.read(text));
    }

    @Test
    void testTheyStandInOrder() {
        assertThat(new DashSize(6)).isLessThan(new DashSize(8));
        assertThat(new DashSize(8)).isEqualByComparingTo(new DashSize(8));
    }
}
