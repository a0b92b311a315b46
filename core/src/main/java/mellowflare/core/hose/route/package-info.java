/** The way of a hose through space: shortest curve that keeps the radius, clocking of elbows, worst position of a moving end. */
package mellowflare.core.hose.route;
