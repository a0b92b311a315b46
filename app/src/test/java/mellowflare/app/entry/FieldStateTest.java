package mellowflare.app.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class FieldStateTest {
    private final FieldState<Length> field =
            new FieldState<>(LengthText::read, (v, u) -> LengthFormat.figure(v, u.other()));
    private final List<Optional<Length>> told = new ArrayList<>();

    FieldStateTest() {
        field.onChange(() -> told.add(field.value()));
    }

    private void type(String text) {
        field.textProperty().set(text);
    }

    @Test
    void testTypedTextIsUnderstoodInTheOtherSystem() {
        type("14.2");
        assertThat(field.value()).contains(Length.ofMm(14.2));
        assertThat(field.understoodProperty().get()).isEqualTo("0.559 in");
        assertThat(told).containsExactly(Optional.of(Length.ofMm(14.2)));
    }

    @Test
    void testNonsenseKeepsTextAndLastGoodValueAndSaysWhy() {
        type("14.2");
        type("14.2x");
        assertThat(field.textProperty().get()).isEqualTo("14.2x");
        assertThat(field.value()).contains(Length.ofMm(14.2));
        assertThat(field.refusalProperty().get()).contains("not a unit of length");
        assertThat(told).hasSize(1);
        type("14.25");
        assertThat(field.refusalProperty().get()).isEmpty();
        assertThat(field.value()).contains(Length.ofMm(14.25));
    }

    @Test
    void testEmptyTextClearsTheValue() {
        type("14.2");
        type("");
        assertThat(field.value()).isEmpty();
        assertThat(told).hasSize(2);
    }

    @Test
    void testValueFromTheJobDoesNotTellBackAndKeepsWhatIsBeingTyped() {
        field.show("14.2", Optional.of(Length.ofMm(14.2)), UnitSystem.METRIC);
        assertThat(told).isEmpty();
        type("14.20");
        field.show("14.2", Optional.of(Length.ofMm(14.2)), UnitSystem.METRIC);
        assertThat(field.textProperty().get()).isEqualTo("14.20");
        type("14.2 k");
        field.show("14.2", Optional.of(Length.ofMm(14.2)), UnitSystem.METRIC);
        assertThat(field.textProperty().get()).as("refused text is left alone").isEqualTo("14.2 k");
        field.show("9/16 in", Optional.of(Length.ofInches(0.5625)), UnitSystem.INCH);
        assertThat(field.textProperty().get()).isEqualTo("9/16 in");
        assertThat(field.understoodProperty().get()).isEqualTo("14.29 mm");
    }
}
