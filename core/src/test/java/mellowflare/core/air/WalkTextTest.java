package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WalkTextTest {
    private static Piece read(String text) {
        return WalkText.read(text, UnitSystem.METRIC, "7").value().orElseThrow();
    }

    @Test
    void testPiecesAreReadAsTheyAreCalledOut() {
        assertThat(read("up 2.6 m")).isEqualTo(new Piece.Pipe("7", Turn.UP, Length.ofMm(2600), Optional.empty()));
        assertThat(read("north 1: LEFT 4000 size 32"))
                .isEqualTo(new Piece.Pipe("north 1", Turn.LEFT, Length.ofMm(4000), Optional.of("32")));
        assertThat(read("hose 0.6 m up bore 32"))
                .isEqualTo(new Piece.Hose("7", Turn.UP, Length.ofMm(600), Length.ofMm(32)));
        assertThat(read("drain 400")).isEqualTo(new Piece.Drain("7", Length.ofMm(400)));
        assertThat(read("close riser")).isEqualTo(new Piece.Close("7", "riser", Optional.empty()));
        assertThat(read("from north 1")).isEqualTo(new Piece.From("from north 1", "north 1"));
        assertThat(read("valve")).isEqualTo(new Piece.Valve("7"));
        assertThat(read("feed s-7")).isEqualTo(new Piece.Feed("7", "s-7"));
        Piece.Drop d = (Piece.Drop)
                read(
                        "bench: drop 2.2 m size 25 off side no leg with grinder, blow-gun by old hand hose 6 m bore 10 filtered");
        assertThat(d.down().mm()).isEqualTo(2200);
        assertThat(d.off()).isEqualTo(TakeOff.SIDE);
        assertThat(d.leg()).isEmpty();
        assertThat(d.outlet().tools()).containsExactly("grinder", "blow-gun");
        assertThat(d.outlet().who()).contains("old hand");
        assertThat(d.outlet().hose()).contains(Length.ofMm(6000));
        assertThat(d.outlet().treatment()).isTrue();
        assertThat(((Piece.Drop) read("drop 2 m")).leg()).contains(Length.ofMm(300));
    }

    @Test
    void testInchesAreReadInAnInchJob() {
        Piece p = WalkText.read("up 8' 6\"", UnitSystem.INCH, "1").value().orElseThrow();
        assertThat(((Piece.Pipe) p).length().inches()).isEqualTo(102);
    }

    @Test
    void testWhatIsWrittenReadsAsTheSame() {
        for (AirMain m : List.of(AirSamples.small(), AirSamples.ring(), AirSamples.comb(30))) {
            for (Piece p : m.pieces()) {
                assertThat(read(WalkText.write(p, UnitSystem.METRIC))).isEqualTo(p);
            }
        }
        for (String odd : List.of(
                "a: hose 1 m down bore 13 mm",
                "a: cap",
                "a: tank 200 L",
                "a: feed k-24",
                "from a",
                "a: close b size 40")) {
            assertThat(WalkText.write(read(odd), UnitSystem.METRIC)).isEqualTo(odd);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "' '|Call out the next piece",
                "sideways 2 m|is not a piece",
                "up|Give the length after it",
                "up 2.6|would be 2.6 mm",
                "up -2 m|",
                "up 2 kg|",
                "up 2 m with grinder|means nothing for this piece",
                "drop 2 m off ceiling|top, side or below",
                "drop 2 m hose 0|length above zero and a bore of 1 to 1000",
                "hose 1 m bore 0|hose bore is 1 to 1000",
                "close|which place the loop closes to",
                "from|which place to carry on from",
                "feed|which compressor",
                "cap 3|Nothing may follow",
                "tank|how many litres",
                "tank 0|how many litres",
                "compressor: up 2 m|where the layout begins",
                "x:|After the name"
            })
    void testSlipsAreRefusedInASentence(String text, String says) {
        assertThat(WalkText.read(text, UnitSystem.METRIC, "1").refusal().orElseThrow())
                .contains(says == null ? "" : says)
                .endsWith(".");
    }
}
