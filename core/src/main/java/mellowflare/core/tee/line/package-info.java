/** What a job keeps of a tee into a standing tube. */
package mellowflare.core.tee.line;
