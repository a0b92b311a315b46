/** Make: the bench screen, one step at a time. */
package mellowflare.app.make;
