/** A machine or a place with all its lines: how each stands, parts and cuts of all together. */
package mellowflare.core.machine;
