package mellowflare.book.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.book.Jobs;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Plan;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;

/** Demo jobs broken at random: another pressure, another temperature, or parts and sizes changed to others, until something stops them. */
final class BrokenVariants {
    private static final List<String> KINDS = List.of("hose", "tube", "pipe", "gas", "air");

    private BrokenVariants() {}

    static List<Evaluation> of(int count, long seed) {
        Random chance = new Random(seed);
        List<Job> sound = Jobs.demo().stream()
                .filter(j -> KINDS.contains(j.kind().id().word()))
                .toList();
        List<Evaluation> all = new ArrayList<>();
        while (all.size() < count) {
            Job job = sound.get(chance.nextInt(sound.size()));
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            for (int n = 0; n <= chance.nextInt(3) && e.plan().findings().size() > 0; n++) {
                e = Evaluation.after(e, changed(e, chance), Jobs.DATA);
            }
            if (e.stops() > 0) {
                all.add(e);
            }
        }
        return all;
    }

    private static Job changed(Evaluation e, Random chance) {
        Job job = e.job();
        Service service = job.service();
        return switch (chance.nextInt(4)) {
            case 0 ->
                job.withService(service.withWorking(service.working()
                        .map(p -> GaugePressure.ofBar(p.bar() * (1 + 2 * chance.nextDouble())))
                        .or(() -> Optional.of(GaugePressure.ofBar(8)))));
            case 1 ->
                job.withService(service.withFluidTemperature(
                        Optional.of(Temperature.ofCelsius(40 + 100 * chance.nextDouble()))));
            default -> other(job.kind(), e, chance);
        };
    }

    private static <L extends Line, P extends Plan> Job other(Kind<L, P> kind, Evaluation e, Random chance) {
        List<Mending<L>> all = kind.mendings(kind.planType().cast(e.plan()));
        return all.isEmpty()
                ? e.job()
                : e.job().with(kind, all.get(chance.nextInt(all.size())).line());
    }
}
