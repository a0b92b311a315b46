package mellowflare.core.tube.flare;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSizes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Flares of every kind, well made and badly, as they were when they were last looked through; what they are put down to, what three scraps say of a tool, and the tables of stick-out. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FlaresStandTest {
    /** Loaded anew for each test: what loads it is looked at too. */
    private final ReferenceData data = ShippedData.load();

    private final EndKinds kinds = data.get(EndKinds.KEY);
    private final FlareTools tools = data.get(FlareTools.KEY);
    private final FlareBands bands = data.get(FlareBands.KEY);
    private final TubeSizes sizes = data.get(TubeSizes.KEY);

    private static String mm(Length l) {
        return Stands.figure(l.mm());
    }

    private static String said(FlareMade m) {
        return "across " + mm(m.diameter()) + " cone " + mm(m.onCone()) + " lip " + mm(m.lipWallLow()) + "-"
                + mm(m.lipWallHigh()) + " strain " + Stands.figure(m.rimStrain()) + " of "
                + Stands.figure(m.strainLimit()) + " used " + Stands.figure(m.strainUsed()) + " risk "
                + Stands.figure(m.crackRisk()) + " lopsided " + mm(m.lopSided()) + " step " + mm(m.rimStep())
                + " angle " + Stands.figure(m.angle().degrees()) + " shortens " + mm(m.shortens()) + " "
                + new TreeSet<>(m.faults()) + (m.good() ? " good" : "");
    }

    private static List<FlareSetting> settings(Length stick) {
        FlareSetting good = FlareSetting.good(stick);
        return List.of(
                good,
                good.withStickOut(stick.times(0.5)),
                good.withStickOut(stick.times(1.8)),
                good.withOffCentre(Length.ofMm(0.3)),
                good.withCrooked(Length.ofMm(0.4)),
                good.withClosing(0.8),
                good.withClosing(1.3),
                good.withShift(Length.ofMm(0.4)),
                good.withWear(0.7),
                good.withSlips(true),
                good.withReamed(false),
                good.withOiled(false),
                good.withConeError(Angle.ofDegrees(3)));
    }

    private Optional<FlareBand> band(EndTraits kind, Tube t) {
        return bands.of(kind, t.outside(), Optional.of("r410a"), Optional.empty(), Optional.empty());
    }

    @Test
    void testFlaresStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (String id : List.of("ACR-1/4", "ACR-1/2", "A269-3/8x0.035", "J527-3/16", "AL5052-3/8x0.035")) {
            if (sizes.find(id).isEmpty()) {
                continue;
            }
            Tube t = sizes.find(id).get().tube();
            for (TubeEndKind kind : TubeEndKind.values()) {
                for (FlareTool tool : tools.making(kind, t.outside())) {
                    FlareBench b = FlareBench.of(t, kinds.of(kind), tool);
                    Optional<FlareBand> band = band(kinds.of(kind), t);
                    Length stick = band.flatMap(x -> b.stickOutFor(
                                    Length.ofMm((x.low().mm() + x.high().mm()) / 2)))
                            .orElse(Length.ofMm(1));
                    lines.add(id + " " + kind + " " + tool.id() + " stick-out " + mm(stick));
                    for (FlareSetting s : settings(stick)) {
                        FlareMade m = b.make(
                                s, band, Optional.of(Length.ofMm(t.outside().mm() * 1.6)));
                        lines.add(said(m));
                        lines.add("hard " + said(b.withHardness(0.6).make(s)));
                        lines.addAll(Stands.findings(FlareFindings.of(m, band)));
                    }
                }
            }
        }
        Stands.as(getClass(), "flares.txt", lines);
    }

    @Test
    void testCausesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        FlareCauses causes = data.get(FlareCauses.KEY);
        Tube t = sizes.find("ACR-3/8").orElseThrow().tube();
        EndTraits kind = kinds.of(TubeEndKind.REFRIGERATION45);
        FlareBench b = FlareBench.of(
                t, kind, tools.making(TubeEndKind.REFRIGERATION45, t.outside()).get(0));
        FlareSetting meant = FlareSetting.good(Length.ofMm(1));
        for (FlareFault f : FlareFault.values()) {
            lines.add(f + ": "
                    + ranked(causes.rank(b, meant, band(kind, t), Optional.empty(), Set.of(f), Optional.empty())));
        }
        for (double across : new double[] {10.5, 11.8, 13, 14.2}) {
            lines.add(across + ": "
                    + ranked(causes.rank(
                            b, meant, band(kind, t), Optional.empty(), Set.of(), Optional.of(Length.ofMm(across)))));
        }
        Stands.as(getClass(), "causes.txt", lines);
    }

    private static String ranked(List<FlareCauses.Suspect> suspects) {
        return suspects.stream()
                .limit(6)
                .map(s -> s.cause().id() + " " + Stands.figure(s.share()) + " "
                        + mm(s.gives().diameter()))
                .collect(Collectors.joining("; "));
    }

    @Test
    void testScrapsAndTablesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        Tube t = sizes.find("ACR-3/8").orElseThrow().tube();
        EndTraits kind = kinds.of(TubeEndKind.REFRIGERATION45);
        FlareTool tool = tools.making(TubeEndKind.REFRIGERATION45, t.outside()).get(0);
        double[][] scraps = {
            {0.8, 11.9, 1.0, 12.2, 1.2, 12.5},
            {0.8, 11.9, 1.0, 12.6, 1.2, 12.3},
            {1.0, 12.2, 1.0, 12.25, 1.0, 12.18},
            {0.5, 13.5, 1.5, 11.5, 1.0, 12.9}
        };
        for (double[] s : scraps) {
            List<FlareCalibration.Scrap> made = new ArrayList<>();
            for (int i = 0; i < s.length; i += 2) {
                made.add(new FlareCalibration.Scrap(Length.ofMm(s[i]), Length.ofMm(s[i + 1])));
            }
            FlareCalibration c = FlareCalibration.of(t, kind, made);
            lines.add("sink " + mm(c.sink()) + " spread " + mm(c.spread()) + " of " + c.flares() + " sound " + c.sound()
                    + " agrees " + c.agrees() + " either side " + mm(FlareCalibration.eitherSide(c.spread(), kind)));
            lines.addAll(Stands.findings(List.of(FlareFindings.of(c))));
            if (c.sound()) {
                FlareTool kept = c.of(tool, Source.house("test"));
                lines.add("kept " + kept.id() + " " + kept.name());
            }
        }
        for (TubeEndKind k : List.of(TubeEndKind.REFRIGERATION45, TubeEndKind.SINGLE37)) {
            StickOutTable table = StickOutTable.of(
                    k,
                    Optional.empty(),
                    sizes.all().stream().map(x -> x.tube()).limit(12).toList(),
                    data);
            lines.add(table.columns().stream().map(StickOutTable.Column::id).collect(Collectors.joining(" ")));
            table.rows()
                    .forEach(r -> lines.add(mm(r.outside()) + " "
                            + r.stickOut().stream()
                                    .map(l -> l.map(FlaresStandTest::mm).orElse("-"))
                                    .collect(Collectors.joining(" "))));
        }
        Stands.as(getClass(), "scraps.txt", lines);
    }
}
