package mellowflare.app.trouble;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.flow.fault.FaultFound;
import mellowflare.core.flow.fault.FaultSearch;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.fault.Reading;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.FaultTable;
import mellowflare.core.line.FaultWords;
import mellowflare.core.line.Probing;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import mellowflare.core.trouble.Diagnosing;
import mellowflare.core.trouble.ShopCauses;
import mellowflare.core.trouble.TroubleTable;

/** What the page of pressures does, without a window: what was read where while what ran, and what follows, worked out off the interface thread. It is kept while the window is open. */
public final class PressuresModel {
    private final Desk desk;
    private final Diagnosing diagnosing;
    private final Executor away;
    private final Executor back;
    private final ReadOnlyObjectWrapper<Optional<FaultFound>> found = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper working = new ReadOnlyStringWrapper("");
    private final FieldState<GaugePressure> pressure =
            new FieldState<>((t, u) -> QuantityText.pressure(t, bare()), (p, u) -> "");
    private final AtomicInteger turn = new AtomicInteger();
    private final Map<String, GaugePressure> read = new LinkedHashMap<>();
    private final Set<String> running = new LinkedHashSet<>();
    private Optional<String> place = Optional.empty();
    private String of = "";

    /**
     * @param away runs the search
     * @param back hands its result on, on the interface thread
     */
    public PressuresModel(Desk desk, Executor away, Executor back) {
        this.desk = desk;
        this.diagnosing = new Diagnosing(desk.data().get(TroubleTable.KEY));
        this.away = away;
        this.back = back;
        desk.currentProperty().addListener((o, was, now) -> changed(now));
        changed(desk.current());
    }

    /** Another line has other places; what was read of this one is of no use there. */
    private void changed(Evaluation now) {
        String is = now.job().id() + now.job().kind().id();
        if (!is.equals(of)) {
            of = is;
            read.clear();
            running.clear();
            place = Optional.empty();
            pressure.clear();
        }
        search();
    }

    private Optional<Probing> probing() {
        return desk.current().plan().probing();
    }

    private Optional<String> bare() {
        return probing().map(Probing::bare);
    }

    /** Whether the open line is a network in which pressures can be read. */
    public boolean offered() {
        return probing().isPresent();
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** What can hurt while a fault of the open line is looked for, in short. */
    public String dangers() {
        return TroubleModel.dangers(diagnosing.of(TroubleModel.about(desk.current()), ShopCauses.NONE), units());
    }

    // --- what runs ---

    public List<String> consumers() {
        return probing().map(Probing::consumers).orElse(List.of());
    }

    public boolean runs(String consumer) {
        return running.contains(consumer);
    }

    /** It runs while the gauges are read; said again it does not. */
    public void run(String consumer) {
        if (!running.remove(consumer)) {
            running.add(consumer);
        }
        search();
    }

    private Optional<Probed> net() {
        return probing().map(p -> p.with(running));
    }

    // --- what was read ---

    /** Places at which a gauge can be put; what is fed first. */
    public List<String> places() {
        return net().map(Probed::places).orElse(List.of());
    }

    public Optional<String> place() {
        return place.or(
                () -> places().stream().filter(p -> !read.containsKey(p)).findFirst());
    }

    /** The gauge stands there. */
    public void place(Optional<String> at) {
        place = at;
    }

    /** What it shows, as typed; bare figures in bar, or in mbar for gas. */
    public FieldState<GaugePressure> pressure() {
        return pressure;
    }

    /** Keeps what the gauge shows; says what is missing. */
    public void keep() {
        Optional<String> at = place();
        if (at.isEmpty()) {
            desk.tell(Say.it("pressures-model.where"));
            return;
        }
        if (pressure.value().isEmpty()) {
            desk.tell(Say.it("pressures-model.how-much"));
            return;
        }
        read.put(at.get(), pressure.value().get());
        pressure.clear();
        place = Optional.empty();
        search();
    }

    /** One reading was none. */
    public void drop(String at) {
        read.remove(at);
        search();
    }

    /** What was read, by place, each in words. */
    public Map<String, String> read() {
        Map<String, String> all = new LinkedHashMap<>();
        probing()
                .ifPresent(p -> read.forEach(
                        (at, value) -> all.put(at, p.pressure(value).text(units()))));
        return all;
    }

    /** What is still to be read before anything can be said. */
    public Optional<String> missing() {
        return net().flatMap(n -> FaultSearch.missing(n, readings()));
    }

    private List<Reading> readings() {
        List<Reading> all = new ArrayList<>();
        read.forEach((at, value) -> all.add(new Reading(at, value)));
        return all;
    }

    // --- what follows ---

    public ReadOnlyObjectProperty<Optional<FaultFound>> foundProperty() {
        return found.getReadOnlyProperty();
    }

    /** What is being worked out; empty while nothing is. */
    public ReadOnlyStringProperty workingProperty() {
        return working.getReadOnlyProperty();
    }

    private void search() {
        int mine = turn.incrementAndGet();
        Optional<Probed> net = net();
        // A place that is there only while its tool runs is none now.
        List<String> known = net.map(Probed::places).orElse(List.of());
        List<Reading> readings =
                readings().stream().filter(r -> known.contains(r.place())).toList();
        if (net.isEmpty() || FaultSearch.missing(net.get(), readings).isPresent()) {
            working.set("");
            found.set(Optional.empty());
            return;
        }
        working.set(Say.it("pressures-model.working"));
        away.execute(() -> {
            FaultFound result = FaultSearch.of(net.get(), readings, () -> turn.get() != mine);
            back.execute(() -> {
                if (turn.get() == mine) {
                    working.set("");
                    found.set(Optional.of(result));
                }
            });
        });
    }

    /** Gives the search up. */
    public void cancel() {
        turn.incrementAndGet();
        working.set("");
    }

    /** Every place with what should stand there and what was read; empty where the open line is no network. */
    public Optional<FigureTable> table() {
        return probing().flatMap(p -> net().map(n -> FaultTable.of(p, n, readings(), units())));
    }

    /** The chances as bars. */
    public Optional<Drawing> bars() {
        return found.get().map(f -> FaultWords.bars(f, units()));
    }

    /** What is said of all of it, and then of each that is likely. */
    public List<String> says() {
        List<String> all = new ArrayList<>();
        missing().ifPresent(all::add);
        found.get().ifPresent(f -> {
            all.addAll(FaultWords.verdict(f, units()));
            probing()
                    .ifPresent(
                            p -> f.likely().forEach(s -> all.add(FaultWords.says(s, p, net().orElseThrow(), units()))));
        });
        return all;
    }
}
