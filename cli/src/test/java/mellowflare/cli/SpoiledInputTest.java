package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The contract on odd input: a result that keeps to its schema, or one sentence that names the field and nothing on standard output. */
class SpoiledInputTest {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final List<JsonNode> ODD = List.of(
            JSON.nullNode(),
            JSON.numberNode(-1),
            JSON.numberNode(0),
            JSON.numberNode(1e9),
            JSON.textNode(""),
            JSON.textNode("nothing known"),
            JSON.textNode("3 mm"),
            JSON.booleanNode(true),
            JSON.arrayNode(),
            JSON.objectNode(),
            JSON.arrayNode().add("one").add(2));

    /** Ways of putting something else at every place of a tree. */
    private static void places(JsonNode node, List<Consumer<JsonNode>> into) {
        if (node instanceof ObjectNode o) {
            o.fieldNames().forEachRemaining(name -> into.add(odd -> o.set(name, odd)));
            o.elements().forEachRemaining(n -> places(n, into));
        } else if (node instanceof ArrayNode a) {
            for (int i = 0; i < a.size(); i++) {
                int at = i;
                into.add(odd -> a.set(at, odd));
                places(a.get(i), into);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            tube | {"points":[[0,0,0],[150,0,0],[150,120,0],[290,120,40]],"clr":23.8,"tube":"J524-3/8x0.049","bender":"hand-lever-3/8","trialBends":[[90,87]],"endToEnd":316,"buried":false,"squareUp":1,"designFactor":4,"ends":[{"kind":"single37","tool":"bar-37","stickOut":1.5,"port":{"code":"JIC37","size":"-6","gender":"male"},"metal":"steel"},{"kind":"single37","tool":"bar-37","place":"valve"}],"service":{"fluid":"mineral-oil","working":120},"practice":{"flare-order":"first"}}
            tube | {"legs":[{"length":"6 in","bend":90},{"length":120,"turn":180,"bend":45},{"length":150}],"legsTo":"outside","od":8,"wall":1,"clr":20}
            tube | {"rows":[[100,0,90],["50 mm",90,90],[60]],"clr":20}
            tube | {"template":640,"tube":"ACR-3/8","ends":[{"kind":"swage"},{"kind":"refrigeration45","tool":"bar-45"}],"service":{"fluid":"r410a"}}
            flare | {"tube":"ACR-3/8","kind":"refrigeration45","tool":"bar-45","fluid":"r410a","stickOut":2.3,"closing":1,"seen":["cracked"],"measured":13.1}
            flare | {"od":6.35,"wall":0.8,"halfAngle":45,"stickOut":1.8,"kind":"refrigeration45","fluid":"r410a"}
            offset | {"angle":"45 deg","readings":[1842,"56.5 in"],"overall":1290,"shift":-20,"size":"1","fitting":"malleable150","pipe":"steel-40","pullBack":[6,"6 mm"],"ends":["slip-on","port"],"roundTo":1,"roundWhen":"before","spread":200,"count":2,"service":{"fluid":"water","working":6},"practice":{"pipe-make-up":"shop"}}
            offset | {"angle":30,"rise":"310 mm","roll":240,"overall":2400,"legA":500,"centreToEnd":30,"makeUp":15}
            run | {"size":"1","system":"malleable150","pipe":"steel-40","pullBack":6,"fixed":[true,false],"roundTo":1,"pieces":[{"part":"flange","fitting":"slip-on"},{"pipe":true,"name":"p","centreToFace":600},{"part":"elbow45","turn":"up"},{"pipe":true,"faceToFace":"30 in"},{"part":"tee","turn":"left","to":"x"},{"part":"nipple","length":"4 in"},{"part":"reducer","to":"3/4"},{"pipe":true,"endToEnd":500},{"part":"cap"},{"part":"from","to":"x"},{"part":"plug"}]}
            makeup | {"size":"3/4","standard":"NPT","fitting":"malleable150","method":"shop"}
            gas | {"gas":"propane","demand":"65000 BTU/h","length":"40 ft","material":"copper-acr","size":"1/2","drop":"0.5 inwc","fittings":["elbow90","valve"],"extraLength":300,"heatingValue":"2500 BTU/ft3","atmosphere":1}
            gas | {"cr":0.6094,"y":0.9992,"flow":"800 ft3/h","length":30000,"bore":21,"pressure":"2 psi","endPressure":"1.5 psi"}
            gas | {"gas":"g31","source":{"node":"s","pressure":37},"pipes":[{"name":"p","from":"s","to":"a","length":8000,"material":"en1057","fittings":["elbow90"]},{"from":"a","to":"b","length":"3 m","bore":13,"roughness":0.002}],"nodes":[{"node":"b","height":2000}],"appliances":[{"name":"ring","node":"a","input":"7 kW","inlet":"regulated","least":25},{"node":"b","input":12}],"allowedDrop":2,"method":"longest","temperature":15}
            water | {"equipment":{"thread":"faucet","material":"metal"},"house":{"material":"copper","outside":"5/8 in"},"misalignment":25,"distance":320,"straightTube":40,"wallDepth":"2 in","plate":3,"gap":2,"nippleSize":"1/2","pressure":4,"temperature":60,"allow":["compression","push"],"flame":false,"flexible":true,"mainHolds":true,"age":"old","elsewhere":["galvanised"],"chance":0.8}
            air | {"pipes":[{"name":"p","from":"a","to":"b","length":"40 m","bore":20,"roughness":0.05,"k":3},{"from":"b","to":"c","length":40000,"size":"22","system":"copper"}],"supplies":[{"node":"a","pressure":"100 psi"}],"demands":[{"node":"c","flow":1500}],"nodes":["a","c"],"temperature":25,"barometer":1,"reference":"ISO 8778"}
            cutlist | {"pieces":[{"name":"drop","length":2163,"count":5},{"length":"5.1 m"}],"stock":[{"length":5600,"price":51},{"name":"old","length":2200,"count":1}],"kerf":1.5,"trim":true,"keep":300}
            hold-test | {"volume":100,"barometer":1,"readings":[{"time":0,"pressure":7,"temperature":20},{"time":"10 min","pressure":"6.5 bar","temperature":"68 F"}],"allowed":1,"gaugeStep":0.01,"reference":"DIN 1343"}
            hose | {"ends":[{"part":"KC08-B08M"},{"part":"KC08-J08F90"}],"hose":{"kind":"two-wire","dash":"-8"},"finishedLength":1140,"secondReading":"1141 mm","bendRadius":230,"service":{"fluid":"mineral-oil","working":"3000 psi","peak":235,"fluidTemperature":"150 F","flow":"10 gal/min"}}
            """)
    void testEveryFieldSpoiledInTurn(String command, String good) throws Exception {
        assertThat(Run.of(good, command).status())
                .as(Run.of(good, command).errors())
                .isBetween(0, 1);
        int count = new Places(good).all().size();
        Random random = new Random(count);
        for (int i = 0; i < count; i++) {
            for (int n = 0; n < 2; n++) {
                Places places = new Places(good);
                places.all().get(i).accept(ODD.get(random.nextInt(ODD.size())));
                String spoiled = MAPPER.writeValueAsString(places.tree);
                Run run = Run.of(spoiled, command);
                if (run.status() == 2) {
                    assertThat(run.out()).as(spoiled).isEmpty();
                    assertThat(run.errors().strip())
                            .as(spoiled)
                            .isNotEmpty()
                            .hasLineCount(1)
                            .endsWith(".")
                            .doesNotContain("Exception", "null pointer", "mellowflare.");
                } else {
                    assertThat(run.status()).as(spoiled + run.errors()).isBetween(0, 1);
                    assertThat(Schemas.faults(command + ".out", run.json()))
                            .as(spoiled)
                            .isEmpty();
                }
            }
        }
    }

    private record Places(JsonNode tree, List<Consumer<JsonNode>> all) {
        Places(String json) throws com.fasterxml.jackson.core.JsonProcessingException {
            this(MAPPER.readTree(json), new ArrayList<>());
            places(tree, all);
        }
    }

    /** Figures beyond reason cost their own record; the next one is worked out. */
    @ParameterizedTest
    @ValueSource(strings = {"1e308", "4.9e-324", "-1e308", "1e12", "1e300"})
    void testFiguresBeyondReasonCostTheirOwnRecordOnly(String odd) {
        String good =
                "{\"ends\":[{\"part\":\"KC08-B08M\"},{\"part\":\"KC08-J08F\"}],\"hose\":\"KH2-08\",\"finishedLength\":900}";
        for (String field : List.of("finishedLength", "bendRadius")) {
            String bad = good.replace("\"finishedLength\":900", "\"finishedLength\":900,\"" + field + "\":" + odd)
                    .replace("\"finishedLength\":900,\"finishedLength\"", "\"finishedLength\"");
            Run run = Run.of("[" + bad + "," + good + "]", "hose");
            assertThat(run.json().get(0).has("refused")).as(field).isTrue();
            assertThat(run.json().get(1).get("cutLength").asDouble()).isPositive();
        }
        Run flare = Run.of(
                "[{\"od\":" + odd
                        + ",\"wall\":1,\"kind\":\"single37\",\"stickOut\":1},{\"tube\":\"ACR-3/8\",\"kind\":\"single45\",\"stickOut\":1.3}]",
                "flare");
        assertThat(flare.json().get(0).has("refused")).isTrue();
        assertThat(flare.json().get(1).has("flareDiameter")).isTrue();
    }
}
