package mellowflare.app.gauge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Evidence;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.IdentifyCase;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.ObservationWords;
import mellowflare.core.job.Evaluation;
import mellowflare.core.lookalike.LookAlike;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.section.HalfSection;

/**
 * All that Gauge shows for one observation.
 *
 * @param answer the ranking
 * @param drawing the half-section
 * @param held what is held, in words
 * @param seal how the likeliest end is sealed
 * @param reasonsFor what speaks for the likeliest
 * @param reasonsAgainst what speaks against it
 * @param lookAlikes its look-alikes, in words
 * @param warnings what the rules warn of, with what to do
 * @param goesWith what the likeliest goes together with, in words
 * @param otherReading the diameter in the other unit, where that fits far better
 */
public record GaugeResult(
        Identification answer,
        Drawing drawing,
        String held,
        Optional<SealAdvice> seal,
        List<String> reasonsFor,
        List<String> reasonsAgainst,
        List<String> lookAlikes,
        List<String> warnings,
        String goesWith,
        Optional<Length> otherReading) {
    public GaugeResult {
        reasonsFor = List.copyOf(reasonsFor);
        reasonsAgainst = List.copyOf(reasonsAgainst);
        lookAlikes = List.copyOf(lookAlikes);
        warnings = List.copyOf(warnings);
    }

    private static final int KINDS_SHOWN = 3;
    private static final int NAMED = 6;

    /** What the ranking shows by itself: that it is open, or that nothing fits. */
    private static final List<String> RANKING_SHOWS = List.of("end.settled", "end.nothing-fits");

    /** All that is shown for a case on a desk. */
    static GaugeResult of(IdentifyCase c, Desk desk) {
        UnitSystem units = desk.units();
        Identification answer = c.answer();
        Observation seen = answer.observation();
        Optional<Candidate> best = answer.best().filter(b -> answer.standing() != Identification.Standing.NOTHING_FITS);
        return new GaugeResult(
                answer,
                HalfSection.of(answer, units),
                held(seen),
                best.flatMap(b -> desk.sealOn(
                        b.end(),
                        seen.seat()
                                .filter(b.end().seats()::contains)
                                .orElse(b.end().usualSeat()))),
                best.map(b -> says(b, Evidence.Verdict.FOR, units)).orElse(List.of()),
                answer.best().map(b -> says(b, Evidence.Verdict.AGAINST, units)).orElse(List.of()),
                best.map(GaugeResult::lookAlikes).orElse(List.of()),
                warnings(c, units),
                best.map(b -> goesWith(b.end(), desk)).orElse(""),
                c.otherUnit().flatMap(o -> o.observation().diameter()));
    }

    private static List<String> warnings(IdentifyCase c, UnitSystem units) {
        return c.findings().stream()
                .filter(f -> f.state() == State.FAIL
                        && !RANKING_SHOWS.contains(f.rule().id()))
                .map(f -> f.says(units) + " " + f.remedy(units))
                .toList();
    }

    private static List<String> says(Candidate c, Evidence.Verdict verdict, UnitSystem units) {
        return c.speaking(verdict).stream().map(e -> e.says(units)).toList();
    }

    /** What it goes together with, in words. */
    private static String goesWith(End end, Desk desk) {
        return desk.data()
                .get(EndTable.KEY)
                .mate(end)
                .map(m -> Say.it(
                        "gauge-result.goes-with",
                        "brief",
                        m.brief(),
                        "gender",
                        m.gender().word()))
                .orElse(Say.it("gauge-result.goes-into-its-hose"));
    }

    private static List<String> lookAlikes(Candidate c) {
        return c.lookAlikes().stream()
                .collect(Collectors.groupingBy(LookAlike::kind, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .limit(KINDS_SHOWN)
                .map(e -> names(e.getValue()) + ": " + e.getKey().alike() + ". "
                        + e.getKey().ifForced())
                .toList();
    }

    /** The first few by name, the others by number. */
    private static String names(List<LookAlike> all) {
        String first = all.stream().limit(NAMED).map(t -> t.other().brief()).collect(Collectors.joining(", "));
        return all.size() <= NAMED ? first : Say.it("gauge-result.more", "first", first, "count", all.size() - NAMED);
    }

    private static String held(Observation seen) {
        String words = String.join(", ", ObservationWords.looks(seen));
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Whether a change has to do with what was measured, or with how it is judged. */
    static boolean concerns(Evaluation was, Evaluation now) {
        return was.data() != now.data()
                || was.job().units() != now.job().units()
                || !was.job().id().equals(now.job().id())
                || !was.job().practice().equals(now.job().practice())
                || !was.job().ports().equals(now.job().ports());
    }
}
