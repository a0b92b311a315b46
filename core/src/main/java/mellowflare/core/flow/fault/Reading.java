package mellowflare.core.flow.fault;

import mellowflare.core.measure.GaugePressure;

/** What a gauge showed at a place. */
public record Reading(String place, GaugePressure pressure) {}
