package mellowflare.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mellowflare.cli.SeveralRuns;
import mellowflare.core.text.Message;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Every text of the program in one list, to be read from top to bottom and to be translated from: {@code whole/target/texts.tsv}. */
class TextListTest {
    private static final String CROOKED =
            "{\"ends\": [{\"part\": \"KC08-B08M\", \"port\": {\"code\": \"ORB\", \"size\": \"-8\", \"gender\": \"female\"}},"
                    + " {\"part\": \"KC08-J08F90\"}], \"hose\": \"KH2-08\", \"finishedLength\": \"400 mm\", \"bendRadius\": \"50 mm\","
                    + " \"service\": {\"fluid\": \"mineral-oil\", \"working\": \"300 bar\", \"fluidTemperature\": \"150 C\"}}";

    private static final String BENT =
            "{\"points\": [[0,0,0],[120,0,0],[120,90,0]], \"clr\": 20, \"od\": 8, \"wall\": 1, \"material\": \"steel-brake\","
                    + " \"service\": {\"fluid\": \"brake-fluid\", \"working\": \"200 bar\"}}";

    private static final String STARVED =
            "{\"pipes\": [{\"from\": \"1\", \"to\": \"2\", \"length\": 20000, \"bore\": 5}],"
                    + " \"supplies\": [{\"node\": \"1\", \"pressure\": 8}], \"demands\": [{\"node\": \"2\", \"flow\": 9000}]}";

    /** Part numbers, units and keys: no language changes them. */
    private static final Pattern SAME = Pattern.compile(
            "\\b[A-Z0-9][A-Z0-9./-]*\\b|\\b(?:mm|bar|psi|none|stop|warn|note|metal|mellow-flare seal)\\b|--\\w+|-hV");

    @TempDir
    private Path folder;

    @Test
    void testEveryTextStandsInOneListWithItsIdAndWhereItIsUsed() throws Exception {
        TextList list = TextList.ofAll();
        String all = list.texts().entrySet().stream()
                .map(e -> e.getKey() + "\t" + e.getValue().replace("\n", "\\n").replace("\t", "\\t") + "\t"
                        + list.where(e.getKey()) + "\n")
                .collect(Collectors.joining());
        Path file = Path.of("target", "texts.tsv");
        Files.writeString(file, "id\ttext\twhere\n" + all);
        assertTrue(list.texts().size() > 6000, "so few texts: " + list.texts().size());
        assertEquals(
                List.of(),
                list.texts().keySet().stream()
                        .filter(id -> list.where(id) == null)
                        .toList());
        assertEquals(List.of(), List.copyOf(list.twoTexts()));
        assertEquals(list.texts().size() + 1, Files.readAllLines(file).size());
    }

    /** A file with a translation for each id of the list, and nothing else, leaves no English word in what a command says. */
    @Test
    void testALanguageIsOneFileOfTranslations() throws Exception {
        Path language = Files.createDirectories(folder.resolve("mellowflare/core/text"));
        StringBuilder file = new StringBuilder();
        TextList.ofAll()
                .texts()
                .forEach((id, text) -> file.append(id.replace(" ", "\\ ").replace(":", "\\:"))
                        .append(" = \u00ab")
                        .append(id.startsWith("cli/help.") ? "" : places(text))
                        .append("\u00bb\n"));
        Files.writeString(language.resolve("none.properties"), file);
        String said = run(
                "--language=none",
                List.of("hose", "--format", "text", CROOKED),
                List.of("tube", "--format", "text", BENT),
                List.of("air", "--format", "text", STARVED),
                List.of("seal", "--help", ""));
        assertTrue(said.contains("\u00ab"), said);
        TreeSet<String> english = new TreeSet<>();
        Matcher words =
                Pattern.compile("[a-zA-Z]{3,}").matcher(SAME.matcher(said).replaceAll(""));
        while (words.find()) {
            english.add(words.group());
        }
        assertEquals(List.of(), List.copyOf(english), said);
    }

    private static String places(String text) {
        return Message.places(text).stream().map(p -> "{" + p + "}").collect(Collectors.joining(" "));
    }

    @SafeVarargs
    private String run(String language, List<String>... commands) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dfile.encoding=UTF-8",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                folder + System.getProperty("path.separator") + System.getProperty("java.class.path"),
                SeveralRuns.class.getName(),
                language));
        for (List<String> each : commands) {
            command.add(SeveralRuns.NEXT);
            command.addAll(each);
        }
        Path out = folder.resolve("said.txt");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(out.toFile())
                .start();
        assertTrue(process.waitFor(60, TimeUnit.SECONDS));
        return Files.readString(out);
    }
}
