package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.form.BendOrder;
import mellowflare.core.tube.form.Obstacle;
import mellowflare.core.tube.form.Orders;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.stock.Bender;

/** The bender can make the bends in some order. */
final class BendsCanBeMade implements Rule<TubeCase> {
    private static final RuleText STOP = new RuleText(
            "bends.order",
            Severity.STOP,
            "Bend {bend} cannot be made with this bender: {why}{missing, select, none {} other { by {missing}}}.",
            "The bends can be made {order}.",
            "grip {grip}, shoe {shoe}, most {most}",
            "Move the bend, use a former that needs less straight tube, or make the line from two pieces.",
            Source.house("what grip, shoe, bench and the tube itself leave room for"));
    private static final RuleText CARE = new RuleText(
            "bends.room",
            Severity.WARN,
            "Bend {bend}: {why}{missing, select, none {} other { by {missing}}}.",
            "Nothing is in the way of the bends.",
            "bench {bench} below the tube",
            "Let that leg hang over the edge of the bench, or hold the tube in a vice the other way round.",
            Source.house("a bench as a plane under the tube"));
    private static final RuleText ORDER = new RuleText(
            "bends.sequence",
            Severity.NOTE,
            "From A to B a bend would be in the way: bend in the order {order}.",
            "Bend in order from A to B.",
            "straight tube for grip and shoe, and legs that swing",
            "Draw a line along the tube first: the rotations are given round that line.",
            Source.house("working backward from the finished tube"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.shape().path().filter(p -> p.bends().isEmpty()).isPresent()
                || c.shape().template().isPresent()) {
            return List.of();
        }
        if (c.order().isEmpty()) {
            return List.of(Finding.notChecked(
                    STOP, Subject.BENDS, c.path().isEmpty() ? TubeNeeds.SHAPE_AND_RADIUS : TubeNeeds.BENDER));
        }
        BendOrder order = c.order().get();
        Bender b = c.bender().orElseThrow();
        List<Finding> all = new ArrayList<>();
        String words = order.plain() ? Say.it("bends-can-be-made.from-a-b") : Orders.words(order);
        for (Obstacle o : order.obstacles()) {
            boolean bench = o.what() == Obstacle.What.BENCH;
            all.add(Finding.fail(
                    bench ? CARE : STOP,
                    Subject.BENDS,
                    Map.of(
                            "bend", Figure.of(Integer.toString(o.bend() + 1)),
                            "why", Figure.of(o.what().words()),
                            "missing",
                                    Figure.of(
                                            o.missing().mm() > 0
                                                    ? LengthFormat.figure(o.missing(), c.units())
                                                    : "none"),
                            "order", Figure.of(words),
                            "grip", Figure.of(b.grip()),
                            "shoe", Figure.of(b.shoe()),
                            "most", Figure.of(b.most()),
                            "bench",
                                    b.overBench()
                                            .map(Figure::of)
                                            .orElse(Figure.of(Say.it("bends-can-be-made.no-bench"))))));
        }
        if (all.isEmpty()) {
            all.add(Finding.pass(
                    STOP,
                    Subject.BENDS,
                    Map.of(
                            "bend", Figure.of(""),
                            "why", Figure.of(""),
                            "missing", Figure.of(""),
                            "order", Figure.of(words),
                            "grip", Figure.of(b.grip()),
                            "shoe", Figure.of(b.shoe()),
                            "most", Figure.of(b.most()))));
        }
        all.add(Finding.of(
                order.plain() || !order.possible(), ORDER, Subject.BENDS, Map.of("order", Figure.of(words))));
        return all;
    }
}
