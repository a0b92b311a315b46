package mellowflare.core.job;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.SkippedSteps;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.testing.Tested;

/**
 * All that somebody who takes a job over has to know, on one page.
 *
 * @param sections in the order in which they are read; none is empty
 */
public record HandOver(List<Section> sections) {
    /** The step of every order of work in which energy is locked out. */
    private static final String SAFE = "safe";

    public HandOver {
        sections = List.copyOf(sections);
    }

    /** How much an item weighs. */
    public enum Weight {
        /** Can hurt. */
        DANGER,
        /** Has to be done or settled. */
        OPEN,
        KNOWN
    }

    /**
     * One thing to know, a whole sentence.
     */
    public record Item(Weight weight, String says) {
        public Item {
            Objects.requireNonNull(weight);
            Objects.requireNonNull(says);
        }
    }

    /**
     * Things of one kind.
     *
     * @param title a few words
     * @param items one or more
     */
    public record Section(String title, List<Item> items) {
        public Section {
            items = List.copyOf(items);
        }
    }

    /**
     * Works the page out.
     *
     * @param zone in which moments are written
     */
    public static HandOver of(Evaluation e, ZoneId zone) {
        Writer w = new Writer(
                e, DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(zone));
        List<Section> all = Stream.of(
                        new Section(Say.it("hand-over.left"), w.left()),
                        new Section(Say.it("hand-over.called"), w.called()),
                        new Section(Say.it("hand-over.passed-over"), w.passedOver()),
                        new Section(Say.it("hand-over.checks"), w.checks()),
                        new Section(Say.it("hand-over.tests"), w.tests()),
                        new Section(Say.it("hand-over.parts"), w.parts()),
                        new Section(Say.it("hand-over.files"), w.files()),
                        new Section(Say.it("hand-over.hands"), w.hands()))
                .filter(s -> !s.items().isEmpty())
                .toList();
        return new HandOver(all);
    }

    /** What has to be done or settled, and what can hurt. */
    public List<Item> open() {
        return sections.stream()
                .flatMap(s -> s.items().stream())
                .filter(i -> i.weight() != Weight.KNOWN)
                .toList();
    }

    private record Writer(Evaluation e, DateTimeFormatter moment) {
        private UnitSystem units() {
            return e.job().units();
        }

        private static Item known(String says) {
            return new Item(Weight.KNOWN, says);
        }

        private static Item open(String says) {
            return new Item(Weight.OPEN, says);
        }

        List<Item> left() {
            List<Item> all = new ArrayList<>();
            all.add(known(Say.it("hand-over.stands", "left", e.leftOff().text())));
            List<StepEntry> entries = e.job().log().entries();
            if (!entries.isEmpty()) {
                StepEntry last = entries.get(entries.size() - 1);
                all.add(known(Say.it(
                        "hand-over.last",
                        "step",
                        title(last.stepId()),
                        "by",
                        last.by(),
                        "at",
                        moment.format(last.at()))));
            }
            entries.stream()
                    .filter(x -> x.stepId().equals(SAFE) && x.outcome() == StepEntry.Outcome.DONE)
                    .filter(x -> e.leftOff().inProgress())
                    .forEach(x -> all.add(new Item(
                            Weight.DANGER, Say.it("hand-over.lock", "by", x.by(), "at", moment.format(x.at())))));
            e.bench()
                    .next()
                    .filter(s -> e.leftOff().inProgress())
                    .ifPresent(s -> s.cautions()
                            .forEach(c -> all.add(new Item(
                                    Weight.DANGER, Say.it("hand-over.caution", "step", s.title(), "caution", c)))));
            return all;
        }

        /** The name of a step; its id where the order of work has it no more. */
        private String title(String id) {
            return e.steps().stream()
                    .filter(s -> s.id().equals(id))
                    .findFirst()
                    .map(Step::title)
                    .orElse(id);
        }

        List<Item> called() {
            List<Item> all = new ArrayList<>();
            e.figure().ifPresent(f -> {
                all.add(called(f));
                cutFigure(all);
            });
            return all;
        }

        private Item called(CalledFigure f) {
            String length = LengthFormat.figure(f.value(), units());
            return f.calledBy().isEmpty()
                    ? open(Say.it("hand-over.measured-by-nobody", "length", length))
                    : known(Say.it("hand-over.measured", "length", length, "by", f.calledBy()));
        }

        private void cutFigure(List<Item> all) {
            if (e.cut().isEmpty()) {
                return;
            }
            String cut = LengthFormat.shop(e.cut().get(), units());
            boolean made = e.steps().stream()
                    .filter(s -> s.gate() == Step.Gate.CUT_FIGURE)
                    .anyMatch(s -> e.job().log().entry(s.id()).isPresent());
            Optional<String> read = e.job().log().readBack().map(r -> LengthFormat.shop(r.figure(), units()));
            if (made) {
                // Whether that is still the plan's cut the line's own check says.
                all.add(known(Say.it("hand-over.cut-made", "cut", read.orElse(cut))));
            } else if (read.isPresent() && !e.bench().readBackHolds()) {
                all.add(open(Say.it("hand-over.read-otherwise", "read", read.get(), "cut", cut)));
            } else {
                List<String> needs = e.bench().cutStillNeeds();
                all.add(
                        needs.isEmpty()
                                ? known(Say.it("hand-over.read-back", "cut", cut))
                                : open(Say.it(
                                        "hand-over.not-read-back", "cut", cut, "missing", String.join(", ", needs))));
            }
        }

        List<Item> passedOver() {
            return SkippedSteps.check(e.job().log(), e.steps()).stream()
                    .filter(f -> f.state() == State.FAIL)
                    .map(f -> open(f.says(units())))
                    .toList();
        }

        List<Item> checks() {
            List<Item> all = new ArrayList<>();
            // What was skipped stands under its own heading.
            List<Finding> skipped = SkippedSteps.check(e.job().log(), e.steps());
            for (Finding f : e.findings()) {
                if (f.state() == State.FAIL && f.severity() != Severity.NOTE && !skipped.contains(f)) {
                    all.add(new Item(f.stops() ? Weight.DANGER : Weight.OPEN, f.says(units())));
                }
            }
            long waiting = e.findings().stream()
                    .filter(f -> f.state() == State.NOT_CHECKED)
                    .map(Finding::rule)
                    .distinct()
                    .count();
            if (waiting > 0) {
                all.add(open(Say.it("hand-over.waiting", "count", waiting)));
            }
            return all;
        }

        List<Item> tests() {
            List<Item> all = new ArrayList<>();
            for (Tested.One t : e.tested().all()) {
                all.add(
                        t.passed()
                                ? known(Say.it(
                                        "hand-over.test-passed",
                                        "test",
                                        t.ask().duty().title()))
                                : open(Say.it(
                                        "hand-over.test-open",
                                        "test",
                                        t.ask().duty().title())));
            }
            return all;
        }

        List<Item> parts() {
            List<Item> all = new ArrayList<>();
            for (Take t : Take.together(e.plan().takes())) {
                if (t.need() - t.taken() > 1e-9 && t.onShelf().isPresent() && t.lacks() > 1e-9) {
                    all.add(open(Say.it("hand-over.lacks", "name", t.name())));
                }
            }
            long taken = Take.together(e.plan().takes()).stream()
                    .filter(t -> t.taken() > 0)
                    .count();
            if (taken > 0) {
                all.add(known(Say.it("hand-over.taken", "count", taken)));
            }
            return all;
        }

        List<Item> files() {
            return e.job().handing().attached().stream()
                    .map(a -> known(
                            a.said().isEmpty()
                                    ? a.name()
                                    : Say.it("hand-over.file", "name", a.name(), "said", a.said())))
                    .toList();
        }

        List<Item> hands() {
            List<Item> all = new ArrayList<>();
            for (Handed h : e.job().handing().handed()) {
                String at = moment.format(h.at());
                all.add(
                        0,
                        known(
                                h.from().isEmpty()
                                        ? Say.it("hand-over.took", "to", h.to(), "at", at, "said", h.said())
                                        : Say.it(
                                                "hand-over.handed",
                                                "from",
                                                h.from(),
                                                "to",
                                                h.to(),
                                                "at",
                                                at,
                                                "said",
                                                h.said())));
            }
            return all;
        }
    }
}
