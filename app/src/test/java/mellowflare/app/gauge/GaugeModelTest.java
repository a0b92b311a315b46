package mellowflare.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class GaugeModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private GaugeModel gauge;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.empty(folder);
        gauge = new GaugeModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private void type(String diameter, String pitch) {
        gauge.fields().diameter().textProperty().set(diameter);
        gauge.fields().pitch().textProperty().set(pitch);
    }

    private String best() {
        return gauge.result().answer().best().orElseThrow().end().brief();
    }

    @Test
    void testEveryKeyNarrowsTheAnswer() {
        assertThat(gauge.result().answer().standing()).isEqualTo(Identification.Standing.NOTHING_GIVEN);
        type("14.2", "18");
        assertThat(best()).isIn("JIC37 -6", "ORB -6");
        gauge.ring(Optional.of(RingSeen.THREAD_BASE));
        assertThat(best()).isEqualTo("ORB -6");
        assertThat(gauge.result().seal().orElseThrow().putOn().get(0)).contains("ring -906");
        assertThat(gauge.result().held()).isEqualTo("Male, ring at the foot of the thread");
        assertThat(gauge.result().lookAlikes()).anySatisfy(t -> assertThat(t).startsWith("JIC37 -6"));
        gauge.clear();
        assertThat(gauge.result().answer().candidates()).isEmpty();
        assertThat(gauge.fields().diameter().textProperty().get()).isEmpty();
    }

    @Test
    void testAnswerBecomesTheEndOfTheLineWithItsCertainty() {
        gauge.whichProperty().set(LineEnd.B);
        type("18.92", "16");
        gauge.seat(Optional.of(Seat.CONE37));
        gauge.use();
        assertThat(open.desk().job().ports().b().end().orElseThrow().text()).isEqualTo("JIC37 -8 male");
        assertThat(open.desk().job().ports().b().certainty().orElseThrow()).isGreaterThan(0.9);
        assertThat(open.desk().newsProperty().get()).contains("End B is now 37 degree flare, dash 8, male");
        assertThat(open.desk().job().ports().a().end()).isEmpty();
    }

    @Test
    void testUnsettledAnswerIsTakenOnlyWhenAskedForTwiceAndSaysWhatToCheckFirst() {
        type("14.2", "18");
        assertThat(gauge.result().answer().named()).isFalse();
        assertThat(gauge.use()).isFalse();
        assertThat(gauge.asked()).isTrue();
        assertThat(open.desk().newsProperty().get()).startsWith("Check this first: ");
        assertThat(open.desk().job().ports().a().end()).isEmpty();
        assertThat(gauge.use()).isTrue();
        assertThat(open.desk().job().ports().a().certainty().orElseThrow()).isLessThan(0.8);
        assertThat(gauge.whichProperty().get()).as("ready for the other end").isEqualTo(LineEnd.B);
    }

    @Test
    void testReadingsBelongToTheirEndAndComeBackAsTyped() {
        type("14.20", "18");
        gauge.whichProperty().set(LineEnd.B);
        assertThat(gauge.fields().diameter().textProperty().get()).isEmpty();
        gauge.whichProperty().set(LineEnd.A);
        assertThat(gauge.fields().diameter().textProperty().get()).isEqualTo("14.20");
        assertThat(gauge.fields().diameter().understoodProperty().get()).isEqualTo("0.559 in");
    }

    @Test
    void testNonsenseIsRefusedBesideTheFieldAndTheAnswerStays() {
        type("14.2", "18");
        gauge.fields().diameter().textProperty().set("14.2.2");
        assertThat(gauge.fields().diameter().refusalProperty().get()).contains("two decimal points");
        assertThat(gauge.seen().diameter()).contains(Length.ofMm(14.2));
        gauge.fields().diameter().textProperty().set("500");
        assertThat(gauge.fields().diameter().refusalProperty().get())
                .contains("500 mm is outside the range for a fitting: above 0, up to 400 mm.");
        gauge.fields().pitch().textProperty().set("999");
        assertThat(gauge.fields().pitch().refusalProperty().get())
                .contains("“999” is not a pitch of any fitting: 3 to 80 per inch, or 0.2 to 8 mm.");
        gauge.fields().seatAngle().textProperty().set("2");
        assertThat(gauge.fields().seatAngle().refusalProperty().get()).contains("between 5 and 130");
    }

    @Test
    void testCaliperLandsInTheDiameterInTheUnitsOfTheJob() {
        gauge.take(Read.of(Length.ofMm(14.17)));
        assertThat(gauge.fields().diameter().textProperty().get()).isEqualTo("14.17 mm");
        open.desk().change("units", "", j -> j.withUnits(UnitSystem.INCH));
        gauge.take(Read.of(Length.ofInches(0.558)));
        assertThat(gauge.fields().diameter().textProperty().get()).isEqualTo("0.558 in");
        gauge.take(Read.refuse(Refusal.NOT_A_NUMBER, "Send it again."));
        assertThat(open.desk().newsProperty().get()).isEqualTo("Send it again.");
        assertThat(gauge.seen().diameter()).contains(Length.ofInches(0.558));
    }

    @Test
    void testEverythingSeenIsKeptInTheJob() {
        gauge.gender(Gender.FEMALE);
        gauge.taper(Optional.of(TaperSeen.TAPERED));
        gauge.flank(Optional.of(FlankSeen.DEG60));
        gauge.worn(true);
        gauge.instrument(Instrument.RULE);
        gauge.service(Optional.of("water"));
        gauge.fields().seatAngle().textProperty().set("45");
        var seen = open.desk().job().ports().a().seen().orElseThrow();
        assertThat(seen.gender()).isEqualTo(Gender.FEMALE);
        assertThat(seen.taper()).contains(TaperSeen.TAPERED);
        assertThat(seen.flank()).contains(FlankSeen.DEG60);
        assertThat(seen.worn()).isTrue();
        assertThat(seen.instrument()).isEqualTo(Instrument.RULE);
        assertThat(seen.service()).contains("water");
        assertThat(seen.seatAngle()).isPresent();
    }

    @Test
    void testInchFigureTypedInAMetricJobIsTakenTheOtherWayByOnePress() {
        type("0.559", "18");
        assertThat(gauge.result().warnings())
                .anySatisfy(
                        w -> assertThat(w)
                                .contains(
                                        "0.56 mm fits no end, but 14.2 mm fits JIC37 -6 male: did you mean the other unit? Enter the figure with its unit, such as 14.2 mm."));
        gauge.takeOtherReading();
        assertThat(gauge.fields().diameter().textProperty().get()).isEqualTo("0.559 in");
        assertThat(gauge.result().answer().best().orElseThrow().end().brief()).isIn("JIC37 -6", "ORB -6");
        assertThat(gauge.result().warnings()).isEmpty();
        assertThat(gauge.result().otherReading()).isEmpty();
    }

    @Test
    void testWhatWasFittedHereWeighsInUntilThePracticeSaysOtherwise() throws BookTrouble {
        type("14.2", "18");
        double before = gauge.result().answer().best().orElseThrow().probability();
        assertThat(best()).isEqualTo("JIC37 -6");
        for (int i = 0; i < 12; i++) {
            fitted("job" + i);
        }
        open.desk().openNew();
        open.settle();
        type("14.2", "18");
        assertThat(best()).isEqualTo("JIC37 -6");
        assertThat(gauge.result().answer().best().orElseThrow().probability()).isGreaterThan(before + 0.1);
        open.desk().change("school", "", j -> j.withPractice(j.practice().with(MethodTopic.END_PRIOR, "tables")));
        assertThat(gauge.result().answer().best().orElseThrow().probability()).isEqualTo(before);
    }

    private void fitted(String id) {
        EndId flare = new EndId(EndCode.JIC37, "-6", Gender.MALE);
        StepEntry fit = new StepEntry("fit@A", StepEntry.Outcome.DONE, "Maren", OpenBook.NOW, Map.of(), "");
        Job job = Job.open(id, "", "", UnitSystem.METRIC);
        Job made = job.withPort(LineEnd.A, job.ports().a().taken(flare, Optional.of(0.95)))
                .withLog(new MakeLog(List.of(fit), Optional.empty()));
        open.keeper()
                .ask(
                        book -> {
                            book.save(made, "made", "made", "", OpenBook.NOW);
                            return null;
                        },
                        done -> {},
                        trouble -> {
                            throw new IllegalStateException(trouble);
                        });
    }

    @Test
    void testStrangePartIsCalledSoAndCannotPassForAnAnswer() {
        type("29", "3 mm");
        assertThat(gauge.result().answer().standing()).isEqualTo(Identification.Standing.NOTHING_FITS);
        assertThat(gauge.result().seal()).isEmpty();
        assertThat(gauge.result().reasonsFor()).isEmpty();
        gauge.use();
        assertThat(open.desk().job().ports().a().end())
                .as("nothing that fits, nothing to use")
                .isEmpty();
        assertThat(open.desk().newsProperty().get()).contains("Nothing in the tables fits");
    }

    @Test
    void testWhatItIsOutsideDecidesWhatIsAskedAndDropsWhatOnlyAThreadHas() {
        assertThat(gauge.body()).isEqualTo(Body.THREAD);
        assertThat(gauge.body().across(gauge.seen().gender())).isEqualTo("over the crests");
        type("44.4", "18");
        gauge.seat(Optional.of(Seat.CONE37));
        gauge.hand(Optional.of(HandSeen.LEFT));
        gauge.body(Body.FLANGE);
        assertThat(gauge.body().across(gauge.seen().gender())).isEqualTo("across the flange head");
        assertThat(gauge.seats()).containsExactly(Seat.FACE_ORING);
        assertThat(gauge.seen().pitch()).isEmpty();
        assertThat(gauge.seen().hand()).isEmpty();
        assertThat(gauge.seen().seat()).isEmpty();
        assertThat(gauge.seen().diameter()).contains(Length.ofMm(44.4));
        assertThat(best()).isEqualTo("CODE61 -16");
        assertThat(gauge.result().goesWith()).isEqualTo("Goes with CODE61 -16 female");
        assertThat(gauge.result().lookAlikes())
                .anySatisfy(t -> assertThat(t).startsWith("CODE62 -16").contains("pressure series"));
        open.desk().undo();
        open.settle();
        assertThat(gauge.seen().seat()).as("undone in one step").contains(Seat.CONE37);
    }

    @Test
    void testBarbGoesIntoItsHose() {
        gauge.body(Body.BARB);
        gauge.fields().diameter().textProperty().set("10.9");
        assertThat(best()).isEqualTo("BARB 3/8");
        assertThat(gauge.result().goesWith()).isEqualTo("Goes into its hose");
        assertThat(gauge.result().answer().safeCourse()).contains("mate by hand");
    }

    @Test
    void testSeldomCluesAreTakenAndSaidWhileTheirFieldsAreFolded() {
        type("20.96", "10 over 18.14");
        assertThat(gauge.fields().pitch().understoodProperty().get()).isEqualTo("1.81 mm, 14/in");
        gauge.fields().second().textProperty().set("20.2 at 12");
        gauge.fields().hex().textProperty().set("27");
        gauge.fields().tube().textProperty().set("12");
        gauge.hand(Optional.of(HandSeen.RIGHT));
        gauge.swivel(Optional.of(SwivelSeen.FIXED));
        gauge.region(Optional.of("north-america"));
        gauge.machine(Optional.of("farm"));
        assertThat(gauge.besides())
                .isEqualTo(
                        "second diameter 20.2 mm at 12 mm, hex 27 mm, tube 12 mm, farm, made in north america, right-hand, fixed");
        assertThat(gauge.seen().counted()).contains(10);
        assertThat(gauge.seen().second().orElseThrow().apart()).isEqualTo(Length.ofMm(12));
        gauge.fields().hex().textProperty().set("0.1");
        assertThat(gauge.fields().hex().refusalProperty().get())
                .contains("is outside the range for a hex or tube: 0.5 to 400 mm.");
        gauge.fields().tube().textProperty().set("9999");
        assertThat(gauge.fields().tube().refusalProperty().get())
                .contains("is outside the range for a hex or tube: 0.5 to 400 mm.");
        assertThat(gauge.seen().hex()).as("the last good figure stays").contains(Length.ofMm(27));
        gauge.fields().second().textProperty().set("20.2");
        assertThat(gauge.fields().second().refusalProperty().get()).contains("20.2 at 12");
        assertThat(gauge.seen().second()).as("the last good figure stays").isPresent();
    }

    @Test
    void testCaliperLandsWhereTheFitterStands() {
        gauge.fields().measuring(gauge.fields().hex());
        gauge.take(Read.of(Length.ofMm(26.98)));
        assertThat(gauge.seen().hex()).contains(Length.ofMm(26.98));
        assertThat(gauge.seen().diameter()).isEmpty();
    }
}
