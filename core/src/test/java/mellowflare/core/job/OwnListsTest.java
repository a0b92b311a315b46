package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mellowflare.core.Samples;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every list of a shop: whatever the program writes it reads back the same, and rows that are laid over the tables are found there. */
class OwnListsTest {
    private static final ReferenceData DATA = Samples.DATA;

    static Stream<OwnLists<?>> lists() {
        return Kinds.ownLists().stream();
    }

    private static long rows(String text) {
        return text.lines().count() - 1;
    }

    private static <T> T back(OwnLists<T> lists, FileKind file, T rows) throws ForeignFile {
        List<CsvTable.Row> written = FileKind.rows(file.id() + ".csv", lists.csv(file, rows));
        OwnLists.Read<T> read = lists.read(file, written, DATA);
        assertThat(read.troubles()).as(file.id()).isEmpty();
        return read.rows();
    }

    @ParameterizedTest
    @MethodSource("lists")
    <T> void testWhatIsWrittenIsReadBackTheSame(OwnLists<T> lists) throws ForeignFile {
        T all = lists.of(DATA);
        T together = lists.none();
        for (FileKind file : lists.files()) {
            if (rows(lists.csv(file, all)) == 0) {
                continue;
            }
            T part = back(lists, file, all);
            assertEquals(lists.csv(file, all), lists.csv(file, part), file.id());
            together = lists.plus(together, part);
        }
        assertEquals(lists.count(all), lists.count(together));
        for (FileKind file : lists.files()) {
            assertEquals(lists.csv(file, all), lists.csv(file, together), file.id());
        }
    }

    /** Its own rows laid over the tables change nothing; none leave the very same tables. */
    @ParameterizedTest
    @MethodSource("lists")
    <T> void testRowsThatAreThereAlreadyChangeNothing(OwnLists<T> lists) {
        assertSame(DATA, lists.over(lists.none(), DATA));
        T all = lists.of(DATA);
        T again = lists.of(lists.over(all, DATA));
        assertEquals(lists.count(all), lists.count(again));
        for (FileKind file : lists.files()) {
            List<String> before = new ArrayList<>(lists.csv(file, all).lines().toList());
            List<String> after = new ArrayList<>(lists.csv(file, again).lines().toList());
            assertThat(after).as(file.id()).containsExactlyInAnyOrderElementsOf(before);
        }
    }

    /** A row that nobody can read costs itself alone, and is named. */
    @ParameterizedTest
    @MethodSource("lists")
    <T> void testABrokenRowCostsItselfAlone(OwnLists<T> lists) throws ForeignFile {
        T all = lists.of(DATA);
        for (FileKind file : lists.files()) {
            String text = lists.csv(file, all);
            if (rows(text) == 0) {
                continue;
            }
            String broken = text + "?".repeat(3) + ",".repeat(file.columns().size() - 1) + "\n";
            OwnLists.Read<T> read = lists.read(file, FileKind.rows(file.id() + ".csv", broken), DATA);
            assertThat(read.troubles()).as(file.id()).hasSize(1);
            assertEquals(text, lists.csv(file, read.rows()), file.id());
        }
    }
}
