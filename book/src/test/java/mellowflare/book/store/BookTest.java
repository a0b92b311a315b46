package mellowflare.book.store;

import static mellowflare.book.Jobs.NOW;
import static mellowflare.book.Jobs.plain;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.BookKinds;
import mellowflare.book.job.JobJson;
import mellowflare.core.identify.ShopFindings;
import mellowflare.core.job.Job;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.tube.TubeLineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BookTest {
    private static final int DEMO_JOBS = BookKinds.ALL.stream()
            .mapToInt(k ->
                    k.demo(Jobs.DATA, Instant.parse("2026-11-01T08:30:00Z")).size())
            .sum();

    @TempDir
    private Path folder;

    private static void save(Book book, Job job, String what, String key, Instant at) throws BookTrouble {
        book.save(job, "left at " + job.title(), what, key, at);
    }

    @Test
    void testSavedJobIsThereWhenTheBookIsOpenedAgain() throws BookTrouble {
        Job job = Jobs.demo().get(2);
        try (Book book = Book.open(folder)) {
            save(book, job, "opened", "", NOW);
        }
        try (Book book = Book.open(folder)) {
            assertThat(book.job(job.id())).contains(job);
            assertThat(book.job("no such")).isEmpty();
            assertThat(book.jobs("")).singleElement().satisfies(h -> {
                assertThat(h.title()).isEqualTo(job.title());
                assertThat(h.changedAt()).isEqualTo(NOW);
            });
        }
    }

    @Test
    void testUndoAndRedoMoveJobAndListTogether() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("j", "one"), "opened", "", NOW);
            save(book, plain("j", "two"), "title", "", NOW.plusSeconds(10));
            save(book, plain("j", "three"), "title again", "", NOW.plusSeconds(20));
            assertThat(book.undo("j", NOW.plusSeconds(30)).orElseThrow().what()).isEqualTo("title again");
            assertThat(book.job("j").orElseThrow().title()).isEqualTo("two");
            assertThat(book.jobs("").get(0).title()).isEqualTo("two");
            assertThat(book.jobs("").get(0).leftOff()).isEqualTo("left at two");
            assertThat(book.undo("j", NOW.plusSeconds(31))).isPresent();
            assertThat(book.undo("j", NOW.plusSeconds(32))).isEmpty();
            assertThat(book.redo("j", NOW.plusSeconds(33)).orElseThrow().job().title())
                    .isEqualTo("two");
            assertThat(book.redo("j", NOW.plusSeconds(34)).orElseThrow().job().title())
                    .isEqualTo("three");
            assertThat(book.redo("j", NOW.plusSeconds(35))).isEmpty();
            assertThat(book.jobs("").get(0).title()).isEqualTo("three");
        }
    }

    @Test
    void testChangeAfterUndoBeginsANewBranchAndLosesNothing() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("j", "one"), "opened", "", NOW);
            save(book, plain("j", "two"), "title", "", NOW.plusSeconds(10));
            book.undo("j", NOW.plusSeconds(20));
            save(book, plain("j", "other"), "title", "", NOW.plusSeconds(30));
            book.undo("j", NOW.plusSeconds(40));
            assertThat(book.redo("j", NOW.plusSeconds(50)).orElseThrow().job().title())
                    .isEqualTo("other");
        }
    }

    @Test
    void testQuickChangesOfOneFieldUndoAsOne() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("j", "a"), "opened", "", NOW);
            save(book, plain("j", "ab"), "title", "title", NOW.plusMillis(1000));
            save(book, plain("j", "abc"), "title", "title", NOW.plusMillis(1900));
            save(book, plain("j", "abcd"), "title", "title", NOW.plusMillis(3000));
            assertThat(book.undo("j", NOW.plusSeconds(5)).orElseThrow().job().title())
                    .isEqualTo("a");
            assertThat(book.redo("j", NOW.plusSeconds(6)).orElseThrow().job().title())
                    .isEqualTo("abcd");
            save(book, plain("j", "abcde"), "title", "title", NOW.plusSeconds(20));
            assertThat(book.undo("j", NOW.plusSeconds(21)).orElseThrow().job().title())
                    .isEqualTo("abcd");
        }
    }

    @Test
    void testMomentsSortAsTheyFollowWithinASecond() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("early", "early"), "opened", "", Instant.parse("2026-11-01T08:00:00Z"));
            save(book, plain("late", "late"), "opened", "", Instant.parse("2026-11-01T08:00:00.250Z"));
            assertThat(book.jobs("")).extracting(JobHead::id).containsExactly("late", "early");
        }
    }

    @Test
    void testSearchFindsAllWordsAnywhereInTheJob() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fill(book, Jobs.DATA, NOW);
            assertThat(book.jobs("")).hasSize(DEMO_JOBS);
            assertThat(book.jobs("SLEW")).hasSize(1);
            assertThat(book.jobs("kc08-b08m")).hasSize(1);
            assertThat(book.jobs("dunlin maren").size()).isBetween(2, DEMO_JOBS - 1);
            assertThat(book.jobs("dunlin maren crane")).hasSize(1);
            assertThat(book.jobs("dunlin tractor")).isEmpty();
            assertThat(book.jobs("100% _ ' \"")).isEmpty();
        }
    }

    @Test
    void testSearchLooksThroughWhatIsSaidAndNotThroughTheNamesOfFields() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("j", "Öl zum Kran").withNote("Über die Winde"), "opened", "", NOW);
            assertThat(book.jobs("ÖL über")).hasSize(1);
            assertThat(book.jobs("practice")).describedAs("a field's name").isEmpty();
            save(book, plain("j", "Hose"), "title", "", NOW.plusSeconds(9));
            assertThat(book.jobs("kran")).isEmpty();
            book.undo("j", NOW.plusSeconds(19));
            assertThat(book.jobs("kran")).describedAs("after undo").hasSize(1);
        }
    }

    @Test
    void testTheDemoFillsAnEmptyBookAndNoOther() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fillIfEmpty(book, Jobs.DATA, NOW);
            assertThat(book.jobs("")).hasSize(DEMO_JOBS);
            Job one = book.job(book.jobs("").get(0).id()).orElseThrow();
            book.save(one.withTitle("Renamed"), "", "renamed", "Maren", NOW);
            KittiwakeSlip.fillIfEmpty(book, Jobs.DATA, NOW);
            assertThat(book.jobs("")).hasSize(DEMO_JOBS);
            assertThat(book.job(one.id()).orElseThrow().title()).isEqualTo("Renamed");
        }
    }

    @Test
    void testJobPutAwayStaysInTheBookAtTheEnd() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fill(book, Jobs.DATA, NOW);
            String first = book.jobs("").get(0).id();
            book.putAway(first, true);
            assertThat(book.jobs("").get(DEMO_JOBS - 1).id()).isEqualTo(first);
            assertThat(book.jobs("").get(DEMO_JOBS - 1).putAway()).isTrue();
            book.putAway(first, false);
            assertThat(book.jobs("").get(0).id()).isEqualTo(first);
        }
    }

    @Test
    void testOnlyEndsThatWereMeasuredAndFittedCountAsFindings() throws BookTrouble {
        Job slew = Jobs.demo().get(2);
        StepEntry fit = new StepEntry("fit@A", StepEntry.Outcome.DONE, "Maren", NOW, Map.of(), "");
        StepEntry over = new StepEntry("fit@B", StepEntry.Outcome.PASSED_OVER, "Maren", NOW, Map.of(), "not today");
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fill(book, Jobs.DATA, NOW);
            assertThat(book.findings()).isEqualTo(ShopFindings.NONE);
            save(book, slew.withLog(slew.log().with(fit).with(over)), "fitted", "", NOW.plusSeconds(60));
            assertThat(book.findings().counts())
                    .containsExactly(Map.entry(slew.ports().a().end().orElseThrow(), 1));
        }
    }

    /** A joint of a tube confirms the end that it was fitted on just as one of a hose does. */
    @Test
    void testFittedTubeJointsCountAsFindings() throws BookTrouble {
        Job slew = Jobs.demo().get(2).withKind(TubeLineKind.TUBE);
        StepEntry fit = new StepEntry("fit@END_B", StepEntry.Outcome.DONE, "Maren", NOW, Map.of(), "");
        try (Book book = Book.open(folder)) {
            save(book, slew.withLog(MakeLog.EMPTY.with(fit)), "fitted", "", NOW.plusSeconds(60));
            assertThat(book.findings().counts())
                    .containsExactly(Map.entry(slew.ports().b().end().orElseThrow(), 1));
        }
    }

    @Test
    void testPreferencesAreKept() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            assertThat(book.preference("person")).isEmpty();
            book.preference("person", "Maren");
            book.preference("person", "Tobbe");
        }
        try (Book book = Book.open(folder)) {
            assertThat(book.preference("person")).contains("Tobbe");
        }
    }

    @Test
    void testSecondInstanceIsToldInWordsAndFreshOneDoesNotThrowTheFirstAway() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("j", "one"), "opened", "", NOW);
            assertThatThrownBy(() -> Book.open(folder))
                    .isInstanceOf(BookTrouble.class)
                    .hasMessageContaining("open in another window");
            assertThatThrownBy(() -> Book.openFresh(folder)).hasMessageContaining("open in another window");
            assertThat(book.job("j")).isPresent();
        }
        try (Book book = Book.openFresh(folder)) {
            assertThat(book.jobs("")).isEmpty();
        }
    }

    @Test
    void testFullDiskIsSaidAndTheNextChangeIsSavedWhenThereIsRoom() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            save(book, plain("j", "one"), "opened", "", NOW);
            book.limitPages(1);
            Job large = plain("j", "x".repeat(200_000));
            assertThatThrownBy(() -> save(book, large, "title", "", NOW.plusSeconds(9)))
                    .isInstanceOf(BookTrouble.class)
                    .hasMessageContaining("“title” was not saved")
                    .hasMessageContaining("disk is full");
            assertThat(book.job("j").orElseThrow().title()).isEqualTo("one");
            book.limitPages(100_000);
            save(book, large, "title", "", NOW.plusSeconds(19));
            assertThat(book.job("j")).contains(large);
        }
    }

    @Test
    void testDamagedFileIsRefusedAndLeftAsItIs() throws Exception {
        Path file = folder.resolve("book.db");
        Files.writeString(file, "this is no database, and long enough to be read as one".repeat(40));
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> Book.open(folder))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("not a book, or it is damaged");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void testForeignDatabaseIsRefusedAndLeftAsItIs() throws Exception {
        Path file = folder.resolve("book.db");
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = c.createStatement()) {
            s.execute("CREATE TABLE recipes (name TEXT)");
        }
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> Book.open(folder)).hasMessageContaining("is not a book of this program");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void testNewerBookIsRefusedInWords() throws Exception {
        Book.open(folder).close();
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("book.db"));
                Statement s = c.createStatement()) {
            s.execute("PRAGMA user_version = 99");
        }
        assertThatThrownBy(() -> Book.open(folder))
                .hasMessageContaining("newer version")
                .hasMessageContaining("99");
    }

    @Test
    void testBookOfTheFirstFormIsCopiedAndBroughtUp() throws Exception {
        Path file = folder.resolve("book.db");
        org.flywaydb.core.Flyway.configure()
                .dataSource("jdbc:sqlite:" + file, null, null)
                .locations("classpath:mellowflare/book/migration")
                .target("1")
                .load()
                .migrate();
        String json = JobJson.write(plain("j", "old")).replace("'", "''");
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = c.createStatement()) {
            s.execute("INSERT INTO job (id,title,machine,left_off,head,opened_at,changed_at)"
                    + " VALUES ('j','old','bench','step 3',1,'2026-11-01T08:00:00Z','2026-11-01T08:00:00Z')");
            s.execute("INSERT INTO revision (job_id,seq,parent,json,what,merge_key,at) VALUES ('j',1,NULL,'" + json
                    + "','opened','','2026-11-01T08:00:00Z')");
            // A job whose states are gone must not keep the others from being opened.
            s.execute("INSERT INTO job (id,title,machine,left_off,head,opened_at,changed_at)"
                    + " VALUES ('gone','gone','bench','step 3',7,'2026-11-01T08:00:00Z','2026-11-01T08:00:00Z')");
        }
        try (Book book = Book.open(folder)) {
            assertThat(book.jobs("old bench")).extracting(JobHead::id).containsExactly("j");
            assertThat(book.jobs("gone")).extracting(JobHead::id).containsExactly("gone");
            assertThat(book.job("j").orElseThrow().title()).isEqualTo("old");
            save(book, plain("j", "new"), "title", "", NOW);
            book.undo("j", NOW.plusSeconds(9));
            assertThat(book.jobs("").get(0).leftOff()).isEqualTo("step 3");
        }
        assertThat(folder.resolve("book-before-" + BookFile.SCHEMA + ".db")).exists();
    }

    @Test
    void testFolderThatCannotBeMadeIsSaid() throws Exception {
        Path file = Files.writeString(folder.resolve("a-file"), "x");
        assertThatThrownBy(() -> Book.open(file.resolve("book")))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("cannot be made");
    }

    @Test
    void testHalfMadeDemoOpensFirst() throws BookTrouble {
        try (Book book = Book.open(folder)) {
            KittiwakeSlip.fill(book, Jobs.DATA, NOW);
            String open = book.preference("open-job").orElseThrow();
            assertThat(book.jobs("").get(0).id()).isEqualTo(open);
            assertThat(book.jobs("").get(0).leftOff()).isEqualTo("step 6 of 22: Cut with the wheel");
        }
    }

    private void spoil(String sql) throws Exception {
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("book.db"));
                Statement s = c.createStatement()) {
            s.execute(sql);
        }
    }

    @Test
    void testAJobThatCannotBeReadIsSetAsideAndItsEarlierStatesAreThere() throws Exception {
        try (Book book = Book.open(folder)) {
            book.save(Jobs.plain("j", "sound"), "x", "first", "", NOW);
            book.save(Jobs.plain("j", "later"), "x", "second", "", NOW.plusSeconds(60));
            book.save(Jobs.plain("k", "other"), "x", "first", "", NOW);
        }
        for (String damage : List.of(
                "UPDATE revision SET json = 'rubbish' WHERE job_id = 'j' AND seq = 2",
                "UPDATE revision SET json = '{\"format\":\"mellow-flare-job\",\"version\":99}' WHERE job_id = 'j' AND seq = 2")) {
            spoil(damage);
            spoil("UPDATE job SET changed_at = 'some day', head = 2 WHERE id = 'j'");
            try (Book book = Book.open(folder)) {
                assertThat(book.jobs("")).hasSize(2);
                assertThat(book.findings()).isNotNull();
                assertThat(book.job("k")).isPresent();
                Book.Opened opened = book.opened("j");
                assertThat(opened.job()).isEmpty();
                assertThat(opened.aside().orElseThrow().says())
                        .contains("is set aside", "last readable state", "as it is");
                assertThat(book.asItLies("j").orElseThrow()).isNotBlank();
                assertThat(book.lastReadable("j", NOW.plusSeconds(120))
                                .orElseThrow()
                                .title())
                        .isEqualTo("sound");
                assertThat(book.job("j").orElseThrow().title()).isEqualTo("sound");
                assertThat(book.asItLies("j").orElseThrow()).contains("sound");
            }
        }
    }
}
