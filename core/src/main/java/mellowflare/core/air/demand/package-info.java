/** What uses air and what makes it. */
package mellowflare.core.air.demand;
