/** The page of a tube line. */
package mellowflare.app.tube;
