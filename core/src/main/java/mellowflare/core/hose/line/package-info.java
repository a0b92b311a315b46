/** A hose line as it is kept, and with its parts looked up: ends, cut, weakest part, tolerance. */
package mellowflare.core.hose.line;
