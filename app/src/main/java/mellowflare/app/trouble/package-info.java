/** Trouble: what is wrong, what to look at next, what to redo. */
package mellowflare.app.trouble;
