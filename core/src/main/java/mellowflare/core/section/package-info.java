/** An end drawn to scale, and what to hold a part against at true size. */
package mellowflare.core.section;
