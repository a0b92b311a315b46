package mellowflare.book.job;

import java.io.IOException;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.book.bag.BagCsv;
import mellowflare.book.bag.BagPdf;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.handover.HandOverPdf;
import mellowflare.book.line.Paper;
import mellowflare.book.testing.TestCertificate;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Plan;

/** The papers and files that go along with a job: those that every job has, and those of its kind of line. Window and command show this list. */
public final class Papers {
    /** A paper as it is offered. */
    public record Offer(String id, String title, String about) {}

    private Papers() {}

    private static <P extends Plan> List<Paper<P>> of(Kind<?, P> kind) {
        List<Paper<P>> all = new ArrayList<>();
        all.add(new Paper<>(
                "sheet",
                Say.it("papers.job-sheet"),
                Say.it("papers.drawing-figures-sealing-findings"),
                ".pdf",
                (result, plan, now) -> JobSheet.pdf(result, now.getZone())));
        all.add(new Paper<>(
                "card",
                Say.it("papers.bench-card"),
                Say.it("papers.one-page"),
                "-card.pdf",
                (result, plan, now) -> BenchCard.pdf(result, now.getZone())));
        all.add(new Paper<>(
                "tag",
                Say.it("papers.tag"),
                Say.it("papers.key-facts-be-tied"),
                "-tag.pdf",
                (result, plan, now) -> TagSheet.pdf(result)));
        all.add(Paper.ofText(
                "export",
                Say.it("papers.job-file"),
                Say.it("papers.job-with-its-results"),
                ".json",
                (result, plan, now) -> JobFiles.exportText(result)));
        all.add(new Paper<>(
                "tests",
                Say.it("papers.tests"),
                Say.it("papers.every-test"),
                "-tests.pdf",
                (result, plan, now) -> TestCertificate.bytes(result)));
        all.add(new Paper<>(
                "handed-over",
                Say.it("papers.handed-over"),
                Say.it("papers.how-it-stands"),
                "-handed-over.pdf",
                (result, plan, now) -> HandOverPdf.bytes(result, now)));
        all.add(new Paper<>(
                "bag",
                Say.it("papers.bag"),
                Say.it("papers.to-pack"),
                "-bag.pdf",
                (result, plan, now) -> BagPdf.bytes(result)));
        all.add(Paper.ofText(
                "bag-list",
                Say.it("papers.bag-list"),
                Say.it("papers.parts-prices"),
                "-bag.csv",
                (result, plan, now) -> BagCsv.text(result)));
        all.addAll(BookKinds.papers(kind));
        return all;
    }

    /** What goes along with a job of a kind, in the order in which it is offered. */
    public static List<Offer> offered(Kind<?, ?> kind) {
        return of(kind).stream().map(Papers::offer).toList();
    }

    /** Every paper that some kind of line has, each once, under the words of the first that has it. */
    public static List<Offer> all() {
        Map<String, Offer> all = new LinkedHashMap<>();
        BookKinds.ALL.forEach(k -> offered(k.kind()).forEach(o -> all.putIfAbsent(o.id(), o)));
        return List.copyOf(all.values());
    }

    private static Offer offer(Paper<?> p) {
        return new Offer(p.id(), p.title(), p.about());
    }

    /**
     * Makes a paper.
     *
     * @param id which
     * @param now the moment, in the zone in which moments are written
     * @throws BookTrouble if such a line has no such paper, or there is nothing to put on it yet
     */
    public static byte[] bytes(String id, Evaluation result, ZonedDateTime now) throws BookTrouble {
        return bytes(id, result.job().kind(), result, now);
    }

    private static <P extends Plan> byte[] bytes(String id, Kind<?, P> kind, Evaluation result, ZonedDateTime now)
            throws BookTrouble {
        Paper<P> paper = find(id, kind);
        try {
            return paper.maker().bytes(result, kind.planType().cast(result.plan()), now);
        } catch (IOException e) {
            throw new BookTrouble(
                    Say.it("papers.could-not-be-made", "paper", paper.title(), "message", e.getMessage()), e);
        }
    }

    private static <P extends Plan> Paper<P> find(String id, Kind<?, P> kind) throws BookTrouble {
        return of(kind).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new BookTrouble(Say.it(
                        "papers.this-job-made-as",
                        "kind",
                        kind.word(),
                        "id",
                        id,
                        "stream",
                        offered(kind).stream().map(Offer::id).collect(Collectors.joining(", ")))));
    }

    /** The tag of a line, 100 x 50 mm. */
    public static byte[] tag(Evaluation result) throws IOException, BookTrouble {
        return TagSheet.pdf(result);
    }

    /** Writes a paper into a folder; gives the file. */
    public static Path write(String id, Evaluation result, Path folder, ZonedDateTime now) throws BookTrouble {
        return TextFiles.write(
                folder.resolve(
                        name(result.job()) + find(id, result.job().kind()).suffix()),
                bytes(id, result, now));
    }

    private static String name(Job job) {
        String plain = job.title()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = TextFiles.name(job.id());
        String tail = id.substring(0, Math.min(8, id.length()));
        return (plain.isEmpty() ? "job" : plain.substring(0, Math.min(40, plain.length()))) + "-" + tail;
    }
}
