package mellowflare.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.LineSample;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.job.Attachment;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.HandOver;
import mellowflare.core.job.Handed;
import mellowflare.core.job.InService;
import mellowflare.core.job.Job;
import mellowflare.core.job.NextThing;
import mellowflare.core.line.Taking;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.table.FigureTable;
import mellowflare.core.trouble.FoundCause;
import mellowflare.core.trouble.TroubleTable;
import mellowflare.core.upkeep.Upkeep;
import mellowflare.core.upkeep.UpkeepRules;
import org.junit.jupiter.api.Test;

/** One hose from the first figure to the finished line: what is handed on, what comes next, what is due, and the machine that it belongs to. */
class InHandStandTest {
    private static final Instant EIGHT = Instant.parse("2026-11-02T08:00:00Z");
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

    private Job job = Samples.soundLine().in(Job.open("j1", "slew hose", "Dunlin, deck crane", UnitSystem.METRIC));
    private int minute;

    private Evaluation now() {
        return Evaluation.of(job, Samples.DATA);
    }

    private Instant at() {
        minute += 7;
        return EIGHT.plusSeconds(60L * minute);
    }

    private void kept(Read<MakeLog> read) {
        job = job.withLog(read.value().orElseThrow(() -> new AssertionError(read.refusal())));
    }

    private static String sound(Step s, String id) {
        return s.records().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .flatMap(r -> r.lengthBand()
                        .map(b -> b.middle().mm() + " mm")
                        .or(() -> r.atLeast().map(p -> p.bar() + 5 + " bar")))
                .orElse("");
    }

    /** Ticks the next step; reads the cut back where it must be. */
    private void tick() {
        Step s = now().bench().next().orElseThrow();
        if (s.gate() == Step.Gate.CUT_FIGURE) {
            kept(now().bench().readBack("Tobbe", at()));
        }
        Map<String, String> figures = new HashMap<>();
        s.records().forEach(r -> figures.put(r.id(), sound(s, r.id())));
        kept(now().tick("Maren", at(), figures));
    }

    private void until(String step) {
        while (!now().bench().next().orElseThrow().id().equals(step)) {
            tick();
        }
    }

    private static void table(List<String> lines, FigureTable t) {
        t.rows().forEach(r -> lines.add("table " + t.what() + " " + r.cells() + " " + r.out()));
    }

    private static List<String> said(Evaluation e) {
        List<String> lines = new ArrayList<>();
        lines.add("left " + e.leftOff().text() + " / " + e.leftOff().brief() + " / "
                + e.leftOff().kept());
        HandOver.of(e, ZoneOffset.UTC)
                .sections()
                .forEach(s ->
                        s.items().forEach(i -> lines.add("hand " + s.title() + " " + i.weight() + " " + i.says())));
        lines.add("open " + HandOver.of(e, ZoneOffset.UTC).open().size());
        NextThing.of(e)
                .ifPresent(n -> lines.add(
                        "next " + n.says() + " " + n.at() + " " + n.need().isPresent()));
        lines.add("made " + InService.made(e).map(LocalDate::toString).orElse("-"));
        InService.due(e).forEach(d -> lines.add("due " + d.rule().id() + " " + d.on()));
        Machine m = Machine.of("Dunlin", List.of(e));
        Event.of(List.of(e))
                .forEach(v -> lines.add("event " + v.on() + " " + v.what() + " by " + v.by() + ": " + v.found()));
        AsBuilt.of(List.of(e))
                .forEach(b -> lines.add("built " + b.what() + " planned " + b.planned() + " is " + b.built()
                        + (b.off() ? " off" : "")));
        Carried.of(m)
                .forEach(c -> lines.add("carry " + c.sort() + " " + c.name() + " " + c.amount() + " " + c.lines()));
        StepTimes times = StepTimes.of(List.of(e.job().log().entries().stream()
                .map(x -> new StepTimes.Tick(x.stepId(), x.at()))
                .toList()));
        Hours h = Hours.of(m, times);
        lines.add("hours " + h.says() + " / " + h.toGo() + " / " + h.known() + " of " + h.open());
        table(lines, MachineTables.lines(m));
        table(lines, MachineTables.parts(m));
        table(lines, MachineTables.due(DueLine.of(List.of(e)), TODAY));
        table(lines, MachineTables.history(Event.of(List.of(e))));
        table(lines, AsBuilt.table(AsBuilt.of(List.of(e))));
        table(lines, Carried.table(Carried.of(m)));
        Taking.says(e.takesNext(), e.job().units()).forEach(t -> lines.add("takes next " + t));
        Taking.missing(e.takesNext(), e.data().get(Shelf.KEY)).forEach(t -> lines.add("short " + t));
        e.job()
                .moves()
                .forEach(v -> lines.add("moved " + v.step() + " " + v.used().key() + " "
                        + Stands.figure(v.used().amount()) + " " + v.used().from()));
        lines.add("cost " + Stands.figure(m.cost()));
        m.tasks()
                .forEach((k, t) -> lines.add("cut " + k + " "
                        + t.pieces().stream()
                                .map(p -> p.name() + "="
                                        + Stands.figure(p.length().mm()) + "x" + p.count())
                                .toList()));
        return lines;
    }

    /** The stages that a job goes through, by name. */
    private Map<String, Evaluation> stages() {
        Map<String, Evaluation> all = new LinkedHashMap<>();
        all.put("nothing said", Evaluation.of(Job.open("n", "new", "", UnitSystem.INCH), Samples.DATA));
        all.put("planned", now());
        Job plain = job;
        LineSample line = LineSample.of(job);
        job = line.withService(line.service().withWorking(Optional.of(GaugePressure.ofBar(2000))))
                .in(job);
        all.put("stopped", now());
        job = line.withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(1140), "1140")))
                .in(plain);
        all.put("measured by nobody", now());
        job = plain;
        tick();
        tick();
        all.put("made safe", now());
        until("cut");
        job = job.withHanding(job.handing()
                .with(new Handed("", "Maren", EIGHT, "came by post"))
                .with(new Handed("Maren", "Tobbe", EIGHT.plusSeconds(900), "to be cut"))
                .with(new Attachment("port.png", "port.png", "the port", "Maren", EIGHT, 1200))
                .with(new Attachment("b.png", "b.png", "", "Maren", EIGHT, 1300)));
        all.put("before the cut", now());
        kept(now().bench().readBack("Tobbe", at()));
        all.put("read back", now());
        Job read = job;
        LineSample longer = LineSample.of(job);
        job = longer.withFinished(longer.finished()
                        .map(f -> f.withValue(Length.ofMm(1160), "1160")
                                .withSigned("M", "T")
                                .withSecond(Optional.of(Length.ofMm(1160)), "T")))
                .in(job);
        all.put("read back, then made longer", now());
        job = read;
        tick();
        all.put("cut", now());
        tick();
        kept(now().bench().passOver(now().bench().next().orElseThrow().id(), "Tobbe", at(), "done by hand"));
        tick();
        all.put("passed over", now());
        while (now().bench().next().isPresent()) {
            tick();
        }
        all.put("finished", now());
        String rule = InService.due(now()).get(0).rule().id();
        String cause = Samples.DATA.get(TroubleTable.KEY).causes().get(0).id();
        job = job.withUpkeep(new Upkeep(
                        Optional.of(LocalDate.of(2026, 11, 5)),
                        Optional.of(LocalDate.of(2026, 1, 15)),
                        List.of(
                                new Upkeep.Done(rule, LocalDate.of(2026, 11, 20), "Tobbe", "dry"),
                                new Upkeep.Done("nobody's", LocalDate.of(2026, 11, 21), "Tobbe", ""))))
                .withTroubles(List.of(
                        new FoundCause(cause, LocalDate.of(2026, 11, 22), "Maren"),
                        new FoundCause("moths", LocalDate.of(2026, 11, 23), "Maren")));
        all.put("in service", now());
        job = job.withService(
                job.service().withAmbient(job.service().ambient().withMoves(Optional.of(Ambient.Moves.VIBRATES))));
        all.put("shaken", now());
        return all;
    }

    @Test
    void testEveryStageOfAJobStandsAsItWasLookedThrough() {
        List<List<String>> cases = new ArrayList<>();
        stages().forEach((name, e) -> {
            List<String> lines = new ArrayList<>(List.of("stage: " + name));
            lines.addAll(said(e));
            cases.add(lines);
        });
        Stands.as(getClass(), "stages.txt", Stands.apart(cases));
    }

    /** Two lines of a machine: what both need is carried once, and each part says which lines it is for. */
    @Test
    void testTheLinesOfAMachineStandTogether() {
        List<Evaluation> lines = List.copyOf(stages().values()).subList(1, 12);
        Machine m = Machine.of("Dunlin", lines);
        List<String> all = new ArrayList<>();
        table(all, MachineTables.lines(m));
        table(all, MachineTables.parts(m));
        table(all, MachineTables.due(DueLine.of(lines), TODAY));
        table(all, Carried.table(Carried.of(m)));
        m.tasks()
                .forEach((k, t) -> all.add("cut " + k + " "
                        + t.pieces().stream()
                                .map(p -> p.name() + " x" + p.count())
                                .toList()));
        Stands.as(getClass(), "machine.txt", all);
        assertThat(m.lines()).hasSize(11);
        assertThat(Samples.DATA.get(UpkeepRules.KEY)).isNotNull();
    }
}
