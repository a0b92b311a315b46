/** Tees into standing lines in the window. */
package mellowflare.app.tee;
