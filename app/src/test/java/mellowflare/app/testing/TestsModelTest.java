package mellowflare.app.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.TestJoint;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TestsModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private TestsModel tests;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        job("demo-slew-hose");
        open.desk().personProperty().set("Maren");
        tests = new TestsModel(open.desk());
    }

    private void job(String id) {
        open.desk().open(id);
        open.settle();
    }

    @AfterEach
    void close() {
        open.close();
    }

    private void type(String reading) {
        tests.fields().reading().textProperty().set(reading);
        tests.take(tests.fields().reading().value().orElseThrow());
        tests.fields().reading().clear();
    }

    private TestJoint line() {
        return tests.open().orElseThrow().joints().get(0);
    }

    @Test
    void testAProofIsTypedLookedAtAndSigned() {
        assertThat(tests.open().orElseThrow().ask().duty().id()).isEqualTo("proof-minute");
        assertThat(tests.tested().all()).hasSize(2);
        assertThat(tests.stands(tests.open().orElseThrow())).isEqualTo("not taken");
        type("0 424 bar");
        type("15 s 424 bar");
        type("30 s 423 bar");
        assertThat(tests.readings(6)).containsExactly("0 s   424 bar", "15 s   424 bar", "30 s   423 bar");
        assertThat(tests.outcome().orElseThrow().passed())
                .as("nobody looked at it")
                .isFalse();
        tests.seen(line(), Optional.of(Seen.DRY));
        assertThat(tests.outcome().orElseThrow().passed()).isTrue();
        tests.sign();
        assertThat(tests.record().orElseThrow().by()).isEqualTo("Maren");
        assertThat(tests.record().orElseThrow().on()).isPresent();
        // It is kept, and one undo takes back the signature alone.
        open.settle();
        open.desk().undo();
        open.settle();
        assertThat(tests.record().orElseThrow().by()).isEmpty();
        assertThat(tests.count()).isEqualTo(3);
    }

    @Test
    void testOnceMoreKeepsWhatWasRead() {
        type("0 424 bar");
        tests.medium(Medium.WATER);
        tests.fields().number().textProperty().set("G 12");
        tests.again();
        assertThat(tests.count()).isZero();
        assertThat(tests.record().orElseThrow().medium()).isEqualTo(Medium.WATER);
        assertThat(tests.record().orElseThrow().gauge().number()).isEqualTo("G 12");
        assertThat(tests.open().orElseThrow().takes()).hasSize(2);
        assertThat(open.desk().job().taken()).hasSize(2);
        tests.again();
        assertThat(open.desk().job().taken())
                .as("an empty take stays the only one")
                .hasSize(2);
    }

    @Test
    void testOddFiguresAreRefusedInASentenceAndLoseNothing() {
        type("0 424 bar 18 C");
        tests.fields().reading().textProperty().set("15 s 424 bar");
        assertThat(tests.fields().reading().refusalProperty().get()).contains("temperature");
        tests.fields().until().textProperty().set("soon");
        assertThat(tests.fields().until().refusalProperty().get()).contains("soon");
        tests.fields().upTo().textProperty().set("much");
        assertThat(tests.fields().upTo().refusalProperty().get()).isNotBlank();
        assertThat(tests.count()).isEqualTo(1);
        assertThat(tests.record().orElseThrow().gauge().calibratedUntil()).isEmpty();
        tests.removeLast();
        tests.removeLast();
        assertThat(tests.count()).isZero();
    }

    @Test
    void testALineOfWhichLittleIsKnownAsksForThePressureOfItsTest() {
        open.desk().openNew();
        open.settle();
        assertThat(tests.open().orElseThrow().ask().target()).isEmpty();
        type("0 20 bar");
        type("30 s 20 bar");
        assertThat(tests.outcome().orElseThrow().findings())
                .anyMatch(f -> f.asks().contains("pressure of the test"));
        tests.fields().target().textProperty().set("19 bar");
        assertThat(tests.outcome().orElseThrow().findings())
                .noneMatch(f -> f.asks().contains("pressure of the test"));
    }

    @Test
    void testAVacuumIsReadInPascalAndNotByTheLogger() {
        job("demo-chiller");
        tests.open(tests.tested().all().get(2).ask());
        assertThat(tests.isVacuum()).isTrue();
        int before = tests.count();
        tests.fields().vacuum().textProperty().set("20 min 400 micron");
        tests.take(tests.fields().vacuum().value().orElseThrow());
        assertThat(tests.readings(1)).containsExactly("20 min   53 Pa");
        assertThat(tests.count()).isEqualTo(before + 1);
        tests.removeLast();
        assertThat(tests.count()).isEqualTo(before);
        LoggerModel logger = LoggerModel.practice(tests, Runnable::run, Runnable::run);
        logger.start();
        assertThat(logger.isRunning()).isFalse();
        assertThat(logger.saysProperty().get()).contains("takes no logger");
    }

    @Test
    void testWhatTheLineKeepsItselfIsShownAndNotTaken() {
        job("demo-shed-air");
        tests.open(tests.tested().all().get(0).ask());
        assertThat(tests.open().orElseThrow().kept()).isTrue();
        LoggerModel logger = LoggerModel.practice(tests, Runnable::run, Runnable::run);
        logger.start();
        assertThat(logger.isRunning()).isFalse();
    }

    // --- the logger ---

    private LoggerModel running(int ticks) {
        LoggerModel logger = LoggerModel.practice(tests, Runnable::run, Runnable::run);
        logger.start();
        for (int i = 0; i < ticks; i++) {
            logger.tick();
        }
        return logger;
    }

    @Test
    void testALoggedProofPassesOnceItWasLookedAt() {
        LoggerModel logger = running(40);
        assertThat(tests.count()).isGreaterThan(30);
        logger.stop();
        logger.tick();
        assertThat(logger.isRunning()).isFalse();
        tests.seen(line(), Optional.of(Seen.DRY));
        assertThat(tests.outcome().orElseThrow().verdict()).isEqualTo(HoldTest.Verdict.TIGHT);
    }

    @Test
    void testPulledOutItSaysSoAndKeepsWhatCame() {
        LoggerModel logger = running(10);
        int before = tests.count();
        logger.pullOrPlug();
        logger.tick();
        assertThat(logger.saysProperty().get()).contains("unplugged");
        assertThat(tests.count()).isEqualTo(before);
        logger.pullOrPlug();
        for (int i = 0; i < 5; i++) {
            logger.tick();
        }
        assertThat(tests.count()).isGreaterThan(before);
    }

    @Test
    void testAClockSetBackIsToldAndNotedInTheRecord() {
        LoggerModel logger = running(20);
        logger.clockBack();
        logger.tick();
        logger.tick();
        assertThat(logger.saysProperty().get()).contains("set back");
        assertThat(tests.record().orElseThrow().note()).contains("set back");
    }

    @Test
    void testAnotherTestOrJobEndsTheLogging() {
        LoggerModel logger = running(5);
        tests.open(tests.tested().all().get(1).ask());
        logger.tick();
        assertThat(logger.isRunning()).isFalse();
        assertThat(tests.count()).isZero();
    }

    @Test
    void testALeakShowsOnAHold() {
        job("demo-chiller");
        tests.open(tests.tested().all().get(0).ask());
        tests.again();
        tests.fields().step().textProperty().set("0.001");
        LoggerModel logger = running(20);
        logger.leak();
        for (int i = 0; i < 60; i++) {
            logger.tick();
        }
        assertThat(tests.outcome().orElseThrow().verdict()).isEqualTo(HoldTest.Verdict.LEAKS);
        assertThat(tests.leak()).isNotEqualTo("–");
        assertThat(tests.band()).startsWith("±");
    }

    @Test
    void testAFileOfALoggerIsTakenWithoutItsBadRows() throws Exception {
        LoggerModel logger = LoggerModel.none(tests);
        Path file = Files.writeString(folder.resolve("log.csv"), "time,pressure\n0,424\n15,424\nx,424\n30,423.5\n");
        logger.file(file);
        assertThat(tests.count()).isEqualTo(3);
        assertThat(logger.saysProperty().get()).contains("3 readings taken.", "One row was left out", "x");
        logger.file(Files.writeString(folder.resolve("odd.csv"), "a,b\n1,2\n"));
        assertThat(logger.saysProperty().get()).contains("time and pressure");
        logger.file(folder.resolve("none.csv"));
        assertThat(logger.saysProperty().get()).isNotBlank();
        assertThat(tests.count()).isEqualTo(3);
        logger.start();
        assertThat(logger.isRunning()).isFalse();
    }

    /** Logging never overwrites what somebody wrote down. */
    @Test
    void testWhatWasTypedBeforeStaysAsAnEarlierTake() throws Exception {
        type("0 424 bar");
        type("10 s 423 bar");
        LoggerModel logger = running(6);
        logger.stop();
        assertThat(tests.open().orElseThrow().takes()).hasSize(2);
        assertThat(tests.open().orElseThrow().takes().get(0).readings()).hasSize(2);
        logger.file(Files.writeString(folder.resolve("log.csv"), "time,pressure\n0,424\n15,424\n"));
        assertThat(tests.open().orElseThrow().takes()).hasSize(3);
        assertThat(tests.count()).isEqualTo(2);
    }
}
