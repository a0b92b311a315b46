/** The place of the tests: what the open line needs, what was read, what it proves; a logger read as it goes. */
package mellowflare.app.testing;
