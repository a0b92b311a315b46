/** Steady flow of compressed air through pipes in branches and loops. */
package mellowflare.core.flow.network;
