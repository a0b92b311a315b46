/** Line for a line of tube: its page, the leaves of it and their models. */
package mellowflare.app.line.tube;
