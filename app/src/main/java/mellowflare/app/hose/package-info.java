/** The page of a hose line. */
package mellowflare.app.hose;
