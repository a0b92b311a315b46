/** Commands of hose lines. */
package mellowflare.cli.hose;
