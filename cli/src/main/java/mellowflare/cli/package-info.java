/** Every computation without a window: reads and writes the open formats, one command each. */
package mellowflare.cli;
