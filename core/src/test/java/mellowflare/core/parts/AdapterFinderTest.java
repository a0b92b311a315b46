package mellowflare.core.parts;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Together;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class AdapterFinderTest {
    private final AdapterFinder finder = new AdapterFinder(DATA);

    private static End end(EndCode code, String size, Gender gender) {
        return DATA.get(EndTable.KEY).find(id(code, size, gender)).orElseThrow();
    }

    private static AdapterAsk ask(End from, End to) {
        return AdapterAsk.of(from, to);
    }

    private static final End BOSS = end(EndCode.ORB, "-8", Gender.FEMALE);
    private static final End FLARE_NUT = end(EndCode.JIC37, "-8", Gender.FEMALE);

    @Test
    void testOnePieceJoinsBossAndFlareNut() {
        List<AdapterChain> chains = finder.find(ask(BOSS, FLARE_NUT));
        AdapterChain best = chains.get(0);
        assertThat(best.links()).extracting(l -> l.part().part()).containsExactly("KA-JM8-OM8");
        assertThat(best.links().get(0).turned())
                .as("its boss side goes in first")
                .isTrue();
        assertThat(best.joints()).isEqualTo(2);
        assertThat(best.tapers()).isZero();
        assertThat(chains).isSortedAccordingTo(AdapterChain.SENSIBLE);
    }

    @Test
    void testMatesNeedNone() {
        AdapterCase c = AdapterCase.of(ask(end(EndCode.JIC37, "-8", Gender.MALE), FLARE_NUT), DATA);
        assertThat(c.direct()).isTrue();
        assertThat(c.chains()).isEmpty();
        assertThat(said(c)).anySatisfy(s -> assertThat(s).contains("without an adapter"));
        // A taper male belongs in the parallel port made for it.
        assertThat(finder.direct(ask(end(EndCode.RP, "1/2", Gender.FEMALE), end(EndCode.BSPT, "1/2", Gender.MALE))))
                .isTrue();
    }

    /** Every chain really goes from the one end to the other, joint by joint. */
    @Test
    void testEveryJointOfEveryChainIsOfMates() {
        List<End> ends = List.of(
                BOSS,
                FLARE_NUT,
                end(EndCode.NPT, "1/2", Gender.FEMALE),
                end(EndCode.BSPP, "1/2", Gender.FEMALE),
                end(EndCode.ORFS, "-8", Gender.FEMALE),
                end(EndCode.DIN24L, "L12", Gender.FEMALE),
                end(EndCode.NPT, "1/4", Gender.MALE),
                end(EndCode.RP, "1/2", Gender.FEMALE));
        EndTable table = DATA.get(EndTable.KEY);
        int found = 0;
        for (End from : ends) {
            for (End to : ends) {
                for (AdapterChain chain : finder.find(ask(from, to))) {
                    found++;
                    assertThat(chain.links()).hasSizeBetween(1, AdapterFinder.MOST);
                    EndId open = from.id();
                    for (AdapterChain.Link link : chain.links()) {
                        EndId in = link.turned() ? link.part().b() : link.part().a();
                        assertThat(mates(table, open, in))
                                .as(from.brief() + " to " + to.brief() + ": " + chain)
                                .isTrue();
                        open = link.turned() ? link.part().a() : link.part().b();
                    }
                    assertThat(mates(table, open, to.id())).as(chain.toString()).isTrue();
                }
            }
        }
        assertThat(found).isGreaterThan(60);
    }

    private static boolean mates(EndTable table, EndId one, EndId other) {
        return Together.of(table.find(one).orElseThrow(), table.find(other).orElseThrow())
                .isPresent();
    }

    @Test
    void testShelfPressureBoreAndTurnNarrowTheChoice() {
        AdapterAsk plain = ask(BOSS, FLARE_NUT);
        assertThat(finder.find(plain.fromShelf())).allMatch(AdapterChain::onShelf);
        assertThat(finder.find(plain.bearing(GaugePressure.ofBar(300))))
                .isNotEmpty()
                .allMatch(c -> c.weakest().bar() >= 300);
        assertThat(finder.find(plain.bearing(GaugePressure.ofBar(3000)))).isEmpty();
        AdapterChain elbow = finder.find(plain.turning(Angle.ofDegrees(90))).get(0);
        assertThat(elbow.links())
                .singleElement()
                .satisfies(l -> assertThat(l.part().part()).endsWith("-90"));
        assertThat(finder.find(plain))
                .allMatch(c -> c.links().stream().allMatch(l -> l.part().straight()));
    }

    private static List<String> said(AdapterCase c) {
        return c.findings().stream().map(f -> f.says(UnitSystem.METRIC)).toList();
    }

    private static List<String> failed(AdapterCase c) {
        return c.findings().stream()
                .filter(f -> f.state() == State.FAIL)
                .map((Finding f) -> f.says(UnitSystem.METRIC) + " " + f.because(UnitSystem.METRIC))
                .toList();
    }

    @Test
    void testMixedConesAreRefusedInWordsAndStillJoinedRightly() {
        End flare37 = end(EndCode.JIC37, "-8", Gender.MALE);
        End nut45 = end(EndCode.SAE45, "1/2", Gender.FEMALE);
        AdapterCase c = AdapterCase.of(ask(flare37, nut45), DATA);
        assertThat(c.direct()).isFalse();
        assertThat(failed(c))
                .anySatisfy(s -> assertThat(s)
                        .contains(
                                "Never join JIC37 -8 male and SAE45 1/2 female directly, although they go together by hand: It screws together all the way and seals nowhere.")
                        .contains("seals nowhere"));
    }

    @Test
    void testTwoTapersInARowAreWarnedOf() {
        AdapterCase c = AdapterCase.of(
                ask(end(EndCode.NPT, "1/2", Gender.FEMALE), end(EndCode.NPT, "1/2", Gender.FEMALE)), DATA);
        assertThat(c.chains().get(0).tapers()).isEqualTo(2);
        assertThat(failed(c)).anySatisfy(s -> assertThat(s).contains("2 taper joints"));
    }

    @Test
    void testGetHomeIsNamedAsWhatItIs() {
        Finding note = AdapterCase.of(ask(BOSS, FLARE_NUT), DATA).findings().stream()
                .filter(f -> f.rule().id().equals("adapters.get-home"))
                .findFirst()
                .orElseThrow();
        assertThat(note.says(UnitSystem.METRIC)).contains("JIC37 -8 male").contains("for a while");
        assertThat(note.remedy(UnitSystem.METRIC)).contains("Not good practice");
    }

    @Test
    void testWhereTheChainBreaksOffIsSaid() {
        AdapterCase c = AdapterCase.of(ask(end(EndCode.CODE61, "-16", Gender.FEMALE), FLARE_NUT), DATA);
        assertThat(c.chains()).isEmpty();
        assertThat(failed(c)).anySatisfy(s -> assertThat(s).contains("no matching adapter fits CODE61 -16"));
        AdapterCase weak = AdapterCase.of(ask(BOSS, FLARE_NUT).bearing(GaugePressure.ofBar(999)), DATA);
        assertThat(failed(weak)).anySatisfy(s -> assertThat(s).contains("cannot be joined with up to 3 adapters"));
    }

    @Test
    void testTheSameFlareUnderItsOtherNameNeedsNoAdapter() {
        AdapterCase c = AdapterCase.of(
                ask(end(EndCode.AN37, "-6", Gender.MALE), end(EndCode.JIC37, "-6", Gender.FEMALE)), DATA);
        assertThat(c.direct()).isTrue();
        assertThat(failed(c)).anySatisfy(s -> assertThat(s).contains("have the same thread and the same seat"));
        AdapterChain toBoss = finder.find(
                        ask(end(EndCode.ORB, "-8", Gender.FEMALE), end(EndCode.AN37, "-6", Gender.FEMALE)))
                .get(0);
        assertThat(toBoss.links()).hasSize(1);
    }

    @Test
    void testAPipeSwivelOnATaperMaleGoesOnlyWithItsChamfer() {
        AdapterCase c = AdapterCase.of(
                ask(end(EndCode.NPT, "1/2", Gender.MALE), end(EndCode.NPSM, "1/2", Gender.FEMALE)), DATA);
        assertThat(c.direct()).isTrue();
        assertThat(failed(c))
                .anySatisfy(
                        s -> assertThat(s)
                                .startsWith(
                                        "NPSM 1/2 female seals on NPT 1/2 male only where the nipple has a 60 degree chamfer inside its mouth."));
    }

    @Test
    void testCatalogueHoldsWholePieces() {
        for (AdapterPart part : DATA.get(AdapterTable.KEY).all()) {
            assertThat(part.rating().bar()).as(part.part()).isPositive();
            assertThat(part.bore().mm()).as(part.part()).isPositive();
            assertThat(part.onShelf()).as(part.part()).isNotNegative();
            assertThat(part.a().equals(part.b())
                            || !part.a().mate().equals(part.b())
                            || part.angle().degrees() > 0)
                    .as("a straight piece from an end to its own mate joins nothing: " + part.part())
                    .isTrue();
        }
    }

    @Test
    void testAnyOfSeveralHoseEndsIsReachedByItsBestChain() {
        End face = end(EndCode.ORFS, "-8", Gender.MALE);
        End npt = end(EndCode.NPT, "1/2", Gender.MALE);
        End garden = end(EndCode.GHT, "3/4", Gender.FEMALE);
        List<AdapterFinder.ToEnd> found = finder.toAny(ask(face, face), List.of(npt, garden, FLARE_NUT));
        assertThat(found).extracting(f -> f.end().brief()).contains("JIC37 -8");
        assertThat(found.get(0).end()).as("fewest joints first").isEqualTo(FLARE_NUT);
        assertThat(found).extracting(AdapterFinder.ToEnd::chain).isSortedAccordingTo(AdapterChain.SENSIBLE);
        assertThat(found).allMatch(f -> f.chain().links().size() <= AdapterFinder.MOST - 1);
    }

    @Test
    void testTenThousandAdaptersAreSearchedInAMoment() {
        List<AdapterPart> many =
                new java.util.ArrayList<>(Samples.DATA.get(AdapterTable.KEY).all());
        int house = many.size();
        for (int i = 0; i < 10_000; i++) {
            AdapterPart like = many.get(i % house);
            many.add(new AdapterPart(
                    "X" + i,
                    like.name(),
                    like.a(),
                    like.b(),
                    like.angle(),
                    like.rating(),
                    like.bore(),
                    like.metal(),
                    like.length(),
                    1,
                    like.price() + 1 + i,
                    like.source()));
        }
        var data = Samples.DATA.with(AdapterTable.KEY, AdapterTable.of(many));
        EndTable ends = data.get(EndTable.KEY);
        AdapterAsk ask = AdapterAsk.of(
                ends.find(Samples.id(EndCode.ORB, "-8", Gender.FEMALE)).orElseThrow(),
                ends.find(Samples.id(EndCode.BSPP, "1/2", Gender.FEMALE)).orElseThrow());
        long start = System.nanoTime();
        List<AdapterChain> chains = new AdapterFinder(data).find(ask);
        assertThat((System.nanoTime() - start) / 1e9).as("seconds").isLessThan(5);
        assertThat(chains).isNotEmpty();
        assertThat(chains.get(0).links().get(0).part().part())
                .as("the cheaper of two that do the same")
                .startsWith("KA-");
    }

    @Test
    void testGetHomeIsNamedForABossAndAFlareOnly() {
        EndTable ends = Samples.DATA.get(EndTable.KEY);
        var boss = ends.find(Samples.id(EndCode.ORB, "-8", Gender.FEMALE)).orElseThrow();
        var nut = ends.find(Samples.id(EndCode.JIC37, "-8", Gender.FEMALE)).orElseThrow();
        var pipe = ends.find(Samples.id(EndCode.NPT, "1/2", Gender.FEMALE)).orElseThrow();
        assertThat(AdapterCase.getHome(AdapterAsk.of(boss, nut), Samples.DATA)).isPresent();
        assertThat(AdapterCase.getHome(AdapterAsk.of(pipe, nut), Samples.DATA)).isEmpty();
    }
}
