package mellowflare.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** Every pair of metals, dry, wet and with water inside, against the row that says it. */
class MetalsTouchTest {
    private static final Metals METALS = Metals.load();

    private static Finding check(Metal one, Metal other, Optional<Boolean> wet, boolean inside) {
        return MetalsTouch.check(one, other, wet, inside, Subject.END_A, Samples.DATA);
    }

    private static void says(Compatibility.Verdict verdict, Finding f) {
        assertEquals(verdict == Compatibility.Verdict.SUITS ? State.PASS : State.FAIL, f.state());
        assertEquals(Subject.END_A, f.about());
        if (f.state() == State.FAIL) {
            assertEquals(verdict == Compatibility.Verdict.LIMITED ? Severity.NOTE : Severity.WARN, f.severity());
        }
    }

    @Test
    void testEveryPairIsJudgedByItsRow() {
        Set<String> seen = new HashSet<>();
        for (Metal one : Metal.values()) {
            for (Metal other : Metal.values()) {
                Optional<Metals.Pair> pair = METALS.of(one, other);
                assertEquals(pair, METALS.of(other, one));
                if (pair.isEmpty()) {
                    Finding f = check(one, other, Optional.of(true), true);
                    assertEquals(State.NOT_CHECKED, f.state());
                    assertEquals(
                            "maker-metals-" + one + "-" + other,
                            f.missing().get(0).id());
                    continue;
                }
                Metals.Pair p = pair.get();
                assertThat(List.of(p.a(), p.b())).containsExactlyInAnyOrder(one, other);
                says(p.dry(), check(one, other, Optional.of(false), false));
                says(p.wet(), check(one, other, Optional.of(true), false));
                assertEquals(
                        List.of(Needs.WET),
                        check(one, other, Optional.empty(), false).missing());
                Finding inside = check(one, other, Optional.of(false), true);
                if (p.inside() == Compatibility.Verdict.NEVER) {
                    assertEquals("joint.metals-inside", inside.rule().id());
                    assertEquals(Severity.STOP, inside.severity());
                    assertEquals(State.FAIL, inside.state());
                    assertEquals(inside, check(one, other, Optional.empty(), true));
                    seen.add("stop");
                } else {
                    boolean worse = p.inside().compareTo(p.dry()) > 0;
                    says(worse ? p.inside() : p.dry(), inside);
                    String where = inside.figures().get("where").text(UnitSystem.METRIC);
                    assertThat(where).isEqualTo(worse ? where("fresh water", where) : where("dry", where));
                    seen.add(worse ? "worse" : "as outside");
                }
                assertThat(check(one, other, Optional.of(true), false)
                                .figures()
                                .get("source")
                                .text(UnitSystem.METRIC))
                        .isEqualTo(p.source().text());
            }
        }
        assertThat(seen).contains("stop", "as outside");
    }

    private static String where(String word, String said) {
        assertThat(said).contains(word);
        return said;
    }

    /** The first of the usual four that suits a fluid by the table, for every fluid. */
    @Test
    void testTheSealOfAFluidSuitsIt() {
        Compatibility table = Compatibility.load();
        for (Fluid f : Samples.DATA.get(FluidTable.KEY).all()) {
            Optional<String> first = List.of("NBR", "FKM", "EPDM", "HNBR").stream()
                    .filter(m -> table.all().stream()
                            .anyMatch(r -> r.fluid().equals(f.id())
                                    && r.material().equals(m)
                                    && r.verdict() == Compatibility.Verdict.SUITS))
                    .findFirst();
            assertEquals(first, table.sealFor(f.id()), f.id());
        }
        assertEquals(Optional.of("NBR"), table.sealFor("mineral-oil"));
        assertEquals(Optional.empty(), table.sealFor("nobody's"));
        assertEquals(Optional.empty(), table.of("mineral-oil", "chalk"));
        assertThat(table.all()).isNotEmpty().doesNotHaveDuplicates();
    }
}
