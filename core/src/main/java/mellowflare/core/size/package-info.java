/** Nominal designations: labels, never lengths. */
package mellowflare.core.size;
