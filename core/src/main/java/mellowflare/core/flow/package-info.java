/** Velocity, friction, networks. */
package mellowflare.core.flow;
