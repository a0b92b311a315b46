package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.layout.Plate;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.UnitSystem;

/** The appliances without a window: one is chosen, and what its plate says is entered. */
public final class AppliancesModel {
    private final GasModel model;
    private final FieldState<Power> input = GasFields.powers();
    private final FieldState<GaugePressure> least = GasFields.pressures();
    private final FieldState<GaugePressure> greatest = GasFields.pressures();
    private Optional<String> chosen = Optional.empty();
    private String job = "";

    public AppliancesModel(GasModel model) {
        this.model = model;
        input.onChange(() -> plate(
                Say.it("appliances-model.input"),
                p -> new Plate(input.value(), p.usual(), p.marking(), p.least(), p.greatest(), p.gas())));
        least.onChange(() -> plate(
                Say.it("appliances-model.least"),
                p -> new Plate(
                        p.input(),
                        p.usual(),
                        p.marking(),
                        least.value()
                                .filter(l -> p.greatest()
                                        .map(g -> l.compareTo(g) <= 0)
                                        .orElse(true)),
                        p.greatest(),
                        p.gas())));
        greatest.onChange(() -> plate(
                Say.it("appliances-model.greatest"),
                p -> new Plate(
                        p.input(),
                        p.usual(),
                        p.marking(),
                        p.least(),
                        greatest.value()
                                .filter(g ->
                                        p.least().map(l -> l.compareTo(g) <= 0).orElse(true)),
                        p.gas())));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public List<Inlet> inlets() {
        return model.c().inlets();
    }

    /** The appliance that is worked on; the first one while none was chosen. */
    public Optional<Piece.Appliance> chosen() {
        List<Piece.Appliance> all = new ArrayList<>();
        model.line().pieces().forEach(p -> {
            if (p instanceof Piece.Appliance a) {
                all.add(a);
            }
        });
        return all.stream()
                .filter(a -> chosen.filter(a.name()::equals).isPresent())
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    public void choose(String name) {
        chosen = Optional.of(name);
        refresh();
    }

    /** Chooses the first appliance of which something is still to be said. */
    public void chooseUnsaid() {
        inlets().stream()
                .filter(i -> i.input().isEmpty()
                        || i.appliance().vented().isEmpty()
                        || i.appliance().plate().marking() == Marking.UNKNOWN)
                .findFirst()
                .ifPresent(i -> choose(i.name()));
    }

    public FieldState<Power> input() {
        return input;
    }

    public FieldState<GaugePressure> least() {
        return least;
    }

    public FieldState<GaugePressure> greatest() {
        return greatest;
    }

    public void marking(Marking m) {
        plate(Say.it("appliances-model.inlet"), p -> p.withMarking(m));
    }

    public void gas(Optional<String> id) {
        plate(
                Say.it("appliances-model.set-for"),
                p -> new Plate(p.input(), p.usual(), p.marking(), p.least(), p.greatest(), id));
    }

    public void vented(Optional<Boolean> is) {
        change(
                Say.it("appliances-model.vented"),
                a -> new Piece.Appliance(a.name(), a.plate(), a.hose(), a.added(), a.instead(), is));
    }

    public void added(boolean is) {
        change(
                Say.it("appliances-model.new"),
                a -> new Piece.Appliance(a.name(), a.plate(), a.hose(), is, a.instead(), a.vented()));
    }

    private void plate(String what, UnaryOperator<Plate> change) {
        change(what, a -> a.with(change.apply(a.plate())));
    }

    private void change(String what, UnaryOperator<Piece.Appliance> change) {
        chosen().ifPresent(a -> {
            List<Piece> pieces = model.line().pieces();
            for (int i = 0; i < pieces.size(); i++) {
                if (pieces.get(i) == a) {
                    int at = i;
                    model.change(
                            Say.it("appliances-model.of", "what", what, "appliance", a.name()),
                            l -> l.replace(at, change.apply(a)));
                    return;
                }
            }
        });
    }

    private void refresh() {
        if (!job.equals(model.desk().job().id())) {
            job = model.desk().job().id();
            chosen = Optional.empty();
        }
        UnitSystem u = model.units();
        boolean metric = u == UnitSystem.METRIC;
        Optional<Plate> p = chosen().map(Piece.Appliance::plate);
        GasFields.show(input, p.flatMap(Plate::input), v -> metric ? v.kilowatts() : v.btuPerHour(), u);
        GasFields.show(least, p.flatMap(Plate::least), v -> metric ? v.millibar() : v.inchesOfWater(), u);
        GasFields.show(greatest, p.flatMap(Plate::greatest), v -> metric ? v.millibar() : v.inchesOfWater(), u);
    }
}
