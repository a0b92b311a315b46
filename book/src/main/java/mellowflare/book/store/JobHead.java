package mellowflare.book.store;

import java.time.Instant;

/**
 * What the list of jobs shows.
 *
 * @param id the job's id
 * @param title as the fitter calls it
 * @param machine where it belongs
 * @param leftOff where the work was left, as {@link mellowflare.core.job.LeftOff} keeps it
 * @param changedAt last change
 * @param putAway whether it was put away
 */
public record JobHead(String id, String title, String machine, String leftOff, Instant changedAt, boolean putAway) {}
