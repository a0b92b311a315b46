package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.book.job.Papers;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.GasPlan;
import mellowflare.core.gas.draw.GasDrawing;
import mellowflare.core.gas.fuel.AppliancePressure;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.UnitSystem;

/** A gas line without a window: what runs in it, what feeds it, what it is made of. The walk is in {@link GasWalkModel}, the appliances in {@link AppliancesModel}. */
public final class GasModel {
    private static final double FIRST_TURN = 30;
    private static final double FIRST_TILT = 28;

    private final Desk desk;
    private final GasFields fields;
    private double turn = FIRST_TURN;
    private double tilt = FIRST_TILT;

    public GasModel(Desk desk) {
        this.desk = desk;
        this.fields = new GasFields(this);
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    Desk desk() {
        return desk;
    }

    /** Figures as they are typed. */
    public GasFields fields() {
        return fields;
    }

    /** Whether the open job is a gas line. */
    public boolean isGas() {
        return desk.job().is(GasLineKind.GAS);
    }

    public GasPlan plan() {
        return desk.current().plan(GasLineKind.GAS).orElseThrow();
    }

    public GasCase c() {
        return plan().c();
    }

    public GasLine line() {
        return desk.job().line(GasLineKind.GAS);
    }

    public UnitSystem units() {
        return desk.units();
    }

    private GasStock stock() {
        return desk.data().get(GasStock.KEY);
    }

    private GasTable table() {
        return desk.data().get(GasTable.KEY);
    }

    // --- choices ---

    public List<FuelGas> gases() {
        return table().gases();
    }

    public Optional<FuelGas> gas() {
        return line().shares().size() == 1
                ? line().shares().keySet().stream().findFirst().flatMap(table()::find)
                : Optional.empty();
    }

    /** Another gas: the pressure for appliances of the old one falls away. */
    public void gas(FuelGas gas) {
        change(
                Say.it("gas-model.gas"),
                l -> l.with()
                        .shares(Map.of(gas.id(), 1.0))
                        .heating(Optional.empty())
                        .pressure(l.pressure()
                                .flatMap(table()::pressure)
                                .filter(p -> table().pressures(gas.family()).contains(p))
                                .map(AppliancePressure::id))
                        .build());
    }

    /** Pressures that appliances for the gas are made for; all while no gas is said. */
    public List<AppliancePressure> pressures() {
        return c().gas().map(g -> table().pressures(g.family())).orElseGet(table()::pressures);
    }

    public void pressure(AppliancePressure p) {
        change(Say.it("gas-model.appliance-pressure"), l -> l.withPressure(Optional.of(p.id())));
    }

    public void code(Optional<String> id) {
        change(Say.it("gas-model.code"), l -> l.withCode(id));
    }

    public List<GasSystem> systems() {
        return stock().systems();
    }

    /** Takes a kind of pipe, with its third size to begin with. */
    public void system(GasSystem s) {
        change(Say.it("gas-model.pipe"), l -> {
            GasLine other = l.ofSystem(Optional.of(s.id()));
            List<GasSize> sizes = stock().sizes(s.id());
            return other.size().isPresent() || sizes.isEmpty()
                    ? other
                    : other.withSize(
                            Optional.of(sizes.get(Math.min(1, sizes.size() - 1)).size()));
        });
    }

    public List<GasSize> sizes() {
        return line().system().map(stock()::sizes).orElse(List.of());
    }

    public void size(Optional<String> size) {
        change(Say.it("gas-model.size"), l -> l.withSize(size));
    }

    /** Regulators for the gas of the line; all while no gas is said. */
    public List<Regulator> regulators() {
        return stock().regulators().stream()
                .filter(r -> c().gas().map(g -> r.takes(g.family())).orElse(true))
                .toList();
    }

    public void source(String what, UnaryOperator<GasSource> change) {
        change(what, l -> l.withSource(change.apply(l.source())));
    }

    public void site(String what, UnaryOperator<GasSite> change) {
        change(what, l -> l.withSite(change.apply(l.site())));
    }

    /** Gives every stretch that was sized its size. */
    public void take(CheapestSizes.Found found) {
        Map<String, String> sizes = new HashMap<>();
        found.sizes().forEach((pipe, choice) -> sizes.put(pipe, choice.size()));
        change(Say.it("gas-model.cheapest-sizes"), l -> l.sized(l.size(), sizes));
    }

    void change(String what, UnaryOperator<GasLine> change) {
        desk.change(what, "gas" + what, j -> j.change(GasLineKind.GAS, change));
    }

    // --- papers, picture ---

    public List<Papers.Offer> papers() {
        return Papers.offered(GasLineKind.GAS);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    /** Turns the picture; it never tips over. */
    public void turn(double right, double down) {
        turn = (turn + right + 360) % 360;
        tilt = Math.max(0, Math.min(90, tilt + down));
    }

    /** The line in space. */
    public Drawing drawing(GasCase shown, Optional<String> chosen) {
        return GasDrawing.page(shown, plan().findings(), turn, tilt, chosen);
    }

    /** Names of appliances in the order of the walk. */
    public List<String> appliances() {
        return new ArrayList<>(c().walk().appliances().keySet());
    }
}
