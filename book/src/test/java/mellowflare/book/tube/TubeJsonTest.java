package mellowflare.book.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.job.JobJson;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.line.TubeRoom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TubeJsonTest {
    private static Job demo() {
        return Jobs.demo().stream()
                .filter(j -> j.id().equals("demo-tube-fuel"))
                .findFirst()
                .orElseThrow();
    }

    /** Everything that a tube line can hold goes out and comes back. */
    @Test
    void testEveryFieldComesBack() throws Exception {
        TubeLine full = new TubeLine(
                new Measured.Rows(List.of(
                        new Row(Length.ofMm(80), Angle.ofDegrees(0), Angle.ofDegrees(45)),
                        new Row(Length.ofMm(60), Angle.ofDegrees(-90), Angle.ofDegrees(0)))),
                new Reading("Maren", "Tobbe", Instrument.RULE, Optional.of(Length.ofMm(131)), "Ylva"),
                Optional.of(new TubePick.Own(Length.ofMm(8), Length.ofMm(1), "stainless")),
                Optional.of("hand-lever-8"),
                Optional.of(Length.ofMm(21)),
                new SpringBack(
                        Optional.of(new SpringBack.Trial(Angle.ofDegrees(90), Angle.ofDegrees(86))),
                        Optional.of(new SpringBack.Trial(Angle.ofDegrees(45), Angle.ofDegrees(42)))),
                new TubeEnd(Optional.of(TubeEndKind.CUTTING_RING), Optional.empty(), Optional.empty(), Length.ofMm(7)),
                new TubeEnd(
                        Optional.of(TubeEndKind.SINGLE37),
                        Optional.of("bar-37"),
                        Optional.of(Length.ofMm(1.4)),
                        Length.ZERO),
                Length.ofMm(2),
                5,
                Optional.of(true),
                Here.UNSAID.withMissing(Set.of("caliper")).withRoom(LineEnd.A, Optional.of(Length.ofMm(50))),
                new TubeRoom(Optional.of(Length.ofMm(1)), Optional.of(Length.ofMm(2)), Optional.of(Length.ofMm(3))));
        Job job = demo().with(TubeLineKind.TUBE, full);
        assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
    }

    /** A tube kept beside a hose comes back too. */
    @Test
    void testATubeBesideAHoseIsKept() throws Exception {
        Job both = demo().withKind(HoseLineKind.HOSE);
        assertThat(JobJson.read(JobJson.write(both))).isEqualTo(both);
        assertThat(both.line(TubeLineKind.TUBE)).isEqualTo(demo().line(TubeLineKind.TUBE));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "\"squareUp\":1.0|\"squareUp\":-1|not below zero",
                "\"designFactor\":4.0|\"designFactor\":1|design factor",
                "\"kind\":\"single37\"|\"kind\":\"single99\"|is not a known word",
                "[90.0,85.0]|[90.0,95.0]|keeps more than half",
                "[90.0,85.0]|[90.0]|is not a list of 2 numbers each",
                "[180.0,0.0,0.0]|[180.0,\"a\",0.0]|is not a position of three numbers",
                "\"endToEnd\":656.0|\"endToEnd\":0|above zero",
                "\"kind\":\"tube\"|\"kind\":\"rope\"|“kind” is “rope”, but must be one of hose, tube, ",
            })
    void testDamagedTubesAreRefusedInASentence(String from, String to, String says) {
        String text = JobJson.write(demo());
        assertThat(text).contains(from);
        assertThatThrownBy(() -> JobJson.read(text.replace(from, to)))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining(says);
    }
}
