/** Which size for which pipe. */
package mellowflare.core.air.size;
