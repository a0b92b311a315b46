package mellowflare.app.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.parts.HosePart;

/** Chooses a size by the digits of its dash: as soon as they mean one size only, it is chosen. */
final class DashKeys {
    private String typed = "";

    /**
     * @param digit the next digit
     * @param offered the sizes that can be chosen
     * @return the size that all digits so far mean; empty while they begin several sizes, or none
     */
    Optional<HosePart> type(char digit, List<HosePart> offered) {
        typed += digit;
        List<HosePart> begun = begun(offered);
        if (begun.isEmpty()) {
            typed = Character.toString(digit);
            begun = begun(offered);
        }
        if (begun.size() != 1) {
            typed = begun.isEmpty() ? "" : typed;
            return Optional.empty();
        }
        typed = "";
        return Optional.of(begun.get(0));
    }

    private List<HosePart> begun(List<HosePart> offered) {
        return offered.stream()
                .filter(h -> h.dash().text().replaceFirst("^-0?", "").startsWith(typed))
                .toList();
    }
}
