package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.draw.MainDrawing;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Station;

/** A workshop main without a window: what it is made of, its compressor, room and use. The walk is in {@link WalkModel}. */
public final class AirModel {
    private static final double FIRST_TURN = 28;
    private static final double FIRST_TILT = 30;

    private final Desk desk;
    private double turn = FIRST_TURN;
    private double tilt = FIRST_TILT;

    private final FieldState<Making.OldBar> oldBar;
    private final MainFields fields;

    public AirModel(Desk desk) {
        this.desk = desk;
        this.oldBar = new FieldState<>(
                this::readOldBar,
                (b, u) -> Say.it("air-model.each", "length", LengthFormat.figure(b.length(), u.other())));
        this.fields = new MainFields(desk);
    }

    /** The way one looks from the compressor, in quarter turns to the left from along the long wall. */
    public void heading(int quarters) {
        main(Say.it("air-model.way-from-compressor"), m -> {
            Station s = m.station();
            return m.withStation(new Station(s.along(), s.across(), s.height(), quarters));
        });
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    Desk desk() {
        return desk;
    }

    /** Figures of room, compressor, use and making. */
    public MainFields fields() {
        return fields;
    }

    /** Whether the open job is an air main. */
    public boolean isAir() {
        return desk.job().is(AirMainKind.AIR);
    }

    public AirPlan plan() {
        return desk.current().plan(AirMainKind.AIR).orElseThrow();
    }

    public AirCase c() {
        return plan().c();
    }

    public AirMain line() {
        return desk.job().line(AirMainKind.AIR);
    }

    public UnitSystem units() {
        return desk.units();
    }

    // --- fields ---

    // --- choices ---

    public List<PipeSystem> systems() {
        return desk.data().get(PipeSystems.KEY).all();
    }

    public Optional<PipeSystem> system() {
        return line().system().flatMap(desk.data().get(PipeSystems.KEY)::find);
    }

    /** Takes a system, with its middle size to begin with. */
    public void system(PipeSystem s) {
        main(Say.it("air-model.pipe"), m -> {
            AirMain other = m.withSystem(Optional.of(s.id()));
            List<PipeSize> sizes = desk.data().get(PipeSystems.KEY).sizes(s.id());
            return other.size().isPresent() || sizes.isEmpty()
                    ? other
                    : other.withSize(Optional.of(sizes.get(sizes.size() / 2).size()));
        });
    }

    public List<PipeSize> sizes() {
        return line().system().map(desk.data().get(PipeSystems.KEY)::sizes).orElse(List.of());
    }

    public void size(Optional<String> size) {
        main(Say.it("air-model.size-main"), m -> m.withSize(size));
    }

    public void dropSize(Optional<String> size) {
        main(Say.it("air-model.size-drops"), m -> m.withDropSize(size));
    }

    public List<Compressor> compressors() {
        return desk.data().get(AirHouse.KEY).compressors();
    }

    public void compressor(Compressor c) {
        plant(Say.it("air-model.compressor"), p -> p.withCompressor(Optional.of(c.id())));
    }

    public List<AirTool> tools() {
        return desk.data().get(AirHouse.KEY).tools();
    }

    public void place(Plant.Place place) {
        plant(Say.it("air-model.place-compressor"), p -> p.withPlace(place));
    }

    public void freshAir(Optional<Boolean> is) {
        plant(Say.it("air-model.cool-air"), p -> p.withFreshAir(is));
    }

    public void drain(Optional<Boolean> is) {
        plant(Say.it("air-model.reach-drain"), p -> p.withDrain(is));
    }

    public void hung(Making.Hung hung) {
        making(Say.it("air-model.what-hangs-from"), m -> m.withHung(hung));
    }

    public void nipples(boolean nipples) {
        making(Say.it("air-model.bought-nipples"), m -> m.withNipples(nipples));
    }

    public void trim(boolean trim) {
        making(Say.it("air-model.trimmed-bars"), m -> m.withTrim(trim));
    }

    public void parcel(boolean parcel) {
        making(Say.it("air-model.how-bars-come"), m -> m.withParcel(parcel));
    }

    /** Reads “2 x 3250 of 40”: how many, how long, which size of this pipe. */
    private Read<Making.OldBar> readOldBar(String text, UnitSystem u) {
        String[] p = text.strip().split("\\s*(?:x|×)\\s*|\\s+of\\s+");
        if (p.length != 3 || !p[0].matches("[1-9]\\d{0,3}")) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("air-model.old-bars-written-as"));
        }
        if (sizes().stream().noneMatch(z -> z.size().equals(p[2]))) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("air-model.there-no-size-this", "system", p[2]));
        }
        return LengthText.read(p[1], u)
                .then(l -> l.mm() > 0
                        ? Read.of(new Making.OldBar(line().system().orElseThrow(), p[2], l, Integer.parseInt(p[0])))
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("air-model.a-bar-has-length")));
    }

    /** Bars at hand, as they are typed. */
    public FieldState<Making.OldBar> oldBar() {
        return oldBar;
    }

    /** Puts the typed bars to those at hand. */
    public void takeOldBar() {
        oldBar.value().ifPresent(b -> {
            List<Making.OldBar> all = new ArrayList<>(line().making().old());
            all.add(b);
            old(all);
            oldBar.clear();
        });
    }

    /** Takes bars away from those at hand. */
    public void removeOldBar(Making.OldBar b) {
        List<Making.OldBar> less = new ArrayList<>(line().making().old());
        less.remove(b);
        old(less);
    }

    public void old(List<Making.OldBar> old) {
        making(Say.it("air-model.bars-at-hand"), m -> m.withOld(old));
    }

    // --- methods ---

    public List<Method> methods(MethodTopic topic) {
        return desk.data().get(Methods.KEY).of(topic);
    }

    public Method method(MethodTopic topic) {
        return desk.data().get(Methods.KEY).chosen(topic, desk.job().practice());
    }

    public void method(Method s) {
        desk.change(s.topic().word(), "", j -> j.withPractice(j.practice().with(s.topic(), s.id())));
    }

    // --- the picture ---

    /** Turns the picture; it never tips over. */
    public void turn(double right, double down) {
        turn = (turn + right + 360) % 360;
        tilt = Math.max(0, Math.min(90, tilt + down));
    }

    /** The main in its room. */
    public Drawing drawing(AirCase shown, Optional<String> chosen) {
        return MainDrawing.page(shown, plan().findings(), turn, tilt, chosen);
    }

    void main(String what, UnaryOperator<AirMain> change) {
        desk.change(what, "air" + what, j -> j.change(AirMainKind.AIR, change));
    }

    private void plant(String what, UnaryOperator<Plant> change) {
        main(what, m -> m.withPlant(change.apply(m.plant())));
    }

    private void making(String what, UnaryOperator<Making> change) {
        main(what, m -> m.withMaking(change.apply(m.making())));
    }
}
