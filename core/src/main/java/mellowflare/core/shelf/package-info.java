/** What lies on the shelf: as listed, as counted, and what the work has taken since. */
package mellowflare.core.shelf;
