package mellowflare.core.testing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.reference.BrokenTable;
import org.junit.jupiter.api.Test;

class LoggerFileTest {
    @Test
    void whatIsWrittenIsReadAgain() {
        String text = "time_s,pressure_bar,temperature_C,barometer_bar\n0,7.934,18.2,1.0132\n60,7.931,18.1,\n";
        LoggerFile.Logged logged = LoggerFile.read("log.csv", text);
        assertThat(logged.troubles()).isEmpty();
        assertThat(logged.gathering().readings()).hasSize(2);
        assertThat(LoggerFile.read("log.csv", LoggerFile.text(logged.gathering().readings())))
                .isEqualTo(logged);
    }

    @Test
    void unitsStandInTheHeadingOrInTheCell() {
        LoggerFile.Logged logged =
                LoggerFile.read("log.csv", "\uFEFFtime_min,pressure_psi\n0,115\n1.5,114.5\n90 s,114\n2 h,7.8 bar\n");
        assertThat(logged.gathering().readings()).hasSize(3);
        assertThat(logged.gathering().readings().get(0).gauge().bar()).isCloseTo(7.929, within(0.001));
        assertThat(logged.gathering().readings().get(1).seconds()).isEqualTo(90);
        assertThat(logged.gathering().readings().get(2).gauge().bar()).isCloseTo(7.8, within(1e-9));
    }

    @Test
    void aBadRowCostsThatRowAndAClockSetBackIsTold() {
        LoggerFile.Logged logged = LoggerFile.read(
                "log.csv",
                "time,pressure,temperature\n0,8,20\n30,eight,20\n60,7.99,20\n20,7.98,20\nlater,7.9,20\n90,7.97,20\n120,7.96,\n");
        assertThat(logged.gathering().readings()).hasSize(3);
        assertThat(logged.troubles()).hasSize(3);
        assertThat(logged.troubles().get(0)).contains("log.csv", "3", "pressure");
        assertThat(logged.troubles().get(1)).contains("later");
        assertThat(logged.troubles().get(2)).contains("set back");
    }

    @Test
    void whatIsNoSuchTableIsRefusedInASentence() {
        assertThatThrownBy(() -> LoggerFile.read("log.csv", "a,b\n1,2\n"))
                .isInstanceOf(BrokenTable.class)
                .hasMessageContaining("time and pressure");
        assertThatThrownBy(() -> LoggerFile.read("log.csv", "")).isInstanceOf(BrokenTable.class);
    }
}
