/** A tee-in worked out. */
package mellowflare.core.tee.work;
