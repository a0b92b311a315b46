package mellowflare.core.sealing;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.EndCode;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Joints that do not belong on a kind of fluid, or only within limits, from {@code limits.csv}. */
public final class JointLimits {
    public static final ReferenceKey<JointLimits> KEY = new ReferenceKey<>("joint limits", JointLimits.class);
    private final List<Limit> limits;

    private JointLimits(List<Limit> limits) {
        this.limits = limits;
    }

    /**
     * One limit.
     *
     * @param code the family of ends
     * @param group the kind of fluid
     * @param severity how bad it is
     * @param says what is wrong, a whole sentence
     * @param because why
     * @param instead what to do
     * @param source who says so
     */
    public record Limit(
            EndCode code,
            FluidGroup group,
            Severity severity,
            String says,
            String because,
            String instead,
            Source source) {}

    public static JointLimits load() {
        return new JointLimits(CsvTable.beside(JointLimits.class, "limits.csv")
                .map(
                        row -> new Limit(
                                row.word("code", EndCode.class),
                                row.word("group", FluidGroup.class),
                                row.word("severity", Severity.class),
                                row.said("says"),
                                row.said("because"),
                                row.said("do"),
                                row.source()),
                        l -> l.code() + " " + l.group()));
    }

    public Optional<Limit> of(EndCode code, FluidGroup group) {
        return limits.stream()
                .filter(l -> l.code() == code && l.group() == group)
                .findFirst();
    }

    public List<Limit> all() {
        return limits;
    }
}
