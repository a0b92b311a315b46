/** An air main as it is kept: room, plant, walk, making, test. */
package mellowflare.core.air.main;
