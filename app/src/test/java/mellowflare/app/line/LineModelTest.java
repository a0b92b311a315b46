package mellowflare.app.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import mellowflare.app.OpenBook;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Which;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LineModelTest {
    @TempDir
    private Path folder;

    private OpenBook open;
    private LineModel line;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.empty(folder);
        line = new LineModel(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private void pickBoth() {
        line.pick(Which.A, new EndId(EndCode.ORB, "-8", Gender.FEMALE));
        line.pick(Which.B, new EndId(EndCode.JIC37, "-8", Gender.MALE));
        line.hose(line.hoses(HoseKind.TWO_WIRE).stream()
                .filter(h -> h.dash().number() == 8)
                .findFirst()
                .orElseThrow());
    }

    private void take(Which which, String part) {
        HoseEndPart chosen = line.hoseEnds(which).stream()
                .filter(p -> p.part().equals(part))
                .findFirst()
                .orElseThrow();
        line.hoseEnd(which, chosen);
    }

    @Test
    void testFromTwoEndsToACutLength() {
        pickBoth();
        take(Which.A, "KC08-B08M");
        take(Which.B, "KC08-J08F90");
        line.finished().textProperty().set("1140");
        assertThat(line.plan().cut().orElseThrow().exact()).isEqualTo(Length.ofMm(1056));
        assertThat(line.finished().understoodProperty().get()).isEqualTo("44 7/8 in");
    }

    @Test
    void testARingPortIsTriedByHandLookedAtAndMeasured() {
        pickBoth();
        assertThat(line.ringPort(Which.A)).isTrue();
        assertThat(line.ringPort(Which.B)).isFalse();
        assertThat(line.provedSound(Which.A)).isFalse();
        line.homeByHand(Which.A, Optional.of(false));
        assertThat(line.provedSound(Which.A)).isTrue();
        line.mouth(Which.A).textProperty().set("19.5");
        assertThat(line.provedSound(Which.A))
                .as("what was measured stays in view")
                .isFalse();
        line.ringShows(Which.A, Optional.of(true));
        assertThat(open.desk().current().findings())
                .filteredOn(f -> f.state() == State.FAIL)
                .extracting(f -> f.rule().id())
                .contains("port.mouth", "port.ring-shows");
        line.mouth(Which.A).textProperty().set("wide");
        assertThat(line.mouth(Which.A).refusalProperty().get()).isNotEmpty();
    }

    @Test
    void testOnlyEndsThatMateAndFitTheHoseAreOffered() {
        assertThat(line.hoseEnds(Which.A)).isEmpty();
        pickBoth();
        assertThat(line.hoseEnds(Which.A)).extracting(HoseEndPart::part).containsExactly("KC08-B08M", "KR08-B08M");
    }

    @Test
    void testHoseEndFallsAwayWhenThePortChanges() {
        pickBoth();
        take(Which.A, "KC08-B08M");
        line.pick(Which.A, new EndId(EndCode.NPT, "1/2", Gender.FEMALE));
        assertThat(line.end(Which.A).hoseEnd()).isEmpty();
        assertThat(line.end(Which.A).certainty()).isEmpty();
    }

    @Test
    void testServiceIsReadInTheUnitsOfTheJob() {
        line.working().textProperty().set("210");
        line.temperature().textProperty().set("150 F");
        line.flow().textProperty().set("10 gal/min");
        line.peak().textProperty().set("3400 psi");
        var service = open.desk().job().line().service();
        assertThat(service.working().orElseThrow().bar()).isEqualTo(210);
        assertThat(service.fluidTemperature().orElseThrow().celsius()).isBetween(65.5, 65.6);
        assertThat(service.flow().orElseThrow().litresPerMinute()).isBetween(37.8, 37.9);
        assertThat(line.working().understoodProperty().get()).isEqualTo("3046 psi");
        open.desk().change("units", "", j -> j.withUnits(UnitSystem.INCH));
        line.working().textProperty().set("3000");
        assertThat(open.desk().job().line().service().working().orElseThrow().psi())
                .isBetween(2999.9, 3000.1);
        line.fluid(line.fluids().get(0));
        assertThat(line.fluid()).isPresent();
    }

    @Test
    void testNonsenseIsRefusedAndNothingIsLost() {
        line.finished().textProperty().set("1140");
        line.finished().textProperty().set("0");
        assertThat(line.finished().refusalProperty().get()).contains("no length of a hose line");
        line.finished().textProperty().set("-3");
        assertThat(line.finished().refusalProperty().get()).contains("negative");
        line.finished().textProperty().set("12345678");
        assertThat(line.finished().refusalProperty().get()).isNotEmpty();
        assertThat(open.desk().job().line().finished().orElseThrow().value()).isEqualTo(Length.ofMm(1140));
        line.bend().textProperty().set("0");
        assertThat(line.bend().refusalProperty().get()).contains("no bend of a hose");
        line.clocking().textProperty().set("370");
        assertThat(line.clocking().refusalProperty().get()).contains("between 0 and 360");
        line.working().textProperty().set("a lot");
        assertThat(line.working().refusalProperty().get()).contains("not a pressure");
        assertThat(open.desk().job().line().service().working()).isEmpty();
    }

    @Test
    void testEmptiedFieldForgetsItsFigure() {
        line.bend().textProperty().set("200");
        line.clocking().textProperty().set("90");
        line.bend().textProperty().set("");
        line.clocking().textProperty().set("");
        assertThat(open.desk().job().line().bendRadius()).isEmpty();
        assertThat(open.desk().job().line().clocking()).isEmpty();
        line.place(Which.A, "slew motor");
        assertThat(line.end(Which.A).place()).isEqualTo("slew motor");
    }

    @Test
    void testPortWithoutAHoseEndIsHelpedByAdapters() {
        pickBoth();
        assertThat(line.adapterHints(Which.A)).as("ends that mate are there").isEmpty();
        line.pick(Which.A, new EndId(EndCode.ORFS, "-8", Gender.MALE));
        assertThat(line.hoseEnds(Which.A)).isEmpty();
        assertThat(line.adapterHints(Which.A))
                .isNotEmpty()
                .extracting(LineModel.Hint::words)
                .first()
                .asString()
                .startsWith("KA-FF8-JM8")
                .contains("JIC37 -8 female");
        line.adapters(Which.A, line.adapterHints(Which.A).get(0).parts());
        assertThat(line.hoseEnds(Which.A)).as("by the adapter ends mate").isNotEmpty();
        assertThat(line.adapterHints(Which.A)).isEmpty();
        line.adapters(Which.A, java.util.List.of());
        line.working().textProperty().set("900");
        assertThat(line.adapterHints(Which.A)).as("none of them bears 900 bar").isEmpty();
        line.pick(Which.A, new EndId(EndCode.CODE61, "-16", Gender.FEMALE));
        assertThat(line.adapterHints(Which.A)).isEmpty();
    }

    @Test
    void testSurroundingsTablesAndTheBoreThatTheFlowWants() {
        pickBoth();
        line.air().textProperty().set("40");
        line.around(x -> x.withWet(Optional.of(true)));
        line.basis(mellowflare.core.fluid.PressureBasis.METRIC);
        line.metal(Which.A, mellowflare.core.material.Metal.BRASS);
        assertThat(line.around().air().orElseThrow().celsius()).isEqualTo(40);
        assertThat(line.plan().c().hoseBears().orElseThrow().bar()).isEqualTo(275);
        assertThat(line.boreWanted()).isEmpty();
        line.flow().textProperty().set("38");
        assertThat(line.boreWanted().orElseThrow())
                .isEqualTo("The flow wants 11.5 mm of bore or more in a pressure line.");
        assertThat(line.kinds()).hasSize(HoseKind.values().length);
        line.fluid(line.fluids().stream()
                .filter(f -> f.id().equals("r134a"))
                .findFirst()
                .orElseThrow());
        assertThat(line.kinds())
                .as("made for it, and the one chosen")
                .containsExactly(HoseKind.BARRIER, HoseKind.BARRIER_REDUCED, HoseKind.TWO_WIRE);
    }
}
