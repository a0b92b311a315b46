/** Stuck and broken parts in the window. */
package mellowflare.app.broken;
