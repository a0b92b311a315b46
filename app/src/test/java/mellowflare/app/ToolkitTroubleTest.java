package mellowflare.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ToolkitTroubleTest {
    @Test
    void testMissingLibraryIsNamedHoweverDeepItWasThrown() {
        Throwable thrown = new RuntimeException(
                new UnsatisfiedLinkError("libXtst.so.6: cannot open shared object file: No such file or directory"));
        assertThat(ToolkitTrouble.sentence(thrown))
                .hasValueSatisfying(s -> assertThat(s).contains("libXtst.so.6").doesNotContain("RuntimeException"));
    }

    @Test
    void testDisplayThatDoesNotAnswerIsSaid() {
        assertThat(ToolkitTrouble.sentence(new UnsupportedOperationException("Unable to open DISPLAY")))
                .hasValueSatisfying(s -> assertThat(s).contains("does not answer"));
    }

    @Test
    void testFaultOfTheProgramIsNotBlamedOnTheMachine() {
        assertThat(ToolkitTrouble.sentence(new IllegalStateException("a fault")))
                .isEmpty();
        assertThat(ToolkitTrouble.sentence(new UnsupportedOperationException("a fault")))
                .isEmpty();
    }
}
