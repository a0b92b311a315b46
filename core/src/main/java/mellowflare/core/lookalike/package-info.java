/** Ends that can be taken for each other, and what goes on what: computed from the tables, never listed by hand. */
package mellowflare.core.lookalike;
