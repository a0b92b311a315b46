/** The water that comes with the air, and where it goes. */
package mellowflare.core.air.water;
