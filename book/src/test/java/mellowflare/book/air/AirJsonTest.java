package mellowflare.book.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.JobJson;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Held;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirJsonTest {
    private static final ReferenceData DATA = ShippedData.get();

    private static Job demo(String id) {
        return KittiwakeSlip.jobs(DATA, Instant.EPOCH).stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Job again(Job job) throws BookTrouble {
        return JobJson.read(JobJson.write(job));
    }

    @Test
    void testEveryPieceAndEveryFieldComesBack() throws BookTrouble {
        Job shed = demo("demo-shed-air");
        AirMain m = shed.line(AirMainKind.AIR);
        List<Piece> pieces = new ArrayList<>(m.pieces());
        pieces.add(new Piece.From("from vice", "vice"));
        pieces.add(new Piece.Valve("shut"));
        pieces.add(new Piece.Cap("end"));
        pieces.add(new Piece.Tank("store", Volume.ofLitres(270)));
        pieces.add(new Piece.Feed("second", "s-7"));
        Held held = Held.NOT_YET
                .withReadings(List.of(
                        new HoldTest.Reading(0, GaugePressure.ofBar(8), Optional.of(Temperature.ofCelsius(18))),
                        new HoldTest.Reading(
                                3600,
                                GaugePressure.ofBar(7.9),
                                Optional.of(Temperature.ofCelsius(17)),
                                Optional.of(AbsolutePressure.ofBar(1.009)))))
                .withAllowed(new FreeAir(3, AirReference.NORMAL))
                .withReceiver(true);
        Job full = shed.with(AirMainKind.AIR, m.withPieces(pieces).withHeld(held));
        assertThat(again(full)).isEqualTo(full);
        assertThat(again(demo("demo-loft-air"))).isEqualTo(demo("demo-loft-air"));
    }

    @Test
    void testTheDemoShedIsSoundAndTheLoftIsStopped() {
        Evaluation shed = Evaluation.of(demo("demo-shed-air"), DATA);
        assertThat(shed.stops()).as(shed.findings().toString()).isZero();
        assertThat(shed.plan(AirMainKind.AIR)
                        .orElseThrow()
                        .c()
                        .together()
                        .margin()
                        .bar())
                .isPositive();
        Evaluation loft = Evaluation.of(demo("demo-loft-air"), DATA);
        assertThat(loft.findings().get(0).stops()).isTrue();
        assertThat(loft.findings()).anyMatch(f -> f.stops() && f.rule().id().equals("air.material"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"fall\":10.0|\"fall\":500|fall lies between",
                "\"heading\":0|\"heading\":45|heading",
                "\"piece\":\"hose\"|\"piece\":\"cloud\"|none of pipe",
                "\"turn\":\"up\"|\"turn\":\"sideways\"|turn",
                "\"leak\":0.1|\"leak\":7|leak share",
                "\"humidity\":0.6|\"humidity\":6|Humidity",
                "\"count\":2|\"count\":0|old bar"
            })
    void testSpoiledMainsAreRefusedByName(String was, String spoiled, String word) {
        String json = JobJson.write(demo("demo-shed-air")).replaceAll("\\s*:\\s*", ":");
        assertThat(json).contains(was);
        assertThatThrownBy(() -> JobJson.read(json.replace(was, spoiled)))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining(word);
    }
}
