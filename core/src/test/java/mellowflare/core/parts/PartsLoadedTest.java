package mellowflare.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mellowflare.core.Samples;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Together;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** The catalogue loaded anew, so that what loads it is looked at too, against plain filters over its rows. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PartsLoadedTest {
    private final EndTable table = Samples.DATA.get(EndTable.KEY);
    private final Catalogue catalogue = Catalogue.load(table);
    private final List<AdapterPart> adapters =
            Samples.DATA.get(AdapterTable.KEY).all();

    @Test
    void testWhatIsLoadedIsWhatTheProgramRunsOn() {
        Catalogue shipped = Samples.DATA.get(Catalogue.KEY);
        assertEquals(shipped.hoses(), catalogue.hoses());
        assertEquals(shipped.hoseEnds(), catalogue.hoseEnds());
        assertEquals(shipped.ferrules(), catalogue.ferrules());
        assertEquals(shipped.seals(), catalogue.seals());
        for (HosePart h : catalogue.hoses()) {
            assertEquals(Optional.of(h), catalogue.hose(h.part()));
            assertThat(catalogue.hoses(h.kind())).contains(h);
        }
        catalogue.hoseEnds().forEach(e -> assertEquals(Optional.of(e), catalogue.hoseEnd(e.part())));
        catalogue.ferrules().forEach(f -> assertEquals(Optional.of(f), catalogue.ferrule(f.part())));
        for (SealPart s : catalogue.seals()) {
            assertThat(catalogue.seals(s.code(), s.size()))
                    .contains(s)
                    .allMatch(o -> o.code() == s.code() && o.size().equals(s.size()));
        }
    }

    /** Every end of the catalogue whose own end goes on the port with its seat, and no other; those of the hose's series and size where it is said. */
    @Test
    void testEndsForAPortAreThoseThatGoOnIt() {
        int offered = 0;
        for (End port : table.all()) {
            Set<String> wanted = catalogue.hoseEnds().stream()
                    .filter(part -> table.goOn(port).stream()
                            .anyMatch(e -> e.id().equals(part.end())
                                    && Together.of(port, e)
                                            .filter(t -> t.seats().contains(part.seat()))
                                            .isPresent()))
                    .map(HoseEndPart::part)
                    .collect(Collectors.toSet());
            List<HoseEndPart> all = catalogue.endsFor(port, Optional.empty(), table);
            assertEquals(
                    wanted,
                    all.stream().map(HoseEndPart::part).collect(Collectors.toSet()),
                    port.id().toString());
            assertThat(all)
                    .isSortedAccordingTo(
                            Comparator.comparing((HoseEndPart e) -> !e.end().equals(port.mateId()))
                                    .thenComparing(e -> !e.swivel())
                                    .thenComparing(e -> e.angle().degrees())
                                    .thenComparing(e -> e.attach().orElse(Attach.CRIMPED)));
            offered += all.size();
        }
        assertThat(offered).isPositive();
        End flare = table.find(Samples.id(EndCode.JIC37, "-8", Gender.MALE)).orElseThrow();
        for (HosePart h : catalogue.hoses()) {
            Set<HoseEndPart> own = new HashSet<>(catalogue.endsFor(flare, Optional.of(h), table));
            Set<HoseEndPart> wanted = catalogue.endsFor(flare, Optional.empty(), table).stream()
                    .filter(e -> e.hoseDash().equals(Optional.of(h.dash()))
                            && e.series().equals(Optional.of(h.series())))
                    .collect(Collectors.toSet());
            assertEquals(wanted, own, h.part());
        }
    }

    private AdapterChain chain(AdapterPart... parts) {
        List<AdapterChain.Link> links = List.of(parts).stream()
                .map(p -> new AdapterChain.Link(p, false))
                .toList();
        End one = table.find(parts[0].a()).orElseThrow();
        End mate = table.find(parts[0].a().mate()).orElseThrow();
        return new AdapterChain(
                links,
                IntStream.rangeClosed(0, links.size())
                        .mapToObj(i -> new AdapterChain.Meeting(one, mate))
                        .toList());
    }

    private List<AdapterPart> mating() {
        return adapters.stream()
                .filter(a -> table.find(a.a().mate()).isPresent()
                        && Together.of(
                                        table.find(a.a()).orElseThrow(),
                                        table.find(a.a().mate()).orElseThrow())
                                .isPresent())
                .limit(40)
                .toList();
    }

    @Test
    void testAChainIsAsWeakNarrowAndDearAsItsPartsAreTogether() {
        List<AdapterPart> parts = mating();
        assertThat(parts).hasSizeGreaterThan(10);
        for (int i = 0; i + 1 < parts.size(); i++) {
            AdapterPart a = parts.get(i);
            AdapterPart b = parts.get(i + 1);
            AdapterChain both = chain(a, b);
            assertEquals(3, both.joints());
            assertEquals(
                    Math.min(a.rating().bar(), b.rating().bar()), both.weakest().bar());
            assertEquals(
                    Math.min(a.bore().mm(), b.bore().mm()), both.narrowest().mm());
            assertEquals(a.price() + b.price(), both.price(), 1e-12);
            assertEquals(a.onShelf() > 0 && b.onShelf() > 0, both.onShelf());
            assertEquals(a.onShelf() > 0, chain(a).onShelf());
            assertThat(AdapterChain.SENSIBLE.compare(chain(a), both)).isNegative();
            int byWorth = AdapterChain.SENSIBLE.compare(chain(a), chain(b));
            if (condition(a) != condition(b)) {
                assertThat(byWorth < 0).isEqualTo(!condition(a));
            } else if (a.rating().bar() != b.rating().bar()) {
                assertThat(byWorth < 0).isEqualTo(a.rating().bar() > b.rating().bar());
            } else if (a.price() != b.price()) {
                assertThat(byWorth < 0).isEqualTo(a.price() < b.price());
            } else {
                assertThat(byWorth < 0).isEqualTo(a.part().compareTo(b.part()) < 0);
            }
        }
    }

    private boolean condition(AdapterPart a) {
        return Together.of(
                                table.find(a.a()).orElseThrow(),
                                table.find(a.a().mate()).orElseThrow())
                        .orElseThrow()
                        .how()
                == Together.How.ON_CONDITION;
    }

    /** As strong and as wide as asked is enough; a hair more is not. */
    @Test
    void testAPartIsAdmittedUpToItsFigures() {
        End any = table.all().get(0);
        AdapterAsk plain = AdapterAsk.of(any, any);
        for (AdapterPart a : adapters) {
            assertEquals(a.straight(), plain.admits(a), a.part());
            AdapterAsk turned = plain.turning(a.angle());
            assertThat(turned.admits(a)).isTrue();
            assertEquals(
                    a.straight(),
                    plain.turning(Angle.ofDegrees(a.angle().degrees() + 1)).admits(a));
            assertThat(turned.bearing(a.rating()).admits(a)).isTrue();
            assertThat(turned.bearing(GaugePressure.ofBar(a.rating().bar() + 1e-6))
                            .admits(a))
                    .isFalse();
            assertEquals(a.onShelf() > 0, turned.fromShelf().admits(a));
            assertThat(wide(turned, a.bore()).admits(a)).isTrue();
            assertThat(wide(turned, Length.ofMm(a.bore().mm() + 1e-6)).admits(a))
                    .isFalse();
        }
    }

    private static AdapterAsk wide(AdapterAsk ask, Length bore) {
        return new AdapterAsk(ask.from(), ask.to(), ask.shelfOnly(), ask.angle(), ask.working(), Optional.of(bore));
    }
}
