package mellowflare.app.hose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.OldHose;
import mellowflare.core.hose.line.Repair;
import mellowflare.core.hose.line.ToleranceBudget;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;

/** How long the hose is made, by each method, without a window. */
public final class LengthModel {
    private final Desk desk;
    private final FieldState<Length> old = AboveZero.taped();
    private final FieldState<Length> allowance = length();
    private final FieldState<Length> laid = AboveZero.taped();
    private final FieldState<Length> damaged = AboveZero.taped();

    public LengthModel(Desk desk) {
        this.desk = desk;
        old.onChange(this::oldTyped);
        laid.onChange(() -> desk.change(
                Say.it("length-model.length-bare-hose"),
                "laidout",
                j -> j.change(HoseLineKind.HOSE, l -> l.withLaidOut(laid.value()))));
        allowance.onChange(this::oldTyped);
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<Length> length() {
        return new FieldState<>((t, u) -> LengthText.read(t, u), (v, u) -> LengthFormat.shop(v, u.other()));
    }

    public FieldState<Length> old() {
        return old;
    }

    /** Length marked on the bare hose. */
    public FieldState<Length> laid() {
        return laid;
    }

    public FieldState<Length> allowance() {
        return allowance;
    }

    /** How the cut comes about; empty while it is not known. */
    public List<FigureTable> sum() {
        return desk.current().plan().table(FigureTable.What.SUM).stream().toList();
    }

    /** Length of a damaged piece that shall be cut out; only asked, never kept with the job. */
    public FieldState<Length> damaged() {
        return damaged;
    }

    private HoseCase c() {
        return desk.current().plan(HoseLineKind.HOSE).orElseThrow().c();
    }

    public UnitSystem units() {
        return desk.units();
    }

    /**
     * A length by one method.
     *
     * @param method id of the method
     * @param name as shown
     * @param length what it comes to, rounded up to what can be marked; empty while it lacks something
     * @param lacks what it lacks
     */
    public record ByWay(String method, String name, Optional<Length> length, String lacks) {}

    /** The three ways of finding a length. */
    public List<ByWay> ways() {
        List<ByWay> all = new ArrayList<>();
        all.add(new ByWay(
                "computed",
                Say.it("length-model.computed-from-route-with"),
                c().lengthByRoute().map(l -> LengthFormat.shopUp(l, units())),
                c().hose().isEmpty() ? Say.it("length-model.choose-hose") : Say.it("length-model.measure-route")));
        all.add(new ByWay(
                "laid-out",
                Say.it("length-model.laid-out-on-job"),
                desk.job()
                        .line(HoseLineKind.HOSE)
                        .laidOut()
                        .map(l -> c().overallOf(l))
                        .orElseGet(() ->
                                desk.job().line(HoseLineKind.HOSE).finished().map(CalledFigure::value)),
                desk.job().line(HoseLineKind.HOSE).laidOut().isPresent()
                        ? Say.it("length-model.choose-both-ends")
                        : Say.it("length-model.type-what-marked-on")));
        all.add(new ByWay(
                "old-hose",
                Say.it("length-model.old-hose-copied-with"),
                desk.job().line(HoseLineKind.HOSE).old().map(OldHose::copy).map(l -> LengthFormat.shopUp(l, units())),
                Say.it("length-model.measure-old-hose")));
        return all;
    }

    /** The method the job follows. */
    public String method() {
        return desk.data()
                .get(mellowflare.core.advice.Methods.KEY)
                .chosen(MethodTopic.HOSE_LENGTH, desk.job().practice())
                .id();
    }

    /** Whether a method's length is another than the one the hose is made to. */
    public boolean takes(ByWay way) {
        Optional<Length> now = desk.job().line(HoseLineKind.HOSE).finished().map(CalledFigure::value);
        return way.length().isPresent()
                && (!way.length().equals(now) || !way.method().equals(method()));
    }

    /** Makes the hose to a method's length. Who measured and a second reading are asked for as with any figure. */
    public void take(ByWay way) {
        way.length()
                .ifPresent(l ->
                        desk.change(Say.it("length-model.length", "way", way.name()), "take" + way.method(), j -> {
                            String text = LengthFormat.figure(l, desk.units());
                            CalledFigure figure = j.line(HoseLineKind.HOSE)
                                    .finished()
                                    .map(f -> f.withValue(l, text))
                                    .orElseGet(() -> CalledFigure.unsigned(l, text));
                            return j.change(HoseLineKind.HOSE, h -> h.withFinished(Optional.of(figure)))
                                    .withPractice(j.practice().with(MethodTopic.HOSE_LENGTH, way.method()));
                        }));
    }

    public Optional<ToleranceBudget> budget() {
        return ToleranceBudget.of(c());
    }

    /** Ways of repairing the chosen hose once the length of the damage is typed. */
    public List<Repair> repairs() {
        return damaged.value()
                .flatMap(d -> c().hose().map(h -> Repair.of(h, d, desk.data())))
                .orElse(List.of());
    }

    private void oldTyped() {
        desk.change(
                Say.it("length-model.old-hose"),
                "oldhose",
                j -> j.change(
                        HoseLineKind.HOSE,
                        h -> h.withOld(old.value()
                                .map(l -> allowance
                                        .value()
                                        .map(a -> new OldHose(l, a))
                                        .orElseGet(() -> OldHose.of(l))))));
    }

    private void refresh() {
        Optional<OldHose> o = desk.job().line(HoseLineKind.HOSE).old();
        old.show(o.map(x -> LengthFormat.figure(x.length(), units())).orElse(""), o.map(OldHose::length), units());
        allowance.show(
                o.map(x -> LengthFormat.figure(x.allowance(), units())).orElse(""), o.map(OldHose::allowance), units());
        Optional<Length> bare = desk.job().line(HoseLineKind.HOSE).laidOut();
        laid.show(bare.map(l -> LengthFormat.figure(l, units())).orElse(""), bare, units());
        damaged.show(damaged.textProperty().get(), damaged.value(), units());
    }
}
