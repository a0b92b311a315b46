package mellowflare.cli;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.ListResourceBundle;
import java.util.Map;
import java.util.ResourceBundle;
import mellowflare.core.text.Language;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.Model.UsageMessageSpec;

/** Help stands beside the option that it explains; here it is put into the language of this run. */
public final class HelpTexts {
    /** The two options that every command has. */
    private static final ResourceBundle STANDARD = new ListResourceBundle() {
        @Override
        protected Object[][] getContents() {
            return new Object[][] {
                {"mixinStandardHelpOptions.help", Say.it("help-texts.help")},
                {"mixinStandardHelpOptions.version", Say.it("help-texts.version")}
            };
        }
    };

    private HelpTexts() {}

    /** The options that a command declares itself. */
    private static List<OptionSpec> own(CommandSpec spec) {
        return spec.options().stream().filter(o -> o.descriptionKey().isEmpty()).toList();
    }

    /** Every help text by its id, as declared. */
    public static Map<String, String> all() {
        Map<String, String> all = new LinkedHashMap<>();
        gather(Main.commands(), all);
        return all;
    }

    private static void gather(CommandLine line, Map<String, String> all) {
        CommandSpec spec = line.getCommandSpec();
        String id = id(spec);
        put(all, id + ".does", spec.usageMessage().description());
        put(all, id + ".more", spec.usageMessage().footer());
        own(spec).forEach(o -> put(all, id(spec, o), o.description()));
        spec.positionalParameters().forEach(a -> put(all, id + "." + a.paramLabel(), a.description()));
        line.getSubcommands().values().stream().distinct().forEach(c -> gather(c, all));
    }

    private static void put(Map<String, String> all, String id, String[] lines) {
        for (int i = 0; i < lines.length; i++) {
            all.put(line(id, i), lines[i]);
        }
    }

    private static String id(CommandSpec spec) {
        return "cli/help." + spec.qualifiedName(".");
    }

    private static String id(CommandSpec spec, OptionSpec option) {
        return id(spec) + "." + option.longestName().replace("-", "");
    }

    private static String line(String id, int line) {
        return id + (line > 0 ? "." + line : "");
    }

    static CommandLine said(CommandLine line, Language language) {
        translate(line, language);
        return line;
    }

    private static void translate(CommandLine line, Language in) {
        CommandSpec spec = line.getCommandSpec();
        String id = id(spec);
        UsageMessageSpec usage = spec.usageMessage();
        usage.description(said(in, id + ".does", usage.description()));
        usage.synopsisHeading(Say.it("help-texts.usage") + " ");
        usage.footer(said(in, id + ".more", usage.footer()));
        spec.resourceBundle(STANDARD);
        for (OptionSpec option : own(spec)) {
            spec.remove(option);
            spec.addOption(option.toBuilder()
                    .description(said(in, id(spec, option), option.description()))
                    .build());
        }
        for (PositionalParamSpec argument : List.copyOf(spec.positionalParameters())) {
            spec.remove(argument);
            spec.addPositional(argument.toBuilder()
                    .description(said(in, id + "." + argument.paramLabel(), argument.description()))
                    .build());
        }
        line.getSubcommands().values().stream().distinct().forEach(c -> translate(c, in));
    }

    private static String[] said(Language in, String id, String[] lines) {
        String[] all = new String[lines.length];
        for (int i = 0; i < lines.length; i++) {
            all[i] = in.text(line(id, i), lines[i]);
        }
        return all;
    }
}
