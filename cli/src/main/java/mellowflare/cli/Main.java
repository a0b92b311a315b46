package mellowflare.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.cli.command.AdaptersCommand;
import mellowflare.cli.command.ConvertCommand;
import mellowflare.cli.command.CutListCommand;
import mellowflare.cli.command.DueCommand;
import mellowflare.cli.command.ExitStatus;
import mellowflare.cli.command.HoldTestCommand;
import mellowflare.cli.command.IdentifyCommand;
import mellowflare.cli.command.JobCommand;
import mellowflare.cli.command.KitCommand;
import mellowflare.cli.command.MendCommand;
import mellowflare.cli.command.PartsCommand;
import mellowflare.cli.command.SealCommand;
import mellowflare.cli.command.ShelfCommand;
import mellowflare.cli.command.TestRecordCommand;
import mellowflare.cli.command.TroubleCommand;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Refused;
import mellowflare.core.text.Language;
import mellowflare.core.text.LanguageOption;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. Results go to standard output, every other word to standard error. */
@Command(
        name = "mellow-flare",
        mixinStandardHelpOptions = true,
        version = "Mellow Flare " + Version.PROGRAM,
        description = "Works out fittings, hoses and lengths without a window.",
        footer = {
            "",
            "Exit status: 0 computed; 1 computed, and a finding says stop; 2 input refused; 3 file trouble.",
            "Example:  echo '{\"text\": \"2 7/16\"}' | ./mellow-flare convert"
        })
public final class Main implements Runnable {

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Override
    public void run() {
        throw new CommandLine.ParameterException(
                spec.commandLine(),
                Say.it(
                        "main.name-command",
                        "either",
                        Words.either(spec.subcommands().keySet())));
    }

    public static void main(String[] args) {
        int status;
        try {
            String[] own = LanguageOption.of(args).choose();
            status = commandLine(new PrintWriter(System.out, true, StandardCharsets.UTF_8), errors(), own)
                    .execute(own);
        } catch (IllegalArgumentException e) {
            System.err.println(e.getMessage());
            status = ExitStatus.REFUSED;
        } catch (OutOfMemoryError | StackOverflowError e) {
            System.err.println(Say.it("main.the-input-needs-more"));
            status = ExitStatus.FILE_TROUBLE;
        }
        System.out.flush();
        System.exit(status);
    }

    private static PrintWriter errors() {
        return new PrintWriter(System.err, true, StandardCharsets.UTF_8);
    }

    /** With the command alone that the arguments begin with: putting all of them together takes longer than most of them run. */
    static CommandLine commandLine(PrintWriter out, PrintWriter err, String... args) {
        boolean named = args.length > 0 && ordered().stream().anyMatch(c -> name(c).equals(args[0]));
        return HelpTexts.said(named ? commands(args[0]::equals) : commands(), Language.chosen())
                .setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setParameterExceptionHandler((e, given) -> say(
                        err,
                        e instanceof CommandLine.UnmatchedArgumentException u
                                ? Say.it("main.there-no-here-see", "given", String.join(" ", u.getUnmatched()))
                                : e.getMessage(),
                        ExitStatus.REFUSED))
                .setExecutionExceptionHandler((e, line, parsed) -> {
                    if (e instanceof Refused) {
                        return say(err, e.getMessage(), ExitStatus.REFUSED);
                    }
                    if (e instanceof BookTrouble) {
                        return say(err, e.getMessage(), ExitStatus.FILE_TROUBLE);
                    }
                    if (e instanceof IOException) {
                        return say(
                                err,
                                Say.it("main.reading-or-writing-failed", "message", e.getMessage()),
                                ExitStatus.FILE_TROUBLE);
                    }
                    return say(
                            err,
                            Say.it(
                                    "main.something-unforeseen-went-wrong",
                                    "simpleName",
                                    e.getClass().getSimpleName(),
                                    "message",
                                    e.getMessage()),
                            ExitStatus.UNFORESEEN);
                });
    }

    /** All commands, in the order of the help. */
    static CommandLine commands() {
        return commands(name -> true);
    }

    private static CommandLine commands(Predicate<String> wanted) {
        CommandLine main = new CommandLine(new Main());
        for (Object command : ordered()) {
            if (wanted.test(name(command))) {
                main.addSubcommand(
                        command instanceof PartsCommand parts
                                ? withKinds(new CommandLine(parts))
                                : command instanceof JobCommand ? JobCommand.line() : command);
            }
        }
        return main;
    }

    private static List<Object> ordered() {
        List<Object> all = new ArrayList<>(
                List.of(new ConvertCommand(), new IdentifyCommand(), new SealCommand(), new AdaptersCommand()));
        CliKinds.ALL.forEach(kind -> all.addAll(kind.commands()));
        all.addAll(List.of(
                new CutListCommand(),
                new HoldTestCommand(),
                new TroubleCommand(
                        CliKinds.ALL.stream().flatMap(k -> k.network().stream()).toList()),
                new TestRecordCommand(),
                new KitCommand(),
                new DueCommand(),
                new ShelfCommand(),
                new MendCommand(),
                new PartsCommand(),
                new JobCommand()));
        return all;
    }

    private static CommandLine withKinds(CommandLine parts) {
        CliKinds.ALL.forEach(kind -> kind.partsCommands().forEach(parts::addSubcommand));
        return parts;
    }

    private static String name(Object command) {
        return command.getClass().getAnnotation(Command.class).name();
    }

    private static int say(PrintWriter err, String sentence, int status) {
        err.println(sentence);
        err.flush();
        return status;
    }
}
