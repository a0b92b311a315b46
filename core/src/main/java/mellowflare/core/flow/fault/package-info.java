/** What is wrong with a network of pipes, from pressures that were read in it: where it is choked, where it leaks. */
package mellowflare.core.flow.fault;
