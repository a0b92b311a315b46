/** Rigid pipe on the command line: offsets, runs, make-up. */
package mellowflare.cli.pipe;
