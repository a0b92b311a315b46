package mellowflare.cli;

import java.io.ByteArrayInputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import mellowflare.core.text.LanguageOption;

/** Several commands in one process of one language: starting a process for each takes longer than all of them run. */
public final class SeveralRuns {
    /** Stands between the commands. */
    public static final String NEXT = "--then";

    private SeveralRuns() {}

    /**
     * @param args the language; then each command with its words, its input last, with {@link #NEXT} before it
     */
    public static void main(String[] args) {
        LanguageOption.of(args[0]).choose();
        List<List<String>> commands = new ArrayList<>();
        for (String arg : List.of(args).subList(1, args.length)) {
            if (arg.equals(NEXT)) {
                commands.add(new ArrayList<>());
            } else {
                commands.get(commands.size() - 1).add(arg);
            }
        }
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        for (List<String> command : commands) {
            String input = command.remove(command.size() - 1);
            System.setIn(new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)));
            String[] words = command.toArray(String[]::new);
            Main.commandLine(out, out, words).execute(words);
        }
    }
}
