/** What a line needs after it was made: rules with their intervals, what was done, what is due. */
package mellowflare.core.upkeep;
