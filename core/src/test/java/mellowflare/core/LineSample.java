package mellowflare.core;

import java.util.Optional;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.OldHose;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.job.Job;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;

/**
 * A hose line with its ports and service, to change in one place at a time.
 *
 * @param line the hose
 * @param ports what it joins
 * @param service what it must do
 */
public record LineSample(HoseLine line, Ports ports, Service service) {
    public static final LineSample NEW = new LineSample(HoseLine.NEW, Ports.UNKNOWN, Service.UNSAID);

    public EndSample a() {
        return end(LineEnd.A);
    }

    public EndSample b() {
        return end(LineEnd.B);
    }

    public EndSample end(LineEnd which) {
        return new EndSample(ports.of(which), line.end(which));
    }

    public LineSample withEnd(LineEnd which, EndSample end) {
        return new LineSample(line.withEnd(which, end.pick()), ports.with(which, end.port()), service);
    }

    public LineSample withService(Service s) {
        return new LineSample(line, ports, s);
    }

    private LineSample with(HoseLine l) {
        return new LineSample(l, ports, service);
    }

    public LineSample withHose(Optional<String> part) {
        return with(line.withHose(part));
    }

    public LineSample withFinished(Optional<CalledFigure> f) {
        return with(line.withFinished(f));
    }

    public LineSample withBendRadius(Optional<Length> r) {
        return with(line.withBendRadius(r));
    }

    public LineSample withClocking(Optional<Angle> c) {
        return with(line.withClocking(c));
    }

    public LineSample withRoute(Optional<RouteSketch> r) {
        return with(line.withRoute(r));
    }

    public LineSample withOld(Optional<OldHose> o) {
        return with(line.withOld(o));
    }

    public LineSample withLaidOut(Optional<Length> l) {
        return with(line.withLaidOut(l));
    }

    public LineSample withHere(Here h) {
        return with(line.withHere(h));
    }

    public Optional<String> hose() {
        return line.hose();
    }

    public Optional<CalledFigure> finished() {
        return line.finished();
    }

    public Here here() {
        return line.here();
    }

    public Setting setting(Practice practice, UnitSystem units, MakeLog log) {
        return new Setting(ports, service, practice, units, log, Samples.DATA);
    }

    public HoseCase worked(Practice practice, UnitSystem units, MakeLog log) {
        return HoseCase.of(line, setting(practice, units, log));
    }

    /** A job of this line, in the place of what it had. */
    public Job in(Job job) {
        return job.withPorts(ports).withService(service).with(HoseLineKind.HOSE, line);
    }

    /** The hose line of a job. */
    public static LineSample of(Job job) {
        return new LineSample(job.line(HoseLineKind.HOSE), job.ports(), job.service());
    }
}
