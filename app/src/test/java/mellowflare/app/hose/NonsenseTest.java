package mellowflare.app.hose;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import mellowflare.app.OpenBook;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.LineModel;
import mellowflare.book.BookTrouble;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseLine;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Nonsense in every field of Line's leaves: a sentence beside the field, and the job as it was. */
class NonsenseTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private RouteModel way;
    private final Map<String, FieldState<?>> fields = new LinkedHashMap<>();

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        way = new RouteModel(open.desk());
        LengthModel length = new LengthModel(open.desk());
        HereModel here = new HereModel(open.desk());
        length.old().textProperty().set("1100");
        fields.put("forward", way.forward());
        fields.put("left", way.left());
        fields.put("up", way.up());
        fields.put("straight", way.straight());
        fields.put("clamps", way.clamps());
        fields.put("motion", way.motion());
        fields.put("keep-outs", way.keepOuts());
        fields.put("old hose", length.old());
        fields.put("allowance", length.allowance());
        fields.put("damaged", length.damaged());
        fields.put("room A", here.room(LineEnd.A));
        fields.put("room B", here.room(LineEnd.B));
        fields.put("room to cut", here.roomCut());
        fields.put("hole", here.hole());
        fields.put("surroundings", new LineModel(open.desk()).air());
    }

    @AfterEach
    void close() {
        open.close();
    }

    @Test
    void testNonsenseIsRefusedInASentenceAndLosesNothing() {
        HoseLine before = open.desk().job().line(HoseLineKind.HOSE);
        for (String nonsense :
                new String[] {"nowhere", "1e99", "999999999", "12 bar", "1/0", "--3", "NaN", "2 7/16/2"}) {
            fields.forEach((name, field) -> {
                field.textProperty().set(nonsense);
                assertThat(field.refusalProperty().get())
                        .as(name + ": " + nonsense)
                        .isNotBlank();
                assertThat(open.desk().job().line(HoseLineKind.HOSE))
                        .as(name + ": " + nonsense)
                        .isEqualTo(before);
            });
        }
    }

    @Test
    void testNegativeAndZeroLengthsAreRefusedWhereNothingLiesBelowZero() {
        HoseLine before = open.desk().job().line(HoseLineKind.HOSE);
        for (String name : new String[] {"old hose", "room A", "room B", "room to cut", "hole", "damaged"}) {
            for (String text : new String[] {"-5", "0"}) {
                fields.get(name).textProperty().set(text);
                assertThat(fields.get(name).refusalProperty().get())
                        .as(name + ": " + text)
                        .isNotBlank();
            }
        }
        assertThat(open.desk().job().line(HoseLineKind.HOSE)).isEqualTo(before);
    }

    @Test
    void testPlacesThatFallTogetherAreJudgedAndNeverBreak() {
        way.forward().textProperty().set("0");
        way.left().textProperty().set("0");
        way.up().textProperty().set("0");
        assertThat(open.desk().current().plan().stops()).isTrue();
        assertThat(way.drawing()).isPresent();
        way.clamps().textProperty().set("0 0 0; 0 0 0");
        assertThat(way.drawing()).isPresent();
        assertThat(open.desk().current().plan().stops()).isTrue();
    }
}
