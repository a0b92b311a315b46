/** Commands of tube lines. */
package mellowflare.cli.tube;
