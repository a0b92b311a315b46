/** The smallest changes that clear every stop of a line. */
package mellowflare.core.mend;
