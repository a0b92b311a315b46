/** Where a line lies that is called out piece by piece, which fitting each place needs, and how it falls. */
package mellowflare.core.run.walk;
