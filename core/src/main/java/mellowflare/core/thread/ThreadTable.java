package mellowflare.core.thread;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;

/** All threads of the shipped tables. */
public final class ThreadTable {
    public static final ReferenceKey<ThreadTable> KEY = new ReferenceKey<>("threads", ThreadTable.class);
    private final List<ThreadSize> sizes;

    private ThreadTable(List<ThreadSize> sizes) {
        this.sizes = sizes;
    }

    public static ThreadTable load() {
        return new ThreadTable(List.of(
                        read("npt.csv", ThreadTable::npt),
                        read("bspt.csv", ThreadTable::bspt),
                        read("bspp.csv", ThreadTable::bspp),
                        read("unified.csv", r -> straightInch(r, ThreadSeries.UNIFIED, r.length("major_in"))),
                        read("metric.csv", ThreadTable::metric),
                        read("npsm.csv", r -> straightInch(r, ThreadSeries.NPSM, r.length("external_max_in"))),
                        read("hose.csv", r -> straightInch(r, ThreadSeries.HOSE, r.length("external_max_in"))),
                        read("metrictaper.csv", ThreadTable::metricTaper),
                        read("gas.csv", ThreadTable::gas))
                .stream()
                .flatMap(List::stream)
                .toList());
    }

    private static List<ThreadSize> read(String file, Function<Row, ThreadSize> mapper) {
        return CsvTable.beside(ThreadTable.class, file).map(mapper, ThreadSize::size);
    }

    public List<ThreadSize> of(ThreadSeries series) {
        return sizes.stream().filter(s -> s.series() == series).toList();
    }

    public Optional<ThreadSize> find(ThreadSeries series, String size) {
        return sizes.stream()
                .filter(s -> s.series() == series && s.size().equals(size))
                .findFirst();
    }

    /**
     * NPT: crest over pitch diameter is 0.8 P. Male: from hand-tight plane less one turn of taper (the gauge tolerance of
     * ASME B1.20.1) to the pipe's outside diameter plus one turn. Female at the mouth: E1 less 0.8 P, one turn either way.
     */
    private static ThreadSize npt(Row row) {
        Pitch pitch = Pitch.ofPerInch(row.number("per_inch"));
        Length e1 = row.length("e1_in");
        Length crest = pitch.length().times(0.8);
        Length turn = pitch.length().times(ThreadSize.TAPER_ON_DIAMETER);
        Length od = row.length("pipe_od_in");
        return size(
                row,
                ThreadSeries.NPT,
                ThreadForm.NPT,
                od,
                pitch,
                true,
                new LengthBand(e1.plus(crest).minus(turn), od.plus(turn)),
                new LengthBand(e1.minus(crest), e1.minus(crest)).widened(turn),
                Optional.of(row.length("l1_in")),
                Optional.of(row.length("l2_in")));
    }

    /**
     * BSPT: male from the gauge plane less its tolerance to the large end of useful thread plus its tolerance (1 in 16 on the axial
     * tolerance). Female at the mouth: gauge-plane minor with the axial tolerance of the internal thread.
     */
    private static ThreadSize bspt(Row row) {
        Pitch pitch = Pitch.ofPerInch(row.number("per_inch"));
        Length major = row.length("major_mm");
        Length gauge = row.length("gauge_length_mm");
        Length useful = row.length("useful_length_mm");
        Length tolerance = row.length("gauge_tol_mm").times(ThreadSize.TAPER_ON_DIAMETER);
        Length largeEnd = major.plus(useful.minus(gauge).times(ThreadSize.TAPER_ON_DIAMETER));
        Length minor = row.length("minor_mm");
        return size(
                row,
                ThreadSeries.BSPT,
                ThreadForm.WHITWORTH,
                major,
                pitch,
                true,
                new LengthBand(major.minus(tolerance), largeEnd.plus(tolerance)),
                new LengthBand(minor, minor)
                        .widened(row.length("internal_tol_mm").times(ThreadSize.TAPER_ON_DIAMETER)),
                Optional.of(gauge),
                Optional.of(useful));
    }

    private static ThreadSize bspp(Row row) {
        Length major = row.length("major_mm");
        Length minor = row.length("minor_mm");
        return size(
                row,
                ThreadSeries.BSPP,
                ThreadForm.WHITWORTH,
                major,
                Pitch.ofPerInch(row.number("per_inch")),
                false,
                new LengthBand(major.minus(row.length("major_tol_mm")), major),
                new LengthBand(minor, minor.plus(row.length("minor_tol_mm"))),
                Optional.empty(),
                Optional.empty());
    }

    private static ThreadSize straightInch(Row row, ThreadSeries series, Length major) {
        return size(
                row,
                series,
                ThreadForm.UNIFIED,
                major,
                Pitch.ofPerInch(row.number("per_inch")),
                false,
                new LengthBand(row.length("external_min_in"), row.length("external_max_in")),
                new LengthBand(row.length("internal_min_in"), row.length("internal_max_in")),
                Optional.empty(),
                Optional.empty());
    }

    /** Male from the gauge plane to the large end of useful thread; there is no female. */
    private static ThreadSize metricTaper(Row row) {
        Length major = row.length("major_mm");
        Length gauge = row.length("gauge_length_mm");
        Length useful = row.length("useful_length_mm");
        Pitch pitch = Pitch.ofMm(row.number("pitch_mm"));
        Length largeEnd = major.plus(useful.minus(gauge).times(ThreadSize.TAPER_ON_DIAMETER));
        Length minor = row.length("minor_mm");
        return size(
                row,
                ThreadSeries.METRIC_TAPER,
                ThreadForm.UNIFIED,
                major,
                pitch,
                true,
                new LengthBand(major, largeEnd),
                new LengthBand(minor, minor).widened(pitch.length().times(ThreadSize.TAPER_ON_DIAMETER)),
                Optional.of(gauge),
                Optional.of(useful));
    }

    private static ThreadSize gas(Row row) {
        return straightMm(
                row, ThreadSeries.GAS, row.word("form", ThreadForm.class), Pitch.ofPerInch(row.number("per_inch")));
    }

    private static ThreadSize metric(Row row) {
        return straightMm(row, ThreadSeries.METRIC, ThreadForm.UNIFIED, Pitch.ofMm(row.number("pitch_mm")));
    }

    private static ThreadSize straightMm(Row row, ThreadSeries series, ThreadForm form, Pitch pitch) {
        return size(
                row,
                series,
                form,
                row.length("major_mm"),
                pitch,
                false,
                new LengthBand(row.length("external_min_mm"), row.length("external_max_mm")),
                new LengthBand(row.length("internal_min_mm"), row.length("internal_max_mm")),
                Optional.empty(),
                Optional.empty());
    }

    private static ThreadSize size(
            Row row,
            ThreadSeries series,
            ThreadForm form,
            Length major,
            Pitch pitch,
            boolean tapered,
            LengthBand male,
            LengthBand female,
            Optional<Length> handTight,
            Optional<Length> useful) {
        return new ThreadSize(
                series,
                row.need("size"),
                form,
                major,
                pitch,
                tapered,
                male,
                female,
                handTight,
                useful,
                row.yes("usual"),
                row.source());
    }
}
