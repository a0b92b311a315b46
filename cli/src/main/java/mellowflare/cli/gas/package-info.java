/** Gas on the command line: one pipe, or a network with its appliances. */
package mellowflare.cli.gas;
