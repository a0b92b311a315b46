package mellowflare.app.testing;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.testing.Gathering;
import mellowflare.core.testing.LoggerFile;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;
import mellowflare.devices.PracticeLogger;
import mellowflare.devices.SerialLogger;

/** The logger that is connected: read away from the interface, reading by reading, into the record of the open test. A practice one can be made to leak, be unplugged and have its clock set back. */
public final class LoggerModel {
    private static final double USUAL_LITRES = 60;
    private static final double USUAL_BAR = 8;
    private static final double LEAK = 3;
    private static final double BACK_SECONDS = 120;
    private static final int READINGS_IN_LEAST_TIME = 60;
    private static final double SLOWEST = 60;

    private final TestsModel tests;
    private final boolean practice;
    private final Executor away;
    private final Executor back;
    private final ReadOnlyStringWrapper says = new ReadOnlyStringWrapper("");
    private Optional<PracticeLogger> port = Optional.empty();
    private Optional<SerialLogger> logger = Optional.empty();
    private Gathering gathering = Gathering.NONE;
    private String key = "";
    private boolean waiting;
    private boolean leaking;

    private LoggerModel(TestsModel tests, boolean practice, Executor away, Executor back) {
        this.tests = tests;
        this.practice = practice;
        this.away = away;
        this.back = back;
        says.set(practice ? Say.it("logger-model.ready") : Say.it("logger-model.none"));
    }

    /** No logger is connected. */
    public static LoggerModel none(TestsModel tests) {
        return new LoggerModel(tests, false, Runnable::run, Runnable::run);
    }

    /**
     * The simulated logger that ships.
     *
     * @param away runs the reading, which may wait for the instrument
     * @param back hands the reading on, on the interface thread
     */
    public static LoggerModel practice(TestsModel tests, Executor away, Executor back) {
        return new LoggerModel(tests, true, away, back);
    }

    public boolean isPractice() {
        return practice;
    }

    public boolean isRunning() {
        return logger.isPresent();
    }

    /** How the logger stands, in a sentence. */
    public ReadOnlyStringProperty saysProperty() {
        return says.getReadOnlyProperty();
    }

    /** Begins to log the open test; what was read before stays as an earlier take. */
    public void start() {
        Optional<Tested.One> open = tests.open();
        if (!practice || open.isEmpty() || tests.isVacuum() || open.get().kept()) {
            says.set(practice ? Say.it("logger-model.not-this-test") : Say.it("logger-model.none"));
            return;
        }
        tests.again();
        TestRecord record = tests.record().orElseThrow();
        double least = open.get().ask().duty().seconds();
        double bar = open.get()
                .ask()
                .target()
                .or(record::target)
                .map(GaugePressure::bar)
                .orElse(USUAL_BAR);
        PracticeLogger simulated = new PracticeLogger(
                bar * 1.01,
                record.volume().map(Volume::litres).orElse(USUAL_LITRES),
                0,
                Math.max(1, Math.min(SLOWEST, Math.rint(least / READINGS_IN_LEAST_TIME))),
                open.get().ask().key().hashCode());
        port = Optional.of(simulated);
        logger = Optional.of(new SerialLogger(simulated));
        gathering = Gathering.NONE;
        key = open.get().ask().key();
        leaking = false;
        says.set(Say.it("logger-model.runs"));
    }

    /** Asks for the next reading, unless one is still being waited for. */
    public void tick() {
        if (waiting || logger.isEmpty()) {
            return;
        }
        waiting = true;
        SerialLogger asked = logger.get();
        away.execute(() -> {
            Read<HoldTest.Reading> read = asked.next();
            back.execute(() -> came(asked, read));
        });
    }

    private void came(SerialLogger asked, Read<HoldTest.Reading> read) {
        waiting = false;
        if (logger.filter(l -> l == asked).isEmpty()) {
            return;
        }
        if (tests.open().filter(t -> t.ask().key().equals(key)).isEmpty()) {
            stop();
            return;
        }
        read.refusal().ifPresent(says::set);
        read.value().ifPresent(r -> {
            gathering = gathering.with(r);
            says.set(gathering.setBack() > 0 ? gathering.says() : Say.it("logger-model.runs"));
            tests.takeAll(gathering.readings(), gathering.says());
        });
    }

    /** Ends; what was read stays. */
    public void stop() {
        logger = Optional.empty();
        port = Optional.empty();
        waiting = false;
        says.set(Say.it("logger-model.stopped"));
    }

    /** A joint of the practice line gives way, or is made tight again. */
    public void leak() {
        leaking = !leaking;
        port.ifPresent(p -> p.leaks(leaking ? LEAK : 0));
    }

    /** Pulls the practice logger's plug, or puts it back. */
    public void pullOrPlug() {
        port.ifPresent(p -> p.plug(!p.isPlugged()));
    }

    /** Sets the practice logger's clock back. */
    public void clockBack() {
        port.ifPresent(p -> p.clockBack(BACK_SECONDS));
    }

    /** Takes the readings of a logger's file, as a take of their own; says what was left out. */
    public void file(Path file) {
        away.execute(() -> {
            try {
                LoggerFile.Logged logged = LoggerFile.read(
                        file.getFileName().toString(), TextFiles.read(file, Say.it("logger-model.log"), "CSV"));
                back.execute(() -> took(logged));
            } catch (BookTrouble | BrokenTable e) {
                back.execute(() -> says.set(e.getMessage()));
            }
        });
    }

    private void took(LoggerFile.Logged logged) {
        tests.again();
        tests.takeAll(logged.gathering().readings(), logged.gathering().says());
        says.set(Say.it(
                "logger-model.read",
                "readings",
                logged.gathering().readings().size(),
                "left",
                logged.troubles().size(),
                "first",
                logged.troubles().isEmpty() ? "" : logged.troubles().get(0)));
    }
}
