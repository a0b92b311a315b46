/** A workshop main for compressed air. */
package mellowflare.core.air;
