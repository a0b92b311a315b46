package mellowflare.core.job;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.upkeep.Due;
import mellowflare.core.upkeep.UpkeepRules;

/** A line in service: since when, what upkeep it needs, and when. */
public final class InService {
    private static final String FLANGES = "flanges";
    private static final String UNSAID = "moves-unsaid";

    private InService() {}

    /** Every word that a rule of upkeep may ask of a line. */
    static Set<String> words() {
        Set<String> all = new HashSet<>(Set.of(FLANGES, UNSAID));
        Kinds.ALL.forEach(k -> all.add(k.id().word()));
        for (FluidGroup g : FluidGroup.values()) {
            all.add("fluid-" + StepWords.word(g));
        }
        for (Ambient.Moves m : Ambient.Moves.values()) {
            all.add("moves-" + StepWords.word(m));
        }
        for (Ambient.Opener o : Ambient.Opener.values()) {
            all.add("opener-" + StepWords.word(o));
        }
        return all;
    }

    /** The words that hold of a line. */
    static Set<String> words(Evaluation e) {
        Set<String> all = new HashSet<>();
        all.add(e.job().kind().id().word());
        e.fluid().ifPresent(f -> all.add("fluid-" + StepWords.word(f.group())));
        Ambient around = e.job().service().ambient();
        all.add(around.moves().map(m -> "moves-" + StepWords.word(m)).orElse(UNSAID));
        around.opener().ifPresent(o -> all.add("opener-" + StepWords.word(o)));
        // An order of work that bolts flanges has its step for it.
        if (e.steps().stream().anyMatch(s -> s.id().equals("bolt"))) {
            all.add(FLANGES);
        }
        return all;
    }

    /** The day of its last step; empty while it is not made. */
    public static Optional<LocalDate> made(Evaluation e) {
        return e.bench().next().isPresent()
                ? Optional.empty()
                : e.job().log().entries().stream()
                        .map(StepEntry::at)
                        .max(Comparator.naturalOrder())
                        .map(at -> LocalDate.ofInstant(at, ZoneOffset.UTC));
    }

    /** What is due of a line, the earliest first; nothing while it is neither made nor said to be in service. */
    public static List<Due> due(Evaluation e) {
        return Due.of(e.data().get(UpkeepRules.KEY), words(e), e.job().upkeep(), made(e));
    }
}
