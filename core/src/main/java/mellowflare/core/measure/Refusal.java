package mellowflare.core.measure;

/** The closed list of reasons for which a typed quantity is refused. */
public enum Refusal {
    EMPTY,
    NOT_A_NUMBER,
    TWO_DECIMAL_POINTS,
    AMBIGUOUS_COMMA,
    ZERO_DENOMINATOR,
    BAD_FRACTION,
    NEGATIVE,
    UNKNOWN_UNIT,
    UNIT_TWICE,
    INCHES_BEFORE_FEET,
    INCHES_OVER_A_FOOT,
    UNIT_MISSING,
    OUT_OF_RANGE,
    TOO_LONG
}
