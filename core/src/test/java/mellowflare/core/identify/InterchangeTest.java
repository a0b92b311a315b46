package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import org.junit.jupiter.api.Test;

class InterchangeTest {

    private static List<Interchange> on(EndCode code, String size) {
        End end = DATA.get(EndTable.KEY).find(id(code, size, Gender.MALE)).orElseThrow();
        return Interchange.on(end, DATA);
    }

    @Test
    void testMateStandsFirstAndSeals() {
        Interchange first = on(EndCode.ORB, "-8").get(0);
        assertThat(first.other().id()).isEqualTo(id(EndCode.ORB, "-8", Gender.FEMALE));
        assertThat(first.seals()).isTrue();
        assertThat(first.says()).isEqualTo("Mates and seals on the ring in the port chamfer.");
    }

    @Test
    void testWhatOnlyScrewsInIsSaidToLeak() {
        List<Interchange> on = on(EndCode.JIC37, "-8");
        assertThat(on.stream().filter(Interchange::seals).map(i -> i.other().brief()))
                .containsExactly("JIC37 -8", "AN37 -8");
        assertThat(on).anySatisfy(i -> {
            assertThat(i.other().brief()).isEqualTo("SAE45 1/2");
            assertThat(i.seals()).isFalse();
            assertThat(i.says()).contains("seals nowhere");
        });
    }

    @Test
    void testEverythingThatGoesOnIsOfTheOtherGender() {
        for (End end : DATA.get(EndTable.KEY).all()) {
            if (end.body() == Body.BARB) {
                assertThat(Interchange.on(end, DATA))
                        .as("only a hose goes on a barb")
                        .isEmpty();
                continue;
            }
            assertThat(Interchange.on(end, DATA))
                    .as(end.brief())
                    .isNotEmpty()
                    .allSatisfy(i -> assertThat(i.other().gender()).isNotEqualTo(end.gender()));
        }
    }
}
