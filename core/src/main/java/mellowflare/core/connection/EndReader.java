package mellowflare.core.connection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.thread.ThreadTable;

/** Makes ends of a row of {@code endforms.csv} and the table of its sizes. */
final class EndReader {
    private static final double LEAST_SPREAD = 8;
    private static final double RARE = 0.2;
    private static final double DOUBTED = 0.6;
    private static final Map<String, ThreadSeries> SERIES = Map.of(
            "npt", ThreadSeries.NPT,
            "npsm", ThreadSeries.NPSM,
            "bspt", ThreadSeries.BSPT,
            "bspp", ThreadSeries.BSPP,
            "hose", ThreadSeries.HOSE);

    private EndReader() {}

    /** Families of pipe thread have every size of their series; the others name their sizes in a table of their own. */
    static List<End> ofForm(Row form, ThreadTable threads) {
        String sizes = form.need("sizes");
        return SERIES.containsKey(sizes)
                ? ofSeries(form, threads.of(SERIES.get(sizes)))
                : ofTable(form, threads, sizes);
    }

    private static List<End> ofSeries(Row form, List<ThreadSize> sizes) {
        double usualSizes = sizes.stream().filter(ThreadSize::usual).count();
        return sizes.stream()
                .map(size -> end(
                        form,
                        size.size(),
                        Outside.threaded(size),
                        Optional.empty(),
                        form.list("seats"),
                        size.usual(),
                        usualSizes,
                        size.source()))
                .toList();
    }

    private static List<End> ofTable(Row form, ThreadTable threads, String name) {
        List<Row> rows = CsvTable.beside(EndTable.class, name + ".csv").rows();
        double usualSizes = rows.stream().filter(r -> r.yes("usual")).count();
        List<End> ends = new ArrayList<>();
        for (Row row : rows) {
            Outside outside = Outside.of(row, form, threads);
            List<String> seats = row.maybe("seats").map(s -> row.list("seats")).orElse(form.list("seats"));
            ends.add(
                    end(form, row.need("size"), outside, ring(row), seats, row.yes("usual"), usualSizes, row.source()));
        }
        return ends;
    }

    private static Optional<SealRing> ring(Row row) {
        return row.maybe("ring")
                .map(r -> new SealRing(
                        r,
                        either(row, "ring_inside"),
                        either(row, "ring_section"),
                        row.maybeLength("housing_in"),
                        row.source()));
    }

    private static Length either(Row row, String column) {
        return row.maybeLength(column + "_in").orElseGet(() -> row.length(column + "_mm"));
    }

    /** What an end is outside: thread and hand, or none and the reading across; and its tube. */
    private record Outside(
            Body body,
            Optional<ThreadSize> thread,
            boolean leftHand,
            Optional<LengthBand> male,
            Optional<LengthBand> female,
            Optional<Length> tube) {
        static Outside threaded(ThreadSize size) {
            return new Outside(
                    Body.THREAD,
                    Optional.of(size),
                    false,
                    Optional.of(size.maleCrest()),
                    Optional.of(size.femaleCrest()),
                    Optional.empty());
        }

        static Outside of(Row row, Row form, ThreadTable threads) {
            Body body = row.maybe("body").isPresent() ? row.word("body", Body.class) : form.word("body", Body.class);
            Optional<ThreadSize> thread = row.maybe("thread")
                    .map(t -> threads.find(row.word("series", ThreadSeries.class), t)
                            .orElseThrow(() -> row.broken("thread", Say.it("end-reader.not-table-its-series"))));
            return new Outside(
                    body,
                    thread,
                    row.maybe("hand").filter("left"::equals).isPresent(),
                    thread.map(ThreadSize::maleCrest).or(() -> band(row, "male")),
                    thread.map(ThreadSize::femaleCrest).or(() -> band(row, "female")),
                    row.maybeLength("tube_od_in").or(() -> row.maybeLength("tube_od_mm")));
        }

        private static Optional<LengthBand> band(Row row, String gender) {
            return row.maybeLength(gender + "_low_mm").map(low -> new LengthBand(low, row.length(gender + "_high_mm")));
        }
    }

    /**
     * The form's share is spread over its usual sizes, as over no fewer than {@link #LEAST_SPREAD}: a rare family of few sizes is not likelier,
     * size for size, than a common one of many. A rare size gets a fifth of a usual one's. Figures that nobody has confirmed weigh less,
     * and the end is as doubtful as the most doubtful of them.
     */
    private static End end(
            Row form,
            String size,
            Outside outside,
            Optional<SealRing> ring,
            List<String> seatCodes,
            boolean usual,
            double usualSizes,
            Source ofSize) {
        Gender gender = form.word("gender", Gender.class);
        Confidence least = Stream.of(
                        Stream.of(form.source(), ofSize), outside.thread().map(ThreadSize::source).stream())
                .flatMap(s -> s)
                .map(Source::confidence)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        double share = form.number("share")
                / Math.max(usualSizes, LEAST_SPREAD)
                * (usual ? 1 : RARE)
                * (least == Confidence.UNCONFIRMED ? DOUBTED : 1);
        List<Seat> seats = seatCodes.stream()
                .map(code -> Seat.ofCode(code)
                        .orElseThrow(() -> form.broken("seats", Say.it("end-reader.no-such-seat", "code", code))))
                .toList();
        return new End(
                new EndId(form.word("code", EndCode.class), size, gender),
                new EndForm(
                        form.said("name"),
                        form.maybe("mate").map(m -> form.word("mate", EndCode.class)),
                        form.maybe("also")
                                .map(a -> new EndForm.Also(form.word("also", EndCode.class), form.said("also_if"))),
                        form.number("swivel"),
                        form.word("wrenches", Wrenches.class),
                        form.list("met_in"),
                        form.list("regions"),
                        form.list("machines"),
                        form.list("aliases")),
                outside.body(),
                outside.thread(),
                outside.leftHand(),
                gender == Gender.MALE ? outside.male() : outside.female(),
                outside.tube(),
                seats,
                ring,
                share,
                new Source(form.source().text(), least));
    }
}
