/** A day's run in time. */
package mellowflare.core.air.day;
