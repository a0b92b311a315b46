package mellowflare.core.lookalike;

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

    private static boolean goesOn(EndCode male, String size, EndCode female, String other) {
        End end = DATA.get(EndTable.KEY).find(id(male, size, Gender.MALE)).orElseThrow();
        return Interchange.on(end, DATA).stream()
                .anyMatch(i -> i.other().id().equals(id(female, other, Gender.FEMALE)));
    }

    @Test
    void testOnlyTheSmallerOfTwoLookAlikesGoesIn() {
        // 7/8-14 male is 22.1 mm, G 5/8 is made for 22.8 mm: it goes in, slack. The other way round it does not start.
        assertThat(goesOn(EndCode.ORB, "-10", EndCode.BSPP, "5/8")).isTrue();
        assertThat(goesOn(EndCode.BSPP, "5/8", EndCode.ORB, "-10")).isFalse();
        // 22.1 mm straight into a 1/2 NPT port made for 21.3 mm: no. A 1/2 NPT starts in G 1/2 with its small end.
        assertThat(goesOn(EndCode.JIC37, "-10", EndCode.NPT, "1/2")).isFalse();
        assertThat(goesOn(EndCode.NPT, "1/2", EndCode.BSPP, "1/2")).isTrue();
        assertThat(goesOn(EndCode.BSPP, "1/2", EndCode.NPT, "1/2")).isTrue();
    }
}
