package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.TubeCase;

/** Without a trial bend the spring-back is a guess. */
final class SpringBackTried implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "bends.spring-back",
            Severity.NOTE,
            "No trial bend yet: spring-back is taken as usual for {material}, which keeps {share} of a bend.",
            "Spring-back comes from trial bends: for {angle} pull the lever to {lever}.",
            "{how}",
            "Make one trial bend on scrap of the same tube, and enter the lever angle and the angle that stayed.",
            Source.house("usual spring-back of the material"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.path().filter(p -> !p.bends().isEmpty()).isEmpty()) {
            return List.of();
        }
        if (c.tube().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.BENDS, TubeNeeds.TUBE));
        }
        SpringBack s = c.line().spring();
        Angle right = Angle.ofDegrees(90);
        return List.of(Finding.of(
                s.tried(),
                TEXT,
                Subject.BENDS,
                Map.of(
                        "material", Figure.of(c.tube().get().material().name()),
                        "share",
                                Figure.of(LengthFormat.decimal(
                                                c.tube().get().material().springBack() * 100, 1, 0) + " %"),
                        "angle", Figure.of(right),
                        "lever", Figure.of(s.commanded(right, 1)),
                        "how",
                                Figure.of(
                                        s.second().isPresent()
                                                ? Say.it("spring-back-tried.straight-line-through-two")
                                                : s.tried()
                                                        ? Say.it("spring-back-tried.ratio-one-trial-bend")
                                                        : Say.it("spring-back-tried.table-materials")))));
    }
}
