package mellowflare.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mellowflare.book.job.JobFiles;
import mellowflare.book.job.JobJson;
import mellowflare.book.tube.LraCsv;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.tube.form.Measured;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;

/** Files that something or somebody has spoiled: either a whole job or table comes out of them, or a sentence, never anything else. */
class OddInputTest {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static Job job(String id) {
        return Jobs.demo().stream().filter(j -> j.id().equals(id)).findFirst().orElseThrow();
    }

    private static JsonNode odd(Random random) {
        return switch (random.nextInt(11)) {
            case 0 -> JSON.nullNode();
            case 1 -> JSON.numberNode(-1);
            case 2 -> JSON.numberNode(1e308);
            case 3 -> JSON.textNode("");
            case 4 -> JSON.textNode("a word");
            case 5 -> JSON.booleanNode(random.nextBoolean());
            case 6 -> JSON.arrayNode();
            case 7 -> JSON.objectNode();
            case 8 -> JSON.numberNode(0);
            case 9 -> JSON.arrayNode().add(1).add("two").addNull();
            default -> JSON.numberNode(random.nextGaussian() * 200);
        };
    }

    /** Every place in a tree that holds a value, as a way of putting another there or taking it away. */
    private static void places(JsonNode node, List<Place> into) {
        if (node instanceof ObjectNode o) {
            o.fieldNames().forEachRemaining(name -> into.add(new Place(o, name, -1)));
            o.elements().forEachRemaining(n -> places(n, into));
        } else if (node instanceof ArrayNode a) {
            for (int i = 0; i < a.size(); i++) {
                into.add(new Place(a, "", i));
                places(a.get(i), into);
            }
        }
    }

    private record Place(JsonNode parent, String name, int at) {
        void spoil(Random random) {
            if (parent instanceof ObjectNode o) {
                if (random.nextInt(4) == 0) {
                    o.remove(name);
                } else {
                    o.set(name, odd(random));
                }
            } else if (at < parent.size()) {
                ArrayNode a = (ArrayNode) parent;
                if (random.nextInt(4) == 0) {
                    a.remove(at);
                } else {
                    a.set(at, odd(random));
                }
            }
        }

        String words() {
            return name + (at < 0 ? "" : "[" + at + "]");
        }
    }

    @Test
    void testASpoiledJobIsReadWholeOrRefusedInWords() throws Exception {
        Random random = new Random(5);
        int refused = 0;
        for (String id : List.of("demo-tube-fuel", "demo-tube-chiller", "demo-slew-hose")) {
            String good = JobJson.write(job(id));
            Evaluation whole = Evaluation.of(job(id), Jobs.DATA);
            for (int i = 0; i < 400; i++) {
                JsonNode tree = MAPPER.readTree(good);
                List<Place> all = new ArrayList<>();
                places(tree, all);
                Place place = all.get(random.nextInt(all.size()));
                place.spoil(random);
                try {
                    Job read = JobJson.read(MAPPER.writeValueAsString(tree));
                    assertThat(Evaluation.after(whole, read, Jobs.DATA).findings())
                            .isNotNull();
                    assertThat(JobJson.read(JobJson.write(read))).isEqualTo(read);
                } catch (BookTrouble e) {
                    refused++;
                    assertThat(e.getMessage())
                            .as(place.words())
                            .isNotBlank()
                            .doesNotContain("Exception", "mellowflare");
                } catch (RuntimeException e) {
                    fail("%s spoiled at %s: %s", id, place.words(), e);
                }
            }
        }
        assertThat(refused).isPositive();
    }

    @Test
    void testASpoiledTableOfBendsIsReadWholeOrRefusedInWords() throws Exception {
        Random random = new Random(9);
        String good = Jobs.paperText("lra", Evaluation.of(job("demo-tube-fuel"), Jobs.DATA));
        String letters = "0123456789.,;-\"'e \n\tx\u0000";
        int read = 0;
        int refused = 0;
        for (int i = 0; i < 2000; i++) {
            StringBuilder text = new StringBuilder(good);
            for (int n = 0; n <= random.nextInt(3); n++) {
                int at = random.nextInt(text.length());
                char c = letters.charAt(random.nextInt(letters.length()));
                switch (random.nextInt(3)) {
                    case 0 -> text.deleteCharAt(at);
                    case 1 -> text.insert(at, c);
                    default -> text.setCharAt(at, c);
                }
            }
            try {
                assertThat(LraCsv.read(text.toString())).isInstanceOf(Measured.Rows.class);
                read++;
            } catch (BookTrouble e) {
                refused++;
                assertThat(e.getMessage()).isNotBlank().endsWith(".").doesNotContain("Exception");
            }
        }
        assertThat(read).isPositive();
        assertThat(refused).isPositive();
    }

    /** What would take for ever to work out is refused before the work begins. */
    @Test
    void testEndlessWorkIsRefusedBeforeItStarts() throws Exception {
        ObjectNode hose = (ObjectNode) MAPPER.readTree(JobJson.write(job("demo-slew-hose")));
        ArrayNode clamps = ((ObjectNode) hose.at("/lines/hose/route")).putArray("clamps");
        for (int i = 0; i < 2000; i++) {
            clamps.addArray().add(i).add(0).add(0);
        }
        refusedSoon(hose, "50 clamps");
        ObjectNode far = (ObjectNode) MAPPER.readTree(JobJson.write(job("demo-slew-hose")));
        ((ArrayNode) far.at("/lines/hose/route/b/at")).set(2, JSON.numberNode(-1e12));
        refusedSoon(far, "within 100 m");
        ObjectNode tube = (ObjectNode) MAPPER.readTree(JobJson.write(job("demo-tube-fuel")));
        ArrayNode points = ((ObjectNode) tube.at("/lines/tube/measured")).putArray("points");
        for (int i = 0; i < 2000; i++) {
            points.addArray().add(100 * i).add(100 * (i % 2)).add(0);
        }
        ((ObjectNode) tube.at("/lines/tube/measured")).retain("points");
        refusedSoon(tube, "500 corners");
        ObjectNode air = (ObjectNode) MAPPER.readTree(JobJson.write(job("demo-shed-air")));
        for (JsonNode piece : air.at("/lines/air/walk")) {
            if (piece.has("down")) {
                ((ObjectNode) piece).put("down", 1e12);
            }
        }
        refusedSoon(air, "a kilometre");
    }

    /** A device that never ends is no job. */
    @Test
    void testADeviceIsNoJob() {
        Path device = Path.of("/dev/zero");
        Assumptions.assumeTrue(Files.exists(device));
        assertThatThrownBy(() -> JobFiles.read(device))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("a folder or a device");
    }

    private static void refusedSoon(JsonNode job, String says) throws Exception {
        long began = System.nanoTime();
        assertThatThrownBy(() -> JobJson.read(MAPPER.writeValueAsString(job)))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining(says);
        assertThat(System.nanoTime() - began).isLessThan(2_000_000_000L);
    }
}
