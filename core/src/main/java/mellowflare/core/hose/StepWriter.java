package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.SchoolTopic;
import mellowflare.core.advice.Schools;
import mellowflare.core.advice.Subject;
import mellowflare.core.advice.Wording;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.fluid.Work;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.Attachments;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Collar;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.Tool;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.sealing.LubricantPlace;
import mellowflare.core.sealing.Lubricants;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;

/** Fills the order of work for one line. What is not known yet reads as “…” so that the order can be seen early. */
final class StepWriter {
    /** All words that a hose line and its ends can say of themselves. */
    static final StepWords WORDS = StepWords.of(
                    "made", "whole", "braid", "plain", "wheel", "shears", "hacksaw", "knife", "meet", "gap", "once",
                    "twice")
            .and("fluid-unsaid", "panel-first", "any-crimped", "two-elbows", "fixing-unsaid", "second-elbow", "at-once")
            .and("last-fit", "adapted", "boss-elbow", "cone", "thread", "ring", "barb")
            .each("fluid-", FluidGroup.values())
            .each("hazard-", Hazard.values())
            .each("work-", Work.values())
            .each("side-", Which.values())
            .each("", Attach.values());

    private static final String OPEN = "…";
    /** Nobody has said how an end is fixed: what follows cannot be known. */
    private static final String FIXING = "fixing";

    /** Proof pressure is twice the working pressure (SAE J343). */
    private static final double PROOF = 2;

    private final HoseCase c;
    private final Map<Which, SealAdvice> seals;
    private final List<Tool> missing;

    StepWriter(HoseCase c, Map<Which, SealAdvice> seals) {
        this.c = c;
        this.seals = seals;
        this.missing = c.data().get(ToolTable.KEY).all().stream()
                .filter(t -> c.here().has(t).filter(has -> !has).isPresent())
                .toList();
    }

    List<Step> write() {
        List<Step> steps = new ArrayList<>();
        Map<Optional<Side>, Map<String, Figure>> figures = new HashMap<>();
        for (StepTable.Placed<Side> p : placed()) {
            steps.add(step(p.row(), p.side(), figures.computeIfAbsent(p.side(), this::figures)));
            if (p.row().id().equals(FIXING)) {
                break;
            }
        }
        return steps;
    }

    /** The entries of all steps' tool lists, places in braces not yet filled: much less work than the steps. */
    Set<String> toolWords() {
        return placed().stream().flatMap(p -> p.row().tools().stream()).collect(Collectors.toSet());
    }

    private List<StepTable.Placed<Side>> placed() {
        return c.data().get(HosePlan.STEPS).placed(lineWords(), this::order, this::sideWords);
    }

    /** Ends are made up A first; they are fitted fixed thread first, so that only a swivel is tightened with the hose held. */
    private List<Side> order(List<StepTable.Row> block) {
        return block.stream().anyMatch(r -> r.id().equals("fit")) ? fitted() : c.sides();
    }

    private List<Side> fitted() {
        boolean bFixed = c.b().part().isPresent() && !c.b().turns();
        return bFixed ? List.of(c.b(), c.a()) : c.sides();
    }

    private Set<String> lineWords() {
        Set<String> words = new HashSet<>();
        Schools schools = c.data().get(Schools.KEY);
        words.add(c.whole() ? "whole" : "made");
        words.add(c.traits().map(t -> t.braid()).orElse(true) ? "braid" : "plain");
        Cutting.way(c).ifPresent(words::add);
        for (SchoolTopic topic : List.of(SchoolTopic.BRAID_CLOSING, SchoolTopic.BARRIER_PRESS)) {
            words.add(schools.chosen(topic, c.practice()).id());
        }
        words.add("fluid-"
                + c.fluid().map(f -> f.group().name().toLowerCase(Locale.ROOT)).orElse("unsaid"));
        words.add("work-" + c.service().work().orElse(Work.REPLACEMENT).name().toLowerCase(Locale.ROOT));
        c.fluid().stream()
                .flatMap(f -> f.hazards().stream())
                .forEach(h ->
                        words.add("hazard-" + h.name().toLowerCase(Locale.ROOT).replace('_', '-')));
        if (PanelOrder.hoseFirst(c)) {
            words.add("panel-first");
        }
        if (c.sides().stream().anyMatch(s -> attach(s).filter(Attach::pressed).isPresent())) {
            words.add("any-crimped");
        }
        if (c.twoElbows()) {
            words.add("two-elbows");
        }
        return words;
    }

    private static Optional<Attach> attach(Side side) {
        return side.part().flatMap(HoseEndPart::attach);
    }

    private Set<String> sideWords(Side side) {
        Set<String> words = new HashSet<>();
        words.add("side-" + side.which().name().toLowerCase(Locale.ROOT));
        attach(side)
                .ifPresent(how -> words.add(how.name().toLowerCase(Locale.ROOT).replace('_', '-')));
        if (side.part().isPresent() && attach(side).isEmpty()) {
            words.add("fixing-unsaid");
        }
        words.add(side.which() == Which.B && c.twoElbows() ? "second-elbow" : "at-once");
        if (side.equals(fitted().get(1))) {
            words.add("last-fit");
        }
        if (!side.adapters().isEmpty()) {
            words.add("adapted");
        }
        if (side.adapters().stream().anyMatch(StepWriter::bossElbow)) {
            words.add("boss-elbow");
        }
        side.seat()
                .ifPresent(seat -> words.add(
                        switch (seat.sealPlace()) {
                            case CONE, SLEEVE -> "cone";
                            case THREAD_FLANKS -> "thread";
                            case RING_IN_HOUSING, RING_IN_FACE, WASHER, RING_ON_PILOT, RING_AROUND_TUBE -> "ring";
                            case BARBS -> "barb";
                        }));
        return words;
    }

    private Step step(StepTable.Row row, Optional<Side> side, Map<String, Figure> figures) {
        List<String> tools =
                new ArrayList<>(row.tools().stream().map(t -> fill(t, figures)).toList());
        StringBuilder planB = new StringBuilder();
        for (Tool tool : missing) {
            if (tools.stream().anyMatch(tool::askedBy)) {
                Tool.PlanB without = tool.without(c.fluid());
                planB.append(" Without ").append(tool.name()).append(": ").append(without.instead());
                if (!without.needs().isEmpty()) {
                    tools.add(without.needs());
                }
            }
        }
        return new Step(
                row.id() + side.map(s -> "@" + s.which()).orElse(""),
                side.map(s -> row.id().equals("fit")
                                ? s.which().joint()
                                : s.which().hoseEnd())
                        .orElse(Subject.LINE),
                side.map(s -> row.title() + ", end " + s.which()).orElse(row.title()),
                row.text() + planB,
                figures,
                tools,
                row.hold().isEmpty() ? Optional.empty() : Optional.of(row.hold()),
                row.cutFigure() ? Step.Gate.CUT_FIGURE : Step.Gate.NONE,
                row.caution().isEmpty() ? List.of() : List.of(fill(row.caution(), figures)),
                record(row, side),
                side.flatMap(s -> Optional.ofNullable(seals.get(s.which())))
                        .filter(s -> row.id().equals("fit"))
                        .map(SealAdvice::source)
                        .orElse(row.source()));
    }

    private String fill(String template, Map<String, Figure> figures) {
        return Wording.fill(template, figures, c.units());
    }

    private Map<String, Figure> figures(Optional<Side> side) {
        Map<String, Figure> f = new TreeMap<>();
        Optional<CutLength> cut = c.cut().filter(CutLength::possible);
        f.put(
                "cut",
                Figure.of(cut.map(x -> LengthFormat.both(x.shop(c.units()), c.units()))
                        .orElse(OPEN)));
        f.put("overall", shop(c.finished().map(x -> x.value())));
        f.put("hoseOverall", shop(cut.map(CutLength::hoseOverall)));
        f.put("taken", shop(c.whole() ? HosePlan.wholeLength(c) : Optional.empty()));
        f.put("collars", Figure.of(collars()));
        f.put("butts", Figure.of(butts()));
        f.put("tolerance", figure(cut.map(CutLength::tolerance)));
        f.put("hose", Figure.of(c.hose().map(h -> h.part()).orElse(OPEN)));
        f.put("partA", Figure.of(c.a().part().map(HoseEndPart::part).orElse(OPEN)));
        f.put("partB", Figure.of(c.b().part().map(HoseEndPart::part).orElse(OPEN)));
        f.put("fluid", Figure.of(c.fluid().map(x -> x.name()).orElse("the fluid that will run in it")));
        f.put(
                "fluidCaution",
                Figure.of(c.fluid().map(x -> x.caution()).orElse("Never feel for a pressurised leak by hand.")));
        f.put("proof", proof().map(Figure::of).orElse(Figure.of(OPEN)));
        f.put("clock", c.clockAngle().map(Figure::of).orElse(Figure.of(OPEN)));
        f.put("easing", Figure.of(eased(LubricantPlace.HOSE_END)));
        side.ifPresent(s -> sideFigures(f, s));
        return f;
    }

    private void sideFigures(Map<String, Figure> f, Side s) {
        Optional<HoseEndPart> part = s.part();
        Optional<SealAdvice> seal = Optional.ofNullable(seals.get(s.which()));
        f.put("which", Figure.of(s.which().name()));
        f.put(
                "port",
                Figure.of(s.place()
                        + s.port().map(End::brief).map(b -> " (" + b + ")").orElse("")));
        f.put(
                "onto",
                Figure.of(
                        s.adapters().isEmpty()
                                ? s.place()
                                        + s.port()
                                                .map(End::brief)
                                                .map(b -> " (" + b + ")")
                                                .orElse("")
                                : s.adapters()
                                        .get(s.adapters().size() - 1)
                                        .part()
                                        .part()));
        f.put(
                "adapters",
                Figure.of(s.adapters().stream().map(x -> x.part().part()).collect(Collectors.joining(", then "))));
        f.put("adapterSeals", Figure.of(adapterSeals(s)));
        f.put("collar", Figure.of(part.flatMap(HoseEndPart::collar).orElse(OPEN)));
        f.put(
                "die",
                Figure.of(part.flatMap(HoseEndPart::collar)
                        .flatMap(c.data().get(Catalogue.KEY)::collar)
                        .map(Collar::die)
                        .filter(d -> !d.isEmpty())
                        .orElse(OPEN)));
        f.put(
                "inspect",
                Figure.of(part.flatMap(HoseEndPart::attach)
                        .map(a -> c.data().get(Attachments.KEY).of(a).inspect())
                        .orElse(OPEN)));
        f.put("barbEasing", Figure.of(eased(LubricantPlace.BARB)));
        f.put("sealEasing", Figure.of(seal.map(SealAdvice::lubricant).orElse(OPEN)));
        f.put("insertion", figure(part.flatMap(HoseEndPart::insertion)));
        f.put("gap", figure(part.flatMap(HoseEndPart::gap)));
        f.put("crimp", figure(crimp(s)));
        f.put("hexes", Figure.of(part.map(p -> String.join(" and ", p.hexes())).orElse(OPEN)));
        f.put("sealsOn", Figure.of(seal.map(x -> x.sealsOn().words()).orElse(OPEN)));
        f.put("putOn", Figure.of(seal.map(x -> String.join(" and ", x.putOn())).orElse(OPEN)));
        f.put(
                "tighten",
                Figure.of(seal.map(SealAdvice::tighten).map(StepWriter::capital).orElse(OPEN)));
    }

    /** Where the hose butts in its ends: said once when both are alike. */
    private String butts() {
        String all = c.sides().stream()
                .flatMap(s -> s.part().flatMap(HoseEndPart::attach).stream())
                .map(a -> c.data().get(Attachments.KEY).of(a).butts())
                .distinct()
                .collect(Collectors.joining(", at the other end "));
        return all.isEmpty() ? OPEN : all;
    }

    private String collars() {
        String all = c.sides().stream()
                .flatMap(s -> s.part().flatMap(HoseEndPart::collar).stream())
                .distinct()
                .collect(Collectors.joining(" and "));
        return all.isEmpty() ? "" : ", " + all;
    }

    /** An elbow that is pointed before its jam nut is tightened: nothing else may tighten it. */
    private static boolean bossElbow(Fitted f) {
        return !f.part().straight() && f.seat().filter(Seat.PORT_ORING::equals).isPresent();
    }

    private String adapterSeals(Side s) {
        return s.adapters().stream().map(this::adapterSeal).collect(Collectors.joining(" "));
    }

    private String adapterSeal(Fitted f) {
        String part = f.part().part();
        return f.seat()
                .flatMap(seat -> c.data().get(Sealing.KEY).advise(f.on(), seat, c.fluid(), c.practice(), c.data()))
                .map(a -> bossElbow(f)
                        ? part + ": " + String.join(" and ", a.putOn())
                                + "; in by hand only, it is pointed and tightened in the next step."
                        : part + ": " + String.join(" and ", a.putOn()) + "; " + a.tighten() + ".")
                .orElse(part + ": how it seals is not settled.");
    }

    private String eased(LubricantPlace place) {
        return c.data().get(Lubricants.KEY).of(place, c.fluid(), c.practice()).text();
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private Optional<Length> crimp(Side s) {
        return s.part()
                .flatMap(p ->
                        c.hose().flatMap(h -> Optional.ofNullable(p.crimp().get(h.kind()))));
    }

    private Optional<GaugePressure> proof() {
        return c.service().working().filter(w -> w.bar() > 0).map(w -> w.times(PROOF));
    }

    private Figure figure(Optional<Length> length) {
        return length.map(Figure::of).orElse(Figure.of(OPEN));
    }

    private Figure shop(Optional<Length> length) {
        return Figure.of(length.map(l -> LengthFormat.both(l, c.units())).orElse(OPEN));
    }

    /** The figure to write down; left out while its target is unknown. */
    private List<RecordField> record(StepTable.Row row, Optional<Side> side) {
        if (row.record().isEmpty()) {
            return List.of();
        }
        String[] parts = row.record().split(":");
        if (parts[0].equals("pressure")) {
            return proof().map(p -> List.of(RecordField.pressure(row.id(), parts[1], p)))
                    .orElse(List.of());
        }
        Optional<CutLength> cut = c.cut().filter(CutLength::possible);
        Optional<Length> target = switch (parts[2]) {
            case "cut" -> cut.map(x -> x.shop(c.units()));
            case "hoseOverall" -> cut.map(CutLength::hoseOverall);
            case "gap" -> side.flatMap(Side::part).flatMap(HoseEndPart::gap);
            case "crimp" -> side.flatMap(this::crimp);
            default -> throw new IllegalStateException("No such figure to record: " + parts[2]);
        };
        Optional<Length> tolerance = parts[3].equals("TOL")
                ? cut.map(CutLength::tolerance)
                : Optional.of(Length.ofMm(Double.parseDouble(parts[3])));
        return target.flatMap(t -> tolerance.map(tol -> List.of(RecordField.length(row.id(), parts[1], t, tol))))
                .orElse(List.of());
    }
}
