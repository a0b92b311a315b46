/** Number fields and choices that the places share. */
package mellowflare.app.entry;
