/** The shelf: what lies there, what the work took, counting it. */
package mellowflare.app.shelf;
