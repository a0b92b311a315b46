package mellowflare.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;

/** One run of the command line with its streams caught. */
record Run(int status, byte[] bytes, String errors) {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    static Run of(String input, String... args) {
        InputStream in = System.in;
        PrintStream out = System.out;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        StringWriter errors = new StringWriter();
        try {
            System.setIn(new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)));
            System.setOut(new PrintStream(bytes, true, StandardCharsets.UTF_8));
            PrintWriter help = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
            int status =
                    Main.commandLine(help, new PrintWriter(errors, true), args).execute(args);
            return new Run(status, bytes.toByteArray(), errors.toString());
        } finally {
            System.setIn(in);
            System.setOut(out);
        }
    }

    String out() {
        return new String(bytes, StandardCharsets.UTF_8);
    }

    JsonNode json() {
        try {
            return MAPPER.readTree(bytes);
        } catch (JsonProcessingException e) {
            throw new AssertionError("no JSON on standard output: " + out(), e);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
