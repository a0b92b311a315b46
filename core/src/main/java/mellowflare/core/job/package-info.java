/** The immutable job, and what follows from it: {@code evaluate(job, reference data)}. */
package mellowflare.core.job;
