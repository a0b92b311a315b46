package mellowflare.book.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.job.JobJson;
import mellowflare.core.job.Attachment;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.HandOver;
import mellowflare.core.job.Handed;
import mellowflare.core.job.Handing;
import mellowflare.core.job.Job;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What goes from hand to hand with a job. */
class HandOverTest {
    private static final ZonedDateTime NOW = Jobs.NOW.atZone(ZoneOffset.UTC);

    @TempDir
    private Path folder;

    private static Job slew() {
        return Jobs.demo().stream()
                .filter(j -> j.title().contains("Crane slew hose"))
                .findFirst()
                .orElseThrow();
    }

    private static HandOver page(Job job) {
        return HandOver.of(Evaluation.of(job, Jobs.DATA), ZoneOffset.UTC);
    }

    private static List<String> says(HandOver page, HandOver.Weight weight) {
        return page.sections().stream()
                .flatMap(s -> s.items().stream())
                .filter(i -> i.weight() == weight)
                .map(HandOver.Item::says)
                .toList();
    }

    private static Job ticked(Job job, StepEntry.Outcome outcome, String reason) {
        Step due = Evaluation.of(job, Jobs.DATA).bench().next().orElseThrow();
        return job.withLog(job.log().with(new StepEntry(due.id(), outcome, "Maren", Jobs.NOW, Map.of(), reason)));
    }

    @Test
    void testWhoTakesOverIsToldOfTheLockAndOfTheCutThatIsNotReadBack() {
        HandOver page = page(slew());
        assertThat(says(page, HandOver.Weight.DANGER))
                .anySatisfy(s -> assertThat(s).contains("own lock and tag").contains("1910.147"));
        assertThat(says(page, HandOver.Weight.OPEN))
                .anySatisfy(s -> assertThat(s).contains("1056 mm is not read back"));
        assertThat(says(page, HandOver.Weight.KNOWN))
                .anySatisfy(s -> assertThat(s).contains("step 6 of 22"));
    }

    @Test
    void testAReadBackCutIsSaidAndOneThatChangedSinceMustBeReadAgain() {
        Job job = slew();
        Evaluation e = Evaluation.of(job, Jobs.DATA);
        MakeLog read = e.bench().readBack("Tobbe", Jobs.NOW).value().orElseThrow();
        Job heard = job.withLog(read);
        assertThat(says(page(heard), HandOver.Weight.KNOWN))
                .contains("The cut at 1056 mm is read back and not made yet.");
        Job cut = ticked(heard, StepEntry.Outcome.DONE, "");
        assertThat(says(page(cut), HandOver.Weight.KNOWN)).contains("Cut at 1056 mm.");
        MakeLog other = read.withReadBack(
                new mellowflare.core.procedure.ReadBack(mellowflare.core.measure.Length.ofMm(1100), "Tobbe", Jobs.NOW));
        assertThat(says(page(job.withLog(other)), HandOver.Weight.OPEN))
                .contains("1100 mm was read back, and the cut comes to 1056 mm now. Read it back again.");
        Job wrong = cut.withLog(new MakeLog(cut.log().entries(), other.readBack()));
        assertThat(says(page(wrong), HandOver.Weight.DANGER))
                .anySatisfy(s -> assertThat(s).contains("cut to 1100 mm").contains("needs 1056 mm"));
        assertThat(says(page(wrong), HandOver.Weight.KNOWN)).contains("Cut at 1100 mm.");
    }

    @Test
    void testWhatWasSkippedAndEveryStopStandsThere() {
        Job job = slew().withLog(MakeLog.EMPTY);
        Job skipped = ticked(job, StepEntry.Outcome.PASSED_OVER, "hoist is off the crane");
        assertThat(says(page(skipped), HandOver.Weight.OPEN))
                .anySatisfy(s -> assertThat(s).contains("hoist is off the crane"));
        assertThat(says(page(job), HandOver.Weight.DANGER))
                .describedAs("nothing is locked before it was made safe")
                .noneSatisfy(s -> assertThat(s).contains("own lock"));
        for (Job each : Jobs.demo()) {
            Evaluation e = Evaluation.of(each, Jobs.DATA);
            List<String> danger = says(page(each), HandOver.Weight.DANGER);
            assertThat(e.findings().stream()
                            .filter(f -> f.stops())
                            .map(f -> f.says(each.units()))
                            .toList())
                    .describedAs(each.title())
                    .allSatisfy(s -> assertThat(danger).contains(s));
        }
    }

    @Test
    void testAJobGoesFromHandToHand() throws BookTrouble {
        Handing none = Handing.NONE;
        assertThat(none.holder()).isEmpty();
        Handing twice = none.with(new Handed("Maren", "Tobbe", Jobs.NOW, "blocks under the boom"))
                .with(new Handed("Tobbe", "Oda", Jobs.NOW.plusSeconds(60), ""));
        assertThat(twice.holder()).hasValue("Oda");
        Job job = slew().withHanding(twice);
        assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
        assertThat(job.alike("other", "Other").handing()).isEqualTo(Handing.NONE);
        assertThat(says(page(job), HandOver.Weight.KNOWN))
                .contains("1 Nov 08:30: Maren handed it to Tobbe. blocks under the boom");
        assertThatThrownBy(() -> new Handed("Oda", " Oda ", Jobs.NOW, "")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Handed("Oda", " ", Jobs.NOW, "")).isInstanceOf(IllegalArgumentException.class);
    }

    private Path photo(String name, int wide, int high) throws IOException {
        Path file = folder.resolve(name);
        String ending = name.substring(name.lastIndexOf('.') + 1);
        assertThat(ImageIO.write(new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB), ending, file.toFile()))
                .isTrue();
        return file;
    }

    @Test
    void testAFileIsCopiedWholeAndFoundAgain() throws Exception {
        AttachedFiles files = new AttachedFiles(folder.resolve("book"));
        Path photo = photo("port A, seat.jpg", 800, 600);
        Attachment a = files.keep("job-1", photo, "Maren", Jobs.NOW);
        assertThat(a.name()).isEqualTo("port A, seat.jpg");
        assertThat(a.file()).endsWith("-port-A-seat.jpg");
        Path copy = files.path("job-1", a).orElseThrow();
        assertThat(copy).hasSameBinaryContentAs(photo);
        assertThat(copy.getParent().getParent())
                .isEqualTo(folder.resolve("book").resolve("files"));
        try (Stream<Path> all = Files.list(copy.getParent())) {
            assertThat(all).describedAs("no part of a copy").containsExactly(copy);
        }
        assertThat(files.keep("job-1", photo, "Oda", Jobs.NOW).file())
                .describedAs("the same file is the same copy")
                .isEqualTo(a.file());
        Job job = slew().withHanding(Handing.NONE.with(a));
        assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
        assertThatThrownBy(() -> job.handing().with(a)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testNamesStayInTheirFolder() throws Exception {
        AttachedFiles files = new AttachedFiles(folder.resolve("book"));
        Path odd = folder.resolve("…ünfug;rm -rf.tar.gz");
        Files.writeString(odd, "x");
        Attachment a = files.keep("../../elsewhere", odd, "", Jobs.NOW);
        Path copy = files.path("../../elsewhere", a).orElseThrow().normalize();
        assertThat(copy).startsWith(folder.resolve("book").resolve("files"));
        for (String bad : List.of("../book.db", "a/b", "..", ".hidden", "", "a\\b", "C:x")) {
            assertThatThrownBy(() -> new Attachment(bad, "n", "", "", Jobs.NOW, 1))
                    .describedAs(bad)
                    .isInstanceOf(IllegalArgumentException.class);
        }
        String evil = JobJson.write(slew().withHanding(Handing.NONE.with(a))).replace(a.file(), "../../../passwd");
        assertThatThrownBy(() -> JobJson.read(evil)).isInstanceOf(BookTrouble.class);
    }

    @Test
    void testNoFileAnEmptyOneAndAFolderAreRefused() throws Exception {
        AttachedFiles files = new AttachedFiles(folder.resolve("book"));
        Path empty = Files.createFile(folder.resolve("empty.png"));
        for (Path bad : List.of(empty, folder, folder.resolve("none.jpg"), Path.of("/"))) {
            assertThatThrownBy(() -> files.keep("j", bad, "", Jobs.NOW))
                    .describedAs(bad.toString())
                    .isInstanceOf(BookTrouble.class);
        }
        Path blocked = folder.resolve("book").resolve("files");
        Files.createDirectories(blocked.getParent());
        Files.deleteIfExists(blocked);
        Files.writeString(blocked, "a file where the folder should be");
        assertThatThrownBy(() -> files.keep("j", photo("a.png", 4, 4), "", Jobs.NOW))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("Nothing was attached");
    }

    @Test
    void testThePageHasItsPicturesAndBearsFilesThatAreGoneOrNone() throws Exception {
        AttachedFiles files = new AttachedFiles(folder);
        Job job = slew();
        Handing h = Handing.NONE.with(new Handed("Maren", "Tobbe", Jobs.NOW, "boom on blocks"));
        Path text = folder.resolve("note.jpg");
        Files.write(text, "no picture at all".getBytes(StandardCharsets.UTF_8));
        for (Path p : List.of(photo("wide.png", 1600, 200), photo("high.jpg", 90, 2400), text)) {
            h = h.with(files.keep(job.id(), p, "Maren", Jobs.NOW));
        }
        Attachment gone = files.keep(job.id(), photo("gone.png", 60, 60), "Maren", Jobs.NOW);
        h = h.with(gone);
        Files.delete(files.path(job.id(), gone).orElseThrow());
        assertThat(files.path(job.id(), gone)).isEmpty();
        Evaluation e = Evaluation.of(job.withHanding(h), Jobs.DATA);
        byte[] pdf = HandOverPdf.bytes(e, NOW, a -> files.path(job.id(), a));
        try (PDDocument read = Loader.loadPDF(pdf)) {
            assertThat(read.getNumberOfPages()).isEqualTo(1);
            String all = new PDFTextStripper().getText(read);
            assertThat(all)
                    .contains("boom on blocks", "Tobbe holds it", "not read back", "gone.png", "own lock and tag");
            int pictures = 0;
            for (var name : read.getPage(0).getResources().getXObjectNames()) {
                pictures += read.getPage(0).getResources().isImageXObject(name) ? 1 : 0;
            }
            assertThat(pictures).isEqualTo(2);
        }
    }

    @Test
    void testEveryDemoJobStandsOnOnePage() throws Exception {
        int one = 0;
        for (Job job : Jobs.demo()) {
            try (PDDocument read = Loader.loadPDF(HandOverPdf.bytes(Evaluation.of(job, Jobs.DATA), NOW))) {
                one += read.getNumberOfPages() == 1 ? 1 : 0;
            }
        }
        assertThat(one).isGreaterThanOrEqualTo(Jobs.demo().size() - 2);
    }

    @Test
    void testASmallPictureIsSmallAndKeepsItsShape() throws Exception {
        BufferedImage small = Thumbnail.of(photo("large.png", 3000, 1500), 300).orElseThrow();
        assertThat(List.of(small.getWidth(), small.getHeight())).containsExactly(300, 150);
        BufferedImage tiny = Thumbnail.of(photo("tiny.png", 20, 10), 300).orElseThrow();
        assertThat(tiny.getWidth()).isEqualTo(20);
        assertThat(Thumbnail.of(folder.resolve("none.png"), 300)).isEqualTo(Optional.empty());
    }
}
