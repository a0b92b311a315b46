package mellowflare.cli;

import mellowflare.core.text.Language;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.Model.UsageMessageSpec;

/** Help stands beside the option that it explains; here it is put into the language of this run. */
final class HelpTexts {
    private HelpTexts() {}

    static CommandLine said(CommandLine line) {
        if (!Language.chosen().isEnglish()) {
            translate(line);
        }
        return line;
    }

    private static void translate(CommandLine line) {
        CommandSpec spec = line.getCommandSpec();
        String id = "cli/help." + spec.qualifiedName(".");
        UsageMessageSpec usage = spec.usageMessage();
        usage.description(said(id + ".does", usage.description()));
        usage.footer(said(id + ".more", usage.footer()));
        for (OptionSpec option : spec.options()) {
            spec.remove(option);
            spec.addOption(option.toBuilder()
                    .description(said(id + "." + option.longestName().replace("-", ""), option.description()))
                    .build());
        }
        for (PositionalParamSpec argument : spec.positionalParameters()) {
            spec.remove(argument);
            spec.addPositional(argument.toBuilder()
                    .description(said(id + "." + argument.paramLabel(), argument.description()))
                    .build());
        }
        line.getSubcommands().values().stream().distinct().forEach(HelpTexts::translate);
    }

    private static String[] said(String id, String[] lines) {
        String[] all = new String[lines.length];
        for (int i = 0; i < lines.length; i++) {
            all[i] = Language.chosen().text(id + (i > 0 ? "." + i : ""), lines[i]);
        }
        return all;
    }
}
