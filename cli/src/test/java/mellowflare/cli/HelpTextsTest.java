package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import mellowflare.core.text.Language;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

class HelpTextsTest {
    private static String help(CommandLine line, String command) {
        return line.getSubcommands().get(command).getUsageMessage();
    }

    @Test
    void testAnotherLanguageReachesTheHelpOfCommandsAndOptions() {
        CommandLine line = HelpTexts.said(
                Main.commands(),
                Language.of(Map.of(
                        "cli/help.mellow-flare.seal.does", "Dichtet.", "cli/help.mellow-flare.seal.in", "Lies.")));
        assertThat(help(line, "seal")).contains("Dichtet.").contains("Lies.");
        assertThat(help(line, "hose")).isEqualTo(help(HelpTexts.said(Main.commands(), Language.named("")), "hose"));
        line.setCaseInsensitiveEnumValuesAllowed(true);
        assertThat(line.parseArgs("seal", "--in", "x.json")
                        .subcommand()
                        .commandSpec()
                        .name())
                .isEqualTo("seal");
    }

    @Test
    void testThePseudoLanguageReachesEveryCommand() {
        CommandLine line = HelpTexts.said(Main.commands(), Language.named(Language.PSEUDO));
        line.getSubcommands()
                .forEach((name, sub) -> assertThat(
                                sub.getCommandSpec().usageMessage().description()[0])
                        .as(name)
                        .startsWith("["));
    }
}
