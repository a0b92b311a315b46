package mellowflare.app.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.parts.Attach;
import mellowflare.core.trouble.Cause;
import mellowflare.core.trouble.SignGroup;
import mellowflare.core.trouble.What;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TroubleModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private TroubleModel trouble;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-slew-hose");
        open.settle();
        trouble = new TroubleModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testTheOpenJobSaysWhatLeaksAndItsEnds() {
        assertThat(trouble.ask().what()).isEqualTo(What.HOSE);
        assertThat(trouble.ask().fluid().orElseThrow().id()).isEqualTo("mineral-oil");
        assertThat(trouble.ends()).containsExactly(LineEnd.A, LineEnd.B);
        assertThat(trouble.called(LineEnd.A)).contains("ORB -8");
        int all = trouble.diagnosis().suspects().size();
        trouble.at(LineEnd.A);
        assertThat(trouble.at()).contains(LineEnd.A);
        assertThat(trouble.diagnosis().suspects()).hasSizeLessThan(all);
        assertThat(trouble.diagnosis().suspects()).noneMatch(s -> s.cause().id().startsWith("flare-"));
        trouble.at(LineEnd.A);
        assertThat(trouble.at()).isEmpty();
        assertThat(trouble.diagnosis().suspects()).hasSize(all);
    }

    @Test
    void testLooksNarrowAreListedAndAreTakenBack() {
        trouble.attach(Optional.of(Attach.CRIMPED));
        trouble.answer(
                SignGroup.FIRST,
                trouble.answers(SignGroup.FIRST).stream()
                        .filter(s -> s.id().equals("socket"))
                        .findFirst());
        var turns = trouble.open().stream()
                .filter(s -> s.id().equals("end-turns"))
                .findFirst()
                .orElseThrow();
        trouble.look(turns, Optional.of(true));
        assertThat(trouble.diagnosis().named().orElseThrow().cause().id()).isEqualTo("sub-size");
        assertThat(trouble.work(trouble.diagnosis().named().get().cause()))
                .contains("Cut it off. End and ferrule of the size of the hose.", "Parts: end, ferrule.");
        assertThat(trouble.looked())
                .extracting(TroubleModel.Looked::says)
                .containsExactly("✓ the end turns on the hose");
        assertThat(trouble.open()).doesNotContain(turns);
        trouble.look(turns, Optional.of(false));
        assertThat(trouble.looked())
                .extracting(TroubleModel.Looked::says)
                .containsExactly("– not: the end turns on the hose");
        assertThat(trouble.diagnosis().named()).isEmpty();
        trouble.look(turns, Optional.empty());
        assertThat(trouble.looked()).isEmpty();
        trouble.again();
        assertThat(trouble.answer(SignGroup.FIRST)).isEmpty();
    }

    @Test
    void testTheDangerIsSaidBesideTheQuestion() {
        assertThat(trouble.dangers()).contains("Never feel for a leak by hand.");
        trouble.what(What.GAS);
        assertThat(trouble.dangers()).contains("Never look for a gas leak with a flame.");
    }

    @Test
    void testWhatItWasIsKeptInTheJobCountsAndCanBeLeftOut() {
        open.settle();
        double before = trouble.diagnosis().suspects().get(1).share();
        Cause second = trouble.diagnosis().suspects().get(1).cause();
        open.desk().personProperty().set("");
        trouble.found(second);
        assertThat(open.desk().job().troubles()).isEmpty();
        open.desk().personProperty().set("Maren");
        trouble.found(second);
        open.settle();
        open.settle();
        assertThat(open.desk().job().troubles()).singleElement().satisfies(f -> {
            assertThat(f.cause()).isEqualTo(second.id());
            assertThat(f.by()).isEqualTo("Maren");
        });
        assertThat(trouble.times(second)).isEqualTo(1);
        assertThat(share(second)).isGreaterThan(before);
        assertThat(trouble.work(second)).anyMatch(l -> l.contains("found it once, which counts"));
        trouble.count(false);
        assertThat(share(second)).isEqualTo(before);
        assertThat(trouble.work(second)).anyMatch(l -> l.contains("does not count now"));
        open.settle();
        TroubleModel again = new TroubleModel(open.desk());
        open.settle();
        assertThat(again.countsProperty().get()).as("kept for the next time").isFalse();
    }

    private double share(Cause c) {
        return trouble.diagnosis().suspects().stream()
                .filter(s -> s.cause().equals(c))
                .findFirst()
                .orElseThrow()
                .share();
    }
}
