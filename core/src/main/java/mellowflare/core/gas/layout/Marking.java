package mellowflare.core.gas.layout;

import java.util.Arrays;
import java.util.Optional;

/** What the marking at an appliance's inlet says about the pressure it is made for. */
public enum Marking {
    /** Nobody has looked, or there is none. */
    UNKNOWN("unknown", Say.it("marking.unknown")),
    /** Its burners take the pressure of the pipe: the pipe must be regulated. */
    REGULATED("regulated", Say.it("marking.regulated")),
    /** It brings its regulator for a higher pressure. */
    OWN_REGULATOR("own", Say.it("marking.own"));

    private final String call;
    private final String word;

    Marking(String call, String word) {
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

    static Optional<Marking> of(String call) {
        return Arrays.stream(values()).filter(m -> m.call.equals(call)).findFirst();
    }
}
