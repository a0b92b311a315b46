package mellowflare.app.gauge;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.devices.Caliper;
import mellowflare.devices.PracticePort;
import mellowflare.devices.SerialCaliper;

/** The caliper that is connected, read away from the interface; a practice one has a unit key and a plug to play with. */
public final class CaliperModel {
    private final Optional<Caliper> caliper;
    private final Optional<PracticePort> practice;
    private final Executor away;
    private final Executor back;

    private CaliperModel(Optional<Caliper> caliper, Optional<PracticePort> practice, Executor away, Executor back) {
        this.caliper = caliper;
        this.practice = practice;
        this.away = away;
        this.back = back;
    }

    /** No caliper is connected. */
    public static CaliperModel none() {
        return new CaliperModel(Optional.empty(), Optional.empty(), Runnable::run, Runnable::run);
    }

    /**
     * The simulated caliper that ships.
     *
     * @param port what it talks on
     * @param away runs the reading, which may wait for the instrument
     * @param back hands the reading on, on the interface thread
     */
    public static CaliperModel practice(PracticePort port, Executor away, Executor back) {
        return new CaliperModel(Optional.of(new SerialCaliper(port)), Optional.of(port), away, back);
    }

    /** Reads the caliper; a sentence comes instead of a figure when there is none to be had. */
    public void read(Consumer<Read<Length>> take, Consumer<String> tell) {
        if (caliper.isEmpty()) {
            tell.accept(Say.it("caliper-model.no-caliper-connected-type"));
            return;
        }
        away.execute(() -> {
            Read<Length> reading = caliper.get().reading();
            back.execute(() -> take.accept(reading));
        });
    }

    public boolean isPractice() {
        return practice.isPresent();
    }

    /** What the practice caliper stands at, in words. */
    public String stands() {
        return practice.map(p -> !p.isPlugged()
                        ? Say.it("caliper-model.unplugged")
                        : p.showsInches()
                                ? Say.it("caliper-model.shows-inches")
                                : Say.it("caliper-model.shows-millimetres"))
                .orElse(Say.it("caliper-model.none-connected"));
    }

    /** Presses the practice caliper's unit key. */
    public void switchUnit() {
        practice.ifPresent(PracticePort::switchUnit);
    }

    /** Pulls the practice caliper's plug, or puts it back. */
    public void pullOrPlug() {
        practice.ifPresent(p -> p.plug(!p.isPlugged()));
    }
}
