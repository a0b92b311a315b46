/** The place of the machine: all its lines, their parts and their cuts together. */
package mellowflare.app.machine;
