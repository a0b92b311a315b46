/** Water points on the command line. */
package mellowflare.cli.water;
