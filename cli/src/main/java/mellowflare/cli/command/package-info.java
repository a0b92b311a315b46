/** One class a command: from the fields of a record to its result. */
package mellowflare.cli.command;
