/** What a new job is: asked once, in one line. */
package mellowflare.app.start;
