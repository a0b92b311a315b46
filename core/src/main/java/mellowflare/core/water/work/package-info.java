/** A water point worked out. */
package mellowflare.core.water.work;
