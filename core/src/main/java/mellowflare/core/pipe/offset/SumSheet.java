package mellowflare.core.pipe.offset;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.makeup.Off;

/** The worked sum of an offset, line by line, in one fixed layout. */
public final class SumSheet {
    private final OffsetSum s;
    private final UnitSystem units;

    private SumSheet(OffsetSum s, UnitSystem units) {
        this.s = s;
        this.units = units;
    }

    /** All lines, each in its place; what is not known yet has no value. */
    public static List<SumLine> of(OffsetSum sum, UnitSystem units) {
        SumSheet sheet = new SumSheet(sum, units);
        return Arrays.stream(SumRow.values()).map(sheet::line).toList();
    }

    private SumLine line(SumRow row) {
        return switch (row) {
            case OFFSET -> plain(row, offsetSays(), offsetWorked(), s.offset());
            case ROLL_ANGLE -> roll();
            case TRAVEL ->
                plain(row, Say.it("sum-sheet.travel", "constant", constant(1 / sin())), times(1 / sin()), s.travel());
            case RUN ->
                plain(row, Say.it("sum-sheet.run", "constant", constant(cotangent())), times(cotangent()), s.run());
            case LEG_A -> plain(row, legASays(), legWorked(), s.legA());
            case LEG_C -> plain(row, Say.it("sum-sheet.leg-c"), legCWorked(), s.legC());
            case TAKE_OFF ->
                plain(
                        row,
                        Say.it("sum-sheet.take-off"),
                        takeOffWorked(),
                        length(s.given().takeOff()));
            case SET_BACK_A ->
                plain(
                        row,
                        Say.it(
                                "sum-sheet.set-back-a",
                                "kind",
                                s.ask().a().kind().word()),
                        "",
                        length(s.given().setBackA()));
            case SET_BACK_C ->
                plain(
                        row,
                        Say.it(
                                "sum-sheet.set-back-c",
                                "kind",
                                s.ask().c().kind().word()),
                        "",
                        length(s.given().setBackC()));
            case CUT_A -> cut(row, Say.it("sum-sheet.cut-a"), s.cutA());
            case CUT_B -> cut(row, Say.it("sum-sheet.cut-b"), s.cutB());
            case CUT_C -> cut(row, Say.it("sum-sheet.cut-c"), s.cutC());
            case ALONG -> plain(row, Say.it("sum-sheet.along"), "", s.farEnd().map(FarEnd::along));
            case ACROSS -> plain(row, Say.it("sum-sheet.across"), "", s.farEnd().map(FarEnd::across));
        };
    }

    private static SumLine plain(SumRow row, String says, String worked, Optional<Length> exact) {
        return new SumLine(row, says, exact.isPresent() ? worked : "", exact, Optional.empty(), Optional.empty());
    }

    private SumLine cut(SumRow row, String says, Optional<OffsetCut> cut) {
        return new SumLine(row, says, "", cut.map(OffsetCut::exact), cut.map(OffsetCut::shop), Optional.empty());
    }

    private SumLine roll() {
        boolean rolling = s.ask().way() == OffsetWay.ROLLING;
        Optional<Angle> angle = rolling ? s.offset().map(o -> s.rollAngle()) : Optional.empty();
        return new SumLine(
                SumRow.ROLL_ANGLE,
                rolling ? Say.it("sum-sheet.roll-angle") : Say.it("sum-sheet.no-roll"),
                "",
                Optional.empty(),
                Optional.empty(),
                angle);
    }

    private double sin() {
        return Math.sin(s.ask().fitting().radians());
    }

    private double cotangent() {
        return Math.cos(s.ask().fitting().radians()) / sin();
    }

    private static String constant(double c) {
        return LengthFormat.decimal(c, 4, 4);
    }

    private String offsetSays() {
        return switch (s.ask().way()) {
            case READINGS -> Say.it("sum-sheet.offset-readings");
            case OFFSET -> Say.it("sum-sheet.offset-given");
            case ROLLING -> Say.it("sum-sheet.offset-rolling");
        };
    }

    private String offsetWorked() {
        List<String> both = new ArrayList<>();
        s.ask().way().figures().forEach(f -> s.ask().figure(f).ifPresent(t -> both.add(bare(t.value()))));
        return switch (s.ask().way()) {
            case READINGS -> String.join(" − ", both);
            case OFFSET -> "";
            case ROLLING -> both.size() < 2 ? "" : "√(" + both.get(0) + "² + " + both.get(1) + "²)";
        };
    }

    private String times(double constant) {
        return s.offset().map(o -> bare(o) + " × " + constant(constant)).orElse("");
    }

    private String legASays() {
        if (s.ask().legs() instanceof Legs.GivenA) {
            return Say.it("sum-sheet.leg-a-given");
        }
        return s.ask().legs().equals(Legs.EQUAL) ? Say.it("sum-sheet.leg-a-equal") : Say.it("sum-sheet.leg-a-shifted");
    }

    private String legWorked() {
        Optional<String> w = s.ask().figure(OffsetFigure.OVERALL).map(t -> bare(t.value()));
        return w.flatMap(x -> s.run().map(v -> "(" + x + " − " + bare(v) + ") / 2" + shift()))
                .orElse("");
    }

    private String shift() {
        return s.ask().legs() instanceof Legs.Shifted by && by.by().mm() != 0
                ? (by.by().mm() > 0 ? " + " : " − ")
                        + bare(Length.ofMm(Math.abs(by.by().mm())))
                : "";
    }

    private String legCWorked() {
        Optional<String> w = s.ask().figure(OffsetFigure.OVERALL).map(t -> bare(t.value()));
        return w.flatMap(x -> s.run().flatMap(v -> s.legA().map(a -> x + " − " + bare(v) + " − " + bare(a))))
                .orElse("");
    }

    private static Optional<Length> length(Optional<Off> off) {
        return off.map(Off::length);
    }

    private String takeOffWorked() {
        return s.given()
                .centreToEnd()
                .flatMap(c -> s.given().makeUp().map(m -> bare(c) + " − " + bare(m)))
                .orElse("");
    }

    /** A figure without its unit: a measured one as it was read, another one to the last place that counts. */
    private String bare(Length l) {
        return SumLine.exact(l, units);
    }
}
