/** What goes out: JSON, JSON Lines, CSV or text, and nothing else on standard output. */
package mellowflare.cli.output;
