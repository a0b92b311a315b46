package mellowflare.app.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.Find;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Packing without a window. */
class PackModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private PackModel pack;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-wash-valve");
        open.settle();
        pack = new PackModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private int parts() {
        return pack.packed().bag().map(Bag::parts).orElseThrow().size();
    }

    @Test
    void testAChanceIsAskedForAndTakenBack() {
        int usual = parts();
        assertThat(pack.usualChance()).isEqualTo("90");
        assertThat(pack.chance().textProperty().get()).isEmpty();
        pack.chance().textProperty().set("50");
        assertThat(pack.ask().chance()).contains(0.5);
        assertThat(parts()).isLessThan(usual);
        pack.chance().textProperty().set("200");
        assertThat(pack.chance().refusalProperty().get()).isNotEmpty();
        pack.chance().textProperty().set("");
        assertThat(parts()).isEqualTo(usual);
        open.desk().undo();
        open.settle();
    }

    @Test
    void testWhatWasSeenIsSaidAndTakenBack() {
        Find likeliest = pack.packed().likeliest().get(0);
        double before = pack.packed().share(likeliest);
        pack.sight(likeliest, BagAsk.Sight.LIKELIER);
        Find now = pack.packed().likeliest().get(0);
        assertThat(now.id()).isEqualTo(likeliest.id());
        assertThat(pack.packed().share(now)).isGreaterThan(before);
        pack.sight(now, BagAsk.Sight.LIKELIER);
        assertThat(pack.sight(now)).isEmpty();
        pack.sight(now, BagAsk.Sight.RULED_OUT);
        assertThat(pack.sight(now)).contains(BagAsk.Sight.RULED_OUT);
        assertThat(pack.packed().likeliest().get(0).id()).isNotEqualTo(likeliest.id());
    }

    @Test
    void testAFindOfOnesOwnIsTakenAndTakenOut() {
        int finds = pack.packed().finds().size();
        pack.find().textProperty().set("lead pipe");
        assertThat(pack.take()).isFalse();
        assertThat(pack.find().refusalProperty().get()).contains("such as: copper stub 40");
        pack.find().textProperty().set("lead pipe 12: lead union, cap");
        assertThat(pack.take()).isTrue();
        assertThat(pack.find().textProperty().get()).isEmpty();
        assertThat(pack.packed().finds()).hasSize(finds + 1);
        Find own = pack.packed().finds().stream()
                .filter(f -> pack.own(f).isPresent())
                .findFirst()
                .orElseThrow();
        pack.sight(own, BagAsk.Sight.RULED_OUT);
        pack.remove(pack.own(own).orElseThrow());
        assertThat(pack.packed().finds()).hasSize(finds);
        assertThat(pack.ask()).isEqualTo(BagAsk.NONE);
    }

    @Test
    void testTheBagIsPackedByCostToo() {
        pack.by(BagAsk.By.COST);
        assertThat(pack.packed().by()).isEqualTo(BagAsk.By.COST);
        assertThat(pack.packed().bag()).isPresent();
        assertThat(pack.papers()).extracting(p -> p.id()).containsExactly("bag", "bag-list");
        assertThat(Optional.of(PackModel.money(12.6))).contains("13");
    }
}
