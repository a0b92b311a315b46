package mellowflare.app.tube;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.draw.FlareDrawing;
import mellowflare.core.tube.flare.FlareCauses;
import mellowflare.core.tube.flare.FlareFault;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.flare.FlareSetting;
import mellowflare.core.tube.line.TubeSide;

/**
 * The flare bench, without a window: a setting tried on the tube, kind and tool of one end, the flare that comes of it, and what made a bad one. Tries stay here; only a stick-out that is taken goes into the
 * job.
 */
public final class BenchModel {
    /** What the bench is used for. */
    public enum Page {
        TRY(Say.it("bench-model.try-setting")),
        TABLE(Say.it("bench-model.stick-out-table")),
        OWN(Say.it("bench-model.my-own-tool"));

        private final String word;

        Page(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    private final Desk desk;
    private final FieldState<Length> stickOut = AboveZero.orZero();
    private final FieldState<Length> offCentre = AboveZero.orZero();
    private final FieldState<Length> crooked = AboveZero.orZero();
    private final FieldState<Length> shift = AboveZero.orZero();
    private final FieldState<Length> measured = AboveZero.field();
    private final Set<FlareFault> seen = EnumSet.noneOf(FlareFault.class);
    private final OwnToolModel own;
    private Page page = Page.TRY;
    private LineEnd which = LineEnd.A;
    private Closing closing = Closing.HOME;
    private Cone cone = Cone.BRIGHT;
    private boolean slips;
    private boolean unreamed;
    private boolean dry;
    private Runnable changed = () -> {};

    public BenchModel(Desk desk) {
        this.desk = desk;
        for (FieldState<Length> f : List.of(stickOut, offCentre, crooked, shift, measured)) {
            f.onChange(this::tell);
        }
        own = new OwnToolModel(desk);
        own.onChange(this::tell);
    }

    public OwnToolModel own() {
        return own;
    }

    public Page page() {
        return page;
    }

    public void page(Page p) {
        page = p;
        tell();
    }

    /** Called when a try changes. */
    public void onChange(Runnable action) {
        changed = action;
    }

    private void tell() {
        changed.run();
    }

    public FieldState<Length> stickOut() {
        return stickOut;
    }

    public FieldState<Length> offCentre() {
        return offCentre;
    }

    public FieldState<Length> crooked() {
        return crooked;
    }

    public FieldState<Length> shift() {
        return shift;
    }

    public FieldState<Length> measured() {
        return measured;
    }

    public LineEnd which() {
        return which;
    }

    public void which(LineEnd w) {
        which = w;
        own.which(w);
        tell();
    }

    public Closing closing() {
        return closing;
    }

    public void closing(Closing c) {
        closing = c;
        tell();
    }

    public Cone cone() {
        return cone;
    }

    public void cone(Cone c) {
        cone = c;
        tell();
    }

    public boolean slips() {
        return slips;
    }

    public void slips(boolean is) {
        slips = is;
        tell();
    }

    public boolean unreamed() {
        return unreamed;
    }

    public void unreamed(boolean is) {
        unreamed = is;
        tell();
    }

    public boolean dry() {
        return dry;
    }

    public void dry(boolean is) {
        dry = is;
        tell();
    }

    public Set<FlareFault> seen() {
        return Set.copyOf(seen);
    }

    /** A fault was seen, or was not after all. */
    public void press(FlareFault fault) {
        if (!seen.remove(fault)) {
            seen.add(fault);
        }
        tell();
    }

    /** Back to a bench where all is well. */
    public void clear() {
        for (FieldState<Length> f : List.of(stickOut, offCentre, crooked, shift, measured)) {
            f.show("", Optional.empty(), desk.units());
        }
        closing = Closing.HOME;
        cone = Cone.BRIGHT;
        slips = false;
        unreamed = false;
        dry = false;
        seen.clear();
        tell();
    }

    public TubeSide side() {
        return desk.current().plan(TubeLineKind.TUBE).orElseThrow().c().side(which);
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** What is missing before a flare can be tried; empty when nothing is. */
    public String lacks() {
        TubeSide s = side();
        if (desk.current().plan(TubeLineKind.TUBE).orElseThrow().c().tube().isEmpty()) {
            return Say.it("bench-model.say-which-tube-bench");
        }
        if (s.traits().isEmpty()) {
            return Say.it("bench-model.choose-how-end-ends", "which", which);
        }
        if (!s.traits().get().flared()) {
            return Say.it(
                    "bench-model.end-no-flare",
                    "which",
                    which,
                    "traits",
                    s.traits().get().name());
        }
        return s.bench().isEmpty() ? Say.it("bench-model.choose-flaring-tool-end", "which", which) : "";
    }

    /** The setting as it stands: what was typed, else what the plan has. */
    public Optional<FlareSetting> setting() {
        return stickOut.value()
                .or(() -> side().stickOut())
                .map(s -> FlareSetting.good(s)
                        .withOffCentre(offCentre.value().orElse(Length.ZERO))
                        .withCrooked(crooked.value().orElse(Length.ZERO))
                        .withShift(shift.value().orElse(Length.ZERO))
                        .withClosing(closing.share())
                        .withWear(cone.wear())
                        .withSlips(slips)
                        .withReamed(!unreamed)
                        .withOiled(!dry));
    }

    /** The flare that comes of it. */
    public Optional<FlareMade> made() {
        TubeSide s = side();
        return s.bench().flatMap(b -> setting().map(x -> b.make(x, s.band(), s.threadBore())));
    }

    public Optional<Drawing> drawing() {
        TubeSide s = side();
        return s.bench()
                .flatMap(b -> setting().flatMap(x -> made().map(m -> FlareDrawing.of(b, x, m, s.band(), units()))));
    }

    /** The stick-out nearest to the middle of the band that can be set. */
    public Optional<Length> middle() {
        return side().settable();
    }

    /** Puts that stick-out into the job, for this end. */
    public void takeMiddle() {
        middle().ifPresent(m -> {
            desk.change(
                    Say.it("bench-model.stick-out-at-end", "which", which),
                    "",
                    j -> j.change(
                            TubeLineKind.TUBE,
                            t -> t.withEnd(which, t.end(which).withStickOut(Optional.of(m)))));
            stickOut.show("", Optional.empty(), units());
            tell();
        });
    }

    /** What made a bad flare, likeliest first; empty while nothing was seen and nothing measured. */
    public List<FlareCauses.Suspect> suspects() {
        TubeSide s = side();
        return s.bench()
                .flatMap(b -> stickOut.value()
                        .or(s::stickOut)
                        .map(x -> desk.data()
                                .get(FlareCauses.KEY)
                                .rank(b, FlareSetting.good(x), s.band(), s.threadBore(), seen, measured.value())))
                .orElse(List.of());
    }
}
