/** The main as it is walked through the room. */
package mellowflare.core.air.layout;
