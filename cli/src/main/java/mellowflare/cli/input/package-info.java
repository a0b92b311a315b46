/** What comes in: records from JSON, JSON Lines or CSV, and their fields with quantities that must carry a unit. */
package mellowflare.cli.input;
