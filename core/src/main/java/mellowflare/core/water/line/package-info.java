/** What a job keeps of a water point, and the case worked out. */
package mellowflare.core.water.line;
