package mellowflare.core.gas.layout;

import java.util.Arrays;
import java.util.Optional;

/** What a flexible piece of a gas line is. */
public enum HoseSort {
    /** A connector or hose that carries a gas listing or marking. */
    LISTED("listed", Say.it("hose-sort.listed")),
    /** Gas hose with ends put on here. */
    MADE_UP("made-up", Say.it("hose-sort.made-up")),
    /** Hose without a marking for gas. */
    UNMARKED("unmarked", Say.it("hose-sort.unmarked")),
    /** Air or water hose. */
    AIR("air", Say.it("hose-sort.air"));

    private final String call;
    private final String word;

    HoseSort(String call, String word) {
        this.call = call;
        this.word = word;
    }

    /** As it is called out. */
    public String call() {
        return call;
    }

    public String word() {
        return word;
    }

    static Optional<HoseSort> of(String call) {
        return Arrays.stream(values()).filter(m -> m.call.equals(call)).findFirst();
    }
}
