/** Commands of air mains. */
package mellowflare.cli.air;
