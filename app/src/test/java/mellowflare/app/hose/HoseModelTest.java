package mellowflare.app.hose;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.app.line.LineModel;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HoseModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private LineModel line;
    private HoseModel hose;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.empty(folder);
        line = new LineModel(open.desk());
        hose = new HoseModel(open.desk(), line);
    }

    @AfterEach
    void close() {
        open.close();
    }

    private void pickBoth() {
        line.pick(LineEnd.A, new EndId(EndCode.ORB, "-8", Gender.FEMALE));
        line.pick(LineEnd.B, new EndId(EndCode.JIC37, "-8", Gender.MALE));
        hose.hose(hose.hoses(HoseKind.TWO_WIRE).stream()
                .filter(h -> h.dash().number() == 8)
                .findFirst()
                .orElseThrow());
    }

    private void take(LineEnd which, String part) {
        HoseEndPart chosen = hose.hoseEnds(which).stream()
                .filter(p -> p.part().equals(part))
                .findFirst()
                .orElseThrow();
        hose.hoseEnd(which, chosen);
    }

    @Test
    void testFromTwoEndsToACutLength() {
        pickBoth();
        take(LineEnd.A, "KC08-B08M");
        take(LineEnd.B, "KC08-J08F90");
        hose.finished().textProperty().set("1140");
        assertThat(hose.plan().cut().orElseThrow().exact()).isEqualTo(Length.ofMm(1056));
        assertThat(hose.finished().understoodProperty().get()).isEqualTo("44 7/8 in");
    }

    @Test
    void testARingPortIsTriedByHandLookedAtAndMeasured() {
        pickBoth();
        assertThat(line.ringPort(LineEnd.A)).isTrue();
        assertThat(line.ringPort(LineEnd.B)).isFalse();
        assertThat(line.provedSound(LineEnd.A)).isFalse();
        line.homeByHand(LineEnd.A, Optional.of(false));
        assertThat(line.provedSound(LineEnd.A)).isTrue();
        line.mouth(LineEnd.A).textProperty().set("19.5");
        assertThat(line.provedSound(LineEnd.A))
                .as("what was measured stays in view")
                .isFalse();
        line.ringShows(LineEnd.A, Optional.of(true));
        assertThat(open.desk().current().findings())
                .filteredOn(f -> f.state() == State.FAIL)
                .extracting(f -> f.rule().id())
                .contains("port.mouth", "port.ring-shows");
        line.mouth(LineEnd.A).textProperty().set("wide");
        assertThat(line.mouth(LineEnd.A).refusalProperty().get()).isNotEmpty();
    }

    @Test
    void testOnlyEndsThatMateAndFitTheHoseAreOffered() {
        assertThat(hose.hoseEnds(LineEnd.A)).isEmpty();
        pickBoth();
        assertThat(hose.hoseEnds(LineEnd.A)).extracting(HoseEndPart::part).containsExactly("KC08-B08M", "KR08-B08M");
    }

    @Test
    void testHoseEndFallsAwayWhenThePortChanges() {
        pickBoth();
        take(LineEnd.A, "KC08-B08M");
        line.pick(LineEnd.A, new EndId(EndCode.NPT, "1/2", Gender.FEMALE));
        assertThat(hose.end(LineEnd.A).part()).isEmpty();
        assertThat(line.port(LineEnd.A).certainty()).isEmpty();
    }

    @Test
    void testServiceIsReadInTheUnitsOfTheJob() {
        line.working().textProperty().set("210");
        line.temperature().textProperty().set("150 F");
        line.flow().textProperty().set("10 gal/min");
        line.peak().textProperty().set("3400 psi");
        var service = open.desk().job().service();
        assertThat(service.working().orElseThrow().bar()).isEqualTo(210);
        assertThat(service.fluidTemperature().orElseThrow().celsius()).isBetween(65.5, 65.6);
        assertThat(service.flow().orElseThrow().litresPerMinute()).isBetween(37.8, 37.9);
        assertThat(line.working().understoodProperty().get()).isEqualTo("3046 psi");
        open.desk().change("units", "", j -> j.withUnits(UnitSystem.INCH));
        line.working().textProperty().set("3000");
        assertThat(open.desk().job().service().working().orElseThrow().psi()).isBetween(2999.9, 3000.1);
        line.fluid(line.fluids().get(0));
        assertThat(line.fluid()).isPresent();
    }

    @Test
    void testNonsenseIsRefusedAndNothingIsLost() {
        hose.finished().textProperty().set("1140");
        hose.finished().textProperty().set("0");
        assertThat(hose.finished().refusalProperty().get())
                .contains("0 mm is outside the range for a hose line: 20 mm to 100 m.");
        hose.finished().textProperty().set("-3");
        assertThat(hose.finished().refusalProperty().get()).contains("negative");
        hose.finished().textProperty().set("12345678");
        assertThat(hose.finished().refusalProperty().get()).isNotEmpty();
        assertThat(open.desk()
                        .job()
                        .line(HoseLineKind.HOSE)
                        .finished()
                        .orElseThrow()
                        .value())
                .isEqualTo(Length.ofMm(1140));
        hose.bend().textProperty().set("0");
        assertThat(hose.bend().refusalProperty().get())
                .contains("0 mm is not a bend radius: enter the radius of the curve.");
        hose.clocking().textProperty().set("370");
        assertThat(hose.clocking().refusalProperty().get()).contains("between 0 and 360");
        line.working().textProperty().set("a lot");
        assertThat(line.working().refusalProperty().get()).contains("not a pressure");
        assertThat(open.desk().job().service().working()).isEmpty();
    }

    @Test
    void testEmptiedFieldForgetsItsFigure() {
        hose.bend().textProperty().set("200");
        hose.clocking().textProperty().set("90");
        hose.bend().textProperty().set("");
        hose.clocking().textProperty().set("");
        assertThat(open.desk().job().line(HoseLineKind.HOSE).bendRadius()).isEmpty();
        assertThat(open.desk().job().line(HoseLineKind.HOSE).clocking()).isEmpty();
        line.place(LineEnd.A, "slew motor");
        assertThat(line.port(LineEnd.A).place()).isEqualTo("slew motor");
    }

    @Test
    void testPortWithoutAHoseEndIsHelpedByAdapters() {
        pickBoth();
        assertThat(hose.adapterHints(LineEnd.A)).as("ends that mate are there").isEmpty();
        line.pick(LineEnd.A, new EndId(EndCode.ORFS, "-8", Gender.MALE));
        assertThat(hose.hoseEnds(LineEnd.A)).isEmpty();
        assertThat(hose.adapterHints(LineEnd.A))
                .isNotEmpty()
                .extracting(AdapterHints.Hint::words)
                .first()
                .asString()
                .startsWith("KA-FF8-JM8")
                .contains("JIC37 -8 female");
        hose.adapters(LineEnd.A, hose.adapterHints(LineEnd.A).get(0).parts());
        assertThat(hose.hoseEnds(LineEnd.A)).as("by the adapter ends mate").isNotEmpty();
        assertThat(hose.adapterHints(LineEnd.A)).isEmpty();
        hose.adapters(LineEnd.A, java.util.List.of());
        line.working().textProperty().set("900");
        assertThat(hose.adapterHints(LineEnd.A))
                .as("none of them withstands 900 bar")
                .isEmpty();
        line.pick(LineEnd.A, new EndId(EndCode.CODE61, "-16", Gender.FEMALE));
        assertThat(hose.adapterHints(LineEnd.A)).isEmpty();
    }

    @Test
    void testSurroundingsTablesAndTheBoreThatTheFlowWants() {
        pickBoth();
        line.air().textProperty().set("40");
        line.ambient(x -> x.withWet(Optional.of(true)));
        hose.basis(mellowflare.core.fluid.PressureBasis.METRIC);
        line.metal(LineEnd.A, mellowflare.core.material.Metal.BRASS);
        assertThat(line.ambient().air().orElseThrow().celsius()).isEqualTo(40);
        assertThat(hose.plan().c().hoseBears().orElseThrow().bar()).isEqualTo(275);
        assertThat(hose.boreWanted()).isEmpty();
        line.flow().textProperty().set("38");
        assertThat(hose.boreWanted().orElseThrow())
                .isEqualTo("The flow needs a bore of 11.5 mm or more in a pressure line.");
        assertThat(hose.kinds()).hasSize(HoseKind.values().length);
        line.fluid(line.fluids().stream()
                .filter(f -> f.id().equals("r134a"))
                .findFirst()
                .orElseThrow());
        assertThat(hose.kinds())
                .as("made for it, and the one chosen")
                .containsExactly(HoseKind.BARRIER, HoseKind.BARRIER_REDUCED, HoseKind.TWO_WIRE);
    }
}
