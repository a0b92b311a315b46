/** Hose lines drawn. */
package mellowflare.core.hose.draw;
